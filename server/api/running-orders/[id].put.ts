import { changedOrderSchema } from '../../../core'
import { whoIs } from '../../access/desk'
import { findOrder, saveOrder } from '../../database/running-orders'
import { readJson, routeId } from '../../http/body'
import { checkActs } from '../../http/acts'
import { savedOrRefused } from '../../http/saved'

/** Changes a running order, if nobody changed it since. */
export default defineEventHandler(async event => {
  const id = routeId(event)
  const { document, ...write } = await readJson(event, changedOrderSchema)
  checkActs(document, (await findOrder(id))?.document)
  return savedOrRefused(await saveOrder(id, write, document, await whoIs(event)), 'running order')
})
