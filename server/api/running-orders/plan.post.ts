import * as z from 'zod'
import { readJson } from '../../http/body'
import { planInTurn } from '../../planning/planner'

const seconds = z.number().min(0).max(20000)
const body = z.object({
  order: z.uuid(),
  acts: z
    .array(
      z.object({
        id: z.string().max(60),
        title: z.string().max(200),
        heating: seconds,
        power: z.number().min(1).max(1e6).optional(),
        wait: seconds,
        early: seconds,
        show: seconds,
        talk: seconds,
        target: z.number().min(0).max(21600).optional(),
      }),
    )
    .max(24),
  stage: z.object({
    heaters: z.int().min(0).max(12),
    powers: z.array(z.number().min(1).max(1e6)).max(12).optional(),
    hands: z.int().min(1).max(8),
    before: z.number().min(0).max(14400),
    length: z.number().min(0).max(28800).optional(),
  }),
})

/** When each act goes on the heat and when it is lifted; what does not fit, and what would mend it. Writes nothing. */
export default defineEventHandler(async event => {
  const { order, ...job } = await readJson(event, body)
  return planInTurn(order, job)
})
