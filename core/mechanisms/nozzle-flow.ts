import { pow } from '../elementary'
import { AIR_GAS_CONSTANT } from '../substances/air'

/** Ratio of specific heats of air. */
export const AIR_GAMMA = 1.4
/** Pressure ratio below which the flow chokes, (2/(γ+1))^(γ/(γ−1)). */
export const CHOKED = 0.5282818
/** Mass flow of the choked nozzle over p A / sqrt(R T): γ^½ (2/(γ+1))^((γ+1)/(2(γ−1))). */
export const CHOKED_FLOW = 0.6847315

/**
 * Air through an opening, from still air upstream, without friction.
 *
 * @param area effective (contraction included), m2
 * @param upstream pressure, Pa
 * @param temperature upstream, K
 * @param downstream pressure, Pa; above `upstream` nothing flows
 * @returns kg/s
 * @source isentropic nozzle flow, F. M. White, Fluid Mechanics, 4th ed. (1999), sect. 9.4 (choked: eq. 9.46)
 */
export function nozzleFlow(area: number, upstream: number, temperature: number, downstream: number): number {
  if (!(upstream > downstream) || !(area > 0)) return 0
  const scale = area * upstream / Math.sqrt(AIR_GAS_CONSTANT * temperature)
  const ratio = downstream > 0 ? downstream / upstream : 0
  if (ratio <= CHOKED) return CHOKED_FLOW * scale
  // With r = (p/p0)^(2/7): m = pA/√(RT) · r^2.5 √(7 (1 − r)).
  const r = pow(ratio, 2 / 7)
  return scale * r * r * Math.sqrt(r) * Math.sqrt(7 * (1 - r))
}
