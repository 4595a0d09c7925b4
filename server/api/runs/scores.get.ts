import type { ScoredRuns } from '../../../core'
import { countUnscored, listScores } from '../../database/runs'

/** What is known of how well each run was forecast, and how many runs nothing is known of yet. */
export default defineEventHandler(async (): Promise<ScoredRuns> => {
  const { model } = useRuntimeConfig().public
  const [runs, left] = await Promise.all([listScores(model), countUnscored(model)])
  return { runs, left }
})
