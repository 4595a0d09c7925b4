/** Moments to count down to, from the plan and what has been marked. */
import type { Demonstration, Simulation, Values } from '../demonstration'
import type { Followed } from './following'
import type { ActStory } from './marks'
import { THUMB } from './timings'

export interface Countdown {
  id: 'plume' | 'ready' | 'dry' | 'gone' | 'give-up'
  name: string
  /** ms on the clock of the marks */ at: number
  /** ms, where a spread is known */ from?: number
  until?: number
  /** after it: something can hurt */ danger: boolean
}

/** Given up when this many times the long end of the forecast has passed, and not before the least, s. */
const PATIENCE = 3
const LEAST_PATIENCE = 15

/**
 * @param values and simulation as they are now believed; the simulation's times count from heat on
 * @param speed of the clock, 1 unless it is a rehearsal
 */
export function countdowns(
  demonstration: Demonstration,
  values: Values,
  simulation: Simulation,
  followed: Pick<Followed, 'forecast' | 'asSealed'> | undefined,
  story: ActStory,
  speed = 1,
): Countdown[] {
  const { times } = story
  if (times.gone !== undefined || times.nothing !== undefined) return []
  const ms = (s: number) => (s * 1000) / speed
  const list: Countdown[] = []
  const heatOn = times['heat-on']
  const { timeOfLifting = 0 } = simulation.details
  if (heatOn !== undefined && times.lifted === undefined && times.sealed === undefined) {
    const plume = followed?.forecast.quantiles.timeToPlume
    const toPlume = plume?.p50 ?? simulation.results.timeToPlume
    if (times.plume === undefined && toPlume !== undefined) {
      list.push({
        id: 'plume',
        name: 'plume',
        at: heatOn + ms(toPlume),
        ...(plume && { from: heatOn + ms(plume.p10), until: heatOn + ms(plume.p90) }),
        danger: false,
      })
    }
    const { earliest, dryAt } = demonstration.ready?.(values, simulation) ?? { earliest: undefined, dryAt: undefined }
    // The boil counts from the plume that was seen; with less heat than reckoned it has to last longer.
    const boil = timeOfLifting - (simulation.results.timeToPlume ?? timeOfLifting)
    const planned = times.plume === undefined ? heatOn + ms(timeOfLifting) : times.plume + ms(boil)
    list.push({
      id: 'ready',
      name: 'ready',
      at: Math.max(planned, earliest === undefined ? 0 : heatOn + ms(earliest)),
      danger: false,
    })
    if (dryAt !== undefined)
      list.push({
        id: 'dry',
        name: 'dry',
        at: heatOn + ms(followed?.forecast.quantiles.timeToDry?.p10 ?? dryAt),
        danger: true,
      })
  }
  if (times.sealed !== undefined) {
    const hush = followed?.asSealed.quantiles.hush
    if (hush)
      list.push({
        id: 'gone',
        name: 'it goes',
        at: times.sealed + ms(hush.p50),
        from: times.sealed + ms(hush.p10),
        until: times.sealed + ms(hush.p90),
        danger: false,
      })
    const longest =
      simulation.results.giveUpTime ??
      Math.max(LEAST_PATIENCE, PATIENCE * ((hush?.p90 ?? simulation.results.hush ?? 30) + THUMB))
    list.push({ id: 'give-up', name: 'give up', at: times.sealed + ms(longest), danger: true })
  }
  return list
}
