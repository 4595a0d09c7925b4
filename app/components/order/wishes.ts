import type { Equipment } from '~~/core'

/** What is asked of a lesson, as it is kept on this device. */
export interface LessonWishes {
  /** empty: any */ topic: string
  age: number
  minutes: number
  heaters: number
  hands: number
  things: readonly Equipment[]
  /** ids of demonstrations */ take: readonly string[]
  leaveOut: readonly string[]
}

export const FIRST_WISHES: LessonWishes = {
  topic: 'air pressure',
  age: 12,
  minutes: 45,
  heaters: 1,
  hands: 1,
  things: ['heater', 'hot-water', 'flame', 'can', 'plastic-bottle', 'balloons', 'tumbler', 'jar', 'candle'],
  take: [],
  leaveOut: [],
}

/** What stands on a Shelf, of what a lesson asks for: the rest is on none. */
export const SHELVED: readonly Equipment[] = [
  'heater',
  'can',
  'tin',
  'drum',
  'plastic-bottle',
  'glass-bottle',
  'flask',
  'jar',
  'pump',
  'bell-jar',
]
