import { deviceOf } from '../../join/device'
import { readerOf } from '../../join/language'
import { roundIn, seenByPhone } from '../../join/round'
import { refusal } from '../../http/faults'

export default defineEventHandler(async event => {
  const round = await roundIn(event)
  if (!round) throw refusal([{ input: 'code', message: 'no vote has that code' }], 404)
  return seenByPhone(round, await deviceOf(event), readerOf(event))
})
