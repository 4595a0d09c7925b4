/** Readings of any logger as CSV: which column is which is asked, not guessed blindly. */
import Papa from 'papaparse'
import { QuantityError, readNumber, toSi, usesDecimalComma, type QuantityKind } from '../units'
import { CHANNELS, type Channel, type Reading } from './protocol'

export interface CsvColumns {
  /** as in the file */ header: string[]
  rows: string[][]
}
/** What a column holds: nothing that is wanted, time, or a channel, in a unit. */
export interface Match {
  column: number
  holds: 'time' | Channel
  unit: string
}

const GUESSES: { holds: Match['holds']; word: RegExp; units: [RegExp, string][] }[] = [
  {
    holds: 'time',
    word: /^(time|t|elapsed|seconds?|zeit)\b/i,
    units: [
      [/\bms\b/i, 'ms'],
      [/\bmin/i, 'min'],
      [/./, 's'],
    ],
  },
  {
    holds: 'pressure',
    word: /press|druck|^p\b/i,
    units: [
      [/hpa|mbar/i, 'hPa'],
      [/kpa/i, 'kPa'],
      [/psi/i, 'psi'],
      [/\bbar\b/i, 'bar'],
      [/\batm\b/i, 'atm'],
      [/inhg/i, 'inHg'],
      [/mmhg|torr/i, 'mmHg'],
      [/MPa/, 'MPa'],
      [/\bpa\b/i, 'Pa'],
      [/./, 'kPa'],
    ],
  },
  {
    holds: 'temperature',
    word: /temp|^t_?(gas|air|in)/i,
    units: [
      [/°?\s*f\b|fahr/i, 'degF'],
      [/\bk\b|kelvin/i, 'tempK'],
      [/./, 'degC'],
    ],
  },
]

/** @throws QuantityError if there is no header with two columns, or no row */
export function readColumns(text: string): CsvColumns {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' })
  const [header, ...rows] = data
  if (!header || header.length < 2 || rows.length === 0)
    throw new QuantityError('accepted: a CSV file with a header and at least two columns, one of them the time')
  return { header: header.map(h => h.trim()), rows }
}

/** A first guess from the header, to be put right by the user. */
export function guessMatches({ header }: CsvColumns): Match[] {
  const matches: Match[] = []
  header.forEach((name, column) => {
    const guess = GUESSES.find(g => g.word.test(name.replace(/_/g, ' ')) && !matches.some(m => m.holds === g.holds))
    if (guess)
      matches.push({
        column,
        holds: guess.holds,
        unit: guess.units.find(([pattern]) => pattern.test(name.replace(/[_()[\]]/g, ' ')))![1],
      })
  })
  return matches
}

/**
 * Readings by the matches.
 * @returns the readings in order of time, and for each row that can't be read a line that says which and why
 */
export function readReadings(
  columns: CsvColumns,
  matches: readonly Match[],
): { readings: Reading[]; faults: string[] } {
  const time = matches.find(m => m.holds === 'time')
  const channels = matches.filter(m => m.holds !== 'time')
  if (!time) return { readings: [], faults: ['No column is the time; choose which one is.'] }
  if (channels.length === 0)
    return { readings: [], faults: ['No column is a pressure or a temperature; choose which one is.'] }
  const readings: Reading[] = []
  const faults: string[] = []
  const si = (value: number, unit: string, kind: QuantityKind): number | undefined => {
    try {
      return toSi(value, unit, kind)
    } catch (error) {
      if (!(error instanceof QuantityError)) throw error
      return undefined
    }
  }
  // A logger writes all its commas alike: where one column shows that they are decimal ones, the others' are too.
  const decimalComma = usesDecimalComma(columns.rows.flat())
  /** @returns SI, or what is wrong with the cell */
  const read = (cell: string | undefined, unit: string, kind: QuantityKind): number | string => {
    try {
      const value = si(readNumber(cell ?? '', decimalComma), unit, kind)
      return value !== undefined && Number.isFinite(value)
        ? value
        : `given "${cell ?? ''}"; accepted: a number in ${unit}`
    } catch (error) {
      if (!(error instanceof QuantityError)) throw error
      return error.message
    }
  }
  columns.rows.forEach((row, i) => {
    const at = read(row[time.column], time.unit, 'time')
    if (typeof at === 'string') {
      faults.push(`Row ${i + 2}: time, ${at}`)
      return
    }
    for (const match of channels) {
      const cell = row[match.column]
      // An empty cell is a drop-out, not a fault.
      if ((cell ?? '').trim() === '') continue
      const value = read(cell, match.unit, CHANNELS[match.holds as Channel])
      if (typeof value === 'string') faults.push(`Row ${i + 2}: ${columns.header[match.column]}, ${value}`)
      else readings.push({ channel: match.holds as Channel, time: at, value })
    }
  })
  return { readings: readings.sort((a, b) => a.time - b.time), faults }
}

/** Readings as CSV with units in the header, which `readColumns` reads again. */
export function readingsCsv(readings: readonly Reading[]): string {
  const rows = new Map<number, Partial<Record<Channel, number>>>()
  for (const r of readings) rows.set(r.time, { ...rows.get(r.time), [r.channel]: r.value })
  return Papa.unparse(
    [
      ['time_s', 'pressure_Pa', 'temperature_K'],
      ...[...rows].sort((a, b) => a[0] - b[0]).map(([t, r]) => [t, r.pressure ?? '', r.temperature ?? '']),
    ],
    { newline: '\n' },
  )
}
