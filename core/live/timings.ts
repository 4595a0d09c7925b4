/** What marks measure: inputs that turned out otherwise than planned, and results. */
import type { Demonstration, MarkKind } from '../demonstration'
import type { ActStory } from './marks'

/** Input or result id → from which mark to which. Ids mean the same in every demonstration. */
const INPUT_SPANS: Record<string, readonly [MarkKind, MarkKind]> = {
  purgeTime: ['plume', 'lifted'],
  transferTime: ['lifted', 'sealed'],
  sealDelay: ['lifted', 'sealed'],
}
const RESULT_SPANS: Record<string, readonly [MarkKind, MarkKind]> = {
  timeToPlume: ['heat-on', 'plume'],
  hush: ['sealed', 'gone'],
  timeToPop: ['sealed', 'gone'],
}

/**
 * A thumb on a key, s: standard uncertainty of the time between two marks. Assumption: a reaction time of 0.2 s at
 * each end.
 */
export const THUMB = 0.3

const spanOf = (story: ActStory, [from, to]: readonly [MarkKind, MarkKind], speed: number): number | undefined => {
  const [a, b] = [story.times[from], story.times[to]]
  return a === undefined || b === undefined || b < a ? undefined : ((b - a) / 1000) * speed
}

/**
 * @param speed of the clock, 1 unless it is a rehearsal
 * @returns s by input and by result id; inputs are kept in the range that the demonstration accepts
 */
export function measuredBy(
  demonstration: Demonstration,
  story: ActStory,
  speed = 1,
): { inputs: Record<string, number>; results: Record<string, number> } {
  const inputs: Record<string, number> = {}
  const results: Record<string, number> = {}
  for (const input of demonstration.inputs) {
    const span = INPUT_SPANS[input.id] && spanOf(story, INPUT_SPANS[input.id], speed)
    if (span !== undefined && input.kind === 'quantity')
      inputs[input.id] = Math.min(input.range[1], Math.max(input.range[0], span))
  }
  for (const { id } of demonstration.results) {
    const span = RESULT_SPANS[id] && spanOf(story, RESULT_SPANS[id], speed)
    if (span !== undefined) results[id] = span
  }
  return { inputs, results }
}
