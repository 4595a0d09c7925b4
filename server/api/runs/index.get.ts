import { getQuery } from 'h3'
import * as z from 'zod'
import { DEMONSTRATIONS } from '../../../core/catalogue/everything'
import { searchRuns } from '../../database/runs'
import { refusal } from '../../http/faults'

const MOST_WORDS = 8
const query = z.object({
  search: z.string().max(200).default(''),
  demonstration: z.string().max(60).optional(),
  ended: z.enum(['wanted', 'other', 'rehearsal']).optional(),
  by: z.uuid('a person’s id').optional(),
  archived: z.literal('true').optional(),
  offset: z.coerce.number().int().min(0).max(1e6).default(0),
  limit: z.coerce.number().int().min(1).max(200).default(60),
})

const ends = DEMONSTRATIONS.flatMap(d =>
  d.outcomes.map(o => ({ id: `${d.id}/${o.id}`, name: o.name.toLowerCase(), wanted: o.id === d.wanted })),
)

/** A page of runs, newest first, that fit a search. */
export default defineEventHandler(async event => {
  const parsed = query.safeParse(getQuery(event))
  if (!parsed.success)
    throw refusal(parsed.error.issues.map(i => ({ input: i.path.join('.'), message: `accepted: ${i.message}` })))
  const { search, archived, ...rest } = parsed.data
  const words = search.toLowerCase().split(/\s+/).filter(Boolean).slice(0, MOST_WORDS)
  return searchRuns({
    ...rest,
    archived: archived !== undefined,
    words,
    named: words.map(word => ends.filter(e => e.name.includes(word)).map(e => e.id)),
    wanted: ends.filter(e => e.wanted).map(e => e.id),
  })
})
