/** Things that the outside air holds together, and how long. */
import { pow } from '../elementary'
import { AIR_GAS_CONSTANT } from '../substances/air'
import { CHOKED, CHOKED_FLOW } from './nozzle-flow'

/**
 * Holding force, N. @param outside and `inside`, Pa @param area that the seal encloses, m2 @source statics:
 * difference times area
 */
export const holdingForce = (outside: number, inside: number, area: number): number => (outside - inside) * area

/**
 * How far a leak into a space has got, in a clock that runs evenly: seconds times area √(R T)/V, from an empty space
 * on.
 *
 * While the inside is under 0.528 of the outside the nozzle is choked and the pressure rises in a straight line.
 * Above it, with r = (p/p0)^(2/7), dp/dt = K p0 r^(5/2) √(7 (1 − r)) and dp = 7/2 p0 r^(5/2) dr, so that the clock is
 * −√7 √(1 − r): a closed form.
 * @param share inside over outside pressure, 0 to 1
 */
function leakClock(share: number): number {
  const choked = Math.min(share, CHOKED)
  const straight = choked / CHOKED_FLOW
  return share <= CHOKED
    ? straight
    : straight + SQUARE_ROOT_7 * (CHOKED_ROOT - Math.sqrt(Math.max(0, 1 - pow(share, 2 / 7))))
}

const SQUARE_ROOT_7 = Math.sqrt(7)
const CHOKED_ROOT = Math.sqrt(1 - pow(CHOKED, 2 / 7))
/** The clock when inside and outside are even. */
const EVEN = CHOKED / CHOKED_FLOW + SQUARE_ROOT_7 * CHOKED_ROOT

/** Clock per second. */
const leakRate = (volume: number, leakArea: number, temperature: number): number =>
  (leakArea * Math.sqrt(AIR_GAS_CONSTANT * temperature)) / volume

/**
 * Time until a leaking space has risen to a pressure, s; Infinity if it never does.
 *
 * @param volume m3 @param leakArea m2, contraction included @param outside Pa @param temperature K @param from Pa
 *   @param to Pa
 * @source isothermal filling through an isentropic nozzle (see `leakClock`; White, Fluid Mechanics, 4th ed., sect. 9.4)
 */
export function timeToRise(
  volume: number,
  leakArea: number,
  outside: number,
  temperature: number,
  from: number,
  to: number,
): number {
  if (to <= from) return 0
  if (!(leakArea > 0) || to > outside) return Infinity
  return (leakClock(to / outside) - leakClock(from / outside)) / leakRate(volume, leakArea, temperature)
}

/** Pressure of a leaking space after a time, Pa, never over the outside; the inverse of `timeToRise`. @param time s */
export function risen(
  volume: number,
  leakArea: number,
  outside: number,
  temperature: number,
  from: number,
  time: number,
): number {
  if (!(leakArea > 0) || from >= outside) return from
  const clock = leakClock(from / outside) + leakRate(volume, leakArea, temperature) * time
  if (clock >= EVEN) return outside
  if (clock <= CHOKED / CHOKED_FLOW) return outside * clock * CHOKED_FLOW
  const root = CHOKED_ROOT - (clock - CHOKED / CHOKED_FLOW) / SQUARE_ROOT_7
  return outside * pow(1 - root * root, 3.5)
}

/**
 * Pressure under a cup that is pulled: the air it kept has more room, at one temperature.
 * @param kept air volume when pressed on, m3 @param opened added by the pull, m3
 * @source Boyle's law
 */
export const pulledCup = (outside: number, kept: number, opened: number): number => (outside * kept) / (kept + opened)
