/**
 * `base` raised to an integer, by squaring, so that the bits do not depend on the engine's `Math.pow`.
 *
 * @param base any finite number
 * @param exponent an integer, may be negative
 */
export function integerPower(base: number, exponent: number): number {
  let square = exponent < 0 ? 1 / base : base
  let left = exponent < 0 ? -exponent : exponent
  let product = 1
  while (left > 0) {
    if (left & 1) product *= square
    square *= square
    left >>= 1
  }
  return product
}
