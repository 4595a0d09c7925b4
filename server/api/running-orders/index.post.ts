import { newOrderSchema } from '../../../core'
import { addOrder } from '../../database/running-orders'
import { readJson } from '../../http/body'
import { checkActs } from '../../http/acts'
import { withFreeId } from '../../http/faults'

/** Adds a running order: a new one or an imported document. */
export default defineEventHandler(async event => {
  const { id, writeId, document } = await readJson(event, newOrderSchema)
  checkActs(document)
  return withFreeId(() => addOrder(id, writeId, document))
})
