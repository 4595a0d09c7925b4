import * as z from 'zod'
import { castVote } from '../../database/votes'
import { readJson } from '../../http/body'
import { refusal } from '../../http/faults'
import { deviceOf } from '../../join/device'
import { roundIn, seenByPhone } from '../../join/round'

const body = z.object({ outcome: z.string().max(60) })

export default defineEventHandler(async event => {
  const round = await roundIn(event)
  if (!round) throw refusal([{ input: 'code', message: 'no vote has that code' }], 404)
  const device = deviceOf(event)
  if (!device) throw refusal([{ input: '', message: 'load the page again: it has no number for this device yet' }], 400)
  const { outcome } = await readJson(event, body, 1024)
  if (!round.document.outcomes.some(o => o.id === outcome))
    throw refusal([
      {
        input: 'outcome',
        message: `given "${outcome}"; accepted: ${round.document.outcomes.map(o => o.id).join(', ')}`,
      },
    ])
  if (!(await castVote(round.code, device, outcome)))
    throw refusal([{ input: 'outcome', message: 'the vote is closed' }], 409)
  return seenByPhone(event, (await roundIn(event))!)
})
