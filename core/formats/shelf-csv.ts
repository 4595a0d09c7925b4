/**
 * A shelf as rows: one line an item, units in the header. Reading tells every bad cell by line and column and keeps
 * the good rows.
 */
import { METRIC, tell, type Sentence } from '../sentence'
import Papa from 'papaparse'
import { FORMULA, plainCell } from './csv-cells'
import { QuantityError, readNumber, unitLabel, usesDecimalComma } from '../units'
import { shelfItemSchema, type ItemKind, type ShelfItemDocument } from './shelf'
import { ITEM_KINDS, SHELF_FIELDS, type ShelfField } from './shelf-fields'
import { checkShelfItem, ShelfFaults } from './shelf-values'
import type { QuantityDocument } from './staging'

const COMMON = ['kind', 'name', 'place', 'note'] as const

/** Every field of any kind once, in the order of the table. */
const FIELDS: readonly ShelfField[] = ITEM_KINDS.flatMap(k => SHELF_FIELDS[k]).filter(
  (f, i, all) => all.findIndex(g => g.field === f.field) === i,
)

const heading = (f: ShelfField): string =>
  f.type === 'quantity' && unitLabel(f.units[0]) ? `${f.field} (${unitLabel(f.units[0])})` : f.field

/** The rows of a shelf, each quantity in the unit that its column's header names. */
export function shelfCsv(items: readonly ShelfItemDocument[]): string {
  const rows = items.map(item => {
    // What is no quantity is a word or a number.
    const record = item as unknown as Partial<Record<string, string | number | QuantityDocument>>
    const cells = FIELDS.map(f => {
      const value = record[f.field]
      if (value === undefined) return ''
      return f.type === 'quantity' ? measuredCell(value as QuantityDocument, f.units[0]) : plain(value)
    })
    return [...COMMON.map(c => plain(record[c] ?? '')), ...cells]
  })
  return `${Papa.unparse([[...COMMON, ...FIELDS.map(heading)], ...rows], { newline: '\n', escapeFormulae: FORMULA })}\n`
}

/** As it was stated: in a unit of its own where that is not the column's, and with how sure one is of it. */
function measuredCell({ value, unit, spread }: QuantityDocument, column: string): string {
  const own = unit === undefined || unitLabel(unit) === unitLabel(column) ? '' : ` ${unitLabel(unit)}`
  const sure =
    spread === undefined
      ? ''
      : typeof spread === 'number'
        ? ` ±${spread}`
        : ` ±${spread.value}${spread.unit ? ` ${unitLabel(spread.unit)}` : ''}`
  return `${value}${own}${sure}`
}

/** A cell that is no quantity. */
const plain = (value: unknown): string =>
  typeof value === 'string' || typeof value === 'number' || typeof value === 'boolean' ? `${value}` : ''

/** "20", "2 in", "20 ±0.15" (a share), "38 cm ±2 mm" */
const MEASURED = /^([-+]?[\d.,]+(?:[eE][-+]?\d+)?)\s*([^±]*?)(?:\s*±\s*([\d.,]+(?:[eE][-+]?\d+)?)\s*(.*))?$/

export interface CsvFault {
  /** of the file, 1 for the header */ line: number
  /** its header, or empty for the whole line */ column: string
  message: string
}

interface Column {
  name: string
  field?: ShelfField
  unit?: string
  common?: string
}

function readHeader(cells: readonly string[], faults: CsvFault[]): Column[] {
  const columns = cells.map((cell): Column => {
    const [, name, unit] = /^\s*([A-Za-z]+)\s*(?:[([]\s*(.*?)\s*[)\]])?\s*$/.exec(cell) ?? []
    const common = COMMON.find(c => c === name?.toLowerCase())
    const field = FIELDS.find(f => f.field.toLowerCase() === name?.toLowerCase())
    if (!common && !field)
      faults.push({
        line: 1,
        column: cell,
        message: `"${cell}" is not a column; accepted: ${[...COMMON, ...FIELDS.map(heading)].join(', ')}`,
      })
    return { name: cell, common, field, unit: unit || (field?.type === 'quantity' ? field.units[0] : undefined) }
  })
  for (const needed of ['kind', 'name'])
    if (!columns.some(c => c.common === needed))
      faults.push({ line: 1, column: needed, message: `is missing; every row needs its ${needed}` })
  return columns
}

