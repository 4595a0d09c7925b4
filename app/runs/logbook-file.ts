/** The whole logbook as a file, and runs out of one: fetched as somebody asks for it. */
import { newId } from '~/api/new-id'
import { sendWrite } from '~/api/sending'
import { download } from '~/files/download'
import {
  LOGBOOK_FORMAT,
  StagingFaults,
  checkRun,
  loadDemonstrations,
  logbookCsv,
  logbookSchema,
  readLogbookCsv,
  type CsvFault,
  type LoggedRun,
  type Sentence,
  type StoredRun,
  type StoredStaging,
} from '~~/core'

export async function downloadLogbook(kind: 'json' | 'csv'): Promise<void> {
  const all = await $fetch<StoredRun[]>('/api/runs/export')
  const runs = all.map(({ id, stagingId, stagingVersion, staging, document }): LoggedRun => ({
    ...{ id, stagingId, stagingVersion, staging, document },
  }))
  if (kind === 'csv') download('logbook.csv', logbookCsv(runs), 'text/csv')
  else
    download('logbook.json', JSON.stringify({ format: LOGBOOK_FORMAT, version: 1, runs }, null, 2), 'application/json')
}

/** What one request brings at most; letters of other alphabets take more bytes than one each. */
const PIECE = { runs: 1000, bytes: 8e6 }
/** A logbook of years is sent in pieces that the server takes at once. */
export function inPieces(list: readonly LoggedRun[], most = PIECE): LoggedRun[][] {
  const pieces: LoggedRun[][] = []
  let bytes = Infinity
  for (const run of list) {
    const size = JSON.stringify(run).length
    if (bytes + size > most.bytes || pieces.at(-1)!.length >= most.runs) {
      pieces.push([])
      bytes = 0
    }
    pieces.at(-1)!.push(run)
    bytes += size
  }
  return pieces
}

/** What came of a file: something was taken, or why nothing was. */
export interface TakenLogbook {
  taken?: string
  failure?: string
  /** of a table, by line and column */ faults?: CsvFault[]
}

/**
 * Takes the runs of a file, all of them or none.
 *
 * @param told a sentence, as whoever reads it is told
 * @throws what the server refuses
 */
export async function takeLogbook(file: File, told: (s: Sentence) => string): Promise<TakenLogbook> {
  const [text] = await Promise.all([file.text(), loadDemonstrations()])
  const read = /\.csv$/i.test(file.name) ? await runsOfTable(text) : runsOfDocument(file.name, text)
  // Nothing of a file with faults: it is put right and read again as a whole.
  if (!('runs' in read)) return read
  const { runs } = read
  if (runs.length === 0) return { failure: `${file.name} holds no run.` }
  // Each is looked at before any is sent: what goes in pieces goes as a whole.
  for (const [i, { staging, document }] of runs.entries()) {
    try {
      checkRun(staging, document)
    } catch (problem) {
      if (!(problem instanceof StagingFaults)) throw problem
      const [first] = problem.faults
      return { failure: `${file.name}: run ${i + 1}, ${first!.input}: ${told(first!.message)}` }
    }
  }
  let added = 0
  for (const piece of inPieces(runs))
    added += (await sendWrite<{ added: number }>('POST', '/api/runs/import', { runs: piece })).added
  const known = added < runs.length ? `; ${runs.length - added} were here already` : ''
  return { taken: `${added} run${added === 1 ? '' : 's'} taken from ${file.name}${known}.` }
}

/** A run refers to the staging that is here, where it is. */
async function runsOfTable(text: string): Promise<{ runs: LoggedRun[] } | TakenLogbook> {
  const stagings = await $fetch<StoredStaging[]>('/api/stagings')
  const named = (title: string) => stagings.find(s => s.document.title === title)
  const { runs, faults } = readLogbookCsv(text, title => named(title)?.document, newId)
  if (faults.length) return { faults }
  return {
    runs: runs.map(r => {
      const stored = named(r.staging.title)!
      return { ...r, stagingId: stored.id, stagingVersion: stored.version }
    }),
  }
}

function runsOfDocument(name: string, text: string): { runs: LoggedRun[] } | TakenLogbook {
  let json: unknown
  try {
    json = JSON.parse(text)
  } catch {
    return { failure: `${name} is not JSON; accepted: a logbook as JSON or CSV` }
  }
  const parsed = logbookSchema.safeParse(json)
  if (parsed.success) return { runs: parsed.data.runs }
  const faults = parsed.error.issues
    .slice(0, 5)
    .map(i => `${i.path.join('.') || 'the file'}: accepted: ${i.message}`)
    .join('; ')
  return { failure: `${name}: ${faults}` }
}
