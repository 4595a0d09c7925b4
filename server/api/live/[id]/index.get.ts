import { listMarks } from '../../../database/shows'
import { listRounds } from '../../../database/votes'
import { showOf } from '../../../live/show-of'

/** All of a show but its readings. */
export default defineEventHandler(async event => {
  const show = await showOf(event)
  const [marks, rounds] = await Promise.all([listMarks(show.id), listRounds(show.id)])
  return { show, marks, rounds, now: Date.now() }
})
