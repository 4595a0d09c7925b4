/** Changes within reach and what each does to the odds of the wanted outcome. */
import type { ChoiceInput, Demonstration, Given, QuantityInput } from '../demonstration'
import { cautionsOf, endangers, resolve, type Risk } from '../demonstration'
import { roundStep, unitToShow, type UnitSystem } from '../units'
import { taughtPoints, type Taught } from './calibration'
import { latinHypercube } from './latin-hypercube'
import { byEffect, type Lever } from './lever'
import { StagingSample } from './sample'
import { riskOfForecast, summarise } from './summary'

/** One of several shares of the tries, for as many workers. */
export interface LeverPart {
  index: number
  of: number
}

export type LeverTry =
  | { input: QuantityInput; from: number; to: number }
  | { input: ChoiceInput; from: string; to: string }

/**
 * Changes to try: each step of each lever that stays in the usual range, and each other school of those that differ.
 * @param system in whose units a step is a round number
 */
export function leverTries(demonstration: Demonstration, given: Given, system: UnitSystem = 'si'): LeverTry[] {
  const { values } = resolve(demonstration, given)
  const tries: LeverTry[] = []
  for (const input of demonstration.inputs) {
    if (!input.lever) continue
    if (input.kind === 'choice') {
      const from = values.choices[input.id]!
      for (const { id } of input.choices) if (id !== from) tries.push({ input, from, to: id })
      continue
    }
    const from = values.numbers[input.id]!
    const unit = unitToShow(from, input.quantity, system, input.units[system === 'si' ? 0 : 1])
    for (const about of input.lever) {
      const step = roundStep(about, unit, input.quantity)
      const to = Math.min(input.usual[1], Math.max(input.usual[0], from + step))
      // A step that the usual range cuts to less than half is not a lever any more.
      if (Math.abs(to - from) >= Math.abs(step) / 2) tries.push({ input, from, to })
    }
  }
  return tries
}

/** Draws between two looks at whether it is still wanted: a change is answered within a tenth of a second. */
const CHUNK = 40

/**
 * Odds of the wanted outcome with and without each change, by common random numbers.
 *
 * @param samples for each try
 * @param pause awaited every few draws; may throw to cancel
 * @param taught by past runs, where that is to be used
 * @param system in whose units a step is a round number
 * @param part of the tries only; the parts together, `byEffect`, are the whole
 * @returns the levers, best first; none that is refused or raises a caution
 */
export async function pullLevers(
  demonstration: Demonstration,
  given: Given,
  samples: number,
  seed: number,
  pause: () => Promise<void> = async () => {},
  taught?: Taught,
  system: UnitSystem = 'si',
  part: LeverPart = { index: 0, of: 1 },
): Promise<Lever[]> {
  const variables = demonstration.inputs.filter(i => i.kind === 'quantity').length
  const points = taught ? taughtPoints(demonstration, taught, samples, seed) : latinHypercube(samples, variables, seed)
  const odds = async (changed: Given) => {
    const sample = new StagingSample(demonstration, changed, samples, seed, points)
    while (!sample.advance(CHUNK)) await pause()
    const wanted = demonstration.outcomes.findIndex(o => o.id === demonstration.wanted)
    return {
      share: sample.outcomes.filter(o => o === wanted).length / samples,
      dry: sample.dryCount / samples,
      risk: riskOfForecast(summarise(sample)),
    }
  }
  const cautionsAt = (changed: Given, risk: Risk) => {
    const { values } = resolve(demonstration, changed)
    return cautionsOf(demonstration, values, demonstration.simulate(values, 'summary'), risk)
  }
  const asGiven = await odds(given)
  const before = asGiven.share
  const cautions = cautionsAt(given, asGiven.risk)
  const levers: Lever[] = []
  const tries = leverTries(demonstration, given, system).filter((_, i) => i % part.of === part.index)
  for (const { input, from, to } of tries) {
    await pause()
    const changed: Given =
      input.kind === 'choice'
        ? { ...given, choices: { ...given.choices, [input.id]: to as string } }
        : { ...given, numbers: { ...given.numbers, [input.id]: to as number } }
    if (resolve(demonstration, changed).faults.length > 0) continue
    const { share, dry, risk } = await odds(changed)
    // No lever proposes what a caution then warns of more strongly.
    if (endangers(cautions, cautionsAt(changed, risk))) continue
    levers.push({ input: input.id, name: input.name, from, to, before, after: share, dryAfter: dry })
  }
  return levers.sort(byEffect)
}
