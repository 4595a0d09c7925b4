import { checkShelfItem, newItemSchema } from '../../../core'
import { addShelfItem } from '../../database/shelf'
import { readJson } from '../../http/body'
import { accepted, withFreeId } from '../../http/faults'

export default defineEventHandler(async event => {
  const { id, writeId, document } = await readJson(event, newItemSchema)
  accepted(() => checkShelfItem(document))
  return withFreeId(() => addShelfItem(id, writeId, document))
})
