import { setResponseStatus } from 'h3'
import { knowDevice } from '../../join/device'
import { say } from '../../join/language'
import { codePage, votePage } from '../../join/page'
import { roundIn } from '../../join/round'

export default defineEventHandler(async event => {
  const round = await roundIn(event)
  if (!round) {
    setResponseStatus(event, 404)
    return codePage(event, say(event)('No vote has that code. Look again, or ask.'))
  }
  await knowDevice(event)
  return votePage(event, round.code, round.document)
})
