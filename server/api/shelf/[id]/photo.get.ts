import { readPhoto } from '../../../database/shelf'
import { routeId } from '../../../http/body'
import { photoAnswer } from '../../../http/photo'

export default defineEventHandler(async event => photoAnswer(event, await readPhoto(routeId(event))))
