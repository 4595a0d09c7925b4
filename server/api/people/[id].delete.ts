import { removePerson } from '../../database/people'
import { routeId } from '../../http/body'

/** Takes a name away for good; done twice it is as done once. */
export default defineEventHandler(async event => {
  await removePerson(routeId(event))
  return { removed: true }
})
