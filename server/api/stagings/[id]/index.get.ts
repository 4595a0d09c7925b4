import { findStaging } from '../../../database/stagings'
import { routeId } from '../../../http/body'
import { foundOrRefused } from '../../../http/saved'

export default defineEventHandler(async event => foundOrRefused(await findStaging(routeId(event)), 'staging'))
