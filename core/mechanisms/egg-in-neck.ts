/**
 * A boiled egg, without its shell, pushed through a ring that is narrower than it is.
 *
 * The white is soft and hardly compressible: squeezed sideways by the interference it presses on the neck over the band of
 * contact, and friction and the slope of the band hold it. Magnitudes only; every constant is an input with a wide spread.
 */
import { halving } from '../elementary'

export interface EggInNeck {
  /** smaller diameter of the egg, m */ egg: number
  /** inner diameter of the neck, m */ neck: number
  /** Young's modulus of the boiled egg, Pa */ stiffness: number
  /** friction coefficient */ friction: number
  /** slope of the end that goes first, as a tangent: 0.35 blunt, 0.22 pointed */ slope: number
}

/** Share by which the egg is too wide; negative if it drops through. */
export const interference = ({ egg, neck }: EggInNeck): number => (egg - neck) / egg

/**
 * Difference needed to push it through, Pa.
 *
 * Contact pressure E ε (plane strain adds a third) over a band of length D √(2 ε) (a sphere cut by a cylinder), times
 * friction and slope, over the neck's area.
 * @source force balance on a press fit (Shigley, Mechanical Engineering Design, 7th ed., sect. 3-14) with the band's length from geometry
 */
export function pushThrough(fit: EggInNeck): number {
  const squeeze = interference(fit)
  if (squeeze <= 0) return 0
  const contact = fit.stiffness * squeeze * 4 / 3
  const band = fit.egg * Math.sqrt(2 * squeeze)
  return 4 * contact * band / fit.neck * (fit.friction + fit.slope)
}

/** True if the squeeze is more than the white stands. @param tears share of interference at which it tears */
export const tears = (fit: EggInNeck, limit: number): boolean => interference(fit) > limit

/** Widest egg that a difference pushes through, m: the other way round, by halving. */
export const widestEgg = (fit: EggInNeck, difference: number): number =>
  halving(egg => pushThrough({ ...fit, egg }) < difference, fit.neck, fit.neck * 2, 40)
