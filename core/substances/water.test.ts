import psychrolib from 'psychrolib'
import { describe, expect, it } from 'vitest'
import { sublimationPressure } from './ice'
import { latentHeat, liquidDensity, liquidWater, saturationPressure, saturationTemperature, waterVapour } from './water'
import { LIQUID, SATURATION, VAPOUR } from './if97-check-values'
import {
  quickLatentHeat,
  quickLiquidDensity,
  quickSaturationPressure,
  quickSaturationTemperature,
} from './steam-tables'

/** Nine significant digits, as the release prints them. */
const digits = (x: number) => x.toExponential(8)

describe('IF97', () => {
  // IAPWS R7-97(2012), table 35
  it.each([
    [300, 0.353658941e4],
    [500, 0.263889776e7],
    [600, 0.123443146e8],
  ])("saturation pressure at %d K is the release's, digit for digit", (t, p) => {
    expect(digits(saturationPressure(t))).toBe(digits(p))
  })
  // IAPWS R7-97(2012), table 36
  it.each([
    [0.1e6, 0.372755919e3],
    [1e6, 0.453035632e3],
    [10e6, 0.584149488e3],
  ])("saturation temperature at %d Pa is the release's, digit for digit", (p, t) => {
    expect(digits(saturationTemperature(p))).toBe(digits(t))
  })
  // IAPWS R7-97(2012), table 5
  it.each([
    [300, 3e6, 0.100215168e-2, 0.115331273e6],
    [300, 80e6, 0.971180894e-3, 0.184142828e6],
    [500, 3e6, 0.1202418e-2, 0.975542239e6],
  ])("liquid at %d K and %d Pa is the release's, digit for digit", (t, p, v, h) => {
    expect(digits(liquidWater(t, p).specificVolume)).toBe(digits(v))
    expect(digits(liquidWater(t, p).enthalpy)).toBe(digits(h))
  })
  // IAPWS R7-97(2012), table 15
  it.each([
    [300, 0.0035e6, 0.394913866e2, 0.254991145e7],
    [700, 0.0035e6, 0.923015898e2, 0.333568375e7],
    [700, 30e6, 0.542946619e-2, 0.263149474e7],
  ])("vapour at %d K and %d Pa is the release's, digit for digit", (t, p, v, h) => {
    expect(digits(waterVapour(t, p).specificVolume)).toBe(digits(v))
    expect(digits(waterVapour(t, p).enthalpy)).toBe(digits(h))
  })

  it('agrees with an independent implementation (Python iapws)', () => {
    for (const [t, p] of SATURATION) {
      expect(saturationPressure(t) / p).toBeCloseTo(1, 10)
      expect(saturationTemperature(p) / t).toBeCloseTo(1, 8)
    }
    for (const [t, p, v, h] of LIQUID) {
      expect(liquidWater(t, p).specificVolume / v).toBeCloseTo(1, 9)
      expect(liquidWater(t, p).enthalpy / h).toBeCloseTo(1, 9)
    }
    for (const [t, p, v, h] of VAPOUR) {
      expect(waterVapour(t, p).specificVolume / v).toBeCloseTo(1, 9)
      expect(waterVapour(t, p).enthalpy / h).toBeCloseTo(1, 9)
    }
  })

  it('makes about 1600 L of steam of a litre at 100 °C (common practice; IF97: 1602)', () => {
    const t = saturationTemperature(101325)
    const ratio = waterVapour(t, 101325).specificVolume / liquidWater(t, 101325).specificVolume
    expect(ratio).toBeGreaterThan(1595)
    expect(ratio).toBeLessThan(1610)
  })

  it('says its range when asked outside it', () => {
    expect(() => saturationPressure(273)).toThrow(/temperature: 273 K is outside 273.15 to 647.096 K/)
    expect(() => saturationTemperature(500)).toThrow(RangeError)
    expect(() => liquidWater(NaN, 1e5)).toThrow(RangeError)
    expect(() => waterVapour(1200, 1e5)).toThrow(RangeError)
  })
})

describe('quick tables', () => {
  it('stay within 1e-5 of IF97 from 273.16 to 450 K (density: 2e-4)', () => {
    let worst = { p: 0, t: 0, h: 0, rho: 0 }
    for (let t = 273.16; t <= 450; t += 0.0731) {
      const p = saturationPressure(t)
      worst = {
        p: Math.max(worst.p, Math.abs(quickSaturationPressure(t) / p - 1)),
        t: Math.max(worst.t, Math.abs(quickSaturationTemperature(p) / t - 1)),
        h: Math.max(worst.h, Math.abs(quickLatentHeat(t) / latentHeat(t) - 1)),
        rho: Math.max(worst.rho, Math.abs(quickLiquidDensity(t) / liquidDensity(t) - 1)),
      }
    }
    expect(worst.p).toBeLessThan(1e-5)
    expect(worst.t).toBeLessThan(1e-6)
    expect(worst.h).toBeLessThan(1.1e-5)
    expect(worst.rho).toBeLessThan(2e-4)
  })
})

describe('below freezing', () => {
  it("has the release's vapour pressure over ice (IAPWS R14-08(2011): 8.94735 Pa at 230 K)", () => {
    expect(sublimationPressure(230)).toBeCloseTo(8.94735, 5)
  })
  it(
    'meets the line over water at the triple point, and psychrolib (ASHRAE Fundamentals 2017, ch. 1, ' +
      'eq. 5) to 2 in 1000 below it',
    () => {
      expect(quickSaturationPressure(273.155) / quickSaturationPressure(273.165)).toBeCloseTo(1, 2)
      psychrolib.SetUnitSystem(psychrolib.SI)
      for (const celsius of [-30, -20, -10, -5, -1])
        expect(quickSaturationPressure(273.15 + celsius) / psychrolib.GetSatVapPres(celsius), `${celsius}`).toBeCloseTo(
          1,
          2,
        )
    },
  )
})
