import { MOST_TEACHERS, teaches } from '../../../core'
import { listTeachers } from '../../database/runs'
import { queryWord } from '../../http/query'

/** The runs that teach a demonstration's forecasts, newest first. */
export default defineEventHandler(async event => {
  const runs = await listTeachers(queryWord(event, 'demonstration'), MOST_TEACHERS)
  return runs.filter(teaches)
})
