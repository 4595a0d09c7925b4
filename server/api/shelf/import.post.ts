import { z } from 'zod'
import { checkShelfItem, ShelfFaults, shelfItemSchema } from '../../../core'
import { importShelf } from '../../database/shelf'
import { readJson, writeId } from '../../http/body'
import { refusal, withFreeId } from '../../http/faults'

/** A large school's shelf; at about a kilobyte an item. */
const MOST_ITEMS = 5000
const MOST_BYTES = 8 * 1024 * 1024

const body = z.object({
  writeId,
  items: z
    .array(z.object({ id: z.uuid(), document: shelfItemSchema }))
    .min(1, 'at least one item')
    .max(MOST_ITEMS, `at most ${MOST_ITEMS} items`),
})

export default defineEventHandler(async event => {
  const { writeId, items } = await readJson(event, body, MOST_BYTES)
  const faults = items.flatMap(({ document }, index) => {
    try {
      checkShelfItem(document)
      return []
    } catch (error) {
      if (error instanceof ShelfFaults)
        return error.faults.map(f => ({ input: `items.${index}.${f.input}`, message: f.message }))
      throw error
    }
  })
  if (faults.length > 0) throw refusal(faults)
  return withFreeId(() => importShelf(items, writeId))
})
