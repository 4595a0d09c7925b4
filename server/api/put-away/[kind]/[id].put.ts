import { KEPT, putAwaySchema } from '../../../../core'
import { putAway } from '../../../database/put-away'
import { readJson, routeId } from '../../../http/body'
import { refusal } from '../../../http/faults'

/** Archives or deletes a staging, running order, show or run, or takes it out again. */
export default defineEventHandler(async event => {
  const given = getRouterParam(event, 'kind')
  const kind = KEPT.find(k => k === given)
  if (!kind) throw refusal([{ input: 'kind', message: `given "${given ?? ''}"; accepted: ${KEPT.join(', ')}` }], 404)
  const id = routeId(event)
  const { away } = await readJson(event, putAwaySchema)
  if (!(await putAway(kind, id, away))) throw refusal([{ input: 'id', message: 'there is no such record' }], 404)
  return { away }
})
