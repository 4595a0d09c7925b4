import { balloonVolume, heldAt, restingStretch, type Rubber } from '../../mechanisms/rubber-balloon'

/**
 * Stretch of a sealed balloon at falling outside pressures.
 *
 * Remembers the last stretch, since it only grows on the way down; asked for a higher pressure it starts afresh.
 * @param amount p V of its gas, J
 */
export function followBalloon(rubber: Rubber, amount: number): (outside: number) => number {
  let last = 0.05
  let lastOutside = NaN
  return (outside) => {
    if (outside === lastOutside) return last
    lastOutside = outside
    const from = last * 0.97
    last = restingStretch(rubber, amount, outside, heldAt(rubber, from, outside) < amount ? from : 0.05)
    return last
  }
}

export const acrossAt = (rubber: Rubber, stretch: number): number => 2 * rubber.radius * stretch

/** Volume against diameter: a balloon that is not stretched yet hangs as large as its gas. */
export const volumeAt = balloonVolume
