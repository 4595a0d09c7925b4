import type { DrumReinflate } from './simulate'

/** Heated on purpose with a way out for the steam: how long is told by the pop. */
export const practice: DrumReinflate['practice'] = {}
