/** The sensors of a school's data logger. */
import type { Channel } from './protocol'

interface Sensor {
  channel: Channel
  column: string
  unit: string
  digits: number
  /** s */ lag: number
  /** SI, standard deviation */ noise: number
  /** share of values missing */ drops: number
}

/** Lags and noise of a school's absolute-pressure sensor and of a thin thermocouple in gas: assumptions. */
export const SENSORS: readonly Sensor[] = [
  { channel: 'pressure', column: 'pressure', unit: 'kPa', digits: 2, lag: 0.02, noise: 150, drops: 0.01 },
  { channel: 'temperature', column: 'gasTemperature', unit: 'degC', digits: 1, lag: 1.5, noise: 0.3, drops: 0.03 },
]

/** Standard uncertainty of one value of a channel, SI. */
export const sensorNoise = (channel: Channel): number => SENSORS.find(s => s.channel === channel)!.noise
