import { keepStagings } from '../../../database/stagings'
import { routeId } from '../../../http/body'

/** One that was only begun is kept from now on: something of it was changed. */
export default defineEventHandler(async event => {
  await keepStagings([routeId(event)])
  return { kept: true }
})
