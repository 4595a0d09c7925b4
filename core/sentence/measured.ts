/** Measured amounts that make no sense, told so that each reader has them in units of their own. */
import { METRIC, tell } from './rendering'
import { say, type Sentence, type Told } from './sentence'
import type { Telling } from './quantities'

/** Says what is wrong with what was measured. `message` is in SI, `told` in the units of whoever reads it. */
export class MeasureError extends RangeError {
  override readonly name = 'MeasureError'
  constructor(readonly told: Sentence) {
    super(tell(told, METRIC))
  }
}

/**
 * Refuses a measured amount outside of what is accepted.
 *
 * @param given SI @param least SI @param most SI @param as how such an amount is told
 * @throws MeasureError naming the amount, what was given and what is accepted
 */
export function requireMeasured(
  name: string,
  given: number,
  [least, most]: readonly [least: number, most: number],
  as: (si: number, telling?: Telling) => Told,
): void {
  const exact = { digits: 4 }
  if (!(given >= least && given <= most))
    throw new MeasureError(say`${name}: given ${as(given, exact)}; accepted: ${as(least, exact)} to ${as(most, exact)}`)
}
