import type { StagingSample } from './sample'

export interface Quantiles { p10: number, p50: number, p90: number, /** samples in which it occurs */ count: number }

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
}

/** What the samples done so far say. */
export function summarise(sample: StagingSample): Forecast {
  const { demonstration, done } = sample
  const counts: Record<string, number> = {}
  demonstration.outcomes.forEach((o, index) => {
    let count = 0
    for (let i = 0; i < done; i++) if (sample.outcomes[i] === index) count++
    counts[o.id] = count
  })
  const shares: Record<string, number> = {}
  const errors: Record<string, number> = {}
  for (const [id, count] of Object.entries(counts)) {
    shares[id] = done > 0 ? count / done : 0
    errors[id] = samplingError(count, done)
  }
  const quantiles: Record<string, Quantiles> = {}
  for (const { id } of demonstration.results) {
    const present = sample.results[id]!.slice(0, done).filter(x => !Number.isNaN(x)).sort()
    if (present.length > 0) {
      quantiles[id] = { p10: quantile(present, 0.1), p50: quantile(present, 0.5), p90: quantile(present, 0.9), count: present.length }
    }
  }
  return { samples: done, seed: sample.seed, counts, shares, errors, quantiles, dryShare: done > 0 ? sample.dryCount / done : 0 }
}

/**
 * Standard error of a share, never zero: with Laplace's rule a count of 0 or all still has one.
 * A Latin hypercube does somewhat better than this random-sampling figure.
 */
export function samplingError(count: number, of: number): number {
  if (of === 0) return 0.5
  const p = (count + 1) / (of + 2)
  return Math.sqrt(p * (1 - p) / of)
}

/**
 * Quantile of sorted numbers by linear interpolation between order statistics.
 * @source R. J. Hyndman & Y. Fan, Am. Stat. 50 (1996) 361, definition 7
 */
export function quantile(sorted: ArrayLike<number>, share: number): number {
  const place = share * (sorted.length - 1)
  const below = Math.floor(place)
  const above = Math.min(sorted.length - 1, below + 1)
  return sorted[below]! + (place - below) * (sorted[above]! - sorted[below]!)
}
