/**
 * A boiled egg, without its shell, pushed through a ring that is narrower than it is.
 *
 * The white is soft and hardly compressible: squeezed sideways by the interference it presses on the neck over the
 * band of contact, and friction and the slope of the band hold it. Magnitudes only; every constant is an input with a
 * wide spread.
 */
import { halving } from '../elementary'

export interface EggInNeck {
  /** smaller diameter of the egg, m */ egg: number
  /** inner diameter of the neck, m */ neck: number
  /** Young's modulus of the boiled egg, Pa */ stiffness: number
  /** friction coefficient */ friction: number
  /** slope of the end that goes first, as a tangent: 0.35 blunt, 0.22 pointed */ slope: number
}

/**
 * Share by which the egg is too wide, of its own width; negative if it drops through. @param egg and `neck`, m across
 */
export const interference = ({ egg, neck }: EggInNeck): number => (egg - neck) / egg

/**
 * Difference needed to push it through, Pa.
 *
 * Contact pressure E ε (plane strain adds a third) over a band of length D √(2 ε) (a sphere cut by a cylinder), times
 * friction and slope, over the neck's area.
 * @source force balance on a press fit (Shigley, Mechanical Engineering Design, 7th ed., sect. 3-14) with the band's
 *   length from geometry
 */
export function pushThrough(fit: EggInNeck): number {
  const squeeze = interference(fit)
  if (squeeze <= 0) return 0
  const contact = (fit.stiffness * squeeze * 4) / 3
  const band = fit.egg * Math.sqrt(2 * squeeze)
  return ((4 * contact * band) / fit.neck) * (fit.friction + fit.slope)
}

/**
 * How the white gives under a load that stays: a spring beside a spring with a dashpot (standard linear solid).
 *
 * Its stress is E (ε − (1 − r) ε_v), and the dashpot follows with dε_v/dt = (ε − ε_v)/τ: at once it is as stiff as E,
 * after a long time as stiff as r E. So an egg that holds at first can creep in.
 * @source stress relaxation of heat-set gels of egg white: a third to a half of the stress stays, the rest goes
 *   within some 5 to 60 s (M. Peleg, J. Food Sci. 44 (1979) 277, method and order of magnitude; figures from memory)
 */
export interface Relaxing {
  /** share r of the stiffness that stays */ kept: number
  /** τ, s */ time: number
}

/** Load per stress: Δp = this × (ε − (1 − r) ε_v) √ε. */
const loadPerSqueeze = (fit: EggInNeck): number =>
  (((16 / 3) * fit.stiffness * fit.egg * Math.sqrt(2)) / fit.neck) * (fit.friction + fit.slope)

/** Difference at which it goes through now, Pa. @param flowed ε_v so far */
export function pushThroughNow(fit: EggInNeck, relaxing: Relaxing, flowed: number): number {
  const squeeze = interference(fit)
  return squeeze <= 0 ? 0 : loadPerSqueeze(fit) * (squeeze - (1 - relaxing.kept) * flowed) * Math.sqrt(squeeze)
}

/**
 * How fast ε_v grows, 1/s, while a difference (Pa) presses it into the neck as far as it holds.
 *
 * The squeeze it has then solves a cubic in √ε, by Newton's method from above, where it converges without turning.
 */
export function flowRate(fit: EggInNeck, relaxing: Relaxing, flowed: number, difference: number): number {
  const full = Math.max(0, interference(fit))
  const load = Math.max(0, difference) / loadPerSqueeze(fit)
  const lag = (1 - relaxing.kept) * flowed
  let root = Math.sqrt(full)
  if ((root * root - lag) * root > load) {
    for (let i = 0; i < 30; i++) {
      const step = ((root * root - lag) * root - load) / (3 * root * root - lag)
      root -= step
      if (Math.abs(step) < 1e-12) break
    }
  }
  return (root * root - flowed) / relaxing.time
}

/** True if the squeeze is more than the white stands. @param tears share of interference at which it tears */
export const tears = (fit: EggInNeck, limit: number): boolean => interference(fit) > limit

/** Widest egg that a difference pushes through, m: the other way round, by halving. */
export const widestEgg = (fit: EggInNeck, difference: number): number =>
  halving(egg => pushThrough({ ...fit, egg }) < difference, fit.neck, fit.neck * 2, 40)
