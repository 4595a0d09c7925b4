/**
 * When a quantity first reached a value, in a straight line between the points kept of it.
 *
 * @param value in the unit of `quantities` @param times rising, s @param quantities at those times
 * @returns s; undefined if it never did
 */
export function firstReached(value: number, times: readonly number[], quantities: readonly number[]): number | undefined {
  const index = quantities.findIndex(q => q >= value)
  if (index <= 0) return index < 0 ? undefined : times[0]
  const [before, after] = [quantities[index - 1]!, quantities[index]!]
  return times[index - 1]! + (times[index]! - times[index - 1]!) * (value - before) / (after - before)
}
