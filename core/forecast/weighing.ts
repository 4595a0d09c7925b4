/** How well each computed staging matches what was seen. */
import { exp } from '../elementary'
import { NO_OUTCOME } from './draws'
import type { StagingSample } from './sample'

/** What was seen; SI. Left out what was not. */
export interface Observation {
  outcome?: string
  /** result id → value and standard uncertainty of the reading */
  readings: Record<string, { value: number; uncertainty: number }>
  /** result id → it was at least that, or had not happened by then; one that never happens fits too */
  atLeast?: Record<string, number>
}

export interface Weights {
  /** one a sample, largest 1 */ each: Float64Array
  /** logarithm of what that 1 stands for */ largest: number
  sum: number
  /** Kish's effective number of samples */ effective: number
  /** factor by which the readings' uncertainties were widened so that enough samples match; 1: not at all */
  stretched: number
}

/** Widening stops here: what is still out of reach then is not explained. */
export const MOST_STRETCH = 8

/**
 * Weighs a forecast's samples by the likelihood of what was seen (normal errors on readings).
 *
 * @param least effective samples wanted; uncertainties are doubled until they are reached, at most eightfold
 * @source importance sampling, standard; effective size after L. Kish, Survey Sampling (1965)
 */
export function weigh(sample: StagingSample, seen: Observation, least = 0): Weights {
  let best = weighOnce(sample, seen)
  for (let stretched = 2; stretched <= MOST_STRETCH && best.effective < least; stretched *= 2) {
    const wider = weighOnce(sample, seen, stretched)
    if (wider.effective > best.effective) best = wider
  }
  return best
}

/**
 * The same with a given widening.
 * @param priorWeights logarithms, where the samples were drawn from something else than their spreads
 */
export function weighOnce(
  sample: StagingSample,
  seen: Observation,
  stretched = 1,
  priorWeights?: Float64Array,
): Weights {
  const { demonstration, done } = sample
  const outcome = demonstration.outcomes.findIndex(o => o.id === seen.outcome)
  const logs = new Float64Array(done)
  let largest = -Infinity
  for (let i = 0; i < done; i++) {
    let log =
      sample.outcomes[i] !== NO_OUTCOME && (outcome < 0 || sample.outcomes[i] === outcome)
        ? (priorWeights?.[i] ?? 0)
        : -Infinity
    for (const [id, reading] of Object.entries(seen.readings)) {
      const value = sample.results[id]?.[i]
      if (value === undefined || Number.isNaN(value)) {
        log = -Infinity
        break
      }
      const z = (value - reading.value) / (reading.uncertainty * stretched)
      log -= 0.5 * Math.min(z * z, 1400)
    }
    for (const [id, time] of Object.entries(seen.atLeast ?? {})) if (sample.results[id][i] < time) log = -Infinity
    logs[i] = log
    if (log > largest) largest = log
  }
  const each = new Float64Array(done)
  let sum = 0
  let squares = 0
  // Beyond exp(-700) nothing like it was computed at all.
  if (largest > -700) {
    for (let i = 0; i < done; i++) {
      each[i] = logs[i] === -Infinity ? 0 : exp(Math.max(-700, logs[i] - largest))
      sum += each[i]
      squares += each[i] * each[i]
    }
  }
  return { each, largest, sum, effective: squares > 0 ? (sum * sum) / squares : 0, stretched }
}

/**
 * Indices drawn by weight, evenly spaced through the cumulated weights. @source G. Kitagawa, J. Comput. Graph. Stat.
 * 5 (1996) 1 (systematic resampling)
 */
export function drawByWeight(weights: Pick<Weights, 'each' | 'sum'>, count: number): number[] {
  const drawn: number[] = []
  let cumulated = 0
  for (let i = 0; i < weights.each.length && weights.sum > 0; i++) {
    cumulated += weights.each[i] / weights.sum
    while (drawn.length < count && (drawn.length + 0.5) / count <= cumulated) drawn.push(i)
  }
  return drawn
}
