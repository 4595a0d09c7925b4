/** Pressure at a height above the sea. */
import { pow } from '../elementary'
import { requireRange } from '../units/require-range'

const SEA_LEVEL_PRESSURE = 101325 // Pa: US Standard Atmosphere 1976, table 2
const SEA_LEVEL_TEMPERATURE = 288.15 // K: the same
const LAPSE_RATE = 0.0065 // K per metre of geopotential altitude: the same, table 4
const EXPONENT = 5.255876 // g0 M0 / (R* L), dimensionless: the same, eq. 33a

/**
 * Standard pressure at an altitude.
 *
 * @param altitude geopotential, m, -500 to 11000
 * @returns absolute pressure, Pa
 * @throws RangeError outside the range
 * @source US Standard Atmosphere 1976, eq. 33a
 */
export function standardAtmospherePressure(altitude: number): number {
  requireRange('altitude', altitude, -500, 11000, 'm')
  return SEA_LEVEL_PRESSURE * pow(1 - (LAPSE_RATE * altitude) / SEA_LEVEL_TEMPERATURE, EXPONENT)
}

/**
 * Station pressure from the pressure that a weather report gives, which is reduced to sea level.
 *
 * The report's reduction is undone with the outside air temperature at the station and the standard lapse rate for the
 * fictitious column of air below it, which is what weather services do in essence.
 *
 * @param seaLevelPressure as reported, Pa, 85e3 to 110e3
 * @param altitude of the station, m, -500 to 6000
 * @param outsideTemperature at the station, K, 220 to 325; the standard atmosphere's if left out
 * @returns absolute pressure at the station, Pa
 * @throws RangeError outside the ranges
 * @source WMO-No. 8, Guide to Instruments and Methods of Observation (2018), part I, ch. 3, sect. 3.7 (hypsometric
 *   equation with a lapse rate), humidity correction left out
 */
export function stationPressureFromReport(
  seaLevelPressure: number,
  altitude: number,
  outsideTemperature?: number,
): number {
  requireRange('sea-level pressure', seaLevelPressure, 85e3, 110e3, 'Pa')
  requireRange('altitude', altitude, -500, 6000, 'm')
  const station = outsideTemperature ?? SEA_LEVEL_TEMPERATURE - LAPSE_RATE * altitude
  requireRange('outside temperature', station, 220, 325, 'K')
  return seaLevelPressure * pow(station / (station + LAPSE_RATE * altitude), EXPONENT)
}
