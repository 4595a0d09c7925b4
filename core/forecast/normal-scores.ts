/**
 * Points of a sample as normal scores. Whatever an input's spread, its draw is a share of (0, 1); its normal score is
 * standard normal. What is learnt about inputs is written as means and spreads of these scores, so that ranges hold
 * by themselves.
 */
import normalCdf from '@stdlib/stats-base-dists-normal-cdf'
import normalQuantile from '@stdlib/stats-base-dists-normal-quantile'
import { ln } from '../elementary'

const CLOSEST = 1e-9

export const scoreOf = (share: number): number => normalQuantile(Math.min(1 - CLOSEST, Math.max(CLOSEST, share)), 0, 1)
export const shareOf = (score: number): number => Math.min(1 - CLOSEST, Math.max(CLOSEST, normalCdf(score, 0, 1)))

/** One column of scores drawn from N(mean, deviation²) in place of N(0, 1). */
export interface ScoreShift {
  column: number
  mean: number
  deviation: number
}

/**
 * Shifts columns of `points` in place.
 * @returns the logarithm of each row's weight: density before over density drawn from
 */
export function shiftScores(points: Float64Array, variables: number, shifts: readonly ScoreShift[]): Float64Array {
  const rows = points.length / variables
  const weights = new Float64Array(rows)
  for (const { column, mean, deviation } of shifts) {
    const constant = ln(deviation)
    for (let i = 0; i < rows; i++) {
      const standard = scoreOf(points[i * variables + column])
      const score = mean + deviation * standard
      points[i * variables + column] = shareOf(score)
      weights[i] += constant + 0.5 * (standard * standard - score * score)
    }
  }
  return weights
}
