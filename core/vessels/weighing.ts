/** Measures of a vessel from a kitchen balance. */
import { liquidDensity } from '../substances/water'
import { MeasureError, asMass, asTemperature, requireMeasured, say } from '../sentence'

const EXACT = { digits: 4 }

/**
 * Capacity from weighing the vessel brim-full of water and empty.
 *
 * @param fullMass kg
 * @param emptyMass kg, above 0 and below `fullMass`
 * @param waterTemperature K, 273.15 to 373
 * @returns m3
 * @throws MeasureError if the masses make no sense
 */
export function capacityFromWeighing(fullMass: number, emptyMass: number, waterTemperature: number): number {
  requireMeasured('empty mass', emptyMass, [1e-4, 1e3], asMass)
  requireMeasured('water temperature', waterTemperature, [273.15, 373.15], asTemperature)
  if (!(fullMass > emptyMass))
    throw new MeasureError(
      say`full mass: ${asMass(fullMass, EXACT)} must be more than the empty mass, ${asMass(emptyMass, EXACT)}`,
    )
  return (fullMass - emptyMass) / liquidDensity(waterTemperature)
}

/**
 * Mean wall thickness from the empty mass, where the wall can't be reached with a calliper.
 *
 * @param emptyMass kg
 * @param surface whole outer surface, m2
 * @param density of the wall, kg/m3
 * @returns m; ends and seams that are thicker than the side make this an upper value for the side
 */
export function thicknessFromMass(emptyMass: number, surface: number, density: number): number {
  requireMeasured('empty mass', emptyMass, [1e-4, 1e3], asMass)
  return emptyMass / (surface * density)
}
