import { changedItemSchema, checkShelfItem } from '../../../core'
import { saveShelfItem } from '../../database/shelf'
import { readJson, routeId } from '../../http/body'
import { accepted } from '../../http/faults'
import { savedOrRefused } from '../../http/saved'

export default defineEventHandler(async event => {
  const id = routeId(event)
  const { document, retired, ...write } = await readJson(event, changedItemSchema)
  accepted(() => checkShelfItem(document))
  return savedOrRefused(await saveShelfItem(id, write, document, retired), 'item')
})
