/** Changes within reach and what each does to the odds of the wanted outcome. */
import type { ChoiceInput, Demonstration, Given, QuantityInput } from '../demonstration'
import { cautionsOf, endangers, resolve, type Risk } from '../demonstration'
import { roundStep, unitToShow, type UnitSystem } from '../units'
import type { Taught } from './calibration'
import { byEffect, RUNS_DRY, type Lever } from './lever'
import { gainOf, makesLess } from './lever-gain'
import { pointsFor } from './points'
import { StagingSample } from './sample'
import { riskOfForecast, summarise } from './summary'

/** What one of several workers tries: of so many shares these. */
export interface LeverPart {
  which: readonly number[]
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

/**
 * Shares the tries out, as evenly as can be with all steps of an input in one share, the longest step first: what
 * a shorter one makes is mostly less, and then need not be known.
 */
function partOf(tries: readonly LeverTry[], { which, of }: LeverPart): LeverTry[] {
  const ofInput = new Map<string, LeverTry[]>()
  for (const t of tries) ofInput.set(t.input.id, [...(ofInput.get(t.input.id) ?? []), t])
  const shares = Array.from({ length: of }, (): LeverTry[] => [])
  for (const steps of [...ofInput.values()].sort((a, b) => b.length - a.length))
    shares
      .reduce((least, share) => (share.length < least.length ? share : least))
      .push(...steps.sort((a, b) => stepOf(b) - stepOf(a)))
  return which.flatMap(share => shares[share])
}
const stepOf = (t: LeverTry) => (typeof t.to === 'number' ? Math.abs(t.to - Number(t.from)) : 0)

/** Draws between two looks at whether it is still wanted: a change is answered within a tenth of a second. */
const CHUNK = 50

export interface LeversAsked {
  /** draws of each try, but for those that show sooner that they make little */ samples: number
  seed: number
  /** by past runs, where that is to be used */ taught?: Taught
  /** in whose units a step is a round number */ system?: UnitSystem
  /** of the tries only; the parts together, `byEffect`, are the whole */ part?: LeverPart
}

/**
 * Odds of the wanted outcome with and without each change, by common random numbers.
 *
 * @param pause awaited every few draws; may throw to cancel
 * @returns the levers, best first; none that is refused or raises a caution, no step that makes little or less than
 *   another of the same input
 */
export async function pullLevers(
  demonstration: Demonstration,
  given: Given,
  { samples, seed, taught, system = 'si', part = { which: [0], of: 1 } }: LeversAsked,
  pause: () => Promise<void> = async () => {},
): Promise<Lever[]> {
  const points = pointsFor(demonstration, samples, seed, taught)
  const wanted = demonstration.outcomes.findIndex(o => o.id === demonstration.wanted)
  /** @param dull whether no more of it need be known, by the outcomes of so many draws */
  const odds = async (changed: Given, dull?: (outcomes: Uint8Array, done: number) => boolean) => {
    const sample = new StagingSample(demonstration, changed, samples, seed, points)
    const { outcomes } = sample
    while (!sample.advance(CHUNK)) {
      if (dull?.(outcomes, sample.done)) return undefined
      await pause()
    }
    return {
      outcomes,
      share: outcomes.filter(o => o === wanted).length / samples,
      dry: sample.dryCount / samples,
      risk: riskOfForecast(summarise(sample)),
    }
  }
  const cautionsAt = (changed: Given, risk: Risk) => {
    const { values } = resolve(demonstration, changed)
    return cautionsOf(demonstration, values, demonstration.simulate(values, 'summary'), risk)
  }
  const asGiven = (await odds(given))!
  const before = asGiven.share
  const cautions = cautionsAt(given, asGiven.risk)
  const levers: Lever[] = []
  for (const { input, from, to } of partOf(leverTries(demonstration, given, system), part)) {
    await pause()
    const changed: Given =
      input.kind === 'choice'
        ? { ...given, choices: { ...given.choices, [input.id]: to as string } }
        : { ...given, numbers: { ...given.numbers, [input.id]: to as number } }
    if (resolve(demonstration, changed).faults.length > 0) continue
    const known = levers.filter(l => l.input === input.id && l.dryAfter < RUNS_DRY).map(l => l.after - before)
    const dull = (outcomes: Uint8Array, done: number) =>
      makesLess(gainOf(asGiven.outcomes, outcomes, wanted, done), known)
    // Another way of doing it is told with what it makes, be it nothing.
    const found = await odds(changed, input.kind === 'quantity' ? dull : undefined)
    if (!found) continue
    const { share, dry, risk } = found
    // No lever proposes what a caution then warns of more strongly.
    if (endangers(cautions, cautionsAt(changed, risk))) continue
    levers.push({ input: input.id, name: input.name, from, to, before, after: share, dryAfter: dry })
  }
  return levers.sort(byEffect)
}
