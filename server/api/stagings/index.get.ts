import { listStagings } from '../../database/stagings'
import { idAsked } from '../../http/query'

/** Every staging that is kept; `also` names one that was only begun and is asked for. */
export default defineEventHandler(event => listStagings(idAsked(event, 'also')))
