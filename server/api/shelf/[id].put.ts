import { z } from 'zod'
import { checkShelfItem, shelfItemSchema } from '../../../core'
import { saveShelfItem } from '../../database/shelf'
import { readJson, routeId, writeId } from '../../http/body'
import { conflict } from '../../http/conflict'
import { accepted, refusal } from '../../http/faults'

const body = z.object({
  writeId,
  baseVersion: z.int().min(1),
  document: shelfItemSchema,
  retired: z.boolean().default(false),
})

export default defineEventHandler(async event => {
  const id = routeId(event)
  const { writeId, baseVersion, document, retired } = await readJson(event, body)
  accepted(() => checkShelfItem(document))
  const result = await saveShelfItem(id, writeId, baseVersion, document, retired)
  if (!result) throw refusal([{ input: 'id', message: 'there is no such item' }], 404)
  if (!result.saved) throw conflict(result.item)
  return result.item
})
