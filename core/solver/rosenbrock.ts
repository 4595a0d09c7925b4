/**
 * Rosenbrock steps for stiff systems.
 *
 * Method: RODAS, six stages, order 4 with an embedded order 3, L-stable and stiffly accurate, so that processes far
 * faster than the step (a film of condensate, a damped slug) settle instead of limiting the step. Source: E. Hairer &
 * G. Wanner, Solving Ordinary Differential Equations II, 2nd ed. (1996), sect. IV.7 and VI.4, in the transformed
 * variables of sect. IV.7 (the coefficients are those of the authors' code RODAS; a test holds their order).
 *
 * The Jacobian is taken by forward differences.
 */
import { DenseLu } from './dense-lu'
import type { Stepper } from './stepper'
import type { OdeSystem } from './system'

const GAMMA = 0.25
// Weights of the earlier stages in the point at which a stage is evaluated; the last two end at the step's end.
const A21 = 1.544
const [A31, A32] = [0.9466785280815826, 0.2557011698983284]
const [A41, A42, A43] = [3.314825187068521, 2.896124015972201, 0.9986419139977817]
const [A51, A52, A53, A54] = [1.221224509226641, 6.019134481288629, 12.53708332932087, -0.687886036105895]
// Weights of the earlier stages, over the step, in a stage's right-hand side.
const C21 = -5.6688
const [C31, C32] = [-2.430093356833875, -0.2063599157091915]
const [C41, C42, C43] = [-0.1073529058151375, -9.594562251023355, -20.47028614809616]
const [C51, C52, C53, C54] = [7.496443313967647, -10.24680431464352, -33.99990352819905, 11.7089089320616]
const [C61, C62, C63, C64, C65] = [
  8.083246795921522, -7.981132988064893, -31.52159432874371, 16.31930543123136, -6.058818238834054,
]
// When a stage is evaluated, as a share of the step, and its weight of the drift.
const [T2, T3, T4] = [0.386, 0.21, 0.63]
const [D1, D2, D3, D4] = [0.25, -0.1043, 0.1035, -0.0362]
const STAGES = 6
/**
 * Weights of the stages in the two higher terms of the method's own interpolant, of order 3 (dense output of RODAS).
 */
const SECOND = [
  10.12623508344586, -7.487995877610167, -34.80091861555747, -7.992771707568823, 1.025137723295662,
] as const
const THIRD = [
  -0.6762803392801253, 6.087714651680015, 16.43084320892478, 24.76722511418386, -6.594389125716872,
] as const
const SQUARE_ROOT_EPSILON = 1.4901161193847656e-8

export class RosenbrockStepper implements Stepper {
  evaluations = 0
  /** every unknown, for a system that says nothing of its own */
  private readonly all: readonly number[]
  /** unknowns of the step prepared that the rates hang on */
  private coupled: readonly number[]
  /** places of the unknowns that move: the coupled ones, and then those that only follow */
  private moving: Int32Array
  /** and of those that stand still */
  private idle: readonly number[] = []
  private readonly factors: DenseLu[] = []
  // What follows is kept in the order of `moving`.
  /** a row for each unknown that moves, a column for each coupled one */
  private readonly jacobian: Float64Array
  private readonly drift: Float64Array
  private readonly stages: readonly Float64Array[]
  /** rates, by place */
  private readonly scratch: Float64Array

  constructor(size: number) {
    this.all = Array.from({ length: size }, (_, i) => i)
    this.coupled = this.all
    this.moving = Int32Array.from(this.all)
    this.jacobian = new Float64Array(size * size)
    this.drift = new Float64Array(size)
    this.scratch = new Float64Array(size)
    this.stages = Array.from({ length: STAGES }, () => new Float64Array(size))
  }

  prepare(system: OdeSystem, time: number, state: Float64Array, slope: Float64Array): void {
    const { jacobian, scratch, drift, all } = this
    const coupled = system.coupledAt?.(state) ?? all
    if (coupled !== this.coupled) {
      this.coupled = coupled
      const idle = (this.idle = system.idleAt?.(state) ?? [])
      this.moving = Int32Array.from([...coupled, ...all.filter(i => !coupled.includes(i) && !idle.includes(i))])
    }
    const { moving } = this
    const rows = moving.length
    const columns = coupled.length
    for (let k = 0; k < columns; k++) {
      const column = coupled[k]
      const held = state[column]
      const nudge = SQUARE_ROOT_EPSILON * (Math.abs(held) + system.scale[column])
      state[column] = held + nudge
      const moved = state[column] - held
      system.derivatives(time, state, scratch)
      state[column] = held
      const inverse = 1 / moved
      for (let j = 0; j < rows; j++) jacobian[j * columns + k] = (scratch[moving[j]] - slope[moving[j]]) * inverse
    }
    this.evaluations += columns
    if (system.dependsOnTime) {
      const nudge = SQUARE_ROOT_EPSILON * Math.max(1e-3, Math.abs(time))
      system.derivatives(time + nudge, state, scratch)
      this.evaluations++
      for (let j = 0; j < rows; j++) drift[j] = (scratch[moving[j]] - slope[moving[j]]) / nudge
    }
  }

