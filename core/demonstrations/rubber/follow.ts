import { balloonVolume, heldAt, restingStretch, type Rubber } from '../../mechanisms/rubber-balloon'

/** A step by the secant further than this from where the balloon was may land on another branch. */
const NEAR = 0.15

/**
 * Stretch of a sealed balloon at outside pressures that change little by little.
 *
 * Starts from where it was: the secant from there needs a handful of turns; where it strays, the balloon is blown up again from slack.
 * @param amount p V of its gas, J
 */
export function followBalloon(rubber: Rubber, amount: number): (outside: number) => number {
  let last = restingStretch(rubber, amount, 101325)
  let lastOutside = NaN
  function bySecant(outside: number): number | undefined {
    let a = last
    let errorA = heldAt(rubber, a, outside) - amount
    // At constant pressure the amount goes with the cube of the stretch.
    let b = a * (1 - errorA / (3 * amount))
    for (let i = 0; i < 9; i++) {
      if (!(Math.abs(b / last - 1) < NEAR) || b > rubber.burst) return undefined
      const errorB = heldAt(rubber, b, outside) - amount
      if (Math.abs(errorB) < 1e-9 * amount) return b
      const next = b - errorB * (b - a) / (errorB - errorA)
      a = b
      errorA = errorB
      b = next
    }
    return undefined
  }
  return (outside) => {
    if (outside === lastOutside) return last
    lastOutside = outside
    last = bySecant(outside) ?? restingStretch(rubber, amount, outside)
    return last
  }
}

export const acrossAt = (rubber: Rubber, stretch: number): number => 2 * rubber.radius * stretch

/** Volume against diameter: a balloon that is not stretched yet hangs as large as its gas. */
export const volumeAt = balloonVolume
