import { findRun, saveRunPhoto } from '../../../database/runs'
import { routeId } from '../../../http/body'
import { refusal } from '../../../http/faults'
import { readPhotoBody } from '../../../http/photo'

export default defineEventHandler(async event => {
  const id = routeId(event)
  const photo = await readPhotoBody(event)
  if (!(await findRun(id))) throw refusal([{ input: 'id', message: 'there is no such run' }], 404)
  await saveRunPhoto(id, photo)
  return (await findRun(id))!
})
