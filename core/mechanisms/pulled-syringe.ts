/**
 * Warm water and a little air in a syringe with its nozzle shut, whose plunger is pulled out and held: the air gets
 * more room and pushes less, until the water boils; what it gives off pushes in its turn, and the boiling ends.
 */
import { integratorOf, type OdeEvent, type OdeSystem } from '../solver'
import { BOIL, BoilingUnderPump, type BoilPlan } from './boiling-under-pump'
import { leakIn } from './pump-down'

export interface SyringePlan extends Omit<BoilPlan, 'volume'> {
  /** gas with the nozzle just shut, at the room's pressure, m3 */ start: number
  /** gas with the plunger drawn out, m3 */ drawn: number
  /** steady, from shut to drawn, s */ pullTime: number
  /** held drawn, s */ holdTime: number
  /** of the water as it goes in, K */ temperature: number
  /** past cap and plunger, m2, contraction included */ leakArea: number
}

export interface SyringeEnd {
  /** s from the start of the pull; undefined if it never boils */ boilsAt: number | undefined
  /** Pa */ boilPressure: number | undefined
  /** lowest on the way, Pa */ lowest: number
  /** at the end, Pa */ pressure: number
  state: Float64Array
}

/** Gas volume at a time, m3. @param time s from the start of the pull */
export const drawnVolume = ({ start, drawn, pullTime }: SyringePlan, time: number): number =>
  start + (drawn - start) * Math.min(1, Math.max(0, time / pullTime))

/**
 * Follows the gas over the water through pull and hold.
 *
 * The gas is as warm as the room, which the barrel keeps it at; the air left in at the start is saturated with vapour
 * of the room.
 *
 * @param tolerance relative, of one step
 * @param record called with (s since the start of the pull, pressure, state, vapour in bubbles, kg/s)
 * @source ideal gases in a growing volume; evaporation, boiling and dew as in `boiling-under-pump.ts`
 */
export function pullSyringe(
  plan: SyringePlan,
  tolerance: number,
  record?: (time: number, pressure: number, state: Float64Array, bubbling: number) => void,
): SyringeEnd {
  const { outside, room, start, temperature, leakArea, pullTime, holdTime } = plan
  const boilPlan: BoilPlan = { ...plan, volume: start }
  const boil = new BoilingUnderPump(boilPlan)
  const state = boil.start(temperature, 1)
  const pressureOf = (time: number, s: Float64Array): number => (s[BOIL.air] + s[BOIL.vapour]) / drawnVolume(plan, time)
  const filling = outside * plan.drawn
  const system: OdeSystem = {
    size: state.length,
    dependsOnTime: true,
    scale: Float64Array.of(1e-3 * filling, 1e-3 * filling, 1, 1, 1e-8 + 1e-5 * plan.water, 1e-8 + 1e-5 * plan.water),
    reference: Float64Array.of(0, 0, temperature, room, 0, 0),
    amounts: [BOIL.air, BOIL.vapour],
    derivatives(time, s, slope) {
      boilPlan.volume = drawnVolume(plan, time)
      const pressure = pressureOf(time, s)
      slope[BOIL.air] = leakIn(leakArea, outside, room, pressure)
      slope[BOIL.vapour] = 0
      boil.contents.rates(time, pressure, s, slope)
    },
  }
  const boils: OdeEvent = {
    id: 'boils',
    direction: 1,
    stops: true,
    value: (t, s) => boil.superpressure(pressureOf(t, s), s[BOIL.water]) - plan.over,
  }
  const peaks = [{ id: 'difference', value: (t: number, s: Float64Array) => outside - pressureOf(t, s) }]
  const end = pullTime + holdTime
  let time = 0
  let lowest = outside
  let boilsAt: number | undefined
  let boilPressure: number | undefined
  while (time < end) {
    const stage = integratorOf(system.size).run(system, state, time, time < pullTime ? pullTime : end, {
      tolerance,
      firstStep: 0.01 * pullTime,
      events: boil.started ? [] : [boils],
      peaks,
      between: record ? 1 : 0,
      onStep:
        record &&
        ((t, s) => {
          const pressure = pressureOf(t, s)
          record(t, pressure, s, boil.bubbling(pressure, boil.superpressure(pressure, s[BOIL.water])))
        }),
    })
    time = stage.time
    lowest = Math.min(lowest, outside - stage.peaks.difference.value)
    if (stage.stoppedBy === 'boils') {
      boil.started = true
      boilsAt = time
      boilPressure = pressureOf(time, state)
    }
  }
  return { boilsAt, boilPressure, lowest, pressure: pressureOf(end, state), state }
}
