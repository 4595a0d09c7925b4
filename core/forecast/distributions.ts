/** Quantiles of the ways in which an input can be uncertain, cut off at the input's range. */
import normalCdf from '@stdlib/stats-base-dists-normal-cdf'
import normalQuantile from '@stdlib/stats-base-dists-normal-quantile'
import type { Spread } from '../demonstration'
import { exp, ln } from '../elementary'

/**
 * Value below which a share `u` of an input's distribution lies.
 *
 * What is stated is the median: half of what is drawn lies below it and half above, whatever the shape. Each half is
 * cut off at the input's range and renormalised, so that a value near an end of its range stays the median too.
 *
 * normal: standard deviation on both sides; lognormal: by factors; uniform: evenly from `below` under to `above` over
 * what is stated; triangular: falling from what is stated to nothing there. `anywhere` alone does not care for what
 * is stated.
 *
 * @param u above 0 and below 1
 * @returns in the unit of `nominal`
 */
export function spreadQuantile(spread: Spread, nominal: number, range: readonly [number, number], u: number): number {
  const [least, most] = range
  switch (spread.shape) {
    case 'exact':
      return nominal
    case 'anywhere': {
      const a = Math.max(least, spread.least)
      return a + u * (Math.min(most, spread.most) - a)
    }
    case 'uniform':
      return u < 0.5
        ? nominal - (1 - 2 * u) * Math.min(spread.below, Math.max(0, nominal - least))
        : nominal + (2 * u - 1) * Math.min(spread.above, Math.max(0, most - nominal))
    case 'triangular':
      return u < 0.5
        ? nominal - halfTriangle(1 - 2 * u, spread.below, nominal - least)
        : nominal + halfTriangle(2 * u - 1, spread.above, most - nominal)
    case 'lognormal': {
      if (!(nominal > 0) || !(spread.relative > 0)) return nominal
      const sigma = Math.sqrt(ln(1 + spread.relative * spread.relative))
      const floor = least > 0 ? ln(least / nominal) / sigma : -Infinity
      return clamp(nominal * exp(sigma * halfNormals(floor, ln(most / nominal) / sigma, u)), least, most)
    }
    case 'normal': {
      const sigma = 'relative' in spread ? spread.relative * Math.abs(nominal) : spread.absolute
      if (!(sigma > 0)) return nominal
      return clamp(nominal + sigma * halfNormals((least - nominal) / sigma, (most - nominal) / sigma, u), least, most)
    }
  }
}

const MOMENT_POINTS = 64

/** Mean and standard deviation of an input's distribution, by the midpoint rule over its quantiles. */
export function momentsOf(
  spread: Spread,
  nominal: number,
  range: readonly [number, number],
): { mean: number; deviation: number } {
  const values = Array.from({ length: MOMENT_POINTS }, (_, i) =>
    spreadQuantile(spread, nominal, range, (i + 0.5) / MOMENT_POINTS),
  )
  const mean = values.reduce((a, b) => a + b, 0) / MOMENT_POINTS
  return { mean, deviation: Math.sqrt(values.reduce((a, b) => a + (b - mean) * (b - mean), 0) / MOMENT_POINTS) }
}

/** Standard normal score: half the probability between `from` and zero, half between zero and `to`. */
function halfNormals(from: number, to: number, u: number): number {
  if (u === 0.5) return 0
  if (u < 0.5) {
    const low = from <= -8 ? 0 : normalCdf(Math.min(from, 0), 0, 1)
    return low >= 0.5 ? 0 : normalQuantile(low + 2 * u * (0.5 - low), 0, 1)
  }
  const high = to >= 8 ? 1 : normalCdf(Math.max(to, 0), 0, 1)
  return high <= 0.5 ? 0 : normalQuantile(0.5 + (2 * u - 1) * (high - 0.5), 0, 1)
}

/**
 * Distance from the peak of a density that falls in a straight line to nothing at `width`, cut off at `cut`. @param
 * share of it below
 */
function halfTriangle(share: number, width: number, cut: number): number {
  const reach = Math.min(width, Math.max(0, cut))
  if (!(reach > 0)) return 0
  const kept = 1 - (1 - reach / width) * (1 - reach / width)
  return width * (1 - Math.sqrt(1 - share * kept))
}

const clamp = (x: number, least: number, most: number): number => (x < least ? least : x > most ? most : x)
