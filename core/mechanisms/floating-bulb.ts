/**
 * An open bulb with a bubble of air in it, under water: floats or sinks by the size of the bubble.
 * @source Archimedes and Boyle; all lengths of the bulb are small against the depth
 */
import { GRAVITY } from '../substances/water-transport'

export interface Bulb {
  /** all that is not air or water, kg */ mass: number
  /** volume of that, m3 */ solid: number
  /** air in it at the surface's pressure and temperature below, m3 */ air: number
  /** pressure (Pa) and temperature (K) at which the air was measured */ pressure: number
  temperature: number
}

/** Air volume at a pressure and temperature, m3. */
export const bubble = (bulb: Bulb, pressure: number, temperature: number): number =>
  bulb.air * bulb.pressure / pressure * temperature / bulb.temperature

/** Upward force less weight, N. @param density of the water, kg/m3 */
export const lift = (bulb: Bulb, pressure: number, temperature: number, density: number): number =>
  (density * (bulb.solid + bubble(bulb, pressure, temperature)) - bulb.mass) * GRAVITY

/** Pressure at which it hangs, Pa: above it sinks, below it rises. Infinity where the solids float by themselves. */
export function hangingPressure(bulb: Bulb, temperature: number, density: number): number {
  const needed = bulb.mass / density - bulb.solid
  return needed > 0 ? bulb.air * bulb.pressure / needed * temperature / bulb.temperature : Infinity
}

/** Air that a bulb needs so that it hangs at a pressure, m3 at that pressure. */
export const airToHang = (mass: number, solid: number, density: number): number => mass / density - solid
