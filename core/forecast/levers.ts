/** Changes within reach and what each does to the odds of the wanted outcome. */
import type { ChoiceInput, Demonstration, Given, QuantityInput } from '../demonstration'
import { cautionsOf, endangers, resolve, type CautionLevel } from '../demonstration'
import { roundStep, unitToShow, type UnitSystem } from '../units'
import type { Taught } from './calibration'
import { byEffect, RUNS_DRY, type Lever } from './lever'
import { gainOf, makesLess } from './lever-gain'
import { pointsFor } from './points'
import { StagingSample } from './sample'
import { riskOfForecast, summarise } from './summary'

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

/**
 * Inputs that have a change to try, those with the most first: in this order several workers, each of which takes the
 * next when it has done with one, end at about the same time. The steps of an input stay together, as one tells when
 * another need not be known.
 *
 * @param system in whose units a step is a round number
 */
export function leverInputs(demonstration: Demonstration, given: Given, system: UnitSystem = 'si'): string[] {
  const steps = new Map<string, number>()
  for (const { input } of leverTries(demonstration, given, system)) steps.set(input.id, (steps.get(input.id) ?? 0) + 1)
  return [...steps].sort(([, a], [, b]) => b - a).map(([id]) => id)
}

const lengthOf = (t: LeverTry) => (typeof t.to === 'number' ? Math.abs(t.to - Number(t.from)) : 0)

/** Draws between two looks at whether it is still wanted: a change is answered within a tenth of a second. */
const CHUNK = 50

/** How a staging as it is stated ends, to which each change is held; plain data, which one worker can tell another. */
export interface AsStated {
  /** of each draw, index into the demonstration's outcomes */ outcomes: readonly number[]
  cautions: readonly CautionLevel[]
}

export interface LeversAsked {
  /** draws of each try, but for those that show sooner that they make little */ samples: number
  seed: number
  /** by past runs, where that is to be used */ taught?: Taught
  /** in whose units a step is a round number */ system?: UnitSystem
  /** of this one only; those of all `leverInputs`, ordered `byEffect`, are the whole */ input?: string
  /** where it is known, by as many draws of the same seed and past runs */ asStated?: AsStated
}

/**
 * Odds of the wanted outcome with and without each change, by common random numbers.
 *
 * @param pause awaited every few draws; may throw to cancel
 * @returns the levers, best first: none that is refused or raises a caution, no step that makes little or less than
 *   another of the same input
 */
export async function pullLevers(
  demonstration: Demonstration,
  given: Given,
  { samples, seed, taught, system = 'si', input: only, asStated: known }: LeversAsked,
  pause: () => Promise<void> = async () => {},
): Promise<{ levers: Lever[]; asStated: AsStated }> {
  const points = pointsFor(demonstration, samples, seed, taught)
  const wanted = demonstration.outcomes.findIndex(o => o.id === demonstration.wanted)
  const shareOf = (outcomes: ArrayLike<number>) => Array.from(outcomes).filter(o => o === wanted).length / samples
  /** @param dull whether no more of it need be known, by the outcomes of so many draws */
  const draw = async (changed: Given, dull?: (outcomes: Uint8Array, done: number) => boolean) => {
    const sample = new StagingSample(demonstration, changed, samples, seed, points)
    while (!sample.advance(CHUNK)) {
      if (dull?.(sample.outcomes, sample.done)) return undefined
      await pause()
    }
    return sample
  }
  const cautionsIn = (sample: StagingSample): CautionLevel[] => {
    const { nominal } = sample
    const risk = riskOfForecast(summarise(sample))
    return cautionsOf(demonstration, nominal, demonstration.simulate(nominal, 'summary'), risk).map(
      ({ id, severity }) => ({ id, severity }),
    )
  }
  const statedOf = (sample: StagingSample): AsStated => ({
    outcomes: Array.from(sample.outcomes),
    cautions: cautionsIn(sample),
  })
  const asStated = known ?? statedOf((await draw(given))!)
  const before = shareOf(asStated.outcomes)
  const levers: Lever[] = []
  const tries = leverTries(demonstration, given, system).filter(t => !only || t.input.id === only)
  // What a shorter step makes is mostly less than a longer one's, and then need not be known.
  for (const { input, from, to } of tries.sort((a, b) => lengthOf(b) - lengthOf(a))) {
    await pause()
    const changed: Given =
      input.kind === 'choice'
        ? { ...given, choices: { ...given.choices, [input.id]: to as string } }
        : { ...given, numbers: { ...given.numbers, [input.id]: to as number } }
    if (resolve(demonstration, changed).faults.length > 0) continue
    const others = levers.filter(l => l.input === input.id && l.dryAfter < RUNS_DRY).map(l => l.after - before)
    const dull = (outcomes: Uint8Array, done: number) =>
      makesLess(gainOf(asStated.outcomes, outcomes, wanted, done), others)
    // Another way of doing it is told with what it makes, be it nothing.
    const found = await draw(changed, input.kind === 'quantity' ? dull : undefined)
    if (!found) continue
    // No lever proposes what a caution then warns of more strongly.
    if (endangers(asStated.cautions, cautionsIn(found))) continue
    const dryAfter = found.dryShare
    levers.push({ input: input.id, name: input.name, from, to, before, after: shareOf(found.outcomes), dryAfter })
  }
  return { levers: levers.sort(byEffect), asStated }
}
