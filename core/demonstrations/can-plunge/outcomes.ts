import type { OutcomeSpec } from '../face'

/** Fraction of the volume whose loss a room calls crushed, and the least that shows as a dent. */
export const CRUSHED = 0.25
export const VISIBLE = 0.02
/** Fraction of what is left of the can's volume that counts as mostly filled. */
export const MOSTLY = 0.5

export const OUTCOMES: readonly OutcomeSpec[] = [
  { id: 'crush', name: 'crushes', sentence: 'The can is squashed flat or badly crumpled, with a bang.' },
  { id: 'dent', name: 'dents', sentence: 'A side buckles in and stays dented, but the can keeps most of its shape.' },
  { id: 'fill', name: 'fills', sentence: 'The can keeps its shape and is mostly full of water when it is lifted out.' },
  { id: 'nothing', name: 'nothing', sentence: 'Nothing to see: it keeps its shape and holds little water.' },
]

/** Which of the outcomes the room sees; volumes in m3, `lost` a fraction. */
export function outcomeOf(lost: number, drawnIn: number, capacity: number): string {
  if (lost >= CRUSHED) return 'crush'
  if (lost >= VISIBLE) return 'dent'
  return drawnIn >= MOSTLY * capacity * (1 - lost) ? 'fill' : 'nothing'
}
