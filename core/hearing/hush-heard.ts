/** Which of the sounds are the two between which the hush lies. */
import { integerPower, ln } from '../elementary'
import type { Onset } from './onsets'

export interface HushHeard {
  /** places in the list of onsets */ seal: number
  gone: number
  /** between the two: pops of a tin that gives way by and by */ pops: readonly number[]
  /** false where two other sounds are about as likely to be them */ sure: boolean
}

/** Hushes that differ by less are one, s. */
const SAME = 0.02
/** As much louder a pair must be than the next, nepers: twice, one of the two sounds. */
const LEAD = ln(2)
/** Either must stand out so far. */
const CLEAR = 1.25
/** Outside of what is expected a pair counts less, by the square of how far, in factors of two: nepers. */
const OUTSIDE = 8

/** A hush that is forecast may be so many times shorter or longer: the range in which it is looked for. */
const FORECAST_OFF = 4

/**
 * s that a hush can have lasted.
 *
 * @param forecast s; undefined or 0 where none is forecast
 * @param marked by hand, s, with how far that can be off; counts alone where the forecast is far from it
 */
export function expectedHush(
  forecast: number | undefined,
  marked?: { length: number; off: number },
): readonly [least: number, most: number] | undefined {
  const computed = forecast ? ([forecast / FORECAST_OFF, forecast * FORECAST_OFF] as const) : undefined
  if (!marked) return computed
  const range = [Math.max(0.02, marked.length - marked.off), marked.length + marked.off] as const
  if (!computed || computed[0] > range[1] || computed[1] < range[0]) return range
  return [Math.max(range[0], computed[0]), Math.min(range[1], computed[1])]
}

/**
 * The loudest two sounds whose distance is one that the hush can have. Both stand out: what begins the hush (water, a
 * lid) and what ends it.
 *
 * @param expected s, the range that the hush may have; any, if left out
 * @returns undefined where no two sounds are so far apart
 */
export function hushHeard(
  onsets: readonly Onset[],
  expected?: readonly [least: number, most: number],
): HushHeard | undefined {
  const [least, most] = expected ?? [0, Infinity]
  const pairs: { seal: number; gone: number; length: number; score: number }[] = []
  for (let seal = 0; seal < onsets.length; seal++)
    for (let gone = seal + 1; gone < onsets.length; gone++) {
      const length = onsets[gone].time - onsets[seal].time
      const off = length < least ? ln(least / length) : length > most ? ln(length / most) : 0
      const loud = ln(onsets[seal].loudness) + ln(onsets[gone].loudness)
      pairs.push({ seal, gone, length, score: loud - OUTSIDE * integerPower(off / ln(2), 2) })
    }
  if (pairs.length === 0) return undefined
  pairs.sort((a, b) => b.score - a.score)
  const [best] = pairs
  const rival = pairs.find(p => Math.abs(p.length - best.length) > SAME)
  return {
    seal: best.seal,
    gone: best.gone,
    pops: onsets.flatMap((_, i) => (i > best.seal && i < best.gone ? [i] : [])),
    sure:
      (rival === undefined || best.score - rival.score > LEAD) &&
      best.length >= least &&
      best.length <= most &&
      [best.seal, best.gone].every(i => onsets[i].strength > CLEAR),
  }
}
