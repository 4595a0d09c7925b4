import { z } from 'zod'
import { runningOrderSchema } from '../../../core'
import { saveOrder } from '../../database/running-orders'
import { readJson, routeId, writeId } from '../../http/body'
import { conflict } from '../../http/conflict'
import { refusal } from '../../http/faults'

const body = z.object({ writeId, baseVersion: z.int().min(1), document: runningOrderSchema })

/** Changes a running order, if nobody changed it since. */
export default defineEventHandler(async event => {
  const id = routeId(event)
  const { writeId, baseVersion, document } = await readJson(event, body)
  const result = await saveOrder(id, writeId, baseVersion, document)
  if (!result) throw refusal([{ input: 'id', message: 'there is no such running order' }], 404)
  if (!result.saved) throw conflict(result.order)
  return result.order
})
