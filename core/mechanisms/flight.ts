/** Things that fly through still air. */
import { GRAVITY } from '../substances/water-transport'

export interface Flyer {
  /** kg */ mass: number
  /** frontal, m2 */ area: number
  /** coefficient */ drag: number
  /** of the air, kg/m3 */ density: number
}

/**
 * Reach over flat ground with quadratic drag.
 *
 * @param speed m/s
 * @param rise upward share of the direction (sine), forward share from it
 * @param height it starts at, m
 * @returns m
 * @source projectile with drag ½ ρ C_d A v² (White, Fluid Mechanics, 4th ed., sect. 7.6), stepped along the path
 */
export function reach(flyer: Flyer, speed: number, rise: number, height: number): number {
  const k = flyer.density * flyer.drag * flyer.area / (2 * flyer.mass)
  let [x, y] = [0, height]
  let [u, v] = [speed * Math.sqrt(1 - rise * rise), speed * rise]
  for (let i = 0; i < 4000 && (y > 0 || v > 0); i++) {
    const fast = Math.sqrt(u * u + v * v)
    const step = Math.min(0.02, 0.04 / (k * fast + 0.2))
    // Drag implicit in the speed.
    const slowed = 1 / (1 + k * fast * step)
    u *= slowed
    v = (v - GRAVITY * step) * slowed
    x += u * step
    y += v * step
  }
  return x
}

/** Longest reach over launch directions tried in tenths, m. */
export function longestReach(flyer: Flyer, speed: number, height: number): number {
  let most = 0
  for (const rise of [0, 0.15, 0.3, 0.42, 0.55, 0.7]) most = Math.max(most, reach(flyer, speed, rise, height))
  return most
}

export const ballArea = (diameter: number): number => Math.PI * diameter * diameter / 4
/** Drag coefficient of a smooth ball below the drag crisis: White, fig. 7.16. */
export const BALL_DRAG = 0.47
