import { exportRuns } from '../../database/runs'

export default defineEventHandler(() => exportRuns())