/**
 * Reads rows with units in the header ("diameter (mm)"); a quantity may also carry its own unit in the cell ("2 in").
 *
 * @param told how a sentence reads to whoever brought the file
 * @returns the items that are good, each with its line, and a fault for every cell that is not; one bad row costs no
 *   other
 */
export function readShelfCsv(
  text: string,
  told: (sentence: Sentence) => string = sentence => tell(sentence, METRIC),
): { items: { line: number; document: ShelfItemDocument }[]; faults: CsvFault[] } {
  const faults: CsvFault[] = []
  const items: { line: number; document: ShelfItemDocument }[] = []
  const rows = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: false, transform: plainCell }).data
  if (rows.length === 0 || rows[0].every(c => c.trim() === ''))
    return {
      items,
      faults: [
        { line: 1, column: '', message: 'the file has no header; accepted: kind, name and the fields of the items' },
      ],
    }
  const columns = readHeader(rows[0], faults)
  if (faults.length > 0) return { items, faults }
  // One hand writes all commas alike: where some can only be decimal ones, the others are too.
  const decimalComma = usesDecimalComma(
    rows
      .slice(1)
      .flat()
      .map(cell => /^[-+]?[\d.,]+/.exec(cell.trim())?.[0] ?? ''),
  )
  // A quoted cell may hold line breaks, so that rows and lines differ.
  let line = 1
  rows.forEach((cells, index) => {
    const at = line
    line += 1 + cells.reduce((sum, c) => sum + (c.match(/\n/g)?.length ?? 0), 0)
    if (index === 0 || cells.every(c => c.trim() === '')) return
    const before = faults.length
    const record: Record<string, unknown> = {}
    const fault = (column: string, message: string) => faults.push({ line: at, column, message })
    if (cells.length > columns.length)
      fault('', `has ${cells.length} cells; accepted: at most ${columns.length}, as many as the header`)
    columns.forEach((column, i) => {
      const cell = (cells[i] ?? '').trim()
      if (cell === '') return
      if (column.common) {
        record[column.common] = column.common === 'kind' ? cell.toLowerCase() : cell
        return
      }
      const f = column.field!
      if (f.type === 'choice') record[f.field] = cell
      else if (f.type === 'count') {
        if (/^\d+$/.test(cell)) record[f.field] = Number(cell)
        else fault(column.name, `given "${cell}"; accepted: a whole number, 0 or more`)
      } else {
        const [, number = '', unit = '', sure, sureIn] = MEASURED.exec(cell) ?? []
        const known = (label: string) => f.units.find(u => unitLabel(u) === label) ?? label
        try {
          const value = readNumber(number, decimalComma)
          const spread = sure === undefined ? undefined : readNumber(sure, decimalComma)
          if (!Number.isFinite(value) || (spread !== undefined && !Number.isFinite(spread)))
            fault(column.name, `given "${cell}"; accepted: a number${column.unit ? ` in ${column.unit}` : ''}`)
          else
            record[f.field] = {
              value,
              unit: known(unit.trim() || (column.unit ?? '')),
              // With a unit it is so much, without one a share.
              ...(spread !== undefined && { spread: sureIn ? { value: spread, unit: known(sureIn) } : spread }),
            }
        } catch (error) {
          if (!(error instanceof QuantityError)) throw error
          fault(column.name, error.message)
        }
      }
    })
    if (faults.length > before) return
    if (!ITEM_KINDS.includes(record.kind as ItemKind)) {
      fault('kind', `given "${plain(record.kind)}"; accepted: ${ITEM_KINDS.join(', ')}`)
      return
    }
    const parsed = shelfItemSchema.safeParse(record)
    if (!parsed.success) {
      for (const issue of parsed.error.issues) {
        const extra = issue.code === 'unrecognized_keys' ? issue.keys : [String(issue.path[0] ?? '')]
        for (const key of extra)
          fault(
            key,
            issue.code === 'unrecognized_keys'
              ? `a ${plain(record.kind)} has no ${key}; leave it empty`
              : issue.code === 'invalid_type'
                ? 'is missing'
                : `given "${plain(record[key])}"; accepted: ${issue.message}`,
          )
      }
      return
    }
    try {
      checkShelfItem(parsed.data)
      items.push({ line: at, document: parsed.data })
    } catch (error) {
      if (!(error instanceof ShelfFaults)) throw error
      for (const f of error.faults) fault(f.input, told(f.message))
    }
  })
  return { items, faults }
}
