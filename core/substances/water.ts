/**
 * Water and steam by the IAPWS Industrial Formulation 1997. Source: IAPWS R7-97(2012). The equation numbers below are
 * the release's.
 */
import { integerPower } from '../elementary'
import { requireRange } from '../units/require-range'
import { REGION_1, REGION_2_IDEAL, REGION_2_RESIDUAL, REGION_4, WATER_GAS_CONSTANT } from './if97-coefficients'

export { WATER_GAS_CONSTANT }

/** Specific volume and specific enthalpy of one phase. */
export interface PhaseProperties {
  /** m3/kg */
  specificVolume: number
  /** J/kg, zero for the liquid at the triple point */
  enthalpy: number
}

/**
 * Region 4, by the release's numbers. In a scope of their own, the coefficients are constants to the engine; those of a
 * module are looked up at every call once modules are joined in one file.
 */
const { boilingPressure, boilingTemperature } = (() => {
  const [n1, n2, n3, n4, n5, n6, n7, n8, n9, n10] = REGION_4
  return {
    /** Eq. 30. @param temperature K @returns Pa */
    boilingPressure(temperature: number): number {
      const theta = temperature + n9 / (temperature - n10)
      const a = (theta + n1) * theta + n2
      const b = (n3 * theta + n4) * theta + n5
      const c = (n6 * theta + n7) * theta + n8
      const root = (2 * c) / (-b + Math.sqrt(b * b - 4 * a * c))
      const square = root * root
      return square * square * 1e6
    },
    /** Eq. 31. @param pressure Pa @returns K */
    boilingTemperature(pressure: number): number {
      const beta = Math.sqrt(Math.sqrt(pressure * 1e-6))
      const e = (beta + n3) * beta + n6
      const f = (n1 * beta + n4) * beta + n7
      const g = (n2 * beta + n5) * beta + n8
      const d = (2 * g) / (-f - Math.sqrt(f * f - 4 * e * g))
      const sum = n10 + d
      return (sum - Math.sqrt(sum * sum - 4 * (n9 + n10 * d))) / 2
    },
  }
})()

/**
 * Pressure at which water boils.
 *
 * @param temperature K, 273.15 to 647.096
 * @returns absolute pressure, Pa
 * @throws RangeError outside the range
 * @source R7-97(2012), region 4, eq. 30
 */
export function saturationPressure(temperature: number): number {
  if (!(temperature >= 273.15 && temperature <= 647.096)) requireRange('temperature', temperature, 273.15, 647.096, 'K')
  return boilingPressure(temperature)
}

/**
 * Temperature at which water boils.
 *
 * @param pressure absolute, Pa, 611.213 to 22.064e6
 * @returns K
 * @throws RangeError outside the range
 * @source R7-97(2012), region 4, eq. 31
 */
export function saturationTemperature(pressure: number): number {
  requireRange('pressure', pressure, 611.212677, 22.064e6, 'Pa')
  return boilingTemperature(pressure)
}

/**
 * Liquid water.
 *
 * @param temperature K, 273.15 to 623.15
 * @param pressure absolute, Pa, up to 100e6, at or above saturation
 * @throws RangeError outside the range
 * @source R7-97(2012), region 1, eq. 7 and table 3
 */
export function liquidWater(temperature: number, pressure: number): PhaseProperties {
  requireRange('temperature', temperature, 273.15, 623.15, 'K')
  requireRange('pressure', pressure, 0, 100e6, 'Pa')
  const reducedPressure = pressure / 16.53e6
  const inverseTemperature = 1386 / temperature
  let byPressure = 0
  let byTemperature = 0
  for (const [i, j, n] of REGION_1) {
    const p = 7.1 - reducedPressure
    const t = inverseTemperature - 1.222
    if (i !== 0) byPressure -= n * i * integerPower(p, i - 1) * integerPower(t, j)
    if (j !== 0) byTemperature += n * integerPower(p, i) * j * integerPower(t, j - 1)
  }
  return {
    specificVolume: (byPressure * WATER_GAS_CONSTANT * temperature) / 16.53e6,
    enthalpy: inverseTemperature * byTemperature * WATER_GAS_CONSTANT * temperature,
  }
}

/**
 * Water vapour.
 *
 * @param temperature K, 273.15 to 1073.15
 * @param pressure absolute, Pa, above 0 and at or below saturation, up to 100e6
 * @throws RangeError outside the range
 * @source R7-97(2012), region 2, eq. 15 to 17 and table 12
 */
export function waterVapour(temperature: number, pressure: number): PhaseProperties {
  requireRange('temperature', temperature, 273.15, 1073.15, 'K')
  requireRange('pressure', pressure, 1e-6, 100e6, 'Pa')
  const p = pressure / 1e6
  const inverseTemperature = 540 / temperature
  let byPressure = 1 / p
  let byTemperature = 0
  for (const [j, n] of REGION_2_IDEAL) if (j !== 0) byTemperature += n * j * integerPower(inverseTemperature, j - 1)
  for (const [i, j, n] of REGION_2_RESIDUAL) {
    const t = inverseTemperature - 0.5
    byPressure += n * i * integerPower(p, i - 1) * integerPower(t, j)
    if (j !== 0) byTemperature += n * integerPower(p, i) * j * integerPower(t, j - 1)
  }
  return {
    specificVolume: (byPressure * WATER_GAS_CONSTANT * temperature) / 1e6,
    enthalpy: inverseTemperature * byTemperature * WATER_GAS_CONSTANT * temperature,
  }
}

/**
 * Heat that turns liquid into vapour at one temperature.
 *
 * @param temperature K, 273.15 to 623.15
 * @returns J/kg
 * @source difference of the region 2 and region 1 enthalpies on the saturation line
 */
export function latentHeat(temperature: number): number {
  const pressure = saturationPressure(temperature)
  return waterVapour(temperature, pressure).enthalpy - liquidWater(temperature, pressure).enthalpy
}

/**
 * Density of saturated liquid water.
 *
 * @param temperature K, 273.15 to 623.15
 * @returns kg/m3
 */
export function liquidDensity(temperature: number): number {
  return 1 / liquidWater(temperature, Math.max(saturationPressure(temperature), 101325)).specificVolume
}
