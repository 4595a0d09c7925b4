import type { OdeSystem } from './system'
import type { Stepper } from './stepper'

/**
 * Explicit Runge–Kutta pair 3(2): cheap steps while nothing is stiff. Source: P. Bogacki & L. F. Shampine, Appl.
 * Math. Lett. 2 (1989) 321.
 */
export class BogackiShampineStepper implements Stepper {
  evaluations = 0
  private readonly k2: Float64Array
  private readonly k3: Float64Array
  endSlope: Float64Array
  private readonly trial: Float64Array

  constructor(private readonly size: number) {
    this.k2 = new Float64Array(size)
    this.k3 = new Float64Array(size)
    this.endSlope = new Float64Array(size)
    this.trial = new Float64Array(size)
  }

  prepare(): void {}

  attempt(
    system: OdeSystem,
    time: number,
    state: Float64Array,
    slope: Float64Array,
    step: number,
    reached: Float64Array,
    errors: Float64Array,
  ): boolean {
    const { size, k2, k3, endSlope: k4, trial } = this
    for (let i = 0; i < size; i++) trial[i] = state[i] + 0.5 * step * slope[i]
    system.derivatives(time + 0.5 * step, trial, k2)
    for (let i = 0; i < size; i++) trial[i] = state[i] + 0.75 * step * k2[i]
    system.derivatives(time + 0.75 * step, trial, k3)
    for (let i = 0; i < size; i++)
      reached[i] = state[i] + step * ((2 / 9) * slope[i] + (1 / 3) * k2[i] + (4 / 9) * k3[i])
    system.derivatives(time + step, reached, k4)
    for (let i = 0; i < size; i++) {
      errors[i] = step * ((-5 / 72) * slope[i] + (1 / 12) * k2[i] + (1 / 9) * k3[i] - (1 / 8) * k4[i])
    }
    this.evaluations += 3
    return true
  }

  /** Cubic Hermite interpolant, as exact as the step itself. */
  interpolate(
    share: number,
    step: number,
    from: Float64Array,
    fromSlope: Float64Array,
    to: Float64Array,
    toSlope: Float64Array,
    out: Float64Array,
  ): void {
    const rest = 1 - share
    const a = (1 + 2 * share) * rest * rest
    const b = share * rest * rest * step
    const c = share * share * (3 - 2 * share)
    const d = -share * share * rest * step
    for (let i = 0; i < this.size; i++) out[i] = a * from[i] + b * fromSlope[i] + c * to[i] + d * toSlope[i]
  }
}
