/** What a change has made of the draws that were tried so far, by common random numbers. */
import { WORTH_TELLING } from './lever'

export interface Gain {
  /** draws */ of: number
  /** share, −1 to 1, that ends as wanted after the change and did not before, less the other way round */ share: number
  /** twice its standard error at most: what the mean takes off the variance is left in */ error: number
}

/**
 * @param before outcomes of the draws, and `after` the change
 * @param done how many of them are known, from the first
 */
export function gainOf(before: ArrayLike<number>, after: ArrayLike<number>, wanted: number, done: number): Gain {
  let won = 0
  let lost = 0
  for (let i = 0; i < done; i++) {
    if (before[i] === after[i]) continue
    if (after[i] === wanted) won++
    else if (before[i] === wanted) lost++
  }
  return { of: done, share: (won - lost) / done, error: (2 * Math.sqrt(won + lost)) / done }
}

/**
 * Fewer draws tell nothing: of so many not one that ends otherwise makes less than is worth telling, at 95 % (rule of
 * three: Hanley & Lippman-Hand 1983, from memory).
 */
const TELLING = Math.ceil(3 / WORTH_TELLING)

/**
 * Whether a step surely makes less than is worth telling, or than another step of the same input does in the same
 * direction.
 *
 * @param known what the others make of the share
 */
export function makesLess({ of, share, error }: Gain, known: readonly number[]): boolean {
  const up = Math.max(WORTH_TELLING, ...known)
  const down = Math.max(WORTH_TELLING, ...known.map(k => -k))
  return of >= TELLING && share + error < up && -share + error < down
}
