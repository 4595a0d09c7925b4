import { findDemonstration, withRoom } from '../../../../core'
import { currentRoom } from '../../../database/room'
import { findStaging } from '../../../database/stagings'
import { routeId } from '../../../http/body'
import { foundOrRefused } from '../../../http/saved'
import { firstOdds } from '../../../odds/first-odds'

/** How a staging stands, by a few draws; without a forecast where there is none in time. */
export default defineEventHandler(async event => {
  const [found, room] = await Promise.all([findStaging(routeId(event)), currentRoom()])
  const { document } = foundOrRefused(found, 'staging')
  const demonstration = findDemonstration(document.demonstration)
  return { forecast: demonstration && (await firstOdds(withRoom(document, room.document, demonstration))) }
})
