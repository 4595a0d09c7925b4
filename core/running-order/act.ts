/**
 * One staging as the running order sees it: how long on a heater, how long it can wait, how long it takes the
 * presenter.
 */
import { ofThing, type Demonstration, type Traced, type Values } from '../demonstration'

export interface Act extends ActTimes {
  id: string
  title: string
  /** s of talk before the lift */ talk: number
  /** s from the start at which it should be lifted, if that is fixed */ target?: number
}

/** What a staging asks of a show, wherever in it it stands. */
export interface ActTimes {
  /** s on a heater until it may be lifted; 0 if it needs none */ heating: number
  /** W of the heater that it is planned on */ power?: number
  /** s that it can wait on a low flame after that */ wait: number
  /** s that it should be ready before its lift, where it can wait */ early: number
  /** s that the presenter is taken from the lift on: the transfer, the hush and what follows */ show: number
}

/** A hush may last so many times its nominal length before the next thing begins. */
const LONG_HUSH = 1.6
/** Looking and wondering afterwards, s. */
const WONDER = 20
/** Nothing has happened by then: give up, s. */
const PATIENCE = 90
/** Ready this long before its cue, so that a slow heater does no harm, s. */
const IN_HAND = 20
/** Nobody keeps a low flame just right for longer, whatever the water would last, s. */
const MOST_WAIT = 600
/** Margin before a vessel without a low flame would be dry, s. */
const DRY_MARGIN = 30

/** What a staging asks of a show. */
export function timesOf(demonstration: Demonstration, values: Values, simulation: Traced): ActTimes {
  const { details, results, trace } = simulation
  const lifting = details.timeOfLifting ?? 0
  const ready = demonstration.ready?.(values, simulation)
  const dry = ready?.dryAt === undefined ? 0 : Math.max(0, ready.dryAt - lifting - DRY_MARGIN)
  const end = trace.stages.at(-1)!.end
  // Without a heater the presenter is there from the first act to the last.
  const show =
    lifting > 0
      ? Math.max(0, (details.sealing ?? lifting) - lifting) +
        (results.hush === undefined ? PATIENCE : results.hush * LONG_HUSH)
      : end
  const wait = lifting > 0 ? Math.min(MOST_WAIT, Math.max(0, ready?.lowFlame ?? dry)) : 0
  const power = lifting > 0 ? ofThing(demonstration, values, 'ratedPower') : undefined
  return {
    heating: lifting,
    ...(power !== undefined && { power }),
    wait,
    early: Math.min(IN_HAND, wait / 2),
    show: show + WONDER,
  }
}

/**
 * A staging as an act of a show.
 * @param talk s of talk before it
 */
export const actOf = (
  id: string,
  title: string,
  demonstration: Demonstration,
  values: Values,
  simulation: Traced,
  talk: number,
): Act => ({ id, title, talk, ...timesOf(demonstration, values, simulation) })
