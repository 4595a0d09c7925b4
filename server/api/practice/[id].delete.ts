import { removePractice } from '../../database/practice'
import { routeId } from '../../http/body'

/** Takes one attempt away for good; done twice it is as done once. */
export default defineEventHandler(async event => {
  await removePractice(routeId(event))
  return { removed: true }
})
