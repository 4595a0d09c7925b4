/**
 * Quantities in and out: any unit a person types becomes an SI number, and back. js-quantities does the conversion.
 */
import Qty from 'js-quantities'
import { QuantityError } from './quantity-error'
import { readNumber } from './written-number'

/** Kinds of quantity and the SI unit each has inside core, in js-quantities' spelling. */
export const SI_UNIT = {
  pressure: 'Pa',
  temperature: 'tempK',
  volume: 'm3',
  length: 'm',
  mass: 'kg',
  time: 's',
  power: 'W',
  force: 'N',
  speed: 'm/s',
  energy: 'J',
  fraction: '',
  count: '',
  conductance: 'W/m^2*degK',
  area: 'm2',
  flow: 'm3/s',
  temperatureDifference: 'degK',
  impulse: 'N*s',
  level: '',
} as const
export type QuantityKind = keyof typeof SI_UNIT

/** Units offered and shown, by kind: the first is SI, the second US customary. */
export const SHOWN_UNITS: Record<QuantityKind, readonly string[]> = {
  pressure: ['hPa', 'psi', 'kPa', 'mbar', 'inHg', 'mmHg', 'atm', 'Pa', 'bar', 'MPa'],
  temperature: ['degC', 'degF', 'K'],
  volume: ['mL', 'floz', 'L', 'cup', 'tbsp', 'tsp', 'pt', 'qt', 'gal', 'm3', 'in3'],
  length: ['cm', 'in', 'mm', 'm', 'ft', 'mil', 'km'],
  mass: ['g', 'oz', 'kg', 'lb', 'mg'],
  time: ['s', 's', 'min', 'h', 'ms'],
  power: ['kW', 'BTU/h', 'W', 'hp'],
  force: ['N', 'lbf', 'kN'],
  speed: ['m/s', 'ft/s', 'km/h', 'mph'],
  energy: ['kJ', 'BTU', 'J'],
  fraction: ['%', '%', '1'],
  count: ['1', '1'],
  conductance: ['W/(m2 K)', 'W/(m2 K)'],
  area: ['cm2', 'in2', 'mm2', 'm2'],
  flow: ['L/min', 'gal/min', 'mL/s', 'L/h', 'm3/h'],
  temperatureDifference: ['K', 'degF', 'degC'],
  impulse: ['N s', 'lbf s'],
  level: ['dB', 'dB'],
}

/** Spellings people use, as js-quantities wants them. */
const SPELLINGS: Record<string, string> = {
  '°c': 'tempC',
  'degc': 'tempC',
  'c': 'tempC',
  'celsius': 'tempC',
  '°f': 'tempF',
  'degf': 'tempF',
  'f': 'tempF',
  'fahrenheit': 'tempF',
  'k': 'tempK',
  'kelvin': 'tempK',
  'fl oz': 'floz',
  'fl.oz': 'floz',
  'floz': 'floz',
  'ml': 'ml',
  'l': 'l',
  'cc': 'cm3',
  'm³': 'm3',
  'cm³': 'cm3',
  'in³': 'in3',
  'hpa': 'hPa',
  'kpa': 'kPa',
  'mb': 'mbar',
  '″': 'in',
  '"': 'in',
  '′': 'ft',
  'thou': 'mil',
  'µm': 'um',
  'btu/h': 'btu/h',
  'btu/hr': 'btu/h',
  'btu': 'btu',
  'kw': 'kW',
  'w': 'W',
  'sec': 's',
  'secs': 's',
  'mins': 'min',
  'hr': 'h',
  'kmh': 'km/h',
  'km/h': 'km/h',
  'mph': 'mph',
  '1': '',
  'w/(m2 k)': 'W/m^2*degK',
  'inhg': 'inHg',
  'mmhg': 'mmHg',
  'lbs': 'lb',
  'tsp': 'tsp',
  'kj': 'kJ',
  'n': 'N',
  'kn': 'kN',
  'n s': 'N*s',
  'lbf s': 'lbf*s',
  'mpa': 'MPa',
  'mm²': 'mm2',
  'cm²': 'cm2',
  'in²': 'in2',
  'l/min': 'l/min',
  'ml/s': 'ml/s',
  'l/h': 'l/h',
  'db': '',
}

/** A difference of 1 °C is not a temperature of 1 °C. */
const DIFFERENCES: Record<string, string> = { tempC: 'degC', tempF: 'degF', tempK: 'degK' }

const spelled = (unit: string, kind: QuantityKind): string => {
  const known = SPELLINGS[unit.trim().toLowerCase()] ?? unit.trim()
  return kind === 'temperatureDifference' ? (DIFFERENCES[known] ?? known) : known
}

