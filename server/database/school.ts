import { NO_SCHOOL, type SchoolDocument } from '../../core'
import { singleDocument } from './single-document'

export const { current: currentSchool, save: saveSchool } = singleDocument<SchoolDocument>('school', NO_SCHOOL)
