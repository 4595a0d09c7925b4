export { countingMarks, joinMarks, storyOf, startOf, type Mark, type AnyMarkKind, type ActStory } from './marks'
export {
  appliesMark,
  cuesOf,
  afterwards,
  gateBefore,
  gatesFirst,
  placeIn,
  wantedNow,
  refusalOfMark,
  type Cue,
  type Wanted,
} from './cues'
export { hushOf, measuredBy, popOf, THUMB } from './timings'
export { givenNow, seenNow, follow, type Followed } from './following'
export { countdowns, type Countdown } from './countdowns'
export { focusOf, nextHeat, type Standing } from './agenda'
