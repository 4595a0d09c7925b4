/**
 * Quantities in and out: any unit a person types becomes an SI number, and back. js-quantities does the conversion.
 */
import Qty from 'js-quantities'
import { QuantityError } from './quantity-error'
import { CLOCK, DECIMAL, FRACTION, plainly, readTyped } from './typed-number'

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
  length: ['cm', 'in', 'mm', 'm', 'ft', 'mil', 'um', 'km'],
  mass: ['g', 'oz', 'kg', 'lb', 'mg', 'gr'],
  time: ['s', 's', 'min', 'h', 'ms'],
  power: ['kW', 'BTU/h', 'W', 'hp'],
  force: ['N', 'lbf', 'kN'],
  speed: ['m/s', 'ft/s', 'km/h', 'mph'],
  energy: ['kJ', 'BTU', 'J', 'ft lbf', 'MJ'],
  fraction: ['%', '%', '1'],
  count: ['1', '1'],
  conductance: ['W/(m2 K)', 'BTU/(h ft2 degF)'],
  area: ['cm2', 'in2', 'mm2', 'm2', 'ft2'],
  flow: ['L/min', 'gal/min', 'mL/s', 'floz/s', 'L/h', 'm3/h'],
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
  'hpa': 'hPa',
  'kpa': 'kPa',
  'mb': 'mbar',
  '″': 'in',
  '"': 'in',
  '′': 'ft',
  'thou': 'mil',
  'gr': 'grain',
  'um': 'um',
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
  'btu/(h ft2 degf)': 'btu/h*ft^2*degF',
  'btu/(h ft2 °f)': 'btu/h*ft^2*degF',
  'ft lbf': 'ft*lbf',
  'fl oz/s': 'floz/s',
  'mj': 'MJ',
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
  'l/min': 'l/min',
  'ml/s': 'ml/s',
  'l/h': 'l/h',
  'db': '',
}

/** A difference of 1 °C is not a temperature of 1 °C. */
const DIFFERENCES: Record<string, string> = { tempC: 'degC', tempF: 'degF', tempK: 'degK' }

const spelled = (unit: string, kind: QuantityKind): string => {
  const plain = unit.trim().replace('²', '2').replace('³', '3').replaceAll('·', ' ')
  const known = SPELLINGS[plain.toLowerCase()] ?? plain
  return kind === 'temperatureDifference' ? (DIFFERENCES[known] ?? known) : known
}

const LABELS: Readonly<Partial<Record<string, string>>> = {
  degC: '°C',
  degF: '°F',
  floz: 'fl oz',
  um: 'µm',
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
  'ft lbf': 'ft·lbf',
  'ft2': 'ft²',
  'floz/s': 'fl oz/s',
  'BTU/(h ft2 degF)': 'BTU/(h·ft²·°F)',
}

/** A shown unit as a person reads it. */
export const unitLabel = (unit: string): string => LABELS[unit] ?? unit

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
  // 2.75 cm is 0.0275 m and not a last bit more, or it would be over a limit of just that.
  return Number((value * factor + offset).toPrecision(14))
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

const CUSTOMARY = new Set(
  'psi inHg degF floz cup tbsp tsp pt qt gal in in3 in2 ft ft2 mil oz lb gr BTU/h hp lbf ft/s mph BTU gal/min'.split(
    ' ',
  ),
)
const OF_BOTH = new Set(['s', 'min', 'h', 'ms', '%', '1', 'dB'])

/** True for units of the US customary system; undefined for those of both. */
export const isCustomary = (unit: string): boolean | undefined =>
  OF_BOTH.has(unit) ? undefined : CUSTOMARY.has(unit) || /ft|lbf|BTU|floz/u.test(unit)

