import type { OdeSystem } from './system'

/** One way of taking a step, with an embedded result one order lower that tells its error. */
export interface Stepper {
  /** Called at a new point before the first try; `slope` is dy/dt there. */
  prepare(system: OdeSystem, time: number, state: Float64Array, slope: Float64Array): void
  /**
   * Tries a step.
   *
   * @param reached receives the state after the step
   * @param errors receives the estimated error of each unknown
   * @returns false if the step can't be formed and must be smaller
   */
  attempt(
    system: OdeSystem,
    time: number,
    state: Float64Array,
    slope: Float64Array,
    step: number,
    reached: Float64Array,
    errors: Float64Array,
  ): boolean
  /** State at a share of the last step that was accepted, between its ends with their slopes. */
  interpolate(
    share: number,
    step: number,
    from: Float64Array,
    fromSlope: Float64Array,
    to: Float64Array,
    toSlope: Float64Array,
    out: Float64Array,
  ): void
  /** dy/dt at the end of the last successful try, where the method has it anyway; may be exchanged for another array */
  endSlope?: Float64Array
  /** right-hand sides evaluated since it was made */
  evaluations: number
}
