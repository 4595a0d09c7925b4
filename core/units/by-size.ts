/** Which unit a person would use for so much of a quantity. */
import { differenceFromSi, differenceToSi, fromSi, type QuantityKind } from './quantity'

export const UNIT_SYSTEMS = ['si', 'us'] as const
export type UnitSystem = (typeof UNIT_SYSTEMS)[number]

/** From which size on (SI) a unit is used; the first one has no lower end. */
type Ladder = readonly (readonly [from: number, unit: string])[]

const INCH = 0.0254
const POUND = 0.45359237
const GALLON = 3.785411784e-3
const only = (unit: string): Ladder => [[0, unit]]

/** What is usual in a kitchen, a workshop and a classroom: a spoon before a fluid ounce, a foot before forty inches. */
const LADDERS: Record<QuantityKind, Record<UnitSystem, Ladder>> = {
  pressure: {
    si: [
      [0, 'Pa'],
      [950, 'kPa'],
      [9.5e5, 'MPa'],
    ],
    us: only('psi'),
  },
  temperature: { si: only('degC'), us: only('degF') },
  temperatureDifference: { si: only('K'), us: only('degF') },
  volume: {
    si: [
      [0, 'mL'],
      [9.995e-4, 'L'],
      [9.995, 'm3'],
    ],
    us: [
      [0, 'tsp'],
      [GALLON / 300, 'tbsp'],
      [GALLON / 64, 'floz'],
      [GALLON / 4, 'qt'],
      [GALLON, 'gal'],
    ],
  },
  length: {
    si: [
      [0, 'um'],
      [4.95e-5, 'mm'],
      [0.0095, 'cm'],
      [0.9995, 'm'],
      [9995, 'km'],
    ],
    us: [
      [0, 'mil'],
      [0.0495 * INCH, 'in'],
      [35.95 * INCH, 'ft'],
    ],
  },
  mass: {
    si: [
      [0, 'mg'],
      [9.5e-5, 'g'],
      [0.9995, 'kg'],
    ],
    us: [
      [0, 'gr'],
      [POUND / 160, 'oz'],
      [0.9995 * POUND, 'lb'],
    ],
  },
  time: {
    si: [
      [0, 'ms'],
      [0.9995, 's'],
      [119.5, 'min'],
      [7170, 'h'],
    ],
    us: [
      [0, 'ms'],
      [0.9995, 's'],
      [119.5, 'min'],
      [7170, 'h'],
    ],
  },
  power: {
    si: [
      [0, 'W'],
      [999.5, 'kW'],
    ],
    us: only('BTU/h'),
  },
  force: {
    si: [
      [0, 'N'],
      [1995, 'kN'],
    ],
    us: only('lbf'),
  },
  speed: { si: only('m/s'), us: only('ft/s') },
  energy: {
    si: [
      [0, 'J'],
      [1995, 'kJ'],
      [1.995e6, 'MJ'],
    ],
    us: [
      [0, 'ft lbf'],
      [1e4, 'BTU'],
    ],
  },
  fraction: { si: only('%'), us: only('%') },
  count: { si: only('1'), us: only('1') },
  conductance: { si: only('W/(m2 K)'), us: only('BTU/(h ft2 degF)') },
  area: {
    si: [
      [0, 'mm2'],
      [0.95e-4, 'cm2'],
      [0.095, 'm2'],
    ],
    us: [
      [0, 'in2'],
      [143.5 * INCH * INCH, 'ft2'],
    ],
  },
  flow: {
    si: [
      [0, 'mL/s'],
      [9.5e-6, 'L/min'],
    ],
    us: [
      [0, 'floz/s'],
      [GALLON / 60 / 4, 'gal/min'],
    ],
  },
  impulse: { si: only('N s'), us: only('lbf s') },
  level: { si: only('dB'), us: only('dB') },
}

/** The unit for so much. @param si size, SI; its sign does not count */
export function unitBySize(si: number, kind: QuantityKind, system: UnitSystem): string {
  const ladder = LADDERS[kind][system]
  const size = Math.abs(si)
  // Nothing at all is told in a unit of the middle, where there is one: of two the smaller is the plain one.
  if (size === 0) return ladder[ladder.length > 2 && kind !== 'energy' ? 1 : 0][1]
  return (ladder.findLast(([from]) => size >= from) ?? ladder[0])[1]
}

/** Every unit that some size is told in. */
export const unitsOfSystem = (kind: QuantityKind, system: UnitSystem): readonly string[] =>
  LADDERS[kind][system].map(([, unit]) => unit)

/**
 * The unit that stands in a form: the customary one of its kind of thing while the number is easily read in it, else
 * the one for its size.
 * @param own unit that such a thing is usually told in, in that system
 */
export function unitToShow(si: number, kind: QuantityKind, system: UnitSystem, own: string): string {
  const size = Math.abs(fromSi(si, own, kind))
  if (kind === 'temperature' || kind === 'fraction' || kind === 'count' || !Number.isFinite(size)) return own
  // Half a fluid ounce is a spoon.
  const least = own === 'floz' ? 2 : kind === 'time' || own === 'oz' ? 0.1 : 0.01
  // A weather report says 1013 hPa.
  const most = own === 'hPa' ? 2000 : 1000
  return size === 0 || (size >= least && size < most) ? own : unitBySize(si, kind, system)
}

/** 1, 2 and 5 with any power of ten. */
const ROUND = [1, 2, 5, 10]

/**
 * A step that a person would take: as it is where it is round in the unit shown (two digits, the second one 0 or 5),
 * else the nearest of 1, 2, 5, 10 … by ratio.
 * @param step SI difference, not 0
 * @returns SI
 */
export function roundStep(step: number, unit: string, kind: QuantityKind): number {
  const shown = Math.abs(differenceFromSi(step, unit, kind))
  const power = 10 ** Math.floor(Math.log10(shown) + 1e-9)
  const size = shown / power
  if (Math.abs(size * 2 - Math.round(size * 2)) < 1e-6) return step
  const round = ROUND.reduce((best, x) => (Math.abs(Math.log(x / size)) < Math.abs(Math.log(best / size)) ? x : best))
  return Math.sign(step) * differenceToSi(round * power, unit, kind)
}
