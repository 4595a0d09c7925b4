/** Results that readings give, for the diagnosis. */
import type { Demonstration } from '../demonstrations'
import { sensorNoise } from './simulated-logger'
import type { Reading } from './protocol'

/** A fast fall is over before a sensor has followed it: it saw at most that, and this much may be missing. */
const MISSED = 0.1

/**
 * Greatest pressure difference that was read, with its uncertainty, where the demonstration has such a result.
 * @param stationPressure Pa
 */
export function resultsFrom(demonstration: Demonstration, readings: readonly Reading[], stationPressure: number): Record<string, { value: number, uncertainty: number }> {
  const pressures = readings.filter(r => r.channel === 'pressure').map(r => Math.abs(stationPressure - r.value))
  if (pressures.length < 5 || !demonstration.results.some(r => r.id === 'peakPressureDifference')) return {}
  const value = Math.max(...pressures)
  return { peakPressureDifference: { value, uncertainty: Math.sqrt(sensorNoise('pressure') * sensorNoise('pressure') + MISSED * MISSED * value * value) } }
}
