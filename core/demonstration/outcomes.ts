/** How it can end, and what is computed of it. */
import type { QuantityKind } from '../units'
import type { MarkKind } from './moments'

/** Families of endings; each has one shape and pattern wherever odds are drawn. */
export type OutcomeLook = 'gone' | 'partly' | 'filled' | 'part-filled' | 'nothing' | 'harm'

/** What one looks at: its endings have signs of their own. */
export const SUBJECTS = [
  'can',
  'crushed-drum',
  'tank',
  'soft-bottle',
  'bottle',
  'balloon-into-flask',
  'egg-into-bottle',
  'egg-out-of-bottle',
  'candle-under-jar',
  'balloon-in-jar',
  'pack',
  'flat-balloon',
  'column',
  'boiling',
  'marshmallow',
  'bell',
  'halves',
  'cup',
  'card',
  'balloon-in-tumbler',
  'cloud',
  'diver',
  'along-a-line',
  'shot',
  'lid',
] as const
export type Subject = (typeof SUBJECTS)[number]

export interface OutcomeSpec {
  id: string
  look: OutcomeLook
  /** one or two words */
  name: string
  /** what the room sees; a class can vote on it */
  sentence: string
}

export interface ResultSpec<Id extends string = string> {
  id: Id
  name: string
  quantity: QuantityKind
  units: readonly [si: string, us: string]
  /** marks between which it passes */
  measuredBy?: readonly [from: MarkKind, to: MarkKind]
  /** that it passes from what begins the hush to the first pop of the wall that is heard or seen */ firstPop?: boolean
  /** what a balance tells of it afterwards: the water that came in, the share of the volume that is gone, or
   * what of the first was there before and is not weighed */
  weighed?: 'came-in' | 'lost' | 'was-in'
}
