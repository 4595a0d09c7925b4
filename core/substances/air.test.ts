import psychrolib from 'psychrolib'
import { describe, expect, it } from 'vitest'
import { airConductivity, airViscosity, humidAirDensity, humidityRatio } from './air'

psychrolib.SetUnitSystem(psychrolib.SI)

describe('air', () => {
  it('has the humidity ratio and density that psychrolib gives (ASHRAE Fundamentals 2017, ch. 1)', () => {
    for (const celsius of [5, 18, 30, 40]) {
      for (const humidity of [0, 0.38, 0.9]) {
        for (const pressure of [66000, 87800, 101325]) {
          const ratio = psychrolib.GetHumRatioFromRelHum(celsius, humidity, pressure)
          expect(humidityRatio(celsius + 273.15, pressure, humidity)).toBeCloseTo(ratio, 4)
          // psychrolib's density is of the moist air, per its volume a kilogram of dry air takes up
          expect(
            humidAirDensity(celsius + 273.15, pressure, humidity) /
              psychrolib.GetMoistAirDensity(celsius, ratio, pressure),
          ).toBeCloseTo(1, 3)
        }
      }
    }
  })
  it('has handbook viscosity and conductivity (Incropera & DeWitt, table A.4, from memory: 300 K and 400 K)', () => {
    expect(Math.abs(airViscosity(300) / 184.6e-7 - 1)).toBeLessThan(0.01)
    expect(Math.abs(airViscosity(400) / 230.1e-7 - 1)).toBeLessThan(0.01)
    expect(Math.abs(airConductivity(300) / 0.0263 - 1)).toBeLessThan(0.02)
    expect(Math.abs(airConductivity(400) / 0.0338 - 1)).toBeLessThan(0.02)
  })
  it('refuses what is not a humidity', () => {
    expect(() => humidAirDensity(293, 1e5, 1.2)).toThrow(/relative humidity/)
  })
})
