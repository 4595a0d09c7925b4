import { currentSchool } from '../../database/school'

export default defineEventHandler(() => currentSchool())
