import * as z from 'zod'
import { CHANNELS, type Channel } from '../../../../core'
import { addReadings } from '../../../database/shows'
import { readJson } from '../../../http/body'
import { refusal } from '../../../http/faults'
import { actOfShow, showOf } from '../../../live/show-of'

const body = z.object({
  id: z.uuid(),
  act: z.string().max(60),
  source: z.string().max(60),
  readings: z
    .array(
      z.strictObject({
        channel: z.enum(Object.keys(CHANNELS) as [Channel, ...Channel[]]),
        time: z.number().describe("s since 1970 on the server's clock"),
        value: z.number(),
      }),
    )
    .min(1)
    .max(5000),
})

export default defineEventHandler(async event => {
  const show = await showOf(event)
  const { id, ...batch } = await readJson(event, body, 1024 * 1024)
  actOfShow(show, batch.act)
  if (!(await addReadings(show.id, id, batch)))
    throw refusal([{ input: 'id', message: 'belongs to another batch of readings already; accepted: a new id' }], 409)
  return { kept: id }
})
