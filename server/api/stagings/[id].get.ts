import { findStaging } from '../../database/stagings'
import { routeId } from '../../http/body'
import { refusal } from '../../http/faults'

export default defineEventHandler(async event => {
  const staging = await findStaging(routeId(event))
  if (!staging) throw refusal([{ input: 'id', message: 'there is no such staging' }], 404)
  return staging
})
