/** The lines of a backup: a head, a line for each row, and an end that tells whether all of it is there. */
import * as z from 'zod'

export const BACKUP_FORMAT = 'zealous-hush-backup'
export const BACKUP_VERSION = 1

export const backupHeadSchema = z.object({
  format: z.literal(BACKUP_FORMAT),
  version: z.literal(BACKUP_VERSION),
  /** when, ISO 8601 */ made: z.string(),
  /** that its tables have been through */ migrations: z.array(z.string()).min(1),
})
export type BackupHead = z.output<typeof backupHeadSchema>

export const backupEndSchema = z.object({ end: z.literal(true), rows: z.int().min(0) })

/** The row stays the database's own text, so that no number or time in it is read and written anew. */
export const rowLine = (table: string, row: string): string => `{"table":${JSON.stringify(table)},"row":${row}}\n`

/** @returns the table's name and the row's text, or undefined where it is no row */
export function readRowLine(line: string): { table: string; row: string } | undefined {
  const match = /^\{"table":"([a-z_]+)","row":(\{.*\})\}$/.exec(line)
  return match ? { table: match[1], row: match[2] } : undefined
}
