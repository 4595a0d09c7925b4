import { describe, expect, it } from 'vitest'
import { saturationTemperature } from '../substances/water'
import { standardAtmospherePressure, stationPressureFromReport } from './atmosphere'

describe('place', () => {
  // US Standard Atmosphere 1976, geopotential altitude
  it.each([
    [0, 101325],
    [1000, 89874.6],
    [2000, 79495.2],
    [5000, 54019.9],
  ])('at %d m the standard pressure is %d Pa', (altitude, pressure) => {
    expect(standardAtmospherePressure(altitude) / pressure).toBeCloseTo(1, 5)
  })
  it('boils water at 95.85 °C at 1240 m and at about 87.8 °C at 3650 m (from those pressures through IF97)', () => {
    expect(saturationTemperature(standardAtmospherePressure(1240)) - 273.15).toBeCloseTo(95.85, 2)
    expect(saturationTemperature(standardAtmospherePressure(3650)) - 273.15).toBeCloseTo(87.8, 1)
  })
  it('turns a standard report into the standard pressure, and a higher one in proportion', () => {
    expect(stationPressureFromReport(101325, 1240)).toBeCloseTo(standardAtmospherePressure(1240), 1)
    expect(stationPressureFromReport(103000, 1240) / stationPressureFromReport(101325, 1240)).toBeCloseTo(
      103000 / 101325,
      9,
    )
    expect(stationPressureFromReport(100000, 0)).toBeCloseTo(100000, 6)
    // Warm air is lighter: the column below weighs less, so the station's share is larger.
    expect(stationPressureFromReport(101325, 1240, 303)).toBeGreaterThan(stationPressureFromReport(101325, 1240, 263))
  })
  it('says its range', () => {
    expect(() => standardAtmospherePressure(12000)).toThrow(/altitude: 12000 m is outside -500 to 11000 m/)
    expect(() => stationPressureFromReport(50000, 100)).toThrow(/sea-level pressure/)
  })
})
