import * as z from 'zod'
import { runScoreSchema } from '../../../core'
import { saveScores } from '../../database/runs'
import { readJson } from '../../http/body'

const body = z.object({ scores: z.array(runScoreSchema).min(1).max(100) })

/** Keeps how well runs were forecast, as a page worked it out. */
export default defineEventHandler(async event => {
  const { scores } = await readJson(event, body)
  await saveScores(useRuntimeConfig().public.model, scores)
  return { kept: scores.length }
})
