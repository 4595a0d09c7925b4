import { z } from 'zod'
import { checkShelfItem, shelfItemSchema } from '../../../core'
import { addShelfItem } from '../../database/shelf'
import { readJson, writeId } from '../../http/body'
import { accepted, withFreeId } from '../../http/faults'

const body = z.object({ id: z.uuid(), writeId, document: shelfItemSchema })

export default defineEventHandler(async event => {
  const { id, writeId, document } = await readJson(event, body)
  accepted(() => checkShelfItem(document))
  return withFreeId(() => addShelfItem(id, writeId, document))
})
