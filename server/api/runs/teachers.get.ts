import { getQuery } from 'h3'
import { MOST_TEACHERS } from '../../../core'
import { listTeachers } from '../../database/runs'

/** The runs that teach a demonstration's forecasts, newest first. */
export default defineEventHandler(event => listTeachers(String(getQuery(event).demonstration ?? ''), MOST_TEACHERS))
