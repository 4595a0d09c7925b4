/** Odds of each outcome across an input's usual range, for the strip in the editor of that input. */
import { resolve, type Demonstration, type Given, type QuantityInput } from '../demonstration'
import type { Taught } from './calibration'
import { pointsFor } from './points'
import { StagingSample } from './sample'

export interface StripPoint {
  /** SI */ value: number
  /** by outcome id */ shares: Record<string, number>
}

/** `points` values spread evenly over the usual range, widened to hold the value in use; fewer of what is counted. */
export function stripValues(input: QuantityInput, current: number, points: number): number[] {
  const low = Math.min(input.usual[0], current)
  const high = Math.max(input.usual[1], current)
  const even = Array.from({ length: points }, (_, i) => low + ((high - low) * i) / (points - 1))
  return input.whole ? [...new Set(even.map(Math.round))] : even
}

/**
 * @param samples for each point, with common random numbers
 * @param pause awaited between points; may throw to cancel
 */
export async function oddsStrip(
  demonstration: Demonstration,
  given: Given,
  input: QuantityInput,
  points: number,
  samples: number,
  seed: number,
  pause: () => Promise<void> = async () => {},
  taught?: Taught,
): Promise<StripPoint[]> {
  const { values } = resolve(demonstration, given)
  const draws = pointsFor(demonstration, samples, seed, taught)
  const strip: StripPoint[] = []
  for (const value of stripValues(input, values.numbers[input.id]!, points)) {
    await pause()
    const numbers = { ...given.numbers, [input.id]: value }
    if (resolve(demonstration, { numbers, choices: given.choices }).faults.length > 0) continue
    const sample = new StagingSample(demonstration, { ...given, numbers }, samples, seed, draws)
    sample.advance(samples)
    const shares: Record<string, number> = {}
    demonstration.outcomes.forEach((o, index) => {
      shares[o.id] = sample.outcomes.filter(x => x === index).length / samples
    })
    strip.push({ value, shares })
  }
  return strip
}
