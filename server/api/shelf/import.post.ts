import { checkShelfItem, importedItemsSchema, ShelfFaults } from '../../../core'
import { importShelf } from '../../database/shelf'
import { readJson } from '../../http/body'
import { refusal, withFreeId } from '../../http/faults'

/** At about a kilobyte an item. */
const MOST_BYTES = 8 * 1024 * 1024

export default defineEventHandler(async event => {
  const { writeId, items } = await readJson(event, importedItemsSchema, MOST_BYTES)
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
