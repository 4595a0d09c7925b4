/**
 * A soft foam in a syringe with its nozzle shut, while the plunger is moved, held and let back: the air round it and
 * the gas in it share the barrel, and gas seeps out of the foam where it pushes harder than the air.
 */
import { integratorOf, type OdeSystem } from '../solver'
import { leakIn, pressureWithSwelling } from './pump-down'
import { leaking, packVolume, type Pack } from './soft-pack'

export interface FoamPlan {
  /** Pa */ outside: number
  /** K */ room: number
  /** of its gas, at the room's pressure */ foam: Pack
  /** s in which the foam's gas would seep out */ leakTime: number
  /** what of the foam is no gas, m3 */ solid: number
  /** inside the barrel with the nozzle just shut, m3 */ start: number
  /** and with the plunger moved, m3 */ moved: number
  /** steady, either way, s */ moveTime: number
  /** held there, s */ holdTime: number
  /** past cap and plunger, m2, contraction included */ leakArea: number
}

/** Unknowns, by place in the state: gas as p V, J. */
export const FOAM = { air: 0, inside: 1 } as const
/** Share of the barrel that stays free whatever the foam asks for: a press that leaves none is no foam's affair. */
const LEAST_FREE = 0.02

/** Inside of the barrel at a time, m3. @param time s from the start of the move */
export function barrelAt({ start, moved, moveTime, holdTime }: FoamPlan, time: number): number {
  const out = Math.min(1, Math.max(0, time / moveTime))
  const back = Math.min(1, Math.max(0, (time - moveTime - holdTime) / moveTime))
  return start + (moved - start) * (out - back)
}

/**
 * Follows the foam through move, hold and return.
 *
 * @param tolerance relative, of one step
 * @param record called with (s since the start, pressure in the barrel, gas volume of the foam, state)
 * @returns the foam's gas volume against that at rest, at its largest, its smallest and at the end, and the extreme
 *   pressures, Pa
 * @source ideal gases at the room's temperature; skin and seeping as in `soft-pack.ts`
 */
export function squeezeFoam(
  plan: FoamPlan,
  tolerance: number,
  record?: (time: number, pressure: number, gas: number, state: Float64Array) => void,
): { largest: number; smallest: number; after: number; lowest: number; highest: number } {
  const { outside, room, foam, leakTime, solid, start, moveTime, holdTime, leakArea } = plan
  const state = Float64Array.of(outside * (start - solid - foam.rest), outside * foam.rest)
  const pressureAt = (time: number, s: Float64Array): number => {
    const barrel = barrelAt(plan, time)
    const free = (p: number): number =>
      Math.max(LEAST_FREE * barrel, barrel - solid - packVolume(foam, s[FOAM.inside], p))
    return pressureWithSwelling(s[FOAM.air], 0, outside, free)
  }
  const system: OdeSystem = {
    size: 2,
    dependsOnTime: true,
    scale: Float64Array.of(0.02 * outside * start, 0.02 * outside * foam.rest),
    amounts: [FOAM.air, FOAM.inside],
    derivatives(time, s, slope) {
      const pressure = pressureAt(time, s)
      const gas = packVolume(foam, s[FOAM.inside], pressure)
      const out = leaking(s[FOAM.inside], leakTime, s[FOAM.inside] / gas - pressure, pressure)
      slope[FOAM.inside] = -out
      slope[FOAM.air] = out + leakIn(leakArea, outside, room, pressure)
    },
  }
  const growth = (time: number, s: Float64Array): number =>
    packVolume(foam, s[FOAM.inside], pressureAt(time, s)) / foam.rest
  const peaks = [
    { id: 'growth', value: growth },
    { id: 'shrinking', value: (t: number, s: Float64Array) => -growth(t, s) },
    { id: 'pressure', value: pressureAt },
    { id: 'vacuum', value: (t: number, s: Float64Array) => -pressureAt(t, s) },
  ]
  let [largest, smallest, lowest, highest] = [0, Infinity, Infinity, 0]
  let time = 0
  for (const end of [moveTime, moveTime + holdTime, 2 * moveTime + holdTime]) {
    const stage = integratorOf(2).run(system, state, time, end, {
      tolerance,
      firstStep: 0.02 * moveTime,
      peaks,
      between: record ? 1 : 0,
      onStep:
        record &&
        ((t, s) => {
          const pressure = pressureAt(t, s)
          record(t, pressure, packVolume(foam, s[FOAM.inside], pressure), s)
        }),
    })
    time = stage.time
    largest = Math.max(largest, stage.peaks.growth.value)
    smallest = Math.min(smallest, -stage.peaks.shrinking.value)
    highest = Math.max(highest, stage.peaks.pressure.value)
    lowest = Math.min(lowest, -stage.peaks.vacuum.value)
  }
  return { largest, smallest, after: growth(time, state), lowest, highest }
}
