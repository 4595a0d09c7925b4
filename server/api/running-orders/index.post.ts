import { newOrderSchema } from '../../../core'
import { whoIs } from '../../access/desk'
import { addOrder } from '../../database/running-orders'
import { readJson } from '../../http/body'
import { checkActs } from '../../http/acts'
import { withFreeId } from '../../http/faults'

/** Adds a running order: a new one or an imported document. */
export default defineEventHandler(async event => {
  const { id, writeId, document } = await readJson(event, newOrderSchema)
  checkActs(document)
  const who = await whoIs(event)
  return withFreeId(() => addOrder(id, writeId, document, who))
})
