import { changedOrderSchema } from '../../../core'
import { saveOrder } from '../../database/running-orders'
import { readJson, routeId } from '../../http/body'
import { savedOrRefused } from '../../http/saved'

/** Changes a running order, if nobody changed it since. */
export default defineEventHandler(async event => {
  const id = routeId(event)
  const { document, ...write } = await readJson(event, changedOrderSchema)
  return savedOrRefused(await saveOrder(id, write, document), 'running order')
})
