import { listOrders } from '../../database/running-orders'

export default defineEventHandler(() => listOrders())
