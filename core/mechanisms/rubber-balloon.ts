/**
 * A rubber balloon as a thin sphere of Mooney–Rivlin rubber.
 *
 * @source I. Müller & P. Strehlow, Rubber and Rubber Balloons (2004), ch. 2: [p] = 2 s₊ (d₀/r₀)(λ⁻¹ − λ⁻⁷)(1 + K λ²),
 *   K = −s₋/s₊ = 0.1;
 *   the rise, maximum, fall and second rise are those measured by D. R. Merritt & F. Weinhaus, Am. J. Phys. 46 (1978)
 * 976
 */
import { falsePosition } from '../elementary'

export interface Rubber {
  /** radius with no tension, m */ radius: number
  /** wall with no tension, m */ wall: number
  /** s₊, Pa: about 0.3 MPa */ modulus: number
  /** K: how much it stiffens, about 0.1 */ stiffening: number
  /** stretch of the radius at which it bursts */ burst: number
}

/**
 * Excess pressure inside, Pa; below stretch 1 the skin is slack: 0. @param stretch of the radius, above 0 @source see
 * the head of this file
 */
export function skinPressure(rubber: Rubber, stretch: number): number {
  if (stretch <= 1) return 0
  // Powers written out: this is the inner loop of every balloon.
  const inverse = 1 / stretch
  const cube = inverse * inverse * inverse
  return (
    ((2 * rubber.modulus * rubber.wall) / rubber.radius) *
    (inverse - cube * cube * inverse) *
    (1 + rubber.stiffening * stretch * stretch)
  )
}

/** Its slope, Pa by stretch. */
function skinSlope(rubber: Rubber, stretch: number): number {
  if (stretch <= 1) return 0
  const inverse = 1 / stretch
  const square = inverse * inverse
  const sixth = square * square * square
  const stiffer = rubber.stiffening * stretch * stretch
  return (
    ((2 * rubber.modulus * rubber.wall) / rubber.radius) *
    (square * (7 * sixth - 1) * (1 + stiffer) + 2 * rubber.stiffening * (1 - sixth))
  )
}
/** Turns of Newton's method that are tried. */
const NEWTON_TURNS = 6

/** Volume inside at a stretch, m3. */
export function balloonVolume(rubber: Rubber, stretch: number): number {
  const radius = rubber.radius * stretch
  return (4 / 3) * Math.PI * radius * radius * radius
}

/** Greatest of the first hump of the excess pressure, Pa: found on a grid fine enough for a thousandth. */
export function hump(rubber: Rubber): number {
  let most = 0
  for (let stretch = 1; stretch < 2; stretch += 0.01) most = Math.max(most, skinPressure(rubber, stretch))
  return most
}

/**
 * Gas that a balloon holds at a stretch, as p V, J.
 * @param outside pressure round it, Pa
 */
export const heldAt = (rubber: Rubber, stretch: number, outside: number): number =>
  (outside + skinPressure(rubber, stretch)) * balloonVolume(rubber, stretch)

/**
 * Stretch at which a balloon with a given amount of gas rests: the smallest, since it is blown up from below.
 *
 * @param amount p V of the gas, J
 * @param outside Pa
 * @param from a stretch known to be too small, to save work; 0.05 if left out
 * @returns stretch of the radius; 1.02 × `burst` at most
 */
export function restingStretch(rubber: Rubber, amount: number, outside: number, from = 0.05): number {
  let low = from
  let high = from
  const ceiling = rubber.burst * 1.02
  // Steps of a fiftieth catch the narrowest place where a jump to the other branch can hide.
  let lowError = 0
  let highError = high < ceiling ? heldAt(rubber, high, outside) - amount : 0
  while (high < ceiling && highError < 0) {
    low = high
    lowError = highError
    high = Math.max(high * 1.02, high + 0.002)
    highError = heldAt(rubber, high, outside) - amount
  }
  if (high >= ceiling) return ceiling
  if (lowError >= 0) return low
  const close = 1e-9 * amount
  // Newton from the chord's point: two or three turns; what leaves the bracket (where the curve lies flat) is left to
  // false position.
  let stretch = low + ((high - low) * lowError) / (lowError - highError)
  for (let i = 0; i < NEWTON_TURNS && stretch > low && stretch < high; i++) {
    const volume = balloonVolume(rubber, stretch)
    const skin = skinPressure(rubber, stretch)
    const error = (outside + skin) * volume - amount
    if (Math.abs(error) <= close) return stretch
    stretch -= error / (volume * (skinSlope(rubber, stretch) + (3 * (outside + skin)) / stretch))
  }
  return falsePosition(x => heldAt(rubber, x, outside) - amount, [low, lowError], [high, highError], close)
}
