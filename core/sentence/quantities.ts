/** Quantities as they stand in sentences; every argument is SI. Two digits unless a third means something. */
import type { Told } from './sentence'
import type { QuantityKind } from '../units'

/** How many digits, the value whose size decides the unit, and the units that such a thing usually has. */
export type Telling = Partial<Pick<Told, 'digits' | 'like' | 'units' | 'toward'>>

const of =
  (kind: QuantityKind, usual: number) =>
  (si: number, { digits = usual, like, units, toward }: Telling = {}): Told => ({
    kind,
    si,
    digits,
    ...(like !== undefined && { like }),
    ...(units && { units }),
    ...(toward && { toward }),
  })

/** @param kelvin K, absolute */
export const asTemperature = of('temperature', 3)
/** @param kelvin K, of a difference */
export const asTemperatureDifference = of('temperatureDifference', 2)
/** @param pa Pa, of a difference or of what is inside */
export const asPressure = of('pressure', 2)
/** Pressure of the room, as a weather station tells it. @param pa Pa */
export const asRoomPressure = (pa: number, { digits = 3 }: Telling = {}): Told => ({
  kind: 'pressure',
  si: pa,
  digits,
  units: ['hPa', 'inHg'],
})
export const asTime = of('time', 2)
export const asLength = of('length', 2)
export const asVolume = of('volume', 3)
export const asArea = of('area', 2)
export const asMass = of('mass', 2)
export const asForce = of('force', 2)
export const asEnergy = of('energy', 2)
export const asPower = of('power', 3)
export const asSpeed = of('speed', 2)
/** A share of one, in per cent. */
export const asShare = (x: number): Told => ({ kind: 'fraction', si: x, digits: x < 0.0095 ? 1 : 2 })
/** "3.4 times". */
export const asTimes = (x: number): Told => ({ kind: 'count', si: x, digits: 2, as: 'times' })
/** A bare number. @param toward where it is a bound: which side of it what is told must lie on */
export const asNumber = (x: number, digits = 3, toward?: Told['toward']): Told => ({
  kind: 'count',
  si: x,
  digits,
  as: 'count',
  ...(toward && { toward }),
})
/** More digits than that tell nothing. */
const MOST_DIGITS = 5
/** Two of a kind that are told against each other: with digits enough to tell them apart in any unit. */
export function apart(a: Told, b: Told): [Told, Told] {
  const larger = Math.max(Math.abs(a.si), Math.abs(b.si))
  const gap = Math.abs(a.si - b.si)
  let digits = Math.max(a.digits, b.digits)
  let step = 0.1 ** (digits - 1)
  while (gap < larger * step && digits < MOST_DIGITS) {
    digits++
    step /= 10
  }
  // What is the same to so many digits is simply the same.
  const told = gap < larger * step ? {} : { digits }
  return [
    { ...a, ...told },
    { ...b, ...told },
  ]
}
/** Of any kind. */
export const asQuantity = (si: number, kind: QuantityKind, telling: Telling = {}): Told => of(kind, 3)(si, telling)
