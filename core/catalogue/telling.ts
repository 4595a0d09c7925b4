/** Sentences that more than one demonstration says to a class. */
import { HAND_AREA } from '../demonstration'
import { GRAVITY } from '../substances/water-transport'
import { apart, asForce, asMass, asPressure, asShare, say, type Sentence, type Told } from '../sentence'

/** Pa: what nobody would call a difference */
const NEXT_TO_NOTHING = 50

/** How hard the room's air presses, on something that everybody has at hand. @param room Pa */
export const handPush = (room: number): Sentence =>
  say`Air presses on everything. On a patch as large as your hand it presses with about
    ${asForce(HAND_AREA * room)}, as if
    ${asMass((HAND_AREA * room) / GRAVITY)} lay on it.`

/** A difference of pressure as it came to be. @param difference Pa */
export const reached = (difference: number): Sentence =>
  difference < NEXT_TO_NOTHING ? 'next to nothing' : say`${asPressure(difference)}`

/** What a wall holds, and the difference that it came to. @param holds and `came`, Pa */
export function wallAgainst(holds: number, came: number): [holds: Told, came: Sentence] {
  const [critical, peak] = apart(asPressure(holds), asPressure(came))
  return [critical, came < NEXT_TO_NOTHING ? reached(came) : say`${peak}`]
}

/** What cooling a gas alone would do, by the law of Gay-Lussac. @param from K @param to K, lower */
export const coolingAlone = (from: number, to: number): Sentence =>
  say`At a fixed volume p/T stays the same (p pressure, T absolute temperature). Cooling the gas alone would take
    ${asShare(1 - to / from)} off its pressure.`

/**
 * The lowest pressure that a closed vessel with steam in it can come to.
 * @param air share of the gas that is air @param floor Pa
 */
export const lowestPressure = (air: number, floor: number): Sentence =>
  say`With condensing, p = x p0 T2/T1 + ps(T2) is left in the end: x is the share of air (${asShare(air)}), p0 the
  room's
    pressure, T1 and T2 the temperatures at the seal and in the end, ps the saturation pressure of water. Here that is
    ${asPressure(floor)}. Assumed: no gas comes in, and all of it reaches T2.`
