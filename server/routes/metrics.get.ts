import { setResponseHeader } from 'h3'
import { registry } from '../watching/metrics'

/** For this machine, or whoever is signed in (middleware/guard). */
export default defineEventHandler(async event => {
  setResponseHeader(event, 'content-type', registry.contentType)
  return registry.metrics()
})
