/**
 * The saturation line as a table and latent heat and density as polynomials, for the inner loop of the integrator.
 * `steam-tables.test.ts` bounds the error against IF97 itself.
 */
import { CubicTable, falsePosition } from '../elementary'
import { sublimationPressure } from './ice'
import { saturationPressure, saturationTemperature } from './water'

/** Range of the tables, K: below the triple point the vapour stands over ice. */
const TABLE_COLDEST = 223.15
const TABLE_HOTTEST = 450
const TRIPLE = 273.16

// Two tables each, since the line has a kink where ice melts.
const waterPressures = new CubicTable(saturationPressure, TRIPLE, TABLE_HOTTEST, 512)
const icePressures = new CubicTable(sublimationPressure, TABLE_COLDEST, TRIPLE, 256)

// The saturation temperature is close to a straight line in the fourth root of the pressure, so it is tabulated on
// that.
const fourthRoot = (pressure: number): number => Math.sqrt(Math.sqrt(pressure))
const tripleRoot = fourthRoot(saturationPressure(TRIPLE))
const waterTemperatures = new CubicTable(
  root => {
    const square = root * root
    return saturationTemperature(Math.max(square * square, 611.212677))
  },
  tripleRoot,
  fourthRoot(saturationPressure(TABLE_HOTTEST)),
  512,
)
const iceTemperatures = new CubicTable(
  root => {
    const square = root * root
    const over = (t: number) => sublimationPressure(t) - square * square
    return falsePosition(over, [TABLE_COLDEST, over(TABLE_COLDEST)], [TRIPLE, over(TRIPLE)], 1e-13 * square * square)
  },
  fourthRoot(sublimationPressure(TABLE_COLDEST)),
  tripleRoot,
  256,
)

/**
 * Saturation pressure, Pa, of a temperature in K: over ice from 223.15 to 273.16, over water to 450; the end values
 * beyond.
 */
export const quickSaturationPressure = (temperature: number): number =>
  temperature < TRIPLE ? icePressures.at(temperature) : waterPressures.at(temperature)

/**
 * Saturation temperature, K, of an absolute pressure in Pa: over ice from 3.94 to 612, over water to 932e3; the end
 * values beyond.
 */
export function quickSaturationTemperature(pressure: number): number {
  const root = pressure > 0 ? Math.sqrt(Math.sqrt(pressure)) : 0
  return root < tripleRoot ? iceTemperatures.at(root) : waterTemperatures.at(root)
}

/** Latent heat, J/kg, of a temperature in K from 273.16 to 450: least-squares quartic to IF97, within 1e-5. */
export function quickLatentHeat(temperature: number): number {
  const x = (temperature - 343.15) * 0.01
  return 2333088.46 + x * (-247922.594 + x * (-20443.8582 + x * (-13963.4862 - 2068.56636 * x)))
}

/**
 * Density of liquid water, kg/m3, of a temperature in K from 273.16 to 450: least-squares quartic to IF97, within
 * 2e-4.
 */
export function quickLiquidDensity(temperature: number): number {
  const x = (temperature - 343.15) * 0.01
  return 977.83023 + x * (-57.5073845 + x * (-27.8030105 + x * (9.74281695 - 4.78837275 * x)))
}
