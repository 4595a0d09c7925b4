/** Changes within reach and what each does to the odds of the wanted outcome. */
import type { Demonstration, Given, QuantityInput } from '../demonstrations'
import { resolve } from '../demonstrations'
import { latinHypercube } from './latin-hypercube'
import { StagingSample } from './sample'

export interface Lever {
  input: string
  name: string
  /** SI */ from: number
  /** SI */ to: number
  /** share of the wanted outcome before and after, same random numbers */
  before: number
  after: number
  /** share that boils dry after the change */
  dryAfter: number
}

export interface LeverTry { input: QuantityInput, from: number, to: number }

/** Changes to try: each step of each lever that stays in the usual range. */
export function leverTries(demonstration: Demonstration, given: Given): LeverTry[] {
  const { values } = resolve(demonstration, given)
  const tries: LeverTry[] = []
  for (const input of demonstration.inputs) {
    if (input.kind !== 'quantity' || !input.lever) continue
    const from = values.numbers[input.id]!
    for (const step of input.lever) {
      const to = Math.min(input.usual[1], Math.max(input.usual[0], from + step))
      // A step that the usual range cuts to less than half is not a lever any more.
      if (Math.abs(to - from) >= Math.abs(step) / 2) tries.push({ input, from, to })
    }
  }
  return tries
}

/**
 * Odds of the wanted outcome with and without each change, by common random numbers.
 *
 * @param samples for each try
 * @param pause awaited between tries; may throw to cancel
 * @returns the levers, best first
 */
export async function pullLevers(
  demonstration: Demonstration, given: Given, samples: number, seed: number, pause: () => Promise<void> = async () => {},
): Promise<Lever[]> {
  const variables = demonstration.inputs.filter(i => i.kind === 'quantity').length
  const points = latinHypercube(samples, variables, seed)
  const odds = (numbers: Record<string, number>) => {
    const sample = new StagingSample(demonstration, { ...given, numbers }, samples, seed, points)
    sample.advance(samples)
    const wanted = demonstration.outcomes.findIndex(o => o.id === demonstration.wanted)
    return { share: sample.outcomes.filter(o => o === wanted).length / samples, dry: sample.dryCount / samples }
  }
  const before = odds(given.numbers).share
  const levers: Lever[] = []
  for (const { input, from, to } of leverTries(demonstration, given)) {
    await pause()
    const numbers = { ...given.numbers, [input.id]: to }
    if (resolve(demonstration, { numbers, choices: given.choices }).faults.length > 0) continue
    const { share, dry } = odds(numbers)
    levers.push({ input: input.id, name: input.name, from, to, before, after: share, dryAfter: dry })
  }
  return levers.sort((a, b) => b.after - a.after || a.input.localeCompare(b.input) || a.to - b.to)
}
