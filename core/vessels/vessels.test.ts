import { describe, expect, it } from 'vitest'
import { SOLIDS } from '../substances/solids'
import { vonMisesBuckling, windenburgTrillingPressure } from './buckling'
import { enclosedVolume, outerSurface } from './cylinder'
import { capacityFromWeighing, thicknessFromMass } from './weighing'

describe('buckling', () => {
  const aluminium = { diameter: 0.066, height: 0.1, wallThickness: 0.1e-3 }
  const drum = { diameter: 0.572, height: 0.851, wallThickness: 0.9e-3 }
  // Worked values for the two published formulas (von Mises 1914; Windenburg & Trilling 1934).
  it('gives about 11.0 and 10.9 kPa for an aluminium can, 35.1 and 34.7 kPa for a steel drum', () => {
    const al = { youngsModulus: 69e9, poissonRatio: 0.33 }
    const st = { youngsModulus: 200e9, poissonRatio: 0.3 }
    expect(vonMisesBuckling(aluminium, al).pressure / 1000).toBeCloseTo(11.0, 1)
    expect(windenburgTrillingPressure(aluminium, al) / 1000).toBeCloseTo(10.9, 1)
    expect(vonMisesBuckling(drum, st).pressure / 1000).toBeCloseTo(35.1, 1)
    expect(windenburgTrillingPressure(drum, st) / 1000).toBeCloseTo(34.7, 1)
  })
  it('has both formulas agree within a tenth over the cans of a prep room (lobes come in whole numbers)', () => {
    for (const height of [0.08, 0.11, 0.15]) {
      for (const wallThickness of [0.08e-3, 0.15e-3, 0.25e-3]) {
        const can = { diameter: 0.066, height, wallThickness }
        expect(
          Math.abs(
            vonMisesBuckling(can, SOLIDS.aluminium).pressure / windenburgTrillingPressure(can, SOLIDS.aluminium) - 1,
          ),
        ).toBeLessThan(0.1)
      }
    }
  })
  it(
    'falls to the long-tube limit, E/(4(1−ν²)) (t/r)³ with two lobes (Bresse; Timoshenko & Gere, ' +
      'Theory of Elastic Stability, sect. 7.5)',
    () => {
      const tube = { diameter: 0.06, height: 8, wallThickness: 1e-3 }
      const { pressure, lobes } = vonMisesBuckling(tube, SOLIDS.steel)
      const limit = (200e9 / (4 * (1 - 0.09))) * (1 / 30) ** 3
      expect(lobes).toBe(2)
      expect(pressure / limit).toBeCloseTo(1, 2)
    },
  )
  it('refuses walls too thick for thin-shell theory', () => {
    expect(() => vonMisesBuckling({ diameter: 0.06, height: 0.1, wallThickness: 5e-3 }, SOLIDS.steel)).toThrow(
      RangeError,
    )
  })
})

describe('measures', () => {
  it('has outside air press on a small drink can with about 700 lbf in all (common practice; sea level)', () => {
    const pounds = (101325 * outerSurface({ diameter: 0.066, height: 0.122, wallThickness: 1e-4 })) / 4.4482
    expect(pounds).toBeGreaterThan(650)
    expect(pounds).toBeLessThan(760)
  })
  it('turns weighing into capacity (water at 20 °C: 998.2 kg/m3, CRC Handbook) and mass into thickness', () => {
    expect(capacityFromWeighing(1.0107, 0.0125, 293.15) * 1e6).toBeCloseTo(1000, 0)
    const can = { diameter: 0.066, height: 0.12, wallThickness: 0.1e-3 }
    expect(thicknessFromMass(outerSurface(can) * 1e-4 * 2720, outerSurface(can), 2720)).toBeCloseTo(1e-4, 9)
    expect(enclosedVolume(can) * 1e6).toBeCloseTo(410.5, 0)
    expect(() => capacityFromWeighing(0.01, 0.02, 293)).toThrow(/full mass/)
  })
})
