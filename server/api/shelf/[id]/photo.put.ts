import { z } from 'zod'
import { savePhoto } from '../../../database/shelf'
import { readJson, routeId } from '../../../http/body'
import { refusal } from '../../../http/faults'
import { MOST_PHOTO_BYTES, photoType } from '../../../http/photo'

const body = z.object({ photo: z.base64().nullable().describe('the file in base64; null removes it') })

export default defineEventHandler(async (event) => {
  const id = routeId(event)
  const { photo } = await readJson(event, body, Math.ceil(MOST_PHOTO_BYTES * 4 / 3) + 1024)
  const bytes = photo === null ? undefined : Buffer.from(photo, 'base64')
  if (bytes && bytes.length > MOST_PHOTO_BYTES) throw refusal([{ input: 'photo', message: `given ${bytes.length} bytes; accepted: at most ${MOST_PHOTO_BYTES}` }], 413)
  const type = bytes && photoType(bytes)
  if (bytes && !type) throw refusal([{ input: 'photo', message: 'given a file of another kind; accepted: a JPEG, PNG or WebP picture' }])
  const item = await savePhoto(id, bytes && { type: type!, bytes })
  if (!item) throw refusal([{ input: 'id', message: 'there is no such item' }], 404)
  return item
})
