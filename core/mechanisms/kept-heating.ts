/** Heatings that were computed already: what is changed about a plan is mostly something else. */
import type { Solid } from '../substances/solids'
import type { RoomLoss } from './convection'
import { heat, type Heated, type HeatingPlan } from './heating'
import type { Room, SteamVessel } from './steam-vessel'

/** Heatings: a forecast's 2000, those of its levers, and those of the plan before; half a kilobyte each. */
const MOST_KEPT = 5000
/** by all that they hang on, the oldest first */
const kept = new Map<string, { heated: Readonly<Heated>; state: Float64Array }>()

/** Every number that a heating hangs on, by its part of the plan: the compiler holds that none is left out. */
type NumbersOf<Part, Else extends keyof Part = never> = Readonly<Record<Exclude<keyof Part, Else>, true>>
const numbersOf = <Part, Else extends keyof Part = never>(named: NumbersOf<Part, Else>) =>
  Object.keys(named) as Exclude<keyof Part, Else>[]
const OF_PLAN = numbersOf<HeatingPlan, 'vessel' | 'room'>({
  power: true,
  heaterLimit: true,
  charge: true,
  chargeTemperature: true,
  mixing: true,
  plumeFraction: true,
  purgeTime: true,
  totalTime: true,
  liftedAfter: true,
  airLayerFactor: true,
  stirring: true,
})
const OF_VESSEL = numbersOf<SteamVessel, 'solid'>({
  capacity: true,
  crossSection: true,
  upperArea: true,
  diameter: true,
  height: true,
  wallThickness: true,
  mouthDiameter: true,
})
const OF_SOLID = numbersOf<Solid, 'softening'>({
  density: true,
  specificHeat: true,
  conductivity: true,
  youngsModulus: true,
  poissonRatio: true,
  emissivity: true,
  yieldStrength: true,
})
const OF_ROOM = numbersOf<Room, 'loss'>({
  pressure: true,
  temperature: true,
  vapourFraction: true,
  airDensity: true,
  boilingPoint: true,
})
const OF_LOSS = numbersOf<RoomLoss>({ still: true, buoyant: true, emissivity: true, room: true })

const numbers = new Float64Array(
  1 + OF_PLAN.length + OF_VESSEL.length + OF_SOLID.length + OF_ROOM.length + OF_LOSS.length,
)
const bits = new Uint16Array(numbers.buffer) as unknown as number[]

function write<Name extends string>(part: Partial<Record<Name, number>>, names: readonly Name[], from: number): number {
  for (let i = 0; i < names.length; i++) numbers[from + i] = part[names[i]] ?? NaN
  return from + names.length
}

/** The bits of all its numbers, one after the other: as text they take as long as a tenth of the heating. */
function keyOf(plan: HeatingPlan, tolerance: number): string {
  numbers[0] = tolerance
  let at = write(plan, OF_PLAN, 1)
  at = write(plan.vessel, OF_VESSEL, at)
  at = write(plan.vessel.solid, OF_SOLID, at)
  at = write(plan.room, OF_ROOM, at)
  write(plan.room.loss, OF_LOSS, at)
  return String.fromCharCode.apply(undefined, bits)
}

/**
 * As `heat`, to the last bit, but that nobody follows it along the way.
 *
 * @param state receives the unknowns at lifting, see `HEATING`: K, mol, kg
 * @param tolerance relative, of one step
 * @throws what `heat` throws; that is not kept
 */
export function heatOnce(plan: HeatingPlan, state: Float64Array, tolerance: number): Readonly<Heated> {
  const of = keyOf(plan, tolerance)
  let known = kept.get(of)
  if (!known) {
    const heated = heat(plan, state, tolerance)
    known = { heated, state: state.slice() }
    if (kept.size >= MOST_KEPT) kept.delete(kept.keys().next().value!)
    kept.set(of, known)
  }
  state.set(known.state)
  return known.heated
}
