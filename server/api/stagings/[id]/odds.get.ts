import { findStaging } from '../../../database/stagings'
import { routeId } from '../../../http/body'
import { queryWord } from '../../../http/query'
import { foundOrRefused } from '../../../http/saved'
import { oddsOfStaging } from '../../../computing/of-staging'

/**
 * How a staging stands, by a few draws or by all, and what past runs have taught about it (`taught=no` leaves them
 * out); empty where it is not there in time.
 */
export default defineEventHandler(async event => {
  const { document } = foundOrRefused(await findStaging(routeId(event)), 'staging')
  return oddsOfStaging(document, queryWord(event, 'taught') !== 'no')
})
