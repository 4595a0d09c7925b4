/** Dry and humid air. */
import { requireRange } from '../units/require-range'
import { sublimationPressure } from './ice'
import { saturationPressure, WATER_GAS_CONSTANT } from './water'

/** Specific gas constant of dry air, J/(kg K): US Standard Atmosphere 1976, universal gas constant over M0. */
export const AIR_GAS_CONSTANT = 287.053
/** Molar mass of dry air, kg/mol: US Standard Atmosphere 1976, table 1. */
export const AIR_MOLAR_MASS = 0.0289644
/** Specific heat of air at constant volume near 350 K, J/(kg K): Incropera & DeWitt table A.4, from memory. */
export const AIR_SPECIFIC_HEAT_CONSTANT_VOLUME = 722
/** Universal gas constant, J/(mol K): CODATA 2018. */
export const GAS_CONSTANT = 8.314462618

/**
 * Density of humid air as a mixture of ideal gases.
 *
 * @param temperature K, 223.15 to 373.15; below freezing the vapour is counted over ice
 * @param pressure absolute, Pa, 1000 to 200e3
 * @param relativeHumidity fraction, 0 to 1
 * @returns kg of moist air per m3
 * @throws RangeError outside the ranges
 * @source ASHRAE Handbook Fundamentals (2017), ch. 1, eq. 10, 22 and 26
 */
export function humidAirDensity(temperature: number, pressure: number, relativeHumidity: number): number {
  requireRange('temperature', temperature, 223.15, 373.15, 'K')
  requireRange('pressure', pressure, 1000, 200e3, 'Pa')
  requireRange('relative humidity', relativeHumidity, 0, 1, '')
  const vapour =
    relativeHumidity * (temperature < 273.16 ? sublimationPressure(temperature) : saturationPressure(temperature))
  return (pressure - vapour) / (AIR_GAS_CONSTANT * temperature) + vapour / (WATER_GAS_CONSTANT * temperature)
}

/**
 * Humidity ratio: mass of vapour in air over mass of dry air.
 *
 * @param temperature K, 273.15 to 373.15
 * @param pressure absolute, Pa
 * @param relativeHumidity fraction, 0 to 1
 * @source ASHRAE Handbook Fundamentals (2017), ch. 1, eq. 20
 */
export function humidityRatio(temperature: number, pressure: number, relativeHumidity: number): number {
  requireRange('relative humidity', relativeHumidity, 0, 1, '')
  const vapour = relativeHumidity * saturationPressure(temperature)
  return ((AIR_GAS_CONSTANT / WATER_GAS_CONSTANT) * vapour) / (pressure - vapour)
}

/**
 * Viscosity of dry air, Pa s, of a temperature in K from 200 to 800.
 * @source Sutherland's law with the constants of US Standard Atmosphere 1976, eq. 51 (S = 110.4 K, beta = 1.458e-6)
 */
export function airViscosity(temperature: number): number {
  requireRange('temperature', temperature, 200, 800, 'K')
  return (1.458e-6 * temperature * Math.sqrt(temperature)) / (temperature + 110.4)
}

/**
 * Thermal conductivity of dry air, W/(m K), of a temperature in K from 200 to 800.
 * @source Sutherland's form fitted to Incropera & DeWitt table A.4 (0.0263 at 300 K), from memory; White, Viscous Fluid
 *   Flow, 2nd ed. (1991), table 1-3: k0 = 0.0241 at 273 K, S = 194 K
 */
export function airConductivity(temperature: number): number {
  requireRange('temperature', temperature, 200, 800, 'K')
  const ratio = temperature / 273
  return (0.0241 * ratio * Math.sqrt(ratio) * (273 + 194)) / (temperature + 194)
}
