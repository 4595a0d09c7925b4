import type { Demonstration } from '../demonstration'
import { taughtPoints, type Taught } from './calibration'
import { latinHypercube } from './latin-hypercube'

/** A forecast, its levers, its strip, and the odds of another that is looked at meanwhile. */
const MOST_KEPT = 4
/** by what they are of, the newest last */
const kept = new Map<string, Float64Array>()

/**
 * The random numbers of a staging's samples, from what past runs taught where that is given. They hang on no plan: from
 * one change of it to the next they are kept.
 *
 * @returns shares in (0, 1), a row for each draw and in it one for each quantity; not to be written to
 */
export function pointsFor(
  demonstration: Demonstration,
  samples: number,
  seed: number,
  taught: Taught | undefined,
): Float64Array {
  const quantities = demonstration.inputs.filter(i => i.kind === 'quantity').length
  const of = JSON.stringify([demonstration.id, quantities, samples, seed, taught])
  const points =
    kept.get(of) ??
    (taught ? taughtPoints(demonstration, taught, samples, seed) : latinHypercube(samples, quantities, seed))
  kept.delete(of)
  kept.set(of, points)
  if (kept.size > MOST_KEPT) kept.delete(kept.keys().next().value!)
  return points
}
