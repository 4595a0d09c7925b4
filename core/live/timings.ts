/** What marks measure: inputs that turned out otherwise than planned, and results. */
import type { Demonstration, MarkKind, ResultSpec } from '../demonstration'
import type { ActStory } from './marks'

/**
 * A thumb on a key, s: standard uncertainty of the time between two marks. Assumption: a reaction time of 0.2 s at
 * each end.
 */
export const THUMB = 0.3

const spanOf = (
  story: Pick<ActStory, 'times'>,
  marks: readonly [MarkKind, MarkKind] | undefined,
  speed: number,
): number | undefined => {
  if (!marks) return undefined
  const [from, to] = marks
  const [a, b] = [story.times[from], story.times[to]]
  return a === undefined || b === undefined || b < a ? undefined : ((b - a) / 1000) * speed
}

/** The result that lies between what begins the hush and what ends it, where a demonstration has one that is marked. */
export const hushOf = (demonstration: Demonstration): ResultSpec | undefined =>
  demonstration.results.find(r => r.measuredBy?.[0] === 'sealed' && r.measuredBy[1] === 'gone')

/** The result that lies between what begins the hush and the wall's first pop, where a demonstration has one. */
export const popOf = (demonstration: Demonstration): ResultSpec | undefined =>
  demonstration.results.find(r => r.firstPop)

/**
 * @param speed of the clock, 1 unless it is a rehearsal
 * @returns s by input and by result id; inputs are kept in the range that the demonstration accepts
 */
export function measuredBy(
  demonstration: Demonstration,
  story: Pick<ActStory, 'times'>,
  speed = 1,
): { inputs: Record<string, number>; results: Record<string, number> } {
  const inputs: Record<string, number> = {}
  const results: Record<string, number> = {}
  for (const input of demonstration.inputs) {
    if (input.kind !== 'quantity') continue
    const span = spanOf(story, input.measuredBy, speed)
    if (span !== undefined) inputs[input.id] = Math.min(input.range[1], Math.max(input.range[0], span))
  }
  for (const { id, measuredBy: marks } of demonstration.results) {
    const span = spanOf(story, marks, speed)
    if (span !== undefined) results[id] = span
  }
  return { inputs, results }
}
