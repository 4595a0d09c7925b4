/** The logbook document: runs, each with the staging that it used; and the same as rows. */
import Papa from 'papaparse'
import { FORMULA, plainCell } from './csv-cells'
import * as z from 'zod'
import { findDemonstration } from '../catalogue'
import { findInput, type QuantityInput, type ResultSpec } from '../demonstration'
import { parseQuantity, QuantityError, unitLabel } from '../units'
import { runSchema, type RunDocument } from './run'
import type { CsvFault } from './shelf-csv'
import { stagingSchema, type QuantityDocument, type StagingDocument } from './staging'

export const LOGBOOK_FORMAT = 'zealous-hush/logbook'

export const loggedRunSchema = z.strictObject({
  id: z.uuid(),
  stagingId: z.uuid().optional(),
  stagingVersion: z.int().min(1).optional(),
  staging: stagingSchema,
  document: runSchema,
})
export type LoggedRun = z.infer<typeof loggedRunSchema>

export const logbookSchema = z
  .strictObject({
    format: z.literal(LOGBOOK_FORMAT).default(LOGBOOK_FORMAT),
    version: z.literal(1).default(1),
    runs: z.array(loggedRunSchema).max(100_000),
  })
  .meta({ title: 'Logbook', description: 'Runs with the stagings that they used.' })

const COMMON = ['id', 'performedAt', 'staging', 'demonstration', 'outcome', 'rehearsal', 'note'] as const
const words = (q: QuantityDocument): string => `${q.value} ${unitLabel(q.unit ?? '')}`.trim()

/** One line a run; what was used and seen in columns `used.purgeTime`, `seen.hush`, each with its unit in the cell. */
export function logbookCsv(runs: readonly Pick<LoggedRun, 'id' | 'staging' | 'document'>[]): string {
  const ids = (part: 'used' | 'seen') =>
    [...new Set(runs.flatMap(r => Object.keys(r.document[part])))].sort().map(id => [part, id] as const)
  const columns = [...ids('used'), ...ids('seen')]
  const rows = runs.map(({ id, staging, document }) => [
    id,
    document.performedAt,
    staging.title,
    staging.demonstration,
    document.outcome,
    document.rehearsal ? 'yes' : '',
    document.note,
    ...columns.map(([part, name]) => {
      const given: Readonly<Partial<Record<string, QuantityDocument | string>>> = document[part]
      const value = given[name]
      return value === undefined ? '' : typeof value === 'string' ? value : words(value)
    }),
  ])
  return (
    Papa.unparse([[...COMMON, ...columns.map(c => c.join('.'))], ...rows], { newline: '\n', escapeFormulae: FORMULA }) +
    `\n`
  )
}

/**
 * Reads runs from rows. A row names its staging by title; `stagingOf` finds it.
 * @param newId for rows without an id
 * @returns the good runs, and a fault for every cell that is not
 */
export function readLogbookCsv(
  text: string,
  stagingOf: (title: string) => StagingDocument | undefined,
  newId: () => string,
): { runs: LoggedRun[]; faults: CsvFault[] } {
  const runs: LoggedRun[] = []
  const faults: CsvFault[] = []
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy', transform: plainCell })
  const header = (data[0] ?? []).map(h => h.trim())
  for (const needed of ['performedAt', 'staging', 'outcome'])
    if (!header.includes(needed)) faults.push({ line: 1, column: needed, message: 'is missing; every run needs it' })
  for (const name of header)
    if (!COMMON.includes(name as never) && !/^(used|seen)\.\w+$/.test(name))
      faults.push({ line: 1, column: name, message: `is not a column; accepted: ${COMMON.join(', ')}, used.…, seen.…` })
  if (faults.length > 0) return { runs, faults }
  data.slice(1).forEach((cells, i) => {
    const line = i + 2
    const before = faults.length
    const fault = (column: string, message: string) => faults.push({ line, column, message })
    const cell = (name: string) => (cells[header.indexOf(name)] ?? '').trim()
    const staging = stagingOf(cell('staging'))
    const demonstration = staging && findDemonstration(staging.demonstration)
    if (!staging || !demonstration) {
      fault('staging', `given "${cell('staging')}"; there is no staging of that title here`)
      return
    }
    const at = new Date(cell('performedAt'))
    if (Number.isNaN(at.getTime()))
      fault('performedAt', `given "${cell('performedAt')}"; accepted: a date and time such as 2026-12-04T18:30`)
    const parts: { used: RunDocument['used']; seen: RunDocument['seen'] } = { used: {}, seen: {} }
    for (const name of header) {
      const [part, id] = name.split('.') as ['used' | 'seen', string | undefined]
      if (!id || cell(name) === '') continue
      const spec: QuantityInput | ResultSpec | undefined =
        part === 'used'
          ? [findInput(demonstration, id)].find((x): x is QuantityInput => x?.kind === 'quantity')
          : demonstration.results.find(r => r.id === id)
      if (part === 'used' && findInput(demonstration, id)?.kind === 'choice') parts.used[id] = cell(name)
      else if (!spec) fault(name, `given "${cell(name)}"; ${demonstration.id} has no such thing: leave it empty`)
      else {
        try {
          parts[part][id] = parseQuantity(cell(name), spec.quantity, spec.units[0])
        } catch (error) {
          if (!(error instanceof QuantityError)) throw error
          fault(name, error.message)
        }
      }
    }
    if (!demonstration.outcomes.some(o => o.id === cell('outcome')))
      fault('outcome', `given "${cell('outcome')}"; accepted: ${demonstration.outcomes.map(o => o.id).join(', ')}`)
    if (faults.length > before) return
    const id = z.uuid().safeParse(cell('id'))
    runs.push({
      id: id.success ? id.data : newId(),
      staging,
      document: runSchema.parse({
        performedAt: at.toISOString(),
        outcome: cell('outcome'),
        note: cell('note').slice(0, 4000),
        rehearsal: cell('rehearsal') === 'yes',
        ...parts,
      }),
    })
  })
  return { runs, faults }
}
