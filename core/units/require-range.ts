/**
 * Refuses a number outside the range in which a formula holds.
 *
 * @throws RangeError naming the quantity, what was given and what is accepted
 */
export function requireRange(name: string, given: number, least: number, most: number, unit: string): void {
  if (!(given >= least && given <= most)) {
    throw new RangeError(`${name}: ${given} ${unit} is outside ${least} to ${most} ${unit}`)
  }
}
