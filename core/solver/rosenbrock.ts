/**
 * Rosenbrock steps for stiff systems.
 *
 * Method: Rodas3, four stages, order 3 with an embedded order 2, L-stable and stiffly accurate, so that processes far
 * faster than the step (a film of condensate, a damped slug) settle instead of limiting the step.
 * Source: A. Sandu et al., Benchmarking stiff ODE solvers for atmospheric chemistry problems II: Rosenbrock solvers,
 * Atmospheric Environment 31 (1997) 3459; its coefficients written in the transformed variables of E. Hairer & G. Wanner,
 * Solving Ordinary Differential Equations II, 2nd ed. (1996), sect. IV.7.
 *
 * The Jacobian is taken by forward differences.
 */
import { DenseLu } from './dense-lu'
import type { Stepper } from './stepper'
import type { OdeSystem } from './system'

const GAMMA = 0.5
const SQUARE_ROOT_EPSILON = 1.4901161193847656e-8

export class RosenbrockStepper implements Stepper {
  evaluations = 0
  private readonly factors: DenseLu[] = []
  private readonly jacobian: Float64Array
  private readonly drift: Float64Array
  private readonly scratch: Float64Array
  private readonly k1: Float64Array
  private readonly k2: Float64Array
  private readonly k3: Float64Array

  constructor(private readonly size: number) {
    this.jacobian = new Float64Array(size * size)
    this.drift = new Float64Array(size)
    this.scratch = new Float64Array(size)
    this.k1 = new Float64Array(size)
    this.k2 = new Float64Array(size)
    this.k3 = new Float64Array(size)
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
    const { size, jacobian, drift, scratch, k1, k2, k3 } = this
    const coupled = size - (system.totals ?? 0)
    const lu = this.factors[coupled] ??= new DenseLu(coupled)
    if (!lu.factorShifted(1 / (GAMMA * step), jacobian, size)) return false
    const perStep = 1 / step
    // Stages 1 and 2 share one right-hand side.
    for (let i = 0; i < size; i++) k1[i] = slope[i]! + 0.5 * step * drift[i]!
    this.solveStage(lu, k1, step, coupled)
    for (let i = 0; i < size; i++) k2[i] = slope[i]! + 4 * perStep * k1[i]! + 1.5 * step * drift[i]!
    this.solveStage(lu, k2, step, coupled)
    for (let i = 0; i < size; i++) reached[i] = state[i]! + 2 * k1[i]!
    system.derivatives(time + step, reached, scratch)
    for (let i = 0; i < size; i++) k3[i] = scratch[i]! + perStep * (k1[i]! - k2[i]!)
    this.solveStage(lu, k3, step, coupled)
    for (let i = 0; i < size; i++) reached[i]! += k3[i]!
    system.derivatives(time + step, reached, scratch)
    for (let i = 0; i < size; i++) errors[i] = scratch[i]! + perStep * (k1[i]! - k2[i]! - 8 / 3 * k3[i]!)
    this.solveStage(lu, errors, step, coupled)
    for (let i = 0; i < size; i++) reached[i]! += errors[i]!
    this.evaluations += 2
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
