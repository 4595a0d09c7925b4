/** Quantiles of the ways in which an input can be uncertain, cut off at the input's range. */
import normalCdf from '@stdlib/stats-base-dists-normal-cdf'
import normalQuantile from '@stdlib/stats-base-dists-normal-quantile'
import type { Spread } from '../demonstrations'
import { exp, ln } from '../elementary'

/**
 * Value below which a share `u` of an input's distribution lies.
 *
 * normal and lognormal: centred (median) on `nominal`; triangular: mode at `nominal`; all cut off at `range` and renormalised.
 *
 * @param u above 0 and below 1
 * @returns in the unit of `nominal`
 */
export function spreadQuantile(spread: Spread, nominal: number, range: readonly [number, number], u: number): number {
  const [least, most] = range
  switch (spread.shape) {
    case 'exact': return nominal
    case 'uniform': {
      const a = Math.max(least, spread.least)
      const b = Math.min(most, spread.most)
      return a + u * (b - a)
    }
    case 'triangular': return triangular(Math.max(least, Math.min(spread.least, nominal)), nominal, Math.min(most, Math.max(spread.most, nominal)), u)
    case 'lognormal': {
      if (!(nominal > 0) || !(spread.relative > 0)) return nominal
      const sigma = Math.sqrt(ln(1 + spread.relative * spread.relative))
      const floor = least > 0 ? ln(least / nominal) / sigma : -Infinity
      return clamp(nominal * exp(sigma * cutNormal(floor, ln(most / nominal) / sigma, u)), least, most)
    }
    case 'normal': {
      const sigma = 'relative' in spread ? spread.relative * Math.abs(nominal) : spread.absolute
      if (!(sigma > 0)) return nominal
      return clamp(nominal + sigma * cutNormal((least - nominal) / sigma, (most - nominal) / sigma, u), least, most)
    }
  }
}

const MOMENT_POINTS = 64

/** Mean and standard deviation of an input's distribution, by the midpoint rule over its quantiles. */
export function momentsOf(spread: Spread, nominal: number, range: readonly [number, number]): { mean: number, deviation: number } {
  const values = Array.from({ length: MOMENT_POINTS }, (_, i) => spreadQuantile(spread, nominal, range, (i + 0.5) / MOMENT_POINTS))
  const mean = values.reduce((a, b) => a + b, 0) / MOMENT_POINTS
  return { mean, deviation: Math.sqrt(values.reduce((a, b) => a + (b - mean) * (b - mean), 0) / MOMENT_POINTS) }
}

function cutNormal(from: number, to: number, u: number): number {
  const low = from <= -8 ? 0 : normalCdf(from, 0, 1)
  const high = to >= 8 ? 1 : normalCdf(to, 0, 1)
  return normalQuantile(low + u * (high - low), 0, 1)
}

function triangular(least: number, mode: number, most: number, u: number): number {
  const width = most - least
  if (!(width > 0)) return mode
  const turn = (mode - least) / width
  return u < turn
    ? least + Math.sqrt(u * width * (mode - least))
    : most - Math.sqrt((1 - u) * width * (most - mode))
}

const clamp = (x: number, least: number, most: number): number => x < least ? least : x > most ? most : x
