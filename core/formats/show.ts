/** The show document: stagings about to be performed, on one clock, with the plan that stood when it began. */
import * as z from 'zod'
import { stagingSchema } from './staging'

export const SHOW_FORMAT = 'zealous-hush/show'

const seconds = z
  .number()
  .min(-24 * 3600)
  .max(24 * 3600)

export const showSchema = z
  .strictObject({
    format: z.literal(SHOW_FORMAT).default(SHOW_FORMAT),
    version: z.literal(1).default(1),
    title: z.string().trim().min(1, 'a title of 1 to 200 characters').max(200),
    order: z.uuid().optional().describe('the running order that it was made from'),
    rehearsal: z.boolean().default(false).describe('nothing real: its runs are not used for forecasts and not counted'),
    speed: z.number().min(1).max(60).default(1).describe('of the clock; above 1 in a rehearsal only'),
    acts: z
      .array(
        z.strictObject({
          id: z.string().min(1).max(60),
          run: z.uuid().describe('id that its run gets in the Logbook'),
          stagingId: z.uuid(),
          stagingVersion: z.int().min(1),
          staging: stagingSchema.describe("with the room's conditions of the day"),
          heatOn: seconds.optional().describe('s from the start, planned'),
          lift: seconds.optional().describe('s from the start, planned'),
        }),
      )
      .min(1)
      .max(24),
  })
  .refine(s => s.rehearsal || s.speed === 1, { path: ['speed'], message: '1, unless it is a rehearsal' })
  .meta({ title: 'Show', description: 'Stagings being performed on one clock.' })

export type ShowDocument = z.infer<typeof showSchema>

export const markSchema = z.strictObject({
  id: z.uuid(),
  act: z.string().max(60),
  kind: z.enum([
    'heat-on',
    'plume',
    'lifted',
    'sealed',
    'gone',
    'nothing',
    'step',
    'gate',
    'outcome',
    'undo',
    'start',
    'closed',
  ]),
  at: z.number().min(0).max(8.64e15).describe('ms since 1970'),
  value: z.string().max(100).optional(),
})
