/** What a balance tells of a vessel once it is over. */
import { liquidDensity } from '../substances/water'
import { MeasureError, asMass, asNumber, asTemperature, asVolume, requireMeasured, say } from '../sentence'

export interface Weighed {
  /** SI */ value: number
  /** standard, SI */ uncertainty: number
}

/** Water that clings to a wall and does not run out, or a brim that is not quite full: of a volume, common practice. */
const CLINGS = 0.01
/** Of what the forecast says was in it before: it was not weighed then. */
const LEFT_BEFORE = 0.5

/** @param balance the least that it shows, kg: taken for its standard uncertainty */
function requireMasses(more: number, less: number, balance: number, moreIs: string): void {
  requireMeasured('mass emptied', less, [1e-4, 1e3], asMass)
  requireMeasured('the balance', balance, [0, 10], asMass)
  const exact = { digits: 4 }
  if (!(more >= less))
    throw new MeasureError(
      say`${moreIs}: ${asMass(more, exact)} must be no less than the mass emptied, ${asMass(less, exact)}`,
    )
}

/**
 * Water that a vessel drew in.
 *
 * @param after mass with the water that is in it, kg
 * @param emptied mass without it, kg
 * @param before water that was in it when it was sealed, kg, by the forecast
 * @param waterTemperature K, 273.15 to 373
 * @param balance the least that it shows, kg
 * @returns m3
 * @throws MeasureError if the masses make no sense
 */
export function waterCameIn(
  { after, emptied, before, waterTemperature }: Record<'after' | 'emptied' | 'before' | 'waterTemperature', number>,
  balance: number,
): Weighed {
  requireMasses(after, emptied, balance, 'mass with its water')
  requireMeasured('water temperature', waterTemperature, [273.15, 373.15], asTemperature)
  const density = liquidDensity(waterTemperature)
  const held = after - emptied
  return {
    value: Math.max(0, held - before) / density,
    uncertainty: Math.sqrt(2 * balance * balance + LEFT_BEFORE * before * (LEFT_BEFORE * before)) / density,
  }
}

/**
 * Share of a vessel's volume that is gone, from what it still holds, brim-full.
 *
 * @param brimful mass brim-full of water as it is now, kg
 * @param emptied mass without it, kg
 * @param capacity of the sound vessel, m3
 * @param capacityUncertainty standard, m3
 * @param waterTemperature K, 273.15 to 373
 * @param balance the least that it shows, kg
 * @throws MeasureError if the masses make no sense, or it holds more than a sound one
 */
export function volumeGone(
  {
    brimful,
    emptied,
    capacity,
    capacityUncertainty,
    waterTemperature,
  }: Record<'brimful' | 'emptied' | 'capacity' | 'capacityUncertainty' | 'waterTemperature', number>,
  balance: number,
): Weighed {
  requireMasses(brimful, emptied, balance, 'mass brim-full')
  requireMeasured('capacity', capacity, [1e-7, 10], asVolume)
  requireMeasured('water temperature', waterTemperature, [273.15, 373.15], asTemperature)
  const density = liquidDensity(waterTemperature)
  const left = (brimful - emptied) / density / capacity
  const errors = [(Math.SQRT2 * balance) / density / capacity, (left * capacityUncertainty) / capacity, CLINGS * left]
  const uncertainty = Math.sqrt(errors.reduce((sum, e) => sum + e * e, 0))
  if (left > 1 + 3 * uncertainty)
    throw new MeasureError(
      say`it would hold ${asNumber(left)} times what the sound vessel holds: another vessel, or its capacity is more`,
    )
  return { value: Math.max(0, 1 - left), uncertainty }
}
