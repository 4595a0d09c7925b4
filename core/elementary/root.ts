/** Where a function of one number is zero. */

/**
 * Root in a bracket by the Illinois variant of false position: a handful of turns for smooth functions.
 *
 * @param value below zero at `low`, above it at `high`
 * @param low start of the bracket, with its value
 * @param high end of it, with its value
 * @param close done when the value is nearer to zero than this
 * @source M. Dowell & P. Jarratt, BIT 11 (1971) 168
 */
export function falsePosition(
  value: (x: number) => number,
  low: readonly [x: number, value: number],
  high: readonly [x: number, value: number],
  close: number,
): number {
  let [a, valueA] = low
  let [b, valueB] = high
  if (valueA >= 0) return a
  if (valueB <= 0) return b
  let kept = 0
  for (let i = 0; i < 60; i++) {
    const middle = a + ((b - a) * valueA) / (valueA - valueB)
    if (!(middle > Math.min(a, b) && middle < Math.max(a, b)) || Math.abs(b - a) < 1e-13 * Math.abs(b)) break
    const error = value(middle)
    if (Math.abs(error) <= close) return middle
    if (error < 0) {
      a = middle
      valueA = error
      // An end that stays twice running loses half its weight.
      if (kept === 1) valueB *= 0.5
      kept = 1
    } else {
      b = middle
      valueB = error
      if (kept === -1) valueA *= 0.5
      kept = -1
    }
  }
  return kept === 1 || (kept === 0 && -valueA < valueB) ? a : b
}

/**
 * Border between where something is still below and where it is not, by halving.
 * @param below true from `low` up to the border
 * @param turns each makes the bracket half as wide
 */
export function halving(below: (x: number) => boolean, low: number, high: number, turns: number): number {
  let [a, b] = [low, high]
  for (let i = 0; i < turns; i++) {
    const middle = (a + b) / 2
    if (below(middle)) a = middle
    else b = middle
  }
  return (a + b) / 2
}
