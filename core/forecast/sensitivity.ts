/** Which unknowns decide the outcome. */
import type { StagingSample } from './sample'

export interface Influence {
  input: string
  name: string
  /** share of the variance, 0 to 1 */ share: number
}

const BINS = 16

/**
 * First-order share of the variance of "the wanted outcome happens" that each uncertain input explains.
 *
 * Estimator: correlation ratio on the forecast's own sample, Var(E[Y|X]) / Var(Y) with X cut into 16 equal-count
 * bins, less its bias (bins − 1) / (n − 1) under no influence; negative values are shown as 0.
 *
 * @returns largest first; empty if the outcome never varies
 * @source E. Plischke, E. Borgonovo & C. L. Smith, Eur. J. Oper. Res. 226 (2013) 536, sect. 2 (given-data estimation)
 */
export function influences(sample: StagingSample): Influence[] {
  const { demonstration, done } = sample
  const wanted = demonstration.outcomes.findIndex(o => o.id === demonstration.wanted)
  let total = 0
  for (let i = 0; i < done; i++) if (sample.outcomes[i] === wanted) total++
  const mean = total / done
  const variance = mean * (1 - mean)
  if (!(variance > 0)) return []
  return sample.uncertain
    .map(({ input }) => {
      const drawn = sample.inputs[input.id]
      const order = Array.from({ length: done }, (_, i) => i).sort((a, b) => drawn[a] - drawn[b])
      let between = 0
      for (let bin = 0; bin < BINS; bin++) {
        const from = Math.floor((bin * done) / BINS)
        const to = Math.floor(((bin + 1) * done) / BINS)
        let hits = 0
        for (let k = from; k < to; k++) if (sample.outcomes[order[k]] === wanted) hits++
        const difference = hits / (to - from) - mean
        between += ((to - from) / done) * difference * difference
      }
      return { input: input.id, name: input.name, share: Math.max(0, between / variance - (BINS - 1) / (done - 1)) }
    })
    .sort((a, b) => b.share - a.share || a.input.localeCompare(b.input))
}
