import { listRuns } from '../../database/runs'

export default defineEventHandler(() => listRuns())
