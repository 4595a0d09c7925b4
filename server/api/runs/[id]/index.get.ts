import { findRun } from '../../../database/runs'
import { routeId } from '../../../http/body'
import { refusal } from '../../../http/faults'

export default defineEventHandler(async event => {
  const run = await findRun(routeId(event))
  if (!run) throw refusal([{ input: 'id', message: 'there is no such run' }], 404)
  return run
})
