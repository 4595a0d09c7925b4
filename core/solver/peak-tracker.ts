import type { OdePeak, Peak } from './system'

/** Share of a step by which the state is moved along its slope to find how fast a quantity changes. */
const NUDGE = 1e-4

/**
 * Finds the greatest value of a quantity along a solution, also between the ends of steps.
 *
 * The quantity and its rate of change at both ends of a step make a cubic, whose top is taken: as exact as the events,
 * which lie on the same kind of interpolant.
 */
export class PeakTracker {
  readonly id: string
  best: Peak = { time: NaN, value: -Infinity }
  private value = NaN
  private rate = NaN
  private time = NaN
  private readonly moved: Float64Array

  constructor(private readonly peak: OdePeak, size: number) {
    this.id = peak.id
    this.moved = new Float64Array(size)
  }

  start(time: number, state: Float64Array, slope: Float64Array, step: number): void {
    this.time = time
    this.value = this.peak.value(time, state)
    this.rate = this.rateAt(time, state, slope, this.value, step)
    if (!(this.value <= this.best.value)) this.best = { time, value: this.value }
  }

  /** @param share of the step that counts, where an event ends it */
  follow(time: number, state: Float64Array, slope: Float64Array, step: number, share = 1): void {
    const before = this.value
    const rate = this.rate * step
    const after = this.peak.value(time, state)
    const nextRate = this.rateAt(time, state, slope, after, step)
    const endRate = nextRate * step
    const rise = after - before
    // value(s) = before + s (rate + s (3 rise − 2 rate − endRate + s (rate + endRate − 2 rise)))
    const second = 3 * rise - 2 * rate - endRate
    const third = rate + endRate - 2 * rise
    const at = (s: number): number => before + s * (rate + s * (second + s * third))
    this.offer(share, share < 1 ? at(share) : after, step)
    if (rate > 0 && (endRate < 0 || share < 1)) {
      const root = second * second - 3 * third * rate
      const top = root > 0 ? rate / (-second + Math.sqrt(root)) : NaN
      if (top > 0 && top < share) this.offer(top, at(top), step)
    }
    this.time = time
    this.value = after
    this.rate = nextRate
  }

  private offer(share: number, value: number, step: number): void {
    if (value > this.best.value) this.best = { time: this.time + share * step, value }
  }

  private rateAt(time: number, state: Float64Array, slope: Float64Array, value: number, step: number): number {
    const nudge = NUDGE * step
    for (let i = 0; i < state.length; i++) this.moved[i] = state[i]! + nudge * slope[i]!
    return (this.peak.value(time + nudge, this.moved) - value) / nudge
  }
}
