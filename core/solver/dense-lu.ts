/**
 * LU factors of a small matrix `diagonal · I − J`, row-major in one array; nothing is allocated per call.
 *
 * Without pivoting: for the Jacobian of a dissipative system the shift makes the diagonal strong, and the order of the
 * unknowns keeps zeros zero. Where a pivot is nearly lost all the same, the caller is told and takes a smaller step,
 * which strengthens the shift.
 */
export class DenseLu {
  private readonly factors: Float64Array

  constructor(readonly size: number) {
    this.factors = new Float64Array(size * size)
  }

  /**
   * Factors `diagonal · I − matrix`.
   *
   * @param matrix row-major, rows `stride` apart, of which the leading part is used
   * @returns false if a pivot is lost
   */
  factorShifted(diagonal: number, matrix: Float64Array, stride: number): boolean {
    const { size, factors } = this
    for (let row = 0; row < size; row++) {
      const to = row * size
      const from = row * stride
      for (let column = 0; column < size; column++) factors[to + column] = -matrix[from + column]!
      factors[to + row]! += diagonal
    }
    const least = 1e-8 * diagonal
    for (let column = 0; column < size; column++) {
      const top = column * size
      const pivot = factors[top + column]!
      if (!(pivot > least)) return false
      const inverse = 1 / pivot
      for (let row = column + 1; row < size; row++) {
        const start = row * size
        const below = factors[start + column]!
        if (below === 0) continue
        const factor = below * inverse
        factors[start + column] = factor
        for (let k = column + 1; k < size; k++) factors[start + k]! -= factor * factors[top + k]!
      }
    }
    return true
  }

  /** Solves in place for the first `size` numbers of one right-hand side. */
  solve(rightSide: Float64Array): void {
    const { size, factors } = this
    for (let i = 1; i < size; i++) {
      const start = i * size
      let sum = rightSide[i]!
      for (let k = 0; k < i; k++) sum -= factors[start + k]! * rightSide[k]!
      rightSide[i] = sum
    }
    for (let i = size - 1; i >= 0; i--) {
      const start = i * size
      let sum = rightSide[i]!
      for (let k = i + 1; k < size; k++) sum -= factors[start + k]! * rightSide[k]!
      rightSide[i] = sum / factors[start + i]!
    }
  }
}
