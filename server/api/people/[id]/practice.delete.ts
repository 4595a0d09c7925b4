import { pool } from '../../../database/pool'
import { removePracticeOf } from '../../../database/practice'
import { routeId } from '../../../http/body'

/** Takes all away that a person has practised; done twice it is as done once. */
export default defineEventHandler(async event => {
  await removePracticeOf(pool(), routeId(event))
  return { removed: true }
})
