/** Inputs and results in one line each: the unit shown tells the kind of quantity and the customary unit. */
import type { QuantityKind } from '../units'
import type { InputGroup, QuantityInput, Spread } from './inputs'
import type { ResultSpec } from './outcomes'

const UNITS = {
  'L': ['volume', 'qt'],
  'mL': ['volume', 'floz'],
  'cm': ['length', 'in'],
  'mm': ['length', 'in'],
  'm': ['length', 'ft'],
  'g': ['mass', 'oz'],
  'kg': ['mass', 'lb'],
  's': ['time', 's'],
  'min': ['time', 'min'],
  'ms': ['time', 'ms'],
  'kPa': ['pressure', 'psi'],
  'hPa': ['pressure', 'psi'],
  'Pa': ['pressure', 'psi'],
  'MPa': ['pressure', 'psi'],
  'degC': ['temperature', 'degF'],
  'K': ['temperatureDifference', 'degF'],
  '%': ['fraction', '%'],
  'N': ['force', 'lbf'],
  '1': ['count', '1'],
  'W': ['power', 'BTU/h'],
  'mm2': ['area', 'in2'],
  'L/min': ['flow', 'gal/min'],
  'm/s': ['speed', 'ft/s'],
  'J': ['energy', 'ft lbf'],
  'N s': ['impulse', 'lbf s'],
  'W/(m2 K)': ['conductance', 'BTU/(h ft2 degF)'],
  'dB': ['level', 'dB'],
} as const satisfies Record<string, readonly [QuantityKind, string]>
export type ShownUnit = keyof typeof UNITS

type Range = readonly [least: number, most: number]

/**
 * @param spread relative standard uncertainty, or a whole shape; 0 is exact
 * @param more anything else an input can have: `lever`, `source`, what it is `onShelf`
 */
export function blank<const Id extends string>(
  id: Id,
  name: string,
  unit: ShownUnit,
  group: InputGroup,
  standard: QuantityInput['default'],
  range: Range,
  usual: Range,
  spread: number | Spread,
  more: Partial<Pick<QuantityInput, 'lever' | 'source' | 'spreadFor' | 'tells' | 'onShelf' | 'whole'>> = {},
): QuantityInput<Id> {
  const [quantity, customary] = UNITS[unit]
  const shape: Spread =
    typeof spread !== 'number' ? spread : spread === 0 ? { shape: 'exact' } : { shape: 'normal', relative: spread }
  return {
    id,
    name,
    kind: 'quantity',
    quantity,
    units: [unit, customary],
    group,
    default: standard,
    range,
    usual,
    spread: shape,
    ...more,
  }
}

/** A number that is not well known, with where its value comes from. */
export const coefficient = <const Id extends string>(
  id: Id,
  name: string,
  unit: ShownUnit,
  standard: QuantityInput['default'],
  range: Range,
  usual: Range,
  spread: number | Spread,
  source: string,
): QuantityInput<Id> =>
  blank(
    id,
    name,
    unit,
    'coefficient',
    standard,
    range,
    usual,
    typeof spread === 'number' ? { shape: 'lognormal', relative: spread } : spread,
    { source },
  )

/** @param measuredBy marks between which it passes, for a time that can be marked */
export function result<const Id extends string>(
  id: Id,
  name: string,
  unit: ShownUnit,
  measuredBy?: ResultSpec['measuredBy'],
): ResultSpec<Id> {
  const [quantity, customary] = UNITS[unit]
  return { id, name, quantity, units: [unit, customary], ...(measuredBy && { measuredBy }) }
}

/** From what begins the hush to what ends it. */
export const HUSH = ['sealed', 'gone'] as const
