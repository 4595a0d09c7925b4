/** A lid that lets go at a pressure and is driven off by what is behind it. */
import { pow } from '../elementary'

export interface Lid {
  /** kg */ mass: number
  /** m2 */ area: number
  /** way on which its skirt still closes, m */ travel: number
}

/**
 * Speed of a lid as its skirt comes free, m/s.
 *
 * The gas expands without heat (γ) behind it from the pressure at which it let go; friction is part of that pressure and is
 * left out afterwards, so this is the upper side.
 * @param pressure absolute at release, Pa @param outside Pa @param volume of the canister, m3 @param gamma of the gas
 * @source work of an adiabatic expansion less that against the room, W = p1 V1/(γ−1) (1 − (V1/V2)^(γ−1)) − p0 (V2 − V1)
 */
export function lidSpeed({ mass, area, travel }: Lid, pressure: number, outside: number, volume: number, gamma: number): number {
  const larger = volume + area * travel
  const work = pressure * volume / (gamma - 1) * (1 - pow(volume / larger, gamma - 1)) - outside * (larger - volume)
  return work > 0 ? Math.sqrt(2 * work / mass) : 0
}
