import { listScores } from '../../database/runs'

export default defineEventHandler(() => listScores(useRuntimeConfig().public.model))
