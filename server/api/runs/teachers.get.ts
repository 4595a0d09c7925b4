import { MOST_TEACHERS } from '../../../core'
import { listTeachers } from '../../database/runs'
import { queryWord } from '../../http/query'

/** The runs that teach a demonstration's forecasts, newest first. */
export default defineEventHandler(event => listTeachers(queryWord(event, 'demonstration'), MOST_TEACHERS))
