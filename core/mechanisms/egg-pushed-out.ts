/**
 * An egg in the neck of an upturned bottle, pressed on from inside: out at once, or creeping out as its white gives
 * way.
 */
import { integratorOf } from '../solver'
import { flowRate, pushThroughNow, type EggInNeck, type Relaxing } from './egg-in-neck'

export interface PushOutPlan {
  fit: EggInNeck
  relaxing: Relaxing
  /** its weight over the neck, Pa: helps */ weight: number
  /** Pa inside over outside at a time, s */ difference: (time: number) => number
  /** s before which it can't come: a mouth is on the bottle */ from: number
  /** s */ until: number
}

export interface PushOutEnd {
  /** s; undefined: it stays */ gone: number | undefined
  /** Pa, while it sat there */ peakDifference: number
  /** s */ end: number
}

/**
 * Follows it until it is out or nobody waits any more. @param tolerance relative, of one step @param record called
 * with each time
 */
export function pushOut(plan: PushOutPlan, tolerance: number, record?: (time: number) => void): PushOutEnd {
  const { fit, relaxing, weight, difference, from, until } = plan
  const flowed = Float64Array.of(0)
  const system = {
    size: 1,
    scale: Float64Array.of(0.01),
    dependsOnTime: true,
    derivatives: (t: number, s: Float64Array, slope: Float64Array) => {
      slope[0] = flowRate(fit, relaxing, s[0], difference(t) + weight)
    },
  }
  const spare = (t: number, s: Float64Array): number => difference(t) + weight - pushThroughNow(fit, relaxing, s[0])
  const options = {
    tolerance,
    firstStep: 0.05,
    peaks: [{ id: 'difference', value: difference }],
    between: record ? 2 : 0,
    onStep: record && ((t: number) => record(t)),
  }
  let peakDifference = -Infinity
  if (from > 0) peakDifference = integratorOf(1).run(system, flowed, 0, from, options).peaks.difference.value
  if (spare(from, flowed) >= 0)
    return { gone: from, peakDifference: Math.max(peakDifference, difference(from)), end: from }
  const { time, stoppedBy, peaks } = integratorOf(1).run(system, flowed, from, until, {
    ...options,
    events: [{ id: 'goes', direction: 1, stops: true, value: spare }],
  })
  return {
    gone: stoppedBy === 'goes' ? time : undefined,
    peakDifference: Math.max(peakDifference, peaks.difference.value),
    end: time,
  }
}
