/**
 * A ball driven along an evacuated tube by the air that bursts in behind it.
 *
 * Air behind: it has to be set moving itself. A ball that starts from rest in front of a long reservoir feels
 * p/p0 = (1 − (γ−1)/2 · u/c0)^(2γ/(γ−1)), the simple expansion wave; at the open end of a tube the room takes the place of
 * the reservoir. Air ahead: what the pump left, compressed by a shock as the ball runs into it.
 */
import { AIR_GAMMA, nozzleFlow } from './nozzle-flow'
import { AIR_GAS_CONSTANT } from '../substances/air'
import { integerPower } from '../elementary'

export interface TubeShot {
  /** kg */ mass: number
  /** m */ ball: number
  tube: number
  length: number
  /** Pa */ outside: number
  residual: number
  /** K */ temperature: number
  /** of the normal of the ball on the tube, N per N */ friction: number
}

export const soundSpeed = (temperature: number): number => Math.sqrt(AIR_GAMMA * AIR_GAS_CONSTANT * temperature)

/**
 * Pressure behind a piston that runs away from still gas, Pa; 0 beyond the escape speed 2c/(γ−1).
 * @source J. D. Anderson, Modern Compressible Flow, 3rd ed. (2003), eq. 7.86 (simple expansion wave)
 */
export function behind(pressure: number, speed: number, sound: number): number {
  const rest = 1 - (AIR_GAMMA - 1) / 2 * speed / sound
  return rest > 0 ? pressure * integerPower(rest, 7) : 0
}

/** Darcy factor of a smooth tube at a Reynolds number near 5e5 (White, fig. 6.13). */
const DARCY = 0.013
/** In the wave behind a running piston the air's speed grows in a straight line from rest to the piston's: a third of its square on the mean. */
const MEAN_SQUARE = 1 / 3

/** Pressure that the air column loses to the tube's wall, Pa; at most what is there. */
function columnFriction(outside: number, speed: number, sound: number, length: number, tube: number, temperature: number): number {
  const pressure = behind(outside, speed, sound)
  // Isentropic: ρ/ρ0 = (p/p0)^(1/γ), taken half-way between the ends of the column.
  const density = outside / (AIR_GAS_CONSTANT * temperature) * (0.5 + 0.5 * pressure / outside)
  return Math.min(0.95 * pressure, DARCY * length / tube * 0.5 * density * speed * speed * MEAN_SQUARE)
}

/**
 * Pressure ahead of a piston that runs into still gas, Pa.
 * @source shock driven by a piston: Anderson, eq. 7.16 with the jump conditions, solved for the piston's speed
 */
export function ahead(pressure: number, speed: number, sound: number): number {
  const m = speed / sound
  const k = (AIR_GAMMA + 1) / 4
  return pressure * (1 + AIR_GAMMA * k * m * m + AIR_GAMMA * m * Math.sqrt(1 + k * k * m * m))
}

/**
 * Speed of Ayars & Buchholtz's vacuum cannon: constant force on the ball and all the air behind it.
 * @param x m along the tube
 * @source E. Ayars & L. Buchholtz, Am. J. Phys. 72 (2004) 961: v² = p A (2 m x + ρ A x²)/(m + ρ A x)²
 */
export function lumpedSpeed(shot: TubeShot, x: number): number {
  const area = Math.PI * shot.tube * shot.tube / 4
  const line = shot.outside / (AIR_GAS_CONSTANT * shot.temperature) * area
  return Math.sqrt(shot.outside * area * (2 * shot.mass * x + line * x * x)) / (shot.mass + line * x)
}

export interface Shot { /** m/s */ speed: number, /** s */ time: number }

/**
 * Runs a shot by steps of equal length along the tube.
 * @param onStep time, place, speed, pressure behind, pressure ahead
 * @returns at the muzzle; speed 0 if it never gets there
 */
export function shoot(shot: TubeShot, onStep?: (time: number, place: number, speed: number, behind: number, ahead: number) => void): Shot {
  const { mass, ball, tube, length, outside, residual, temperature, friction } = shot
  const sound = soundSpeed(temperature)
  const ballArea = Math.PI * ball * ball / 4
  const gap = Math.max(0, Math.PI * tube * tube / 4 - ballArea)
  let speed = 0
  let place = 0
  let time = 0
  // Air that leaks past the ball piles up ahead of it, in what is left of the tube, until it is driven out.
  let front = residual
  onStep?.(0, 0, 0, outside, residual)
  const STEPS = 240
  const step = length / STEPS
  for (let i = 0; i < STEPS; i++) {
    const rear = behind(outside, speed, sound) - columnFriction(outside, speed, sound, place, tube, temperature)
    const face = Math.min(rear * 4, ahead(front, speed, sound))
    const force = (rear - face) * ballArea - friction * mass * 9.80665
    const energy = speed * speed / 2 + force / mass * step
    if (energy <= 0) return { speed: 0, time: Infinity }
    const next = Math.sqrt(2 * energy)
    const taken = 2 * step / (speed + next)
    time += taken
    speed = next
    place += step
    // What leaks stays near the ball when it runs close to sound: it raises the pressure of the whole stretch ahead at most.
    const leaked = nozzleFlow(0.6 * gap, rear, temperature, face) * taken
    const left = Math.max(length - place, 0.05 * length) * tube * tube * Math.PI / 4
    front += leaked * AIR_GAS_CONSTANT * temperature / left
    onStep?.(time, place, speed, rear, face)
  }
  return { speed, time }
}
