const NOTHING = new Float64Array(0)

/**
 * A smooth function tabulated at equal steps and read back by cubic Hermite interpolation.
 *
 * For functions that a time integrator asks for millions of times. The slopes are central differences of the function
 * itself, so the error falls with the fourth power of the step; each table's test bounds its own error.
 * Outside `[from, to]` the end value is returned: callers check their own ranges. It is filled when it is first read:
 * a page that never asks does not wait for it.
 */
export class CubicTable {
  private values = NOTHING
  private slopes = NOTHING
  private readonly perStep: number

  constructor(
    private readonly of: (x: number) => number,
    readonly from: number,
    readonly to: number,
    private readonly intervals: number,
  ) {
    this.perStep = 1 / ((to - from) / intervals)
  }

  private fill(): void {
    const { of, from, to, intervals } = this
    const step = (to - from) / intervals
    const nudge = step * 1e-3
    this.values = new Float64Array(intervals + 1)
    this.slopes = new Float64Array(intervals + 1)
    for (let i = 0; i <= intervals; i++) {
      const x = from + i * step
      const left = i === 0 ? x : x - nudge
      const right = i === intervals ? x : x + nudge
      this.values[i] = of(x)
      this.slopes[i] = ((of(right) - of(left)) / (right - left)) * step
    }
  }

  at(x: number): number {
    if (this.values === NOTHING) this.fill()
    const place = (x - this.from) * this.perStep
    if (!(place > 0)) return this.values[0]
    if (place >= this.intervals) return this.values[this.intervals]
    const i = place | 0
    const s = place - i
    const y0 = this.values[i]
    const y1 = this.values[i + 1]
    const m0 = this.slopes[i]
    const m1 = this.slopes[i + 1]
    const rise = y1 - y0
    return y0 + s * (m0 + s * (3 * rise - 2 * m0 - m1 + s * (m0 + m1 - 2 * rise)))
  }
}
