/** Heatings that were computed already: what is changed about a plan is mostly something else. */
import { heat, type Heated, type HeatingPlan } from './heating'

/** Heatings: a forecast's 2000, those of its levers, and those of the plan before; about a kilobyte each. */
const MOST_KEPT = 5000
/** by all that they hang on, the oldest first */
const kept = new Map<string, { heated: Readonly<Heated>; state: Float64Array }>()

/**
 * As `heat`, to the last bit, but that nobody follows it along the way.
 *
 * @param state receives the unknowns at lifting, see `HEATING`: K, mol, kg
 * @param tolerance relative, of one step
 * @throws what `heat` throws; that is not kept
 */
export function heatOnce(plan: HeatingPlan, state: Float64Array, tolerance: number): Readonly<Heated> {
  const of = JSON.stringify([plan, tolerance])
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
