import { RateLimiterMemory } from 'rate-limiter-flexible'
import * as z from 'zod'
import { addressOf } from '../../access/address'
import { castVote } from '../../join/ballot-box'
import { readJson } from '../../http/body'
import { refusal } from '../../http/faults'
import { deviceOf } from '../../join/device'
import { readerOf } from '../../join/language'
import { roundIn, seenByPhone } from '../../join/round'

const body = z.object({ outcome: z.string().max(60) })
/** Votes from one address in so many seconds: a hall of phones behind one school's address, each changing its mind. */
const PACE = new RateLimiterMemory({ points: 600, duration: 10 })

export default defineEventHandler(async event => {
  const round = await roundIn(event)
  if (!round) throw refusal([{ input: 'code', message: 'no vote has that code' }], 404)
  const device = await deviceOf(event)
  if (!device) throw refusal([{ input: '', message: 'load the page again: it has no number for this device yet' }], 400)
  const { outcome } = await readJson(event, body, 1024)
  if (!round.document.outcomes.some(o => o.id === outcome))
    throw refusal([
      {
        input: 'outcome',
        message: `given "${outcome}"; accepted: ${round.document.outcomes.map(o => o.id).join(', ')}`,
      },
    ])
  try {
    await PACE.consume(addressOf(event))
  } catch {
    throw refusal([{ input: 'outcome', message: 'too many votes from this address just now; try again' }], 429)
  }
  if (!(await castVote(round.code, device, outcome)))
    throw refusal([{ input: 'outcome', message: 'the vote is closed' }], 409)
  return seenByPhone(round, device, readerOf(event))
})
