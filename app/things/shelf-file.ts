/** A shelf in a file, rows or JSON, both ways. */
import {
  ShelfFaults,
  checkShelfItem,
  itemWords,
  readShelfCsv,
  shelfCsv,
  shelfItemSchema,
  type CsvFault,
  type Sentence,
  type ShelfItemDocument,
} from '~~/core'

interface Found {
  good: ShelfItemDocument[]
  faults: CsvFault[]
}

function fromJson(text: string, told: (sentence: Sentence) => string): Found {
  const json = JSON.parse(text) as { format?: string; items?: unknown }
  if (json.format !== 'zealous-hush/shelf' || !Array.isArray(json.items)) {
    const message = `given ${JSON.stringify(json.format)}; accepted: "format": "zealous-hush/shelf", with its items`
    return { good: [], faults: [{ line: 1, column: 'format', message }] }
  }
  const good: ShelfItemDocument[] = []
  const faults: CsvFault[] = []
  json.items.forEach((item, index) => {
    const parsed = shelfItemSchema.safeParse(item)
    if (!parsed.success) {
      for (const i of parsed.error.issues)
        faults.push({ line: index + 1, column: i.path.join('.'), message: i.message })
      return
    }
    try {
      checkShelfItem(parsed.data)
      good.push(parsed.data)
    } catch (error) {
      if (!(error instanceof ShelfFaults)) throw error
      for (const f of error.faults) faults.push({ line: index + 1, column: f.input, message: told(f.message) })
    }
  })
  return { good, faults }
}

/**
 * What is good in a file, and every fault by its line; what is here already is counted, not given once more.
 *
 * @throws SyntaxError where a file of JSON is none
 */
export async function shelfFromFile(
  file: File,
  here: readonly ShelfItemDocument[],
  told: (sentence: Sentence) => string,
): Promise<Found & { known: number }> {
  const text = await file.text()
  const { good: all, faults } = /\.json$/i.test(file.name)
    ? fromJson(text, told)
    : (({ items, faults }) => ({ good: items.map(i => i.document), faults }))(readShelfCsv(text, told))
  const known = new Set(here.map(itemWords))
  const good = all.filter(document => !known.has(itemWords(document)))
  return { good, faults, known: all.length - good.length }
}

/** As files of rows and of JSON. */
export const shelfFiles = {
  csv: shelfCsv,
  json: (items: readonly ShelfItemDocument[]) =>
    JSON.stringify({ format: 'zealous-hush/shelf', version: 1, items }, null, 2),
}
