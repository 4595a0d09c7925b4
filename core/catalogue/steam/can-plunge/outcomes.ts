import type { OutcomeSpec } from '../../../demonstration'
import { CRUSHED, VISIBLE } from '../capped'

/** Fraction of what is left of the can's volume that counts as mostly filled. */
export const MOSTLY = 0.5

export const OUTCOMES: readonly OutcomeSpec[] = [
  { id: 'crush', look: 'gone', name: 'crushes', sentence: 'The can is squashed flat or badly crumpled, with a bang.' },
  { id: 'dent', look: 'partly', name: 'dents', sentence: 'A side buckles in and stays dented, but the can keeps most of its shape.' },
  { id: 'both', look: 'part-filled', name: 'crumples and fills', sentence: 'The can crumples a little, and is mostly full of water when it is lifted out.' },
  { id: 'fill', look: 'filled', name: 'fills', sentence: 'The can keeps its shape and is mostly full of water when it is lifted out.' },
  { id: 'nothing', look: 'nothing', name: 'nothing', sentence: 'Nothing to see: it keeps its shape and holds little water.' },
]

/** Which of the outcomes the room sees; volumes in m3, `lost` a fraction. */
export function outcomeOf(lost: number, drawnIn: number, capacity: number): string {
  if (lost >= CRUSHED) return 'crush'
  const full = drawnIn >= MOSTLY * capacity * (1 - lost)
  if (lost >= VISIBLE) return full ? 'both' : 'dent'
  return full ? 'fill' : 'nothing'
}
