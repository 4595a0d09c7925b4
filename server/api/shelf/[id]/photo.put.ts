import { savePhoto } from '../../../database/shelf'
import { routeId } from '../../../http/body'
import { refusal } from '../../../http/faults'
import { readPhotoBody } from '../../../http/photo'

export default defineEventHandler(async event => {
  const item = await savePhoto(routeId(event), await readPhotoBody(event))
  if (!item) throw refusal([{ input: 'id', message: 'there is no such item' }], 404)
  return item
})
