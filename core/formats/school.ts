/** The school document: what a school puts on the sheets, and adds to what the application says of dangers. */
import * as z from 'zod'
import { DEMONSTRATION_IDS } from '../catalogue'
import { MOST_LOGO_LETTERS } from './school-words'
import { heaterSchema, roomSchema, vesselSchema } from './shelf'

export const SCHOOL_FORMAT = 'zealous-hush/school'

const words = (what: string, most: number) => {
  const message = `${what} of 1 to ${most} characters`
  return z.string(message).trim().min(1, message).max(most, message)
}
const atMost = <T extends z.ZodType>(item: T, most: number) => z.array(item).max(most, `at most ${most}`).default([])

export const schoolSchema = z
  .strictObject({
    format: z.literal(SCHOOL_FORMAT).default(SCHOOL_FORMAT),
    version: z.literal(1).default(1),
    name: z.string().trim().max(120, 'a name of at most 120 characters').default(''),
    logo: z
      .string()
      .max(MOST_LOGO_LETTERS, `a picture of at most ${Math.floor((MOST_LOGO_LETTERS * 3) / 4000)} kB`)
      .regex(/^data:image\/(png|jpeg);base64,[A-Za-z0-9+/]+={0,2}$/, 'a PNG or JPEG picture')
      .optional()
      .describe('as a data: address'),
    emergency: atMost(
      z.strictObject({ who: words('who answers', 60), number: words('a telephone number', 40) }),
      12,
    ).describe('who to call, in this order'),
    rules: atMost(words('a rule', 400), 40).describe('of the school and of its country; printed as they stand'),
    cautions: atMost(
      z.strictObject({
        text: words('a caution', 400),
        demonstration: z
          .enum(DEMONSTRATION_IDS as [string, ...string[]], 'a demonstration’s id')
          .optional()
          .describe('shown with every demonstration, if left out'),
      }),
      100,
    ).describe('shown beside the application’s own, which stay'),
    typical: atMost(z.discriminatedUnion('kind', [vesselSchema, heaterSchema]), 60).describe(
      'vessels and heaters as this school usually has them, to take without measuring',
    ),
    room: roomSchema.optional().describe('the room as it usually is'),
  })
  .meta({ title: 'School', description: 'A school’s own: name, numbers, rules, cautions, typical things, room.' })
export type SchoolDocument = z.infer<typeof schoolSchema>
