/** What readings say of the results, for the diagnosis. */
import type { Demonstration } from '../demonstration'
import { sensorNoise } from './sensors'
import type { Reading } from './protocol'

export interface SaidByReadings {
  /** result id → value and standard uncertainty, SI */ readings: Record<string, { value: number; uncertainty: number }>
  /** result id → it was at least that, SI */ atLeast: Record<string, number>
}

/**
 * A greatest difference that stood so long was followed by any sensor; a shorter one was a little or a lot more than
 * was read, s.
 */
const STOOD = 1
/** "Stood": within this share of the greatest. */
const NEAR = 0.05
/** Calibration of a school's sensor: assumption. */
const CALIBRATION = 0.02

/**
 * The greatest pressure difference: as read where it stood for a while, otherwise as a least value, since a fall within
 * hundredths of a second is over before a sensor has followed it.
 * @param stationPressure Pa
 */
export function saidByReadings(
  demonstration: Demonstration,
  readings: readonly Reading[],
  stationPressure: number,
): SaidByReadings {
  const said: SaidByReadings = { readings: {}, atLeast: {} }
  const differences = readings
    .filter(r => r.channel === 'pressure' && r.time >= 0)
    .map(r => ({ time: r.time, value: Math.abs(stationPressure - r.value) }))
    .sort((a, b) => a.time - b.time)
  if (differences.length < 5 || !demonstration.results.some(r => r.id === 'peakPressureDifference')) return said
  const noise = sensorNoise('pressure')
  const greatest = Math.max(...differences.map(d => d.value))
  const near = differences.filter(d => d.value >= greatest * (1 - NEAR) - 2 * noise)
  if (near.at(-1)!.time - near[0].time >= STOOD && near.length >= 5) {
    const value = near.reduce((sum, d) => sum + d.value, 0) / near.length
    said.readings.peakPressureDifference = {
      value,
      uncertainty: Math.sqrt(
        noise * noise + CALIBRATION * CALIBRATION * value * value + (NEAR * NEAR * value * value) / 3,
      ),
    }
  } else said.atLeast.peakPressureDifference = greatest - 3 * noise
  return said
}
