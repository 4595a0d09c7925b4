/** What was archived is out of the lists, what was deleted out of sight; either can be taken back. */
import * as z from 'zod'

/** Kinds of records that can be put away. */
export const KEPT = ['stagings', 'orders', 'shows', 'runs'] as const
export type Kept = (typeof KEPT)[number]

/** Of the demo data. */
export type DemoState = 'here' | 'away' | 'none'
export const demoSchema = z.object({ here: z.boolean('true to bring it back, false to take it out') })

export const putAwaySchema = z.object({
  away: z.enum(['archived', 'deleted'], 'archived, deleted, or null to take it out again').nullable(),
})
export type Away = z.output<typeof putAwaySchema>['away']
