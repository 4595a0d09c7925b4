/**
 * Rosenbrock steps for stiff systems.
 *
 * Method: RODAS, six stages, order 4 with an embedded order 3, L-stable and stiffly accurate, so that processes far
 * faster than the step (a film of condensate, a damped slug) settle instead of limiting the step.
 * Source: E. Hairer & G. Wanner, Solving Ordinary Differential Equations II, 2nd ed. (1996), sect. IV.7 and VI.4, in the
 * transformed variables of sect. IV.7 (the coefficients are those of the authors' code RODAS; a test holds their order).
 *
 * The Jacobian is taken by forward differences.
 */
import { DenseLu } from './dense-lu'
import type { Stepper } from './stepper'
import type { OdeSystem } from './system'

const GAMMA = 0.25
/** Weights of the earlier stages in the point at which a stage is evaluated; the last two end at the step's end. */
const AT: readonly (readonly number[])[] = [
  [],
  [1.544],
  [0.9466785280815826, 0.2557011698983284],
  [3.314825187068521, 2.896124015972201, 0.9986419139977817],
  [1.221224509226641, 6.019134481288629, 12.53708332932087, -0.687886036105895],
]
/** Weights of the earlier stages, over the step, in a stage's right-hand side. */
const COUPLING: readonly (readonly number[])[] = [
  [],
  [-5.6688],
  [-2.430093356833875, -0.2063599157091915],
  [-0.1073529058151375, -9.594562251023355, -20.47028614809616],
  [7.496443313967647, -10.24680431464352, -33.99990352819905, 11.7089089320616],
  [8.083246795921522, -7.981132988064893, -31.52159432874371, 16.31930543123136, -6.058818238834054],
]
/** When each stage is evaluated, as a share of the step, and its weight of the drift. */
const WHEN = [0, 0.386, 0.21, 0.63, 1, 1] as const
const DRIFT = [0.25, -0.1043, 0.1035, -0.0362, 0, 0] as const
const STAGES = 6
const SQUARE_ROOT_EPSILON = 1.4901161193847656e-8

export class RosenbrockStepper implements Stepper {
  readonly order = 4
  evaluations = 0
  private readonly factors: DenseLu[] = []
  private readonly jacobian: Float64Array
  private readonly drift: Float64Array
  private readonly scratch: Float64Array
  private readonly stages: readonly Float64Array[]

  constructor(private readonly size: number) {
    this.jacobian = new Float64Array(size * size)
    this.drift = new Float64Array(size)
    this.scratch = new Float64Array(size)
    this.stages = Array.from({ length: STAGES }, () => new Float64Array(size))
  }

  prepare(system: OdeSystem, time: number, state: Float64Array, slope: Float64Array): void {
    const { size, jacobian, scratch, drift } = this
    const columns = size - (system.totals ?? 0)
    for (let column = 0; column < columns; column++) {
      const held = state[column]!
      const nudge = SQUARE_ROOT_EPSILON * (Math.abs(held) + system.scale[column]!)
      state[column] = held + nudge
      const moved = state[column]! - held
      system.derivatives(time, state, scratch)
      state[column] = held
      const inverse = 1 / moved
      for (let row = 0; row < size; row++) jacobian[row * size + column] = (scratch[row]! - slope[row]!) * inverse
    }
    this.evaluations += columns
    if (system.dependsOnTime) {
      const nudge = SQUARE_ROOT_EPSILON * Math.max(1e-3, Math.abs(time))
      system.derivatives(time + nudge, state, scratch)
      this.evaluations++
      for (let row = 0; row < size; row++) drift[row] = (scratch[row]! - slope[row]!) / nudge
    } else drift.fill(0)
  }

  attempt(
    system: OdeSystem, time: number, state: Float64Array, slope: Float64Array, step: number, reached: Float64Array,
    errors: Float64Array,
  ): boolean {
    const { size, jacobian, drift, scratch, stages } = this
    const coupled = size - (system.totals ?? 0)
    const lu = this.factors[coupled] ??= new DenseLu(coupled)
    if (!lu.factorShifted(1 / (GAMMA * step), jacobian, size)) return false
    const perStep = 1 / step
    for (let s = 0; s < STAGES; s++) {
      const stage = stages[s]!
      let right: Float64Array = slope
      if (s > 0) {
        if (s < STAGES - 1) {
          const at = AT[s]!
          for (let i = 0; i < size; i++) {
            let y = state[i]!
            for (let j = 0; j < s; j++) y += at[j]! * stages[j]![i]!
            reached[i] = y
          }
        } else for (let i = 0; i < size; i++) reached[i]! += stages[s - 1]![i]!
        system.derivatives(time + WHEN[s]! * step, reached, scratch)
        right = scratch
      }
      const coupling = COUPLING[s]!
      const drifting = DRIFT[s]! * step
      for (let i = 0; i < size; i++) {
        let sum = 0
        for (let j = 0; j < s; j++) sum += coupling[j]! * stages[j]![i]!
        stage[i] = right[i]! + perStep * sum + drifting * drift[i]!
      }
      this.solveStage(lu, stage, step, coupled)
    }
    const last = stages[STAGES - 1]!
    for (let i = 0; i < size; i++) {
      errors[i] = last[i]!
      reached[i]! += last[i]!
    }
    this.evaluations += STAGES - 1
    return true
  }

  /** Solves a stage: the coupled unknowns by the factors, then the totals, which only follow. */
  private solveStage(lu: DenseLu, stage: Float64Array, step: number, coupled: number): void {
    const { size, jacobian } = this
    lu.solve(stage)
    for (let row = coupled; row < size; row++) {
      let sum = stage[row]!
      for (let column = 0; column < coupled; column++) sum += jacobian[row * size + column]! * stage[column]!
      stage[row] = sum * GAMMA * step
    }
  }
}
