/**
 * When a quantity first reached a value, in a straight line between the points kept of it.
 *
 * @param value in the unit of `quantities` @param times rising, s @param quantities at those times
 * @returns s; undefined if it never did
 */
export function firstReached(
  value: number,
  times: readonly number[],
  quantities: readonly number[],
): number | undefined {
  const index = quantities.findIndex(q => q >= value)
  if (index <= 0) return index < 0 ? undefined : times[0]
  const [before, after] = [quantities[index - 1], quantities[index]]
  return times[index - 1] + ((times[index] - times[index - 1]) * (value - before)) / (after - before)
}

/** Halvings after which a place within a step is as good as exact. */
const HALVINGS = 40

/**
 * The same on the cubic through the points and their slopes, as exact as the steps themselves.
 *
 * @param slopes of the quantity at those times, per second
 * @returns s; undefined if it never did
 */
export function firstReachedOnCurve(
  value: number,
  times: readonly number[],
  quantities: readonly number[],
  slopes: readonly number[],
): number | undefined {
  const index = quantities.findIndex(q => q >= value)
  if (index <= 0) return index < 0 ? undefined : times[0]
  const [from, to] = [times[index - 1], times[index]]
  const [before, after] = [quantities[index - 1], quantities[index]]
  const step = to - from
  const curve = (s: number): number => {
    const rest = 1 - s
    return (
      (1 + 2 * s) * rest * rest * before +
      s * rest * rest * step * slopes[index - 1] +
      s * s * (3 - 2 * s) * after -
      s * s * rest * step * slopes[index]
    )
  }
  let [low, high] = [0, 1]
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2
    if (curve(middle) < value) low = middle
    else high = middle
  }
  return from + high * step
}
