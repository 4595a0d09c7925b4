/** How loud something sounds through thinner and thinner gas. Levels in dB. */
import { ln, pow } from '../elementary'

const LN_10 = 2.302585092994046
/** Level of a ratio of powers, dB. @param powerRatio 0 or more; under 1e-30 it counts as that */
export const decibels = (powerRatio: number): number => (10 * ln(Math.max(powerRatio, 1e-30))) / LN_10

/**
 * Sum of incoherent levels, dB. @param levels dB @source L. E. Kinsler et al., Fundamentals of Acoustics, 4th ed.
 * (2000), sect. 5.12
 */
export const sumOfLevels = (...levels: number[]): number =>
  decibels(levels.reduce((sum, level) => sum + pow(10, level / 10), 0))

/**
 * Loss of the path through the gas, dB (positive).
 *
 * A surface that moves with a given speed radiates a sound pressure in proportion to ρ c; what gets into the jar's wall
 * goes with that pressure. At one temperature ρ c is proportional to the gas pressure: 20 log(p0/p).
 * @source L. E. Kinsler et al., Fundamentals of Acoustics, 4th ed. (2000), sect. 5.10 and 7.4 (ρ₀c of a source of
 *   given velocity)
 */
export const gasPathLoss = (pressure: number, outside: number): number =>
  2 * decibels(outside / Math.max(pressure, 1e-3))
