/** Takes documents from files into a database: each once, however often its folder is taken. */
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { isDeepStrictEqual } from 'node:util'
import * as z from 'zod'
import {
  checkRun,
  checkSchool,
  checkShelfItem,
  inLines,
  loadDemonstrations,
  logbookSchema,
  readStaging,
  runningOrderSchema,
  SCHOOL_FORMAT,
  schoolSchema,
  shelfSchema,
  ShelfFaults,
  StagingFaults,
} from '../../core'
import { contentId } from '../../server/database/content-id'
import { pool } from '../../server/database/pool'
import { addOrder, findOrder } from '../../server/database/running-orders'
import { importRuns } from '../../server/database/runs'
import { currentSchool, saveSchool } from '../../server/database/school'
import { importShelf } from '../../server/database/shelf'
import { addStaging, findStaging } from '../../server/database/stagings'
import { checkActs } from '../../server/http/acts'
import { messageOf } from '../root'

const told = (what: string, isNew: boolean) => (isNew ? `${what} taken` : `${what} was here already`)

/** By the `format` of a document: how it is checked and taken. @returns what was done, in words */
const TAKE: Readonly<Record<string, (document: unknown) => Promise<string>>> = {
  'zealous-hush/staging': async given => {
    const { document } = readStaging(given)
    const id = contentId(document)
    const known = await findStaging(id)
    if (!known) await addStaging(id, id, document, null)
    return told(`staging “${document.title}”`, !known)
  },
  'zealous-hush/running-order': async given => {
    const document = runningOrderSchema.parse(given)
    checkActs(document)
    const id = contentId(document)
    const known = await findOrder(id)
    if (!known) await addOrder(id, id, document, null)
    return told(`running order “${document.title}”`, !known)
  },
  'zealous-hush/shelf': async given => {
    const items = shelfSchema.parse(given).items.map(document => ({ id: contentId(document), document }))
    for (const { document } of items) checkShelfItem(document)
    const { rows } = await pool().query<{ id: string }>('select id from shelf_item where id = any($1::uuid[])', [
      items.map(item => item.id),
    ])
    const known = new Set(rows.map(row => row.id))
    const fresh = [...new Map(items.filter(item => !known.has(item.id)).map(item => [item.id, item])).values()]
    if (fresh.length > 0) await importShelf(fresh, contentId(fresh))
    return `shelf: ${fresh.length} things taken, ${items.length - fresh.length} were here already`
  },
  'zealous-hush/logbook': async given => {
    const { runs } = logbookSchema.parse(given)
    for (const { staging, document } of runs) checkRun(staging, document)
    const { added } = await importRuns(runs, crypto.randomUUID())
    return `logbook: ${added} runs taken, ${runs.length - added} were here already`
  },
  [SCHOOL_FORMAT]: async given => {
    const school = schoolSchema.parse(given)
    checkSchool(school)
    const { version: baseVersion, document } = await currentSchool()
    if (isDeepStrictEqual(document, school)) return told('school', false)
    if (baseVersion > 0) throw new Error('a school is set up here already; accepted: its file, read on the page School')
    await saveSchool({ writeId: crypto.randomUUID(), baseVersion }, school)
    return told(`school “${school.name}”`, true)
  },
}

/** A fault in words, with the field that it is about. */
function wordsOf(error: unknown): string {
  if (error instanceof StagingFaults || error instanceof ShelfFaults) return inLines(error.faults)
  if (error instanceof z.ZodError)
    return error.issues.map(({ path, message }) => `${path.join('.') || 'document'}: ${message}`).join('\n')
  return messageOf(error)
}

export interface OfFile {
  file: string
}

/**
 * Takes all `.json` files of a folder, in the order of their names; one that is not accepted is told and the others are
 * taken all the same.
 */
export async function takeFolder(
  folder: string,
): Promise<{ taken: (OfFile & { what: string })[]; faults: (OfFile & { message: string })[] }> {
  const taken: (OfFile & { what: string })[] = []
  const faults: (OfFile & { message: string })[] = []
  await loadDemonstrations()
  try {
    for (const file of readdirSync(folder).sort()) {
      if (!file.endsWith('.json')) continue
      try {
        const given = JSON.parse(readFileSync(join(folder, file), 'utf8')) as { format?: unknown } | null
        const format = typeof given?.format === 'string' ? given.format : ''
        const take = TAKE[format]
        if (!take) throw new Error(`format: given "${format}"; accepted: ${Object.keys(TAKE).join(', ')}`)
        taken.push({ file, what: await take(given) })
      } catch (error) {
        faults.push({ file, message: wordsOf(error) })
      }
    }
  } finally {
    await pool().end()
  }
  return { taken, faults }
}
