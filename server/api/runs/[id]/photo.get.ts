import { readRunPhoto } from '../../../database/runs'
import { routeId } from '../../../http/body'
import { photoAnswer } from '../../../http/photo'

export default defineEventHandler(async event => photoAnswer(event, await readRunPhoto(routeId(event))))
