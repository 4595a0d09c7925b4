/** Shares as whole numbers of a hundred. */
import type { OutcomeSpec } from '../demonstration'

/**
 * How many of a hundred end each way; they add up to a hundred (largest remainders).
 *
 * @param shares 0 to 1, by outcome, that add up to one
 */
export function countInHundred<O extends Pick<OutcomeSpec, 'id'>>(
  outcomes: readonly O[],
  shares: Readonly<Record<string, number>>,
): (O & { count: number })[] {
  const counted = outcomes.map(outcome => {
    const exact = (shares[outcome.id] ?? 0) * 100
    const count = Math.floor(exact + 1e-9)
    return { outcome, count, rest: exact - count }
  })
  let left = 100 - counted.reduce((sum, c) => sum + c.count, 0)
  for (const c of [...counted].sort((a, b) => b.rest - a.rest)) {
    if (left-- <= 0) break
    c.count++
  }
  return counted.map(({ outcome, count }) => ({ ...outcome, count }))
}
