/** What a run that has been seen says about the unknowns. */
import { exp } from '../elementary'
import type { StagingSample } from './sample'

/** What was seen; SI. Left out what was not. */
export interface Observation {
  outcome?: string
  /** result id → value and standard uncertainty of the reading */
  readings: Record<string, { value: number, uncertainty: number }>
}

export interface Cause {
  input: string
  name: string
  /** mean before and after, SI */
  before: number
  after: number
  /** shift of the mean in standard deviations of before */
  shift: number
}

export interface Diagnosis {
  /** share of the samples' weight that still counts: Kish's effective sample size over n */
  effective: number
  /** how likely what was seen was, before: share for an outcome alone */
  likelihood: number
  /** largest shift first; only those of a third of a standard deviation or more */
  causes: Cause[]
  /** false if too few samples look like what was seen, or nothing moved */
  canTell: boolean
}

/** Fewer effective samples than this say nothing. */
const FEWEST = 12
const NOTABLE_SHIFT = 0.33

/**
 * Reweights a forecast's sample by the likelihood of what was seen (importance sampling; normal errors on readings).
 *
 * @source standard; effective size after L. Kish, Survey Sampling (1965)
 */
export function diagnose(sample: StagingSample, seen: Observation): Diagnosis {
  const { demonstration, done } = sample
  const outcome = demonstration.outcomes.findIndex(o => o.id === seen.outcome)
  const weights = new Float64Array(done)
  let sum = 0
  let squares = 0
  for (let i = 0; i < done; i++) {
    let weight = outcome < 0 || sample.outcomes[i] === outcome ? 1 : 0
    for (const [id, reading] of Object.entries(seen.readings)) {
      const value = sample.results[id]?.[i]
      if (value === undefined || Number.isNaN(value)) { weight = 0; break }
      const z = (value - reading.value) / reading.uncertainty
      weight *= exp(-0.5 * Math.min(z * z, 1400))
    }
    weights[i] = weight
    sum += weight
    squares += weight * weight
  }
  const effectiveCount = squares > 0 ? sum * sum / squares : 0
  const causes: Cause[] = []
  if (effectiveCount >= FEWEST) {
    for (const { input } of sample.uncertain) {
      const drawn = sample.inputs[input.id]!
      let mean = 0
      let meanAfter = 0
      for (let i = 0; i < done; i++) { mean += drawn[i]! / done; meanAfter += weights[i]! * drawn[i]! / sum }
      let variance = 0
      for (let i = 0; i < done; i++) variance += (drawn[i]! - mean) * (drawn[i]! - mean) / done
      const shift = variance > 0 ? (meanAfter - mean) / Math.sqrt(variance) : 0
      // Noise of a reweighted mean is about one over the root of the effective count.
      if (Math.abs(shift) > Math.max(NOTABLE_SHIFT, 2.5 / Math.sqrt(effectiveCount))) {
        causes.push({ input: input.id, name: input.name, before: mean, after: meanAfter, shift })
      }
    }
    causes.sort((a, b) => Math.abs(b.shift) - Math.abs(a.shift))
  }
  return { effective: done > 0 ? effectiveCount / done : 0, likelihood: done > 0 ? sum / done : 0, causes, canTell: causes.length > 0 }
}
