/** Where a sound begins, to a fraction of a millisecond. */
import { exp, ln } from '../elementary'

export interface Changepoint {
  /** samples from the first of the stretch */ at: number
  /** standard uncertainty, samples */ uncertainty: number
}

/** Samples on either side without which a variance means nothing. */
const LEAST = 16

/**
 * The moment in a stretch at which noise of one strength turns into noise of another, by Akaike's criterion: the split
 * k that makes k ln(var before) + (n - k - 1) ln(var after) least (N. Maeda 1985, "A method for reading and checking
 * phase times in auto-processing system of seismic wave data", Zisin 38, 365; from memory). Its uncertainty is the
 * spread of exp(-AIC/2) over the splits.
 *
 * @param stretch of at least 32 samples @throws RangeError if it is shorter
 */
export function changepoint(stretch: Float32Array): Changepoint {
  const n = stretch.length
  if (n < 2 * LEAST) throw new RangeError(`given ${n} samples; accepted: ${2 * LEAST} or more`)
  const [sum, squares] = [new Float64Array(n + 1), new Float64Array(n + 1)]
  for (let i = 0; i < n; i++) {
    sum[i + 1] = sum[i] + stretch[i]
    squares[i + 1] = squares[i] + stretch[i] * stretch[i]
  }
  const variance = (from: number, to: number): number => {
    const mean = (sum[to] - sum[from]) / (to - from)
    return Math.max((squares[to] - squares[from]) / (to - from) - mean * mean, 1e-16)
  }
  const criterion = new Float64Array(n).fill(Infinity)
  let best = LEAST
  for (let k = LEAST; k <= n - LEAST; k++) {
    // Only where it grows louder.
    const [before, after] = [variance(0, k), variance(k, n)]
    if (after <= before) continue
    criterion[k] = k * ln(before) + (n - k - 1) * ln(after)
    if (criterion[k] < criterion[best]) best = k
  }
  let [weight, mean, square] = [0, 0, 0]
  for (let k = LEAST; k <= n - LEAST; k++) {
    if (criterion[k] === Infinity) continue
    const w = exp((criterion[best] - criterion[k]) / 2)
    weight += w
    mean += w * (k - best)
    square += w * (k - best) * (k - best)
  }
  if (weight === 0) return { at: best, uncertainty: n / Math.sqrt(12) }
  mean /= weight
  return { at: best, uncertainty: Math.sqrt(Math.max(0, square / weight - mean * mean) + mean * mean) }
}