/** The spelling in `SHOWN_UNITS` of a unit as typed. @throws QuantityError if it is none of this kind */
function canonicalUnit(typed: string, kind: QuantityKind): string {
  converter(kind, typed)
  const lower = typed.toLowerCase()
  return (
    SHOWN_UNITS[kind].find(u => u.toLowerCase() === lower || unitLabel(u).toLowerCase() === lower) ??
    SHOWN_UNITS[kind].find(u => spelled(u, kind) === spelled(typed, kind)) ??
    typed
  )
}

/**
 * Reads what a person typed, such as "2 qt", "12,7 psi", "5,280 ft", "1 240 m", "4 13/16 in", "½ cup", "2:30" or "15".
 *
 * @param text number, then a unit; without one `assumedUnit` is taken
 * @param locale BCP 47, of whoever typed it: says which mark is the decimal one where that can be told by nothing else
 * @returns the number as typed and its unit
 * @throws QuantityError saying what was given and what is accepted
 */
export function parseQuantity(
  text: string,
  kind: QuantityKind,
  assumedUnit: string,
  locale?: string,
): { value: number; unit: string } {
  const plain = plainly(text)
  const none = () =>
    new QuantityError(`"${text}" is not a number with a unit; for example 15 ${unitLabel(assumedUnit)}`)
  const clock = kind === 'time' ? CLOCK.exec(plain) : null
  if (clock) {
    const [first, second, third] = clock.slice(1, 4).map(part => Number(part ?? NaN))
    const hours = clock[4]?.startsWith('h') ?? !Number.isNaN(third)
    return { value: hours ? first * 60 + second + (third || 0) / 60 : first + second / 60, unit: 'min' }
  }
  const fraction = FRACTION.exec(plain)
  if (fraction) {
    const [, sign, whole, over, under, unit] = fraction
    if (Number(under) === 0 || (whole && Number(over) >= Number(under))) throw none()
    const value = Number(whole ?? 0) + Number(over) / Number(under)
    return { value: sign === '-' ? -value : value, unit: canonicalUnit(unit || assumedUnit, kind) }
  }
  const match = DECIMAL.exec(plain)
  // Two numbers side by side are neither one number nor a fraction.
  if (!match || /^[\d.,+-]/u.test(match[2])) throw none()
  const unit = canonicalUnit(match[2] || assumedUnit, kind)
  const value = readTyped(match[1], { locale, customary: isCustomary(unit) === true })
  if (!Number.isFinite(value)) throw none()
  return { value, unit }
}

export interface NumberMarks {
  /** BCP 47; English if left out */
  locale?: string
  /** true: thousands set apart, for reading; a number that stands in a field is written in one piece */
  grouped?: boolean
}

const formats = new Map<string, Intl.NumberFormat>()

/** A number with three or so significant digits and no needless zeros. */
export function formatNumber(value: number, digits = 3, { locale = 'en', grouped = false }: NumberMarks = {}): string {
  if (!Number.isFinite(value)) return '–'
  if (value === 0) return '0'
  const size = Math.abs(value)
  const key = `${locale} ${grouped}`
  let format = formats.get(key)
  if (!format) {
    // Four digits stand together: 1013 hPa.
    format = new Intl.NumberFormat(locale, { maximumFractionDigits: 12, useGrouping: grouped ? 'min2' : false })
    formats.set(key, format)
  }
  if (size >= 1e6 || size < 1e-4) {
    const [mantissa, exponent] = value.toExponential(digits - 1).split('e')
    return `${format.format(Number(mantissa))}e${exponent}`
  }
  const decimals = Math.min(8, Math.max(0, digits - 1 - Math.floor(Math.log10(size) + 1e-9)))
  return format.format(Math.round(value * 10 ** decimals) / 10 ** decimals)
}

/** "15 mL" from an SI value. */
export const formatQuantity = (
  si: number,
  unit: string,
  kind: QuantityKind,
  digits = 3,
  marks: NumberMarks = {},
): string => `${formatNumber(fromSi(si, unit, kind), digits, marks)} ${unitLabel(unit)}`.trim()
