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
  /** value and slope of one node after the other: what a reading needs lies side by side */
  private nodes = NOTHING
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
    const nodes = new Float64Array(2 * (intervals + 1))
    for (let i = 0; i <= intervals; i++) {
      const x = from + i * step
      const left = i === 0 ? x : x - nudge
      const right = i === intervals ? x : x + nudge
      nodes[2 * i] = of(x)
      nodes[2 * i + 1] = ((of(right) - of(left)) / (right - left)) * step
    }
    this.nodes = nodes
  }

  at(x: number): number {
    if (this.nodes === NOTHING) this.fill()
    const { nodes } = this
    const place = (x - this.from) * this.perStep
    if (!(place > 0)) return nodes[0]
    if (place >= this.intervals) return nodes[2 * this.intervals]
    const i = place | 0
    const s = place - i
    const y0 = nodes[2 * i]
    const m0 = nodes[2 * i + 1]
    const y1 = nodes[2 * i + 2]
    const m1 = nodes[2 * i + 3]
    const rise = y1 - y0
    return y0 + s * (m0 + s * (3 * rise - 2 * m0 - m1 + s * (m0 + m1 - 2 * rise)))
  }
}
