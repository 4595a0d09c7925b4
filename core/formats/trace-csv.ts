import Papa from 'papaparse'
import type { Demonstration, Trace } from '../demonstration'
import { SI_UNIT } from '../units'

const HEADER_UNIT: Record<string, string> = { tempK: 'K', '': '1' }

/** A trace as CSV, one row a moment, SI units in the header: `time_s,pressure_Pa,…`. */
export function traceCsv(demonstration: Demonstration, trace: Trace): string {
  const columns = demonstration.columns
  const header = ['time_s', ...columns.map(c => `${c.id}_${HEADER_UNIT[SI_UNIT[c.quantity]] ?? SI_UNIT[c.quantity]}`)]
  const rows = trace.time.map((time, i) => [time, ...columns.map(c => trace.columns[c.id][i])])
  return Papa.unparse([header, ...rows], { newline: '\n' })
}
