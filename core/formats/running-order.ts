/** The running-order document: several stagings on one clock. */
import * as z from 'zod'
import { stagingSchema } from './staging'

export const RUNNING_ORDER_FORMAT = 'zealous-hush/running-order'

export const runningOrderSchema = z
  .strictObject({
    format: z.literal(RUNNING_ORDER_FORMAT).default(RUNNING_ORDER_FORMAT),
    version: z.literal(1).default(1),
    title: z.string().trim().min(1, 'a title of 1 to 200 characters').max(200),
    start: z
      .string()
      .regex(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/, 'a date and time such as 2026-12-04T18:30')
      .describe('local date and time at which the show begins'),
    heaters: z.int().min(0).max(12).default(1).describe('plates and burners that can be used at once'),
    powers: z
      .array(z.number().min(50).max(20000))
      .max(12)
      .optional()
      .describe('W of each heater, where they differ; left out: any of them will do for any vessel'),
    hands: z.int().min(1).max(8).default(1).describe('people with free hands'),
    before: z
      .int()
      .min(0)
      .max(240)
      .default(15)
      .describe('minutes before the start at which the first heater may go on'),
    length: z
      .int()
      .min(1)
      .max(480)
      .optional()
      .describe('minutes that the lesson or show may last; left out: as long as it takes'),
    acts: z
      .array(
        z.strictObject({
          id: z.string().min(1).max(60),
          from: z.uuid().optional().describe('the staging that it was taken from'),
          staging: stagingSchema,
          talk: z.number().min(0).max(3600).default(60).describe('s of talk before it'),
          target: z
            .number()
            .min(0)
            .max(6 * 3600)
            .optional()
            .describe('s from the start at which it is to be lifted and sealed; left out: as soon as it fits'),
        }),
      )
      .max(24),
  })
  .meta({ title: 'Running order', description: 'Several stagings on one clock, with what they share.' })

export type RunningOrderDocument = z.infer<typeof runningOrderSchema>
