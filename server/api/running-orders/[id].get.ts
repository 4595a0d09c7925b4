import { findOrder } from '../../database/running-orders'
import { routeId } from '../../http/body'
import { refusal } from '../../http/faults'

export default defineEventHandler(async event => {
  const order = await findOrder(routeId(event))
  if (!order) throw refusal([{ input: 'id', message: 'there is no such running order' }], 404)
  return order
})
