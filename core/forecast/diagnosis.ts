/** What a run that has been seen says about the unknowns. */
import { momentsOf } from './distributions'
import type { StagingSample } from './sample'
import { weigh, type Observation, type Weights } from './weighing'

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
  /** largest shift first; only those of a third of a standard deviation or more */
  causes: Cause[]
  /** false if too few samples look like what was seen, or nothing moved */
  canTell: boolean
}

/** Fewer effective samples than this say nothing. */
export const FEWEST = 12
const NOTABLE_SHIFT = 0.33

/**
 * The inputs whose spread moved when a forecast's sample is weighed by what was seen.
 * @param weights if they were worked out before
 */
export function diagnose(sample: StagingSample, seen: Observation, weights: Weights = weigh(sample, seen)): Diagnosis {
  const { done } = sample
  const causes: Cause[] = []
  if (weights.effective >= FEWEST) {
    for (const { input, spread, nominal } of sample.uncertain) {
      const drawn = sample.inputs[input.id]
      let after = 0
      for (let i = 0; i < done; i++) after += (weights.each[i] * drawn[i]) / weights.sum
      const { mean, deviation } = momentsOf(spread, nominal, input.range)
      const shift = deviation > 0 ? (after - mean) / deviation : 0
      // Noise of a reweighted mean is about one over the root of the effective count.
      if (Math.abs(shift) > Math.max(NOTABLE_SHIFT, 2.5 / Math.sqrt(weights.effective))) {
        causes.push({ input: input.id, name: input.name, before: mean, after, shift })
      }
    }
    causes.sort((a, b) => Math.abs(b.shift) - Math.abs(a.shift))
  }
  return { effective: done > 0 ? weights.effective / done : 0, causes, canTell: causes.length > 0 }
}
