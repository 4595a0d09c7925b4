/** Ethanol as a vapour over its liquid. */
import { exp } from '../elementary'
import { requireRange } from '../units/require-range'

/** kg/mol: from atomic masses. */
export const ETHANOL_MOLAR_MASS = 0.04607
/** Latent heat near 293 K, J/kg: CRC Handbook, from memory (42.3 kJ/mol at 25 °C). */
export const ETHANOL_LATENT_HEAT = 920e3
/** Density of the liquid at 293 K, kg/m3: CRC Handbook. */
export const ETHANOL_DENSITY = 789

/** Antoine's A, B, C for bar and K, 273 to 352 K: NIST WebBook after Kretschmer & Wiebe (1949), from memory. */
const [A, B, C] = [5.37229, 1670.409, -40.191]
const LN_10 = 2.302585092994046

/**
 * Vapour pressure of ethanol.
 *
 * @param temperature K, 220 to 352 (below 273 an extrapolation)
 * @returns Pa
 * @throws RangeError outside the range
 * @source Antoine equation, constants above
 */
export function ethanolVapourPressure(temperature: number): number {
  requireRange('temperature', temperature, 220, 352, 'K')
  return 1e5 * exp(LN_10 * (A - B / (temperature + C)))
}
