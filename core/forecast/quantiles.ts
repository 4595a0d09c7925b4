/** Values below which a share of the draws lies; those that risks are told by are no nearer than the draws can tell. */
import { ln } from '../elementary'

/**
 * Quantile of sorted numbers by linear interpolation between order statistics.
 * @source R. J. Hyndman & Y. Fan, Am. Stat. 50 (1996) 361, definition 7
 */
export function quantile(sorted: ArrayLike<number>, share: number): number {
  const place = share * (sorted.length - 1)
  const below = Math.floor(place)
  const above = Math.min(sorted.length - 1, below + 1)
  return sorted[below] + (place - below) * (sorted[above] - sorted[below])
}

/** Draws that count unequally: their values from small to large, and what each counts, above 0. */
export interface Weighed {
  sorted: ArrayLike<number>
  each: ArrayLike<number>
}
const equal = (sorted: ArrayLike<number>): Weighed => ({ sorted, each: new Uint8Array(sorted.length).fill(1) })
/** All that they count, and as many draws that count equally as tell as much. */
function sizeOf({ each }: Weighed): { total: number; effective: number } {
  let [total, squares] = [0, 0]
  for (let i = 0; i < each.length; i++) {
    total += each[i]
    squares += each[i] * each[i]
  }
  return { total, effective: (total * total) / squares }
}

/**
 * Value that a further draw lies below with this share as its chance; the least or the greatest draw where they are too
 * few to tell.
 * @source E. J. Gumbel, Statistics of Extremes (1958), 1.2; Hyndman & Fan's definition 6
 */
export function expectedQuantile(of: ArrayLike<number> | Weighed, share: number): number {
  const draws = 'each' in of ? of : equal(of)
  const { sorted, each } = draws
  const { total, effective } = sizeOf(draws)
  const target = share * (1 + 1 / effective) * total
  let below = 0
  for (let i = 0; i < sorted.length; i++) {
    if (below + each[i] >= target)
      return i === 0 ? sorted[0] : sorted[i - 1] + ((target - below) / each[i]) * (sorted[i] - sorted[i - 1])
    below += each[i]
  }
  return sorted[sorted.length - 1]
}

/** What the tail is judged by: so large a share of the draws, and no fewer than so many. */
const TAIL = { share: 0.1, least: 10 }

/**
 * The same far out, where there may be too few draws: there the tail goes on as an exponential one, of the excess that
 * the slowest tenth has, and one standard error of it more. No less than the greatest draw.
 * @source J. Pickands, Ann. Stat. 3 (1975) 119, with the shape 0
 */
export function farQuantile(of: ArrayLike<number> | Weighed, share: number): number {
  const draws = 'each' in of ? of : equal(of)
  const { sorted, each } = draws
  const { total, effective } = sizeOf(draws)
  if (share * (effective + 1) <= effective) return expectedQuantile(draws, share)
  const greatest = sorted[sorted.length - 1]
  const wanted = Math.max(TAIL.share, TAIL.least / effective) * total
  let [above, sum] = [0, 0]
  let first = sorted.length
  while (first > 1 && above < wanted) {
    first--
    above += each[first]
    sum += each[first] * sorted[first]
  }
  if (above === 0) return greatest
  const from = sorted[first - 1]
  const excess = sum / above - from
  const tail = above / total
  const error = 1 / Math.sqrt(tail * effective)
  return Math.max(greatest, from + excess * (1 + error) * ln(tail / (1 - share)))
}
