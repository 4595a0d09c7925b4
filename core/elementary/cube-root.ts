/** With a step this small, as a share, Halley's next would be smaller than the last bit: it triples the places. */
const LAST_BUT_ONE = 5e-6

/**
 * Cube root by Halley's method: plain arithmetic, the same bits everywhere.
 *
 * @param x above 0
 * @param guess above 0; the nearer, the fewer turns; the result does not depend on it beyond the last bits
 */
export function cubeRoot(x: number, guess = 1): number {
  let root = guess > 0 ? guess : 1
  for (let i = 0; i < 60; i++) {
    const cube = root * root * root
    const next = (root * (cube + 2 * x)) / (2 * cube + x)
    if (Math.abs(next - root) <= LAST_BUT_ONE * next) return next
    root = next
  }
  return root
}
