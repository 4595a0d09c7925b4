import { balloonVolume, hump, restingStretch, skinPressure, type Rubber } from '../../mechanisms/rubber-balloon'
import { pow } from '../../elementary'

/**
 * Stretch of a sealed balloon at an outside pressure: the smallest at which it holds its gas, whatever was asked before.
 *
 * The search starts at the size that the gas would have under the greatest pressure that the skin can give: a few steps below.
 * @param amount p V of its gas, J
 */
export function followBalloon(rubber: Rubber, amount: number): (outside: number) => number {
  const most = Math.max(hump(rubber), skinPressure(rubber, rubber.burst))
  const slack = balloonVolume(rubber, 1)
  let last = NaN
  let lastOutside = NaN
  return (outside) => {
    if (outside === lastOutside) return last
    lastOutside = outside
    const limp = pow(amount / (Math.max(outside, 1) * slack), 1 / 3)
    last = limp <= 1 ? limp : restingStretch(rubber, amount, outside, Math.max(1, pow(amount / ((Math.max(outside, 0) + most) * slack), 1 / 3)))
    return last
  }
}

export const acrossAt = (rubber: Rubber, stretch: number): number => 2 * rubber.radius * stretch

/** Volume against diameter: a balloon that is not stretched yet hangs as large as its gas. */
export const volumeAt = balloonVolume