/** A shown unit as a person reads it. */
export const unitLabel = (unit: string): string =>
  (
    ({
      degC: '°C',
      degF: '°F',
      floz: 'fl oz',
      in3: 'in³',
      m3: 'm³',
      1: '',
      'W/(m2 K)': 'W/(m²·K)',
      mm2: 'mm²',
      cm2: 'cm²',
      in2: 'in²',
      m2: 'm²',
      'N s': 'N·s',
      'lbf s': 'lbf·s',
    }) as Record<string, string>
  )[unit] ?? unit

const converters = new Map<string, { factor: number; offset: number }>()

function converter(kind: QuantityKind, unit: string): { factor: number; offset: number } {
  const key = `${kind} ${unit}`
  const known = converters.get(key)
  if (known) return known
  const accepted = SHOWN_UNITS[kind]
    .filter((u, i, all) => all.indexOf(u) === i)
    .map(unitLabel)
    .filter(Boolean)
    .join(', ')
  const from = spelled(unit, kind)
  let made: { factor: number; offset: number }
  try {
    const convert =
      from === SI_UNIT[kind]
        ? (x: number) => x
        : kind === 'fraction' && from === '%'
          ? (x: number) => x / 100
          : Qty.swiftConverter(from, SI_UNIT[kind])
    const offset = convert(0)
    made = { factor: convert(1) - offset, offset }
  } catch {
    throw new QuantityError(`"${unit}" is not a unit of ${kind}; accepted: ${accepted}`)
  }
  if (!Number.isFinite(made.factor))
    throw new QuantityError(`"${unit}" is not a unit of ${kind}; accepted: ${accepted}`)
  converters.set(key, made)
  return made
}

/**
 * SI value of a number in a unit.
 * @throws QuantityError if the unit is not one of this kind of quantity
 */
export function toSi(value: number, unit: string, kind: QuantityKind): number {
  const { factor, offset } = converter(kind, unit)
  return value * factor + offset
}

/** A number in a unit from its SI value. */
export function fromSi(value: number, unit: string, kind: QuantityKind): number {
  const { factor, offset } = converter(kind, unit)
  return (value - offset) / factor
}

/** SI size of a difference (a spread of 2 °F is 1.11 K, not 256 K). */
export const differenceToSi = (value: number, unit: string, kind: QuantityKind): number =>
  value * converter(kind, unit).factor
export const differenceFromSi = (value: number, unit: string, kind: QuantityKind): number =>
  value / converter(kind, unit).factor

/**
 * Reads what a person typed, such as "2 qt", "12.7 psi", "190 °F", "60000 BTU/h", "1/2 cup" or "15".
 *
 * @param text number, then a unit; without one `assumedUnit` is taken
 * @returns the number as typed and its unit
 * @throws QuantityError saying what was given and what is accepted
 */
export function parseQuantity(text: string, kind: QuantityKind, assumedUnit: string): { value: number; unit: string } {
  const match = /^\s*([-+−]?[\d.,]+(?:[eE][-+]?\d+)?)(?:\s*\/\s*(\d+))?\s*(.*?)\s*$/u.exec(text)
  if (!match) throw new QuantityError(`"${text}" is not a number with a unit; for example 15 ${unitLabel(assumedUnit)}`)
  const value = readNumber(match[1]) / (match[2] ? Number(match[2]) : 1)
  if (!Number.isFinite(value))
    throw new QuantityError(`"${text}" is not a number with a unit; for example 15 ${unitLabel(assumedUnit)}`)
  const typed = match[3] ? match[3] : assumedUnit
  converter(kind, typed)
  const lower = typed.toLowerCase()
  const canonical =
    SHOWN_UNITS[kind].find(u => u.toLowerCase() === lower || unitLabel(u).toLowerCase() === lower) ??
    SHOWN_UNITS[kind].find(u => spelled(u, kind) === spelled(typed, kind)) ??
    typed
  return { value, unit: canonical }
}

/** A number with three or so significant digits and no needless zeros. */
export function formatNumber(value: number, digits = 3): string {
  if (!Number.isFinite(value)) return '–'
  if (value === 0) return '0'
  const size = Math.abs(value)
  if (size >= 1e6 || size < 1e-4) return value.toExponential(digits - 1)
  const decimals = Math.max(0, digits - 1 - Math.floor(Math.log10(size) + 1e-9))
  return (Math.round(value * 10 ** Math.min(decimals, 8)) / 10 ** Math.min(decimals, 8)).toString()
}

/** "15 mL" from an SI value. */
export const formatQuantity = (si: number, unit: string, kind: QuantityKind, digits = 3): string =>
  `${formatNumber(fromSi(si, unit, kind), digits)} ${unitLabel(unit)}`.trim()
