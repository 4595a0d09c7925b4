/** The room's conditions, shared by every demonstration. */
import { standardAtmospherePressure, stationPressureFromReport } from '../place/atmosphere'
import { defineInputs } from './inputs'
import type { Values } from './values'

const CELSIUS = 273.15

export const ROOM_INPUTS = defineInputs([
  {
    id: 'altitude',
    name: 'height above sea level',
    kind: 'quantity',
    quantity: 'length',
    units: ['m', 'ft'],
    group: 'room',
    default: 0,
    range: [-430, 6000],
    usual: [0, 4000],
    spread: { shape: 'exact' },
  },
  {
    id: 'seaLevelPressure',
    name: 'pressure in the weather report',
    kind: 'quantity',
    quantity: 'pressure',
    units: ['hPa', 'inHg'],
    group: 'room',
    default: undefined,
    range: [870e2, 1085e2],
    usual: [980e2, 1040e2],
    spread: { shape: 'exact' },
  },
  {
    id: 'stationPressure',
    name: 'station pressure',
    kind: 'quantity',
    quantity: 'pressure',
    units: ['hPa', 'psi'],
    group: 'room',
    default: stationPressureOf,
    range: [450e2, 1090e2],
    usual: [600e2, 1040e2],
    spread: { shape: 'normal', absolute: 150 },
  },
  {
    id: 'airTemperature',
    name: 'air temperature',
    kind: 'quantity',
    quantity: 'temperature',
    units: ['degC', 'degF'],
    group: 'room',
    default: 20 + CELSIUS,
    range: [-10 + CELSIUS, 45 + CELSIUS],
    usual: [10 + CELSIUS, 32 + CELSIUS],
    spread: { shape: 'normal', absolute: 1 },
  },
  {
    id: 'relativeHumidity',
    name: 'relative humidity',
    kind: 'quantity',
    quantity: 'fraction',
    units: ['%', '%'],
    group: 'room',
    default: 0.45,
    range: [0, 1],
    usual: [0.1, 0.9],
    spread: { shape: 'normal', absolute: 0.1 },
  },
])

/** Station pressure from altitude, and from the weather report where one is given, Pa. */
export function stationPressureOf({ numbers }: Values): number {
  const altitude = numbers.altitude ?? 0
  return numbers.seaLevelPressure === undefined
    ? standardAtmospherePressure(altitude)
    : stationPressureFromReport(numbers.seaLevelPressure, altitude)
}
