import { GRAVITY } from '../substances/water-transport'

/**
 * Volume flow each way when a light gas stands under heavy air and a round opening in the top joins them.
 *
 * @param diameter of the opening, m
 * @param lightDensity of the gas inside, kg/m3
 * @param heavyDensity of the air outside, kg/m3
 * @returns m3/s; 0 if the inside is the heavier
 * @source M. Epstein, Buoyancy-driven exchange flow through small openings in horizontal partitions, J. Heat Transfer
 *   110 (1988) 885: Q = 0.055 (D⁵ g Δρ/ρ)^1/2 for an opening short against its diameter, ρ the mean of both
 */
export function buoyantExchange(diameter: number, lightDensity: number, heavyDensity: number): number {
  const difference = heavyDensity - lightDensity
  if (!(difference > 0)) return 0
  const mean = (heavyDensity + lightDensity) / 2
  return 0.055 * diameter * diameter * Math.sqrt((diameter * GRAVITY * difference) / mean)
}
