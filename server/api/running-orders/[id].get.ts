import { findOrder } from '../../database/running-orders'
import { routeId } from '../../http/body'
import { foundOrRefused } from '../../http/saved'

export default defineEventHandler(async event => foundOrRefused(await findOrder(routeId(event)), 'running order'))
