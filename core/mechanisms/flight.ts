/** Things that fly through still air. */
import { integratorOf } from '../solver'
import { GRAVITY } from '../substances/water-transport'

export interface Flyer {
  /** kg */ mass: number
  /** frontal, m2 */ area: number
  /** coefficient */ drag: number
  /** of the air, kg/m3 */ density: number
}

/** A flight need be known to a hundredth. */
const TOLERANCE = 1e-3
const LONGEST = 120
const SIZE = 4

/** Drag per speed squared, 1/m. */
const dragOf = ({ density, drag, area, mass }: Flyer): number => (density * drag * area) / (2 * mass)

/** Nothing hangs on where it is. */
const SPEEDS = [0, 1]

/** Forward and upward speed, place, height. */
function fly(
  flyer: Flyer,
  state: Float64Array,
  tolerance: number,
  onStep?: (time: number, state: Float64Array) => void,
): { time: number; highest: number } {
  const k = dragOf(flyer)
  const speed = Math.sqrt(state[0] * state[0] + state[1] * state[1])
  const ended = integratorOf(SIZE).run(
    {
      size: SIZE,
      coupledAt: () => SPEEDS,
      scale: Float64Array.of(0.5, 0.5, 0.1, 0.1),
      derivatives(_t, s, slope) {
        const [u, v] = [s[0], s[1]]
        const fast = Math.sqrt(u * u + v * v)
        slope[0] = -k * fast * u
        slope[1] = -k * fast * v - GRAVITY
        slope[2] = u
        slope[3] = v
      },
    },
    state,
    0,
    LONGEST,
    {
      tolerance,
      firstStep: Math.min(0.05, 0.1 / (k * speed + 0.5)),
      between: onStep ? 1 : 0,
      onStep,
      peaks: [{ id: 'height', value: (_, s) => s[3] }],
      events: [{ id: 'ground', direction: -1, stops: true, value: (_, s) => s[3] }],
    },
  )
  return { time: ended.time, highest: ended.peaks.height.value }
}

/**
 * Reach over flat ground with quadratic drag.
 *
 * @param speed m/s
 * @param rise upward share of the direction (sine), forward share from it
 * @param height it starts at, m
 * @returns m
 * @source projectile with drag ½ ρ C_d A v² (White, Fluid Mechanics, 4th ed., sect. 7.6), integrated until it lands
 */
export function reach(flyer: Flyer, speed: number, rise: number, height: number): number {
  if (!(speed > 0) || (height <= 0 && rise <= 0)) return 0
  const state = Float64Array.of(speed * Math.sqrt(1 - rise * rise), speed * rise, 0, height)
  fly(flyer, state, TOLERANCE)
  return state[2]
}

/** Launch directions tried, as sines; the best lies near 45°, and lower for what the air slows. */
const DIRECTIONS = [0, 0.2, 0.4, 0.6, 0.75] as const

/**
 * Longest reach over launch directions, m: the best of a few, and the top of the parabola through it and its
 * neighbours.
 * @param speed m/s at launch @param height of launch over the ground, m
 */
export function longestReach(flyer: Flyer, speed: number, height: number): number {
  const reaches = DIRECTIONS.map(rise => reach(flyer, speed, rise, height))
  const best = reaches.indexOf(Math.max(...reaches))
  if (best === 0 || best === DIRECTIONS.length - 1) return reaches[best]
  const [a, b, c] = [best - 1, best, best + 1].map(i => DIRECTIONS[i]) as [number, number, number]
  const [ya, yb, yc] = [best - 1, best, best + 1].map(i => reaches[i]) as [number, number, number]
  const left = (yb - ya) / (b - a)
  const right = (yc - yb) / (c - b)
  const bend = (right - left) / (c - a)
  if (!(bend < 0)) return yb
  const at = (a + b) / 2 - left / (2 * bend)
  return Math.max(yb, ya + left * (at - a) + bend * (at - a) * (at - b))
}

/** Straight up: how high, and when it is back at the ground. @param onStep called with time and height */
export function straightUp(
  flyer: Flyer,
  speed: number,
  tolerance: number,
  onStep?: (time: number, height: number) => void,
): { rise: number; time: number } {
  if (!(speed > 0)) return { rise: 0, time: 0 }
  const { time, highest } = fly(
    flyer,
    Float64Array.of(0, speed, 0, 0),
    tolerance,
    onStep && ((t, s) => onStep(t, Math.max(0, s[3]))),
  )
  return { rise: highest, time }
}

/** Cross-section of a ball, m2. @param diameter m */
export const ballArea = (diameter: number): number => (Math.PI * diameter * diameter) / 4
/** Drag coefficient of a smooth ball below the drag crisis: White, fig. 7.16. */
export const BALL_DRAG = 0.47
