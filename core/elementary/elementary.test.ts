import { describe, expect, it } from 'vitest'
import { CubicTable, cubeRoot, exp, falsePosition, integerPower, ln, pow } from '.'

describe('elementary functions', () => {
  it("agree with the engine's to a few units in the last place", () => {
    for (let x = -20; x < 20; x += 0.137) {
      expect(exp(x) / Math.exp(x)).toBeCloseTo(1, 14)
      expect(ln(x + 21) - Math.log(x + 21)).toBeCloseTo(0, 13)
      expect(pow(x + 21, -0.7) / (x + 21) ** -0.7).toBeCloseTo(1, 13)
    }
  })
  it('raise to whole powers by squaring', () => {
    expect(integerPower(1.5, 7)).toBeCloseTo(1.5 ** 7, 12)
    expect(integerPower(2, -10)).toBe(1 / 1024)
    expect(integerPower(3, 0)).toBe(1)
  })
  it('take a cube root from any guess, near or far, to the last bits', () => {
    for (const x of [3e-21, 1e-9, 0.2, 1, 27, 4e7])
      for (const guess of [NaN, 0, 1e-7, 1, 1e3, 1.0000001 * Math.cbrt(x), Math.cbrt(x)])
        expect(Math.abs(cubeRoot(x, guess) / Math.cbrt(x) - 1)).toBeLessThan(1e-15)
  })
  it('tabulate a smooth function with an error of the fourth power of the step, and hold the ends', () => {
    const worst = (intervals: number) => {
      const table = new CubicTable(Math.sin, 0, 3, intervals)
      let error = 0
      for (let x = 0; x <= 3; x += 0.0137) error = Math.max(error, Math.abs(table.at(x) - Math.sin(x)))
      return error
    }
    expect(worst(20) / worst(40)).toBeGreaterThan(10)
    const table = new CubicTable(Math.sin, 0, 3, 40)
    expect([table.at(-5), table.at(9)]).toEqual([Math.sin(0), Math.sin(3)])
  })
})

describe('root by false position', () => {
  it('finds a root that all but coincides with an end of its bracket', () => {
    for (const root of [1e-17, 1e-9, 0.3, 1 - 1e-9]) {
      const line = (x: number) => x - root
      expect(falsePosition(line, [0, line(0)], [1, line(1)], 0)).toBeCloseTo(root, 12)
      const steep = (x: number) => (x - root) * 1e9
      expect(falsePosition(steep, [0, steep(0)], [1, steep(1)], 0)).toBeCloseTo(root, 12)
    }
  })
})
