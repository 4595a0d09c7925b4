import { getRouterParam } from 'h3'
import * as z from 'zod'
import { findDemonstration } from '../../../../../core'
import { changeRound, listRounds, openRound } from '../../../../database/votes'
import { readJson } from '../../../../http/body'
import { refusal } from '../../../../http/faults'
import { forgetRounds } from '../../../../join/round'
import { actOfShow, showOf } from '../../../../live/show-of'

const body = z.object({
  do: z.enum(['open', 'close', 'reveal', 'hands']),
  age: z.int('a whole number of years').min(5, '5 years or more').max(18, '18 years or less').optional(),
  hands: z.record(z.string(), z.int('a whole number').min(0).max(10000)).optional(),
})

/** Opens, closes or reveals the class's vote on one act, or takes hands counted in the room. */
export default defineEventHandler(async event => {
  const show = await showOf(event)
  const act = actOfShow(show, decodeURIComponent(getRouterParam(event, 'act')!))
  const { do: what, hands, age } = await readJson(event, body)
  const demonstration = findDemonstration(act.staging.demonstration)!
  if (what === 'open' || what === 'hands') {
    const question = {
      title: act.staging.title || demonstration.name,
      outcomes: demonstration.outcomes.map(({ id, name, sentence }) => ({ id, name, sentence })),
      ...(age !== undefined && { age }),
    }
    const known = (await listRounds(show.id)).some(r => r.act === act.id)
    if (what === 'open' || !known) await openRound(show.id, act.id, question)
  }
  if (what === 'hands') {
    const strange = Object.keys(hands ?? {}).filter(id => !demonstration.outcomes.some(o => o.id === id))
    if (!hands || strange.length > 0)
      throw refusal([
        {
          input: 'hands',
          message:
            `given ${strange.join(', ') || 'nothing'}; accepted: counts by ` +
            `${demonstration.outcomes.map(o => o.id).join(', ')}`,
        },
      ])
  }
  if (
    what !== 'open' &&
    !(await changeRound(show.id, act.id, {
      close: what === 'close',
      reveal: what === 'reveal',
      ...(what === 'hands' && { hands }),
    }))
  ) {
    throw refusal([{ input: 'act', message: 'no vote was opened for this one' }], 404)
  }
  forgetRounds()
  return listRounds(show.id)
})