  attempt(
    system: OdeSystem,
    time: number,
    state: Float64Array,
    slope: Float64Array,
    step: number,
    reached: Float64Array,
    errors: Float64Array,
  ): boolean {
    const { moving, idle, drift, scratch, stages } = this
    const rows = moving.length
    const columns = this.coupled.length
    const lu = (this.factors[columns] ??= new DenseLu(columns))
    if (!lu.factorShifted(1 / (GAMMA * step), this.jacobian)) return false
    for (let j = 0; j < idle.length; j++) {
      reached[idle[j]] = state[idle[j]]!
      errors[idle[j]] = 0
    }
    // Written out stage by stage: this is the inner loop of every forecast.
    const [k1, k2, k3, k4, k5, k6] = stages as readonly [
      Float64Array,
      Float64Array,
      Float64Array,
      Float64Array,
      Float64Array,
      Float64Array,
    ]
    const per = 1 / step
    const drifting = system.dependsOnTime === true
    for (let j = 0; j < rows; j++) k1[j] = slope[moving[j]]!
    if (drifting) for (let j = 0; j < rows; j++) k1[j] += D1 * step * drift[j]
    this.solveStage(lu, k1, step)
    for (let j = 0; j < rows; j++) {
      const i = moving[j]
      reached[i] = state[i] + A21 * k1[j]
    }
    system.derivatives(time + T2 * step, reached, scratch)
    for (let j = 0; j < rows; j++) k2[j] = scratch[moving[j]] + per * C21 * k1[j]
    if (drifting) for (let j = 0; j < rows; j++) k2[j] += D2 * step * drift[j]
    this.solveStage(lu, k2, step)
    for (let j = 0; j < rows; j++) {
      const i = moving[j]
      reached[i] = state[i] + A31 * k1[j] + A32 * k2[j]
    }
    system.derivatives(time + T3 * step, reached, scratch)
    for (let j = 0; j < rows; j++) k3[j] = scratch[moving[j]] + per * (C31 * k1[j] + C32 * k2[j])
    if (drifting) for (let j = 0; j < rows; j++) k3[j] += D3 * step * drift[j]
    this.solveStage(lu, k3, step)
    for (let j = 0; j < rows; j++) {
      const i = moving[j]
      reached[i] = state[i] + A41 * k1[j] + A42 * k2[j] + A43 * k3[j]
    }
    system.derivatives(time + T4 * step, reached, scratch)
    for (let j = 0; j < rows; j++) k4[j] = scratch[moving[j]] + per * (C41 * k1[j] + C42 * k2[j] + C43 * k3[j])
    if (drifting) for (let j = 0; j < rows; j++) k4[j] += D4 * step * drift[j]
    this.solveStage(lu, k4, step)
    for (let j = 0; j < rows; j++) {
      const i = moving[j]
      reached[i] = state[i] + A51 * k1[j] + A52 * k2[j] + A53 * k3[j] + A54 * k4[j]
    }
    system.derivatives(time + step, reached, scratch)
    for (let j = 0; j < rows; j++)
      k5[j] = scratch[moving[j]] + per * (C51 * k1[j] + C52 * k2[j] + C53 * k3[j] + C54 * k4[j])
    this.solveStage(lu, k5, step)
    for (let j = 0; j < rows; j++) reached[moving[j]] += k5[j]
    system.derivatives(time + step, reached, scratch)
    for (let j = 0; j < rows; j++)
      k6[j] = scratch[moving[j]] + per * (C61 * k1[j] + C62 * k2[j] + C63 * k3[j] + C64 * k4[j] + C65 * k5[j])
    this.solveStage(lu, k6, step)
    for (let j = 0; j < rows; j++) {
      const i = moving[j]
      errors[i] = k6[j]!
      reached[i] += k6[j]
    }
    this.evaluations += STAGES - 1
    return true
  }

  /**
   * Between the ends of the last step, by the method's own interpolant, which does not ring where the system is
   * stiff.
   */
  interpolate(
    share: number,
    _step: number,
    from: Float64Array,
    _fromSlope: Float64Array,
    to: Float64Array,
    _toSlope: Float64Array,
    out: Float64Array,
  ): void {
    const [k1, k2, k3, k4, k5] = this.stages as unknown as [
      Float64Array,
      Float64Array,
      Float64Array,
      Float64Array,
      Float64Array,
    ]
    const { moving, idle } = this
    const rest = 1 - share
    for (let j = 0; j < idle.length; j++) out[idle[j]] = from[idle[j]]!
    for (let j = 0; j < moving.length; j++) {
      const i = moving[j]
      const second = SECOND[0] * k1[j] + SECOND[1] * k2[j] + SECOND[2] * k3[j] + SECOND[3] * k4[j] + SECOND[4] * k5[j]
      const third = THIRD[0] * k1[j] + THIRD[1] * k2[j] + THIRD[2] * k3[j] + THIRD[3] * k4[j] + THIRD[4] * k5[j]
      out[i] = rest * from[i] + share * (to[i] + rest * (second + share * third))
    }
  }

  /** Solves a stage: the coupled unknowns by the factors, then the others, which only follow. */
  private solveStage(lu: DenseLu, stage: Float64Array, step: number): void {
    const { jacobian } = this
    const rows = this.moving.length
    const columns = this.coupled.length
    lu.solve(stage)
    for (let j = columns; j < rows; j++) {
      let sum = stage[j]
      for (let k = 0; k < columns; k++) sum += jacobian[j * columns + k] * stage[k]
      stage[j] = sum * GAMMA * step
    }
  }
}
