import { listReadings } from '../../../database/shows'
import { actOfShow, showOf } from '../../../live/show-of'
import { queryWord } from '../../../http/query'

export default defineEventHandler(async event => {
  const show = await showOf(event)
  const act = actOfShow(show, queryWord(event, 'act'))
  const batches = await listReadings(show.id, act.id)
  return { source: batches[0]?.source ?? '', readings: batches.flatMap(b => b.readings) }
})
