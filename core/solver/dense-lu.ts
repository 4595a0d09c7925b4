/**
 * LU factors of a small matrix `diagonal · I − J`, row-major in one array; nothing is allocated per call.
 *
 * Without pivoting at first: for the Jacobian of a dissipative system the shift makes the diagonal strong, and the
 * order of the unknowns keeps zeros zero. Where a pivot is lost all the same (a system that for a while feeds on
 * itself) rows are exchanged; where even that finds none, the caller is told and takes a smaller step, which
 * strengthens the shift.
 */
export class DenseLu {
  private readonly factors: Float64Array
  /** one over each pivot: a product is cheaper than a quotient, and every step solves six times */
  private readonly inverses: Float64Array
  /** first column of each row that is not nought below the diagonal */
  private readonly first: Int32Array
  /** row that each pivot was taken from, where rows were exchanged */
  private readonly exchanged: Int32Array
  private pivoted = false

  constructor(readonly size: number) {
    this.factors = new Float64Array(size * size)
    this.exchanged = new Int32Array(size)
    this.inverses = new Float64Array(size)
    this.first = new Int32Array(size)
  }

  /**
   * Factors `diagonal · I − matrix`.
   *
   * @param matrix row-major, of which the first `size` rows are used
   * @returns false if a pivot is lost
   */
  factorShifted(diagonal: number, matrix: Float64Array): boolean {
    const least = 1e-8 * diagonal
    this.pivoted = false
    this.shift(diagonal, matrix)
    const { size, factors } = this
    for (let column = 0; column < size; column++) {
      if (!(factors[column * size + column] > least)) return this.factorExchanging(diagonal, matrix, least)
      this.eliminate(column)
    }
    this.seekFirst()
    return true
  }

  /**
   * The same with partial pivoting. A negative determinant means that something grows faster than the step can
   * follow: refused.
   */
  private factorExchanging(diagonal: number, matrix: Float64Array, least: number): boolean {
    this.pivoted = true
    this.shift(diagonal, matrix)
    const { size, factors, exchanged } = this
    let sign = 1
    for (let column = 0; column < size; column++) {
      let best = column
      for (let row = column + 1; row < size; row++)
        if (Math.abs(factors[row * size + column]) > Math.abs(factors[best * size + column])) best = row
      if (!(Math.abs(factors[best * size + column]) > least)) return false
      exchanged[column] = best
      if (best !== column) {
        sign = -sign
        for (let k = 0; k < size; k++) {
          const held = factors[column * size + k]
          factors[column * size + k] = factors[best * size + k]!
          factors[best * size + k] = held
        }
      }
      if (factors[column * size + column] < 0) sign = -sign
      this.eliminate(column)
    }
    this.seekFirst()
    return sign > 0
  }

  private shift(diagonal: number, matrix: Float64Array): void {
    const { size, factors } = this
    for (let row = 0; row < size; row++) {
      const start = row * size
      for (let column = 0; column < size; column++) factors[start + column] = -matrix[start + column]
      factors[start + row] += diagonal
    }
  }

  private eliminate(column: number): void {
    const { size, factors } = this
    const top = column * size
    const inverse = (this.inverses[column] = 1 / factors[top + column])
    for (let row = column + 1; row < size; row++) {
      const start = row * size
      const below = factors[start + column]
      if (below === 0) continue
      const factor = below * inverse
      factors[start + column] = factor
      for (let k = column + 1; k < size; k++) factors[start + k] -= factor * factors[top + k]
    }
  }

  private seekFirst(): void {
    const { size, factors, first } = this
    for (let row = 1; row < size; row++) {
      let column = 0
      while (column < row && factors[row * size + column] === 0) column++
      first[row] = column
    }
  }

  /** Solves in place for the first `size` numbers of one right-hand side. */
  solve(rightSide: Float64Array): void {
    const { size, factors, inverses, first } = this
    if (this.pivoted) {
      for (let i = 0; i < size; i++) {
        const from = this.exchanged[i]
        const held = rightSide[i]
        rightSide[i] = rightSide[from]!
        rightSide[from] = held
      }
    }
    for (let i = 1; i < size; i++) {
      const start = i * size
      let sum = rightSide[i]
      for (let k = first[i]; k < i; k++) sum -= factors[start + k] * rightSide[k]
      rightSide[i] = sum
    }
    for (let i = size - 1; i >= 0; i--) {
      const start = i * size
      let sum = rightSide[i]
      for (let k = i + 1; k < size; k++) sum -= factors[start + k] * rightSide[k]
      rightSide[i] = sum * inverses[i]
    }
  }
}
