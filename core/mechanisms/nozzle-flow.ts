import { CubicTable, pow } from '../elementary'
import { AIR_GAS_CONSTANT } from '../substances/air'

/** Ratio of specific heats of air. */
export const AIR_GAMMA = 1.4
/** Pressure ratio below which the flow chokes, (2/(γ+1))^(γ/(γ−1)). */
export const CHOKED = 0.5282818
/** Mass flow of the choked nozzle over p A / sqrt(R T): γ^½ (2/(γ+1))^((γ+1)/(2(γ−1))). */
export const CHOKED_FLOW = 0.6847315

/**
 * (1 − x)^(2/7) over the share x of the upstream pressure that is lost before the flow chokes; exact to 1e-10, and a
 * power is dear in an inner loop.
 */
const expansion = new CubicTable(x => pow(1 - x, 2 / 7), 0, 0.48, 512)

/**
 * Gas through an opening, from still gas upstream, without friction; choked once the ratio of pressures asks for it.
 *
 * @param area effective (contraction included), m2
 * @param upstream pressure, Pa
 * @param density upstream, kg/m3
 * @param downstream pressure, Pa; above `upstream` nothing flows
 * @returns kg/s
 * @source isentropic nozzle flow with γ = 1.4, F. M. White, Fluid Mechanics, 4th ed. (1999), sect. 9.4 (choked: eq.
 *   9.46); steam, whose γ is 1.33, flows a hundredth more slowly
 */
export function gasThroughNozzle(area: number, upstream: number, density: number, downstream: number): number {
  if (!(upstream > downstream) || !(area > 0)) return 0
  const scale = area * Math.sqrt(upstream * density)
  const ratio = downstream > 0 ? downstream / upstream : 0
  if (ratio <= CHOKED) return CHOKED_FLOW * scale
  // With r = (p/p0)^(2/7): m = pA/√(RT) · r^2.5 √(7 (1 − r)).
  const r = expansion.at(1 - ratio)
  return scale * r * r * Math.sqrt(r) * Math.sqrt(7 * (1 - r))
}

/** The same for air of a temperature (K). */
export const nozzleFlow = (area: number, upstream: number, temperature: number, downstream: number): number =>
  gasThroughNozzle(area, upstream, upstream / (AIR_GAS_CONSTANT * temperature), downstream)

/** Difference below which an opening's flow is eased towards zero, Pa: keeps its slope finite for the integrator. */
const EASED = 50

/**
 * Gas through an opening either way: in from the room, or out of the vessel.
 *
 * @param area m2, contraction included
 * @param outside and `inside`, Pa
 * @param outsideDensity and `insideDensity`, kg/m3
 * @returns kg/s, inward positive
 */
export function openingFlow(
  area: number,
  outside: number,
  outsideDensity: number,
  inside: number,
  insideDensity: number,
): number {
  const difference = outside - inside
  if (difference === 0) return 0
  const eased = Math.sqrt(Math.abs(difference) / (Math.abs(difference) + EASED))
  return difference > 0
    ? eased * gasThroughNozzle(area, outside, outsideDensity, inside)
    : -eased * gasThroughNozzle(area, inside, insideDensity, outside)
}
