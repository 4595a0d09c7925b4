/** What was taught, input by input, in numbers that can be shown. */
import { type Demonstration, type Given, type QuantityInput, resolve, usualSpread } from '../demonstration'
import type { Taught } from './calibration'
import { spreadQuantile } from './distributions'
import { shareOf } from './normal-scores'

export interface Lesson {
  input: QuantityInput
  /** SI: P10, P50, P90 */ before: readonly [number, number, number]
  after: readonly [number, number, number]
  /** how much narrower, 0 (not at all) to 1 */ narrowed: number
}

const Z10 = 1.2815515655446004

/** Inputs that moved or narrowed notably, most first. */
export function lessonsOf(demonstration: Demonstration, given: Given, taught: Taught): Lesson[] {
  const { values } = resolve(demonstration, given)
  const lessons = taught.inputs.flatMap((id, i): (Lesson & { weight: number })[] => {
    const input = demonstration.inputs.find((q): q is QuantityInput => q.id === id && q.kind === 'quantity')!
    const nominal = values.numbers[id]
    const spread = given.spreads[id] ?? usualSpread(input, values)
    if (nominal === undefined || spread.shape === 'exact') return []
    const deviation = Math.sqrt(taught.covariance[i][i])
    const at = (mean: number, sd: number) =>
      [-Z10, 0, Z10].map(z => spreadQuantile(spread, nominal, input.range, shareOf(mean + sd * z))) as [
        number,
        number,
        number,
      ]
    const narrowed = 1 - deviation
    const weight = Math.abs(taught.mean[i]) + Math.max(0, narrowed)
    return weight < 0.15
      ? []
      : [{ input, before: at(0, 1), after: at(taught.mean[i], deviation), narrowed: Math.max(0, narrowed), weight }]
  })
  return lessons.sort((a, b) => b.weight - a.weight)
}
