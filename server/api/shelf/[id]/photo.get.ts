import { setResponseHeaders } from 'h3'
import { readPhoto } from '../../../database/shelf'
import { routeId } from '../../../http/body'
import { refusal } from '../../../http/faults'

export default defineEventHandler(async (event) => {
  const photo = await readPhoto(routeId(event))
  if (!photo) throw refusal([{ input: 'id', message: 'there is no photo of this' }], 404)
  // Shown as the picture it is and nothing else, whatever is in the bytes.
  setResponseHeaders(event, { 'content-type': photo.type, 'content-disposition': 'inline', 'cache-control': 'private, max-age=31536000, immutable', 'content-security-policy': 'default-src \'none\'; sandbox' })
  return photo.bytes
})
