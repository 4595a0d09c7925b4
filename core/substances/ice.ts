import { exp, pow } from '../elementary'
import { requireRange } from '../units/require-range'

/** Triple point: K and Pa (R14-08(2011), eq. 6). */
const TRIPLE_TEMPERATURE = 273.16
const TRIPLE_PRESSURE = 611.657
/** Coefficients and exponents of R14-08(2011), table 3. */
const TERMS = [
  [-21.2144006, 0.00333333333],
  [27.3203819, 1.20666667],
  [-6.1059813, 1.70333333],
] as const

/**
 * Pressure of vapour over ice.
 *
 * @param temperature K, 50 to 273.16
 * @returns absolute pressure, Pa
 * @throws RangeError outside the range
 * @source IAPWS R14-08(2011), eq. 6: ln(p/p_t) = θ⁻¹ Σ a_i θ^b_i; its check value is 8.94735 Pa at 230 K
 */
export function sublimationPressure(temperature: number): number {
  requireRange('temperature', temperature, 50, TRIPLE_TEMPERATURE, 'K')
  const theta = temperature / TRIPLE_TEMPERATURE
  return TRIPLE_PRESSURE * exp(TERMS.reduce((sum, [a, b]) => sum + a * pow(theta, b), 0) / theta)
}
