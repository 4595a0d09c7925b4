import { balloonVolume, hump, restingStretch, skinPressure, type Rubber } from '../../mechanisms/rubber-balloon'
import { cubeRoot } from '../../elementary'

/**
 * Stretch of a sealed balloon at an outside pressure: the smallest at which it holds its gas, whatever was asked
 * before.
 *
 * The search starts at the size that the gas would have under the greatest pressure that the skin can give: a few
 * steps below.
 * @param amount p V of its gas, J
 */
export function followBalloon(rubber: Rubber, amount: number): (outside: number) => number {
  const most = Math.max(hump(rubber), skinPressure(rubber, rubber.burst))
  const slack = balloonVolume(rubber, 1)
  let last = NaN
  let lastOutside = NaN
  return outside => {
    if (outside === lastOutside) return last
    lastOutside = outside
    const limp = cubeRoot(amount / (Math.max(outside, 1) * slack), last)
    last =
      limp <= 1
        ? limp
        : restingStretch(
            rubber,
            amount,
            outside,
            Math.max(1, cubeRoot(amount / ((Math.max(outside, 0) + most) * slack), limp)),
          )
    return last
  }
}

/** Steps of the search along the stretch; each a hundredth of the way or finer. */
const SCAN = 120

/**
 * Outside pressure under which a sealed balloon has grown past a stretch, Pa.
 *
 * It rests at the smallest stretch at which its gas and its skin agree, so it passes one when the outside is below
 * every pressure that holds it at a smaller one: past a hump it jumps.
 * @param from stretch that it has in the room
 */
export function pressureToPass(rubber: Rubber, amount: number, from: number, stretch: number): number {
  const at = (x: number): number => amount / balloonVolume(rubber, x) - skinPressure(rubber, x)
  let least = Infinity
  for (let i = 0; i <= SCAN; i++) least = Math.min(least, at(from + ((stretch - from) * i) / SCAN))
  return least
}

export const acrossAt = (rubber: Rubber, stretch: number): number => 2 * rubber.radius * stretch

/** Volume against diameter: a balloon that is not stretched yet hangs as large as its gas. */
export const volumeAt = balloonVolume
