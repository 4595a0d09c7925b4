/** The practice document: one attempt at a staging without a vessel, and what came of it. */
import * as z from 'zod'
import { modelSchema } from './model'
import { stagingSchema } from './staging'

const MOST_ACTS = 500
const share = z.number().min(0).max(1)

export const practiceSchema = z
  .strictObject({
    format: z.literal('zealous-hush/practice').default('zealous-hush/practice'),
    version: z.literal(1).default(1),
    practisedAt: z.iso
      .datetime({ offset: true })
      .refine(text => !text.startsWith('0000'), 'a moment such as 2027-03-01T09:30:00Z')
      .describe('when it ended'),
    staging: stagingSchema.describe('as it was practised'),
    exercise: z.string().min(1).max(60).describe('of the course, such as by-eye or leaking-cap'),
    seed: z
      .int()
      .min(0)
      .max(2147483647)
      .describe('what chance had in store: with it and the acts it can be done again'),
    acts: z
      .array(
        z.strictObject({
          kind: z.enum(['gate', 'mark', 'step', 'moment', 'refused', 'danger', 'answer']),
          id: z.string().min(1).max(60),
          at: z.number().min(0).max(1e6).describe('s since the attempt began'),
          amounts: z.record(z.string(), z.number()).optional().describe('measured out, SI, by input'),
        }),
      )
      .max(MOST_ACTS)
      .describe('what was done, in order'),
    outcome: z
      .string()
      .min(1)
      .max(60)
      .nullable()
      .describe('outcome id; null where it was stopped, or ended in trouble'),
    wanted: z.boolean().describe('that it ended as wanted'),
    well: z.boolean().describe('nothing dangerous was done, and nothing that costs odds'),
    stopped: z.boolean().describe('by an act that hurts somebody'),
    planned: share.describe('of attempts by the plan that end as wanted'),
    again: share.describe('of attempts done as this one'),
    mistakes: z.array(z.string().max(60)).max(50).describe('inputs that were otherwise than planned and cost odds'),
    model: modelSchema.optional(),
  })
  .meta({
    title: 'Practice',
    description:
      'One attempt without a vessel. It is a record of practice, never a permit: the employer decides who may.',
  })
export type PracticeDocument = z.infer<typeof practiceSchema>
