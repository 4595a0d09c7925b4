/** Forecast against outcome, over many runs. */

/** One run: what share was forecast to end as wanted, and whether it did. */
export interface Scored {
  share: number
  happened: boolean
}

export interface Score {
  runs: number
  /** mean squared miss of the share: 0 is perfect, 0.25 is always saying half */ brier: number
  /** of always saying the share that really happened */ brierOfBaseRate: number
  /** runs that were forecast to end as wanted, in all, against those that did */ expected: number
  happened: number
  bins: Bin[]
}

export interface Bin {
  from: number
  to: number
  runs: number
  /** mean share forecast */ forecast: number
  /** share that happened, with a 90 % interval */ seen: number
  low: number
  high: number
}

/** Standard normal quantile of 0.95: a 90 % interval. */
const Z = 1.6448536269514722
const EDGES = [0, 0.2, 0.4, 0.6, 0.8, 1]
/** With fewer, a score says next to nothing. */
export const FEW_RUNS = 20

/**
 * Interval for a share from a count.
 * @source E. B. Wilson, J. Am. Stat. Assoc. 22 (1927) 209
 */
export function wilsonInterval(count: number, of: number): readonly [number, number] {
  if (of === 0) return [0, 1]
  const share = count / of
  const square = (Z * Z) / of
  const middle = (share + square / 2) / (1 + square)
  const half = (Z / (1 + square)) * Math.sqrt((share * (1 - share)) / of + square / (4 * of))
  return [Math.max(0, middle - half), Math.min(1, middle + half)]
}

/** @source Brier score: G. W. Brier, Mon. Weather Rev. 78 (1950) 1, for one event that happens or not */
export function scoreOf(scored: readonly Scored[]): Score {
  const runs = scored.length
  const happened = scored.filter(s => s.happened).length
  const base = runs > 0 ? happened / runs : 0
  const bins = EDGES.slice(1).flatMap((to, k): Bin[] => {
    const from = EDGES[k]
    const inside = scored.filter(s => s.share >= from && (s.share < to || (to === 1 && s.share === 1)))
    if (inside.length === 0) return []
    const count = inside.filter(s => s.happened).length
    const [low, high] = wilsonInterval(count, inside.length)
    return [
      {
        from,
        to,
        runs: inside.length,
        forecast: inside.reduce((sum, s) => sum + s.share, 0) / inside.length,
        seen: count / inside.length,
        low,
        high,
      },
    ]
  })
  return {
    runs,
    happened,
    bins,
    expected: scored.reduce((sum, s) => sum + s.share, 0),
    brier:
      runs > 0
        ? scored.reduce((sum, s) => sum + (s.share - (s.happened ? 1 : 0)) * (s.share - (s.happened ? 1 : 0)), 0) / runs
        : NaN,
    brierOfBaseRate: runs > 0 ? base * (1 - base) : NaN,
  }
}
