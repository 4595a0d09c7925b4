import type { OdePeak, Peak } from './system'

/** Rounds of parabolas that close in on a top. */
const ROUNDS = 3

/**
 * Finds the greatest value of a quantity along a solution, also between the ends of steps, on the stepper's
 * interpolant.
 */
export class PeakTracker {
  readonly id: string
  readonly best: Peak = { time: NaN, value: -Infinity }
  private value = NaN

  constructor(private readonly peak: OdePeak) {
    this.id = peak.id
  }

  start(time: number, state: Float64Array): void {
    this.value = this.peak.value(time, state)
    this.offer(time, this.value)
  }

  /**
   * @param time at the step's start @param share of the step that counts, where an event ends it
   * @param reached state at its end @param within state at a share of it
   */
  follow(
    time: number,
    step: number,
    share: number,
    reached: Float64Array,
    within: (share: number) => Float64Array,
  ): void {
    const { peak, best } = this
    const end = peak.value(time + share * step, share < 1 ? within(share) : reached)
    // No step goes up and down again by half of the greatest value: it would have been refused.
    if (best.value > 0 && (end > this.value ? end : this.value) < 0.5 * best.value) {
      this.value = end
      return
    }
    const middle = peak.value(time + 0.5 * share * step, within(0.5 * share))
    // A top inside shows as a middle that stands over the straight line by more than the ends differ.
    const bulge = middle - 0.5 * (this.value + end)
    if (!(bulge > 0.1 * Math.abs(end - this.value)) || Math.max(middle, end, this.value) + 0.5 * bulge <= best.value) {
      this.offer(time + share * step, end)
      this.value = end
      return
    }
    const at = (s: number): number => peak.value(time + s * step, within(s))
    const places = [0, 0.25 * share, 0.5 * share, 0.75 * share, share]
    const values = [this.value, at(places[1]), middle, at(places[3]), end]
    let top = 0
    for (let i = 1; i < 5; i++) if (values[i] > values[top]) top = i
    if (top > 0 && top < 4 && values[top] > best.value) {
      let [a, b, c] = [places[top - 1], places[top], places[top + 1]]
      let [ya, yb, yc] = [values[top - 1], values[top], values[top + 1]]
      for (let round = 0; round < ROUNDS; round++) {
        const left = (yb - ya) * (b - c)
        const right = (yb - yc) * (b - a)
        const next = b - (0.5 * ((b - a) * right - (b - c) * left)) / (right - left)
        if (!(next > a && next < c) || Math.abs(next - b) < 1e-6) break
        const y = at(next)
        if (y > yb) {
          if (next > b) [a, ya] = [b, yb]
          else [c, yc] = [b, yb]
          ;[b, yb] = [next, y]
        } else if (next > b) [c, yc] = [next, y]
        else [a, ya] = [next, y]
      }
      this.offer(time + b * step, yb)
    } else this.offer(time + places[top] * step, values[top])
    this.value = end
  }

  private offer(time: number, value: number): void {
    const { best } = this
    if (!(value > best.value || Number.isNaN(best.time))) return
    best.time = time
    best.value = value
  }
}
