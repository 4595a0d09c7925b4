import { newOrderSchema } from '../../../core'
import { addOrder } from '../../database/running-orders'
import { readJson } from '../../http/body'
import { withFreeId } from '../../http/faults'

/** Adds a running order: a new one or an imported document. */
export default defineEventHandler(async event => {
  const { id, writeId, document } = await readJson(event, newOrderSchema)
  return withFreeId(() => addOrder(id, writeId, document))
})
