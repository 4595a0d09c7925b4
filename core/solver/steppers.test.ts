import { describe, expect, it } from 'vitest'
import { DenseLu } from './dense-lu'
import { Integrator, type OdeSystem } from '.'

const system = (size: number, derivatives: OdeSystem['derivatives']): OdeSystem => ({
  size,
  scale: new Float64Array(size).fill(1e-6),
  derivatives,
})

describe('LU factors', () => {
  it('solve (d I − A) x = b', () => {
    const size = 6
    const a = Float64Array.from({ length: size * size }, (_, i) => Math.sin(i * 7.3))
    const x = Float64Array.from({ length: size }, (_, i) => i - 2.5)
    const b = Float64Array.from(
      { length: size },
      (_, row) => 9 * x[row] - x.reduce((sum, xi, column) => sum + a[row * size + column] * xi, 0),
    )
    const lu = new DenseLu(size)
    expect(lu.factorShifted(9, a)).toBe(true)
    lu.solve(b)
    b.forEach((value, i) => expect(value).toBeCloseTo(x[i], 10))
  })
  it('work on the first rows of a longer matrix, and say when a pivot is lost', () => {
    const a = Float64Array.of(1, 2, 3, 4, 99, 99)
    const lu = new DenseLu(2)
    expect(lu.factorShifted(10, a)).toBe(true)
    const b = Float64Array.of(9 * 1 - 2 * 2, -3 * 1 + 6 * 2)
    lu.solve(b)
    expect([...b]).toEqual([expect.closeTo(1, 12), expect.closeTo(2, 12)])
    expect(lu.factorShifted(1, Float64Array.of(1, 0, 0, 1))).toBe(false)
  })
})

describe('steps', () => {
  it('reach the same end explicitly and implicitly (Lotka–Volterra; its invariant is kept)', () => {
    const hunt = system(2, (_, y, f) => {
      f[0] = y[0] * (1 - y[1])
      f[1] = y[1] * (y[0] - 1)
    })
    const invariant = (y: Float64Array) => y[0] - Math.log(y[0]) + y[1] - Math.log(y[1])
    const run = (explicitSteps: number) => {
      const y = Float64Array.of(1.8, 0.6)
      new Integrator(2).run(hunt, y, 0, 12, { tolerance: 1e-8, firstStep: 1e-3, explicitSteps })
      return y
    }
    const [implicit, explicit, mixed] = [run(0), run(1e9), run(20)]
    for (const y of [implicit, explicit, mixed])
      expect(invariant(y)).toBeCloseTo(invariant(Float64Array.of(1.8, 0.6)), 5)
    expect(explicit[0]).toBeCloseTo(implicit[0], 5)
    expect(mixed[1]).toBeCloseTo(implicit[1], 5)
  })
  it('take few implicit steps where explicit ones would be held back by stability', () => {
    const stiff = system(1, (_, y, f) => {
      f[0] = -1e6 * (y[0] - 1)
    })
    const y = Float64Array.of(0)
    const { steps } = new Integrator(1).run(stiff, y, 0, 1, { tolerance: 1e-4, firstStep: 1e-8, explicitSteps: 10 })
    expect(y[0]).toBeCloseTo(1, 4)
    expect(steps).toBeLessThan(80)
  })
  it("give up with a reason where the solution ends (y' = y², infinite at 1)", () => {
    const blowUp = system(1, (_, y, f) => {
      f[0] = y[0] * y[0]
    })
    expect(() => new Integrator(1).run(blowUp, Float64Array.of(1), 0, 2, { tolerance: 1e-4, firstStep: 0.01 })).toThrow(
      /integration: /,
    )
  })
})
