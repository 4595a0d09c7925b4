import { getQuery } from 'h3'
import { listReadings } from '../../../database/shows'
import { actOfShow, showOf } from '../../../live/show-of'

export default defineEventHandler(async event => {
  const show = await showOf(event)
  const act = actOfShow(show, String(getQuery(event).act ?? ''))
  const batches = await listReadings(show.id, act.id)
  return { source: batches[0]?.source ?? '', readings: batches.flatMap(b => b.readings) }
})
