/**
 * Cube root by Newton's method: plain arithmetic, the same bits everywhere.
 *
 * @param x above 0
 * @param guess above 0; the nearer, the fewer turns; the result does not depend on it beyond the last bits
 */
export function cubeRoot(x: number, guess = 1): number {
  let root = guess > 0 ? guess : 1
  for (let i = 0; i < 60; i++) {
    const next = (2 * root + x / (root * root)) / 3
    if (Math.abs(next - root) <= 1e-15 * next) return next
    root = next
  }
  return root
}
