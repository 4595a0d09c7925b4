import { forgetDevice } from '../../access/desk'
import { routeId } from '../../http/body'

/** Signs a device out and forgets whose it is; done twice it is as done once. */
export default defineEventHandler(async event => {
  await forgetDevice(routeId(event))
  return { forgotten: true }
})
