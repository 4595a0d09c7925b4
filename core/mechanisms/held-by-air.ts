/** Things that the outside air holds together, and how long. */
import { leakIn } from './pump-down'

/** Holding force, N. @param area that the seal encloses, m2 */
export const holdingForce = (outside: number, inside: number, area: number): number => (outside - inside) * area

/**
 * Time until a leaking space has risen to a pressure, s; Infinity if it has no leak.
 *
 * While the pressure inside is under half the outside the leak is choked and the rise a straight line.
 * @param volume m3 @param leakArea m2
 */
export function timeToRise(volume: number, leakArea: number, outside: number, temperature: number, from: number, to: number): number {
  if (to <= from) return 0
  if (!(leakArea > 0) || to >= outside) return Infinity
  const STEPS = 24
  let time = 0
  for (let i = 0; i < STEPS; i++) time += (to - from) / STEPS * volume / leakIn(leakArea, outside, temperature, from + (to - from) * (i + 0.5) / STEPS)
  return time
}

/** Pressure of a leaking space after a time, Pa: middle-point steps. */
export function risen(volume: number, leakArea: number, outside: number, temperature: number, from: number, time: number): number {
  if (!(leakArea > 0)) return from
  let pressure = from
  const STEPS = 60
  for (let i = 0; i < STEPS; i++) {
    const half = pressure + leakIn(leakArea, outside, temperature, pressure) / volume * time / STEPS / 2
    pressure = Math.min(outside, pressure + leakIn(leakArea, outside, temperature, half) / volume * time / STEPS)
  }
  return pressure
}

/**
 * Pressure under a cup that is pulled: the air it kept has more room, at one temperature.
 * @param kept air volume when pressed on, m3 @param opened added by the pull, m3
 * @source Boyle's law
 */
export const pulledCup = (outside: number, kept: number, opened: number): number => outside * kept / (kept + opened)
