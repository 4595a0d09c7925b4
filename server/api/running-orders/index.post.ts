import { z } from 'zod'
import { runningOrderSchema } from '../../../core'
import { addOrder } from '../../database/running-orders'
import { readJson, writeId } from '../../http/body'
import { withFreeId } from '../../http/faults'

const body = z.object({ id: z.uuid(), writeId, document: runningOrderSchema })

/** Adds a running order: a new one or an imported document. */
export default defineEventHandler(async event => {
  const { id, writeId, document } = await readJson(event, body)
  return withFreeId(() => addOrder(id, writeId, document))
})
