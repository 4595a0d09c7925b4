/**
 * The saturation line as a table and latent heat and density as polynomials, for the inner loop of the integrator.
 * `steam-tables.test.ts` bounds the error against IF97 itself.
 */
import { CubicTable } from '../elementary'
import { saturationPressure, saturationTemperature } from './water'

/** Range of the tables, K. */
export const TABLE_COLDEST = 273.16
export const TABLE_HOTTEST = 450

const pressureTable = new CubicTable(saturationPressure, TABLE_COLDEST, TABLE_HOTTEST, 512)

// The saturation temperature is close to a straight line in the fourth root of the pressure, so it is tabulated on that.
const lowestRoot = Math.sqrt(Math.sqrt(saturationPressure(TABLE_COLDEST)))
const highestRoot = Math.sqrt(Math.sqrt(saturationPressure(TABLE_HOTTEST)))
const temperatureTable = new CubicTable((root) => {
  const square = root * root
  return saturationTemperature(Math.max(square * square, 611.212677))
}, lowestRoot, highestRoot, 512)

/** Saturation pressure, Pa, of a temperature in K from 273.16 to 450; the end values beyond. */
export const quickSaturationPressure = (temperature: number): number => pressureTable.at(temperature)

/** Saturation temperature, K, of an absolute pressure in Pa from 612 to 932e3; the end values beyond. */
export const quickSaturationTemperature = (pressure: number): number =>
  temperatureTable.at(pressure > 0 ? Math.sqrt(Math.sqrt(pressure)) : 0)

/** Latent heat, J/kg, of a temperature in K from 273.16 to 450: least-squares quartic to IF97, within 1e-5. */
export function quickLatentHeat(temperature: number): number {
  const x = (temperature - 343.15) * 0.01
  return 2333088.46 + x * (-247922.594 + x * (-20443.8582 + x * (-13963.4862 - 2068.56636 * x)))
}

/** Density of liquid water, kg/m3, of a temperature in K from 273.16 to 450: least-squares quartic to IF97, within 2e-4. */
export function quickLiquidDensity(temperature: number): number {
  const x = (temperature - 343.15) * 0.01
  return 977.83023 + x * (-57.5073845 + x * (-27.8030105 + x * (9.74281695 - 4.78837275 * x)))
}
