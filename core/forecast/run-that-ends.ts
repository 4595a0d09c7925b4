/** A run of a staging that ends in the way that it really did, to tell a class of it with its numbers. */
import type { Demonstration, Given, Traced, Values } from '../demonstration'
import { nearestDraw } from './representative'
import { DEFAULT_SEED } from './draws'
import { StagingSample } from './sample'

/** Enough to come upon an end that happens a few times in a hundred. */
const DRAWS = 300

/**
 * @param outcome how it ended, by id
 * @returns what is stated, where that ends so; else the draw nearest to it that does; undefined where no draw does, or
 *   the staging is no longer accepted
 */
export function runThatEnds(
  demonstration: Demonstration,
  given: Given,
  outcome: string,
  seed = DEFAULT_SEED,
): { values: Values; simulation: Traced } | undefined {
  const sample = new StagingSample(demonstration, given, DRAWS, seed)
  const stated = demonstration.simulate(sample.nominal, 'trace')
  if (stated.outcome === outcome) return { values: sample.nominal, simulation: stated }
  sample.tolerant = true
  sample.advance(DRAWS)
  const numbers = nearestDraw(sample, outcome)
  if (!numbers) return undefined
  const values = { numbers, choices: sample.nominal.choices }
  return { values, simulation: demonstration.simulate(values, 'trace') }
}
