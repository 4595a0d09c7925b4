/**
 * A ball driven along an evacuated tube by the air that bursts in behind it.
 *
 * Air behind: it has to be set moving itself. A ball that starts from rest in front of a long reservoir feels
 * p/p0 = (1 − (γ−1)/2 · u/c0)^(2γ/(γ−1)), the simple expansion wave; at the open end of a tube the room takes the
 * place of
 * the reservoir. Air ahead: what the pump left, compressed by a shock as the ball runs into it.
 */
import { AIR_GAMMA, nozzleFlow } from './nozzle-flow'
import { AIR_GAS_CONSTANT } from '../substances/air'
import { integerPower } from '../elementary'
import { integratorOf } from '../solver'
import { GRAVITY } from '../substances/water-transport'

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

/**
 * Speed of sound in dry air, m/s. @param temperature K, above 0 @source ideal gas, √(γ R T): F. M. White, Fluid
 * Mechanics, 4th ed. (1999), eq. 9.16
 */
export const soundSpeed = (temperature: number): number => Math.sqrt(AIR_GAMMA * AIR_GAS_CONSTANT * temperature)

/**
 * Pressure behind a piston that runs away from still gas, Pa; 0 beyond the escape speed 2c/(γ−1).
 * @source J. D. Anderson, Modern Compressible Flow, 3rd ed. (2003), eq. 7.86 (simple expansion wave)
 */
export function behind(pressure: number, speed: number, sound: number): number {
  const rest = 1 - (((AIR_GAMMA - 1) / 2) * speed) / sound
  return rest > 0 ? pressure * integerPower(rest, 7) : 0
}

/** Darcy factor of a smooth tube at a Reynolds number near 5e5 (White, fig. 6.13). */
const DARCY = 0.013
/**
 * In the wave behind a running piston the air's speed grows in a straight line from rest to the piston's: a third of
 * its square on the mean.
 */
const MEAN_SQUARE = 1 / 3

/** Pressure that the air column loses to the tube's wall, Pa; at most what is there. */
function columnFriction(
  outside: number,
  speed: number,
  sound: number,
  length: number,
  tube: number,
  temperature: number,
): number {
  const pressure = behind(outside, speed, sound)
  // Isentropic: ρ/ρ0 = (p/p0)^(1/γ), taken half-way between the ends of the column.
  const density = (outside / (AIR_GAS_CONSTANT * temperature)) * (0.5 + (0.5 * pressure) / outside)
  return Math.min(0.95 * pressure, ((DARCY * length) / tube) * 0.5 * density * speed * speed * MEAN_SQUARE)
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
  const area = (Math.PI * shot.tube * shot.tube) / 4
  const line = (shot.outside / (AIR_GAS_CONSTANT * shot.temperature)) * area
  return Math.sqrt(shot.outside * area * (2 * shot.mass * x + line * x * x)) / (shot.mass + line * x)
}

export interface Shot {
  /** m/s */ speed: number
  /** s */ time: number
}

/** Contraction of the leak past the ball: sharp-edged slot, White, sect. 6.10. */
const GAP_CONTRACTION = 0.6
/** The last stretch of tube holds what leaked past the ball until the ball drives it out; share of the length. */
const LAST = 0.05
/** Nobody waits longer for a ball, s. */
const LONGEST = 10
const [PLACE, SPEED, FRONT] = [0, 1, 2] as const

/**
 * Runs a shot until the ball leaves or stops in the tube.
 *
 * @param tolerance relative, of one step
 * @param onStep time, place, speed, pressure behind, pressure ahead
 * @returns at the muzzle; speed 0 if it never gets there
 */
export function shoot(
  shot: TubeShot,
  tolerance: number,
  onStep?: (time: number, place: number, speed: number, behind: number, ahead: number) => void,
): Shot {
  const { mass, ball, tube, length, outside, residual, temperature, friction } = shot
  const sound = soundSpeed(temperature)
  const ballArea = (Math.PI * ball * ball) / 4
  const section = (Math.PI * tube * tube) / 4
  const gap = Math.max(0, section - ballArea)
  const rub = friction * mass * GRAVITY
  const rearAt = (s: Float64Array): number =>
    behind(outside, s[SPEED], sound) - columnFriction(outside, s[SPEED], sound, s[PLACE], tube, temperature)
  const faceAt = (s: Float64Array, rear: number): number => Math.min(rear * 4, ahead(s[FRONT], s[SPEED], sound))
  const state = Float64Array.of(0, 0, residual)
  if ((outside - residual) * ballArea <= rub) return { speed: 0, time: Infinity }
  const { time, stoppedBy } = integratorOf(3).run(
    {
      size: 3,
      scale: Float64Array.of(0.05 * length, 1, 0.01 * outside),
      derivatives(_time, s, slope) {
        const rear = rearAt(s)
        const face = faceAt(s, rear)
        slope[PLACE] = s[SPEED]!
        slope[SPEED] = ((rear - face) * ballArea - rub) / mass
        // Air that leaks past the ball piles up ahead of it, in what is left of the tube, until it is driven out.
        slope[FRONT] =
          (nozzleFlow(GAP_CONTRACTION * gap, rear, temperature, face) * AIR_GAS_CONSTANT * temperature) /
          (Math.max(length - s[PLACE], LAST * length) * section)
      },
    },
    state,
    0,
    LONGEST,
    {
      tolerance,
      firstStep: 1e-4,
      between: onStep ? 2 : 0,
      onStep:
        onStep &&
        ((t, s) => {
          const rear = rearAt(s)
          onStep(t, s[PLACE], s[SPEED], rear, faceAt(s, rear))
        }),
      events: [
        { id: 'muzzle', direction: 1, stops: true, value: (_, s) => s[PLACE] - length },
        { id: 'stops', direction: -1, stops: true, value: (_, s) => s[SPEED] },
      ],
    },
  )
  return stoppedBy === 'muzzle' ? { speed: state[SPEED], time } : { speed: 0, time: Infinity }
}
