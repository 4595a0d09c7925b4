import type { Risk } from '../demonstration'
import { expectedQuantile, farQuantile, quantile, type Weighed } from './quantiles'
import type { StagingSample } from './sample'
import type { Weights } from './weighing'

/** Values below which a share of the samples lies: a tenth, half, nine tenths; and those that risks are told by. */
export interface Quantiles {
  p10: number
  p50: number
  p90: number
  p1: number
  p99: number
  p999: number
  /** samples in which it occurs */ count: number
}

export interface Forecast {
  samples: number
  seed: number
  /** count of each outcome, by id */
  counts: Record<string, number>
  /** count / samples */
  shares: Record<string, number>
  /** standard sampling error of each share */
  errors: Record<string, number>
  /** by result id, over the samples in which it occurs */
  quantiles: Record<string, Quantiles>
  /** share that boils dry before the lift */
  dryShare: number
  /** s from the lift to dryness that 99 of 100 of those that dry have at least; undefined where none does */
  dryAfter?: number
}

/**
 * What the samples done so far say.
 * @param weights if they count unequally: counts are then shares of the samples done, and errors those of as many as
 *   count
 */
export function summarise(sample: StagingSample, weights?: Weights): Forecast {
  const { demonstration, done } = sample
  const counts: Record<string, number> = {}
  demonstration.outcomes.forEach((o, index) => {
    let count = 0
    for (let i = 0; i < done; i++) if (sample.outcomes[i] === index) count += weights ? weights.each[i] : 1
    // Weights that are added up in another order can come to a rounding error more than all of them: a share is never
    // over 1.
    counts[o.id] = weights ? done * Math.min(1, count / weights.sum) : count
  })
  const shares: Record<string, number> = {}
  const errors: Record<string, number> = {}
  for (const [id, count] of Object.entries(counts)) {
    shares[id] = done > 0 ? count / done : 0
    errors[id] = weights ? samplingError(shares[id] * weights.effective, weights.effective) : samplingError(count, done)
  }
  const quantiles: Record<string, Quantiles> = {}
  for (const { id } of demonstration.results) {
    const found = quantilesOf(sample.results[id], done, weights)
    if (found) quantiles[id] = found
  }
  return {
    samples: done,
    seed: sample.seed,
    counts,
    shares,
    errors,
    quantiles,
    dryShare: dryShareOf(sample, weights),
    dryAfter: quantilesOf(sample.dryMargins, done, weights)?.p1,
  }
}

function dryShareOf(sample: StagingSample, weights?: Weights): number {
  if (!weights) return sample.dryShare
  let dry = 0
  for (let i = 0; i < sample.done; i++) if (sample.dryMargins[i] <= 0) dry += weights.each[i]
  return Math.min(1, dry / weights.sum)
}

/** Over the samples in which it occurs; undefined if it occurs in none. */
function quantilesOf(values: Float64Array, done: number, weights?: Weights): Quantiles | undefined {
  if (weights) return weightedQuantiles(values, weights, done)
  const present = values
    .slice(0, done)
    .filter(x => !Number.isNaN(x))
    .sort()
  return present.length > 0 ? { ...told(share => quantile(present, share), present), count: present.length } : undefined
}

/** @param middle value below which a share of the draws lies, where there are always enough draws */
const told = (middle: (share: number) => number, draws: ArrayLike<number> | Weighed): Omit<Quantiles, 'count'> => ({
  p10: middle(0.1),
  p50: middle(0.5),
  p90: middle(0.9),
  p1: expectedQuantile(draws, 0.01),
  p99: expectedQuantile(draws, 0.99),
  p999: farQuantile(draws, 0.999),
})

/** The middle ones are values at which the cumulated weight passes a tenth, half and nine tenths. */
function weightedQuantiles(values: Float64Array, weights: Weights, done: number): Quantiles | undefined {
  const order = Array.from({ length: done }, (_, i) => i)
    .filter(i => !Number.isNaN(values[i]) && weights.each[i] > 0)
    .sort((a, b) => values[a] - values[b])
  const sorted = order.map(i => values[i])
  const each = order.map(i => weights.each[i])
  const total = each.reduce((sum, weight) => sum + weight, 0)
  if (!(total > 0)) return undefined
  const at = (share: number): number => {
    let cumulated = 0
    const found = each.findIndex(weight => (cumulated += weight) >= share * total)
    return sorted.at(found)!
  }
  return { ...told(at, { sorted, each }), count: (total * done) / weights.sum }
}

/**
 * Standard error of a share, never zero: with Laplace's rule a count of 0 or all still has one. A Latin hypercube
 * does somewhat better than this random-sampling figure.
 */
export function samplingError(count: number, of: number): number {
  if (of === 0) return 0.5
  const p = (count + 1) / (of + 2)
  return Math.sqrt((p * (1 - p)) / of)
}

const AT = { 0.01: 'p1', 0.99: 'p99', 0.999: 'p999' } as const
/** What a forecast says of what can go wrong. */
export const riskOfForecast = (forecast: Pick<Forecast, 'shares' | 'quantiles' | 'dryShare' | 'dryAfter'>): Risk => ({
  share: outcome => forecast.shares[outcome] ?? 0,
  dry: forecast.dryShare,
  dryAfter: forecast.dryAfter,
  quantile: (result, share) => forecast.quantiles[result]?.[AT[share]],
})
