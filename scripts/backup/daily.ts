import { mkdirSync, readdirSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { writeBackup } from './write-backup'

/** Days that a daily backup is kept. */
export const KEPT_DAYS = 14
const NAME = /^daily-(\d{4}-\d{2}-\d{2})\.jsonl\.gz$/
const DAY = 24 * 3600 * 1000

/**
 * The day's backup; those that are older than a fortnight go, and nothing else that lies there. Nothing goes where the
 * new one could not be written.
 * @param folder made if need be; nobody else may read it
 * @returns its file
 */
export async function keepDaily(databaseUrl: string, folder: string, now = new Date()): Promise<string> {
  mkdirSync(folder, { recursive: true, mode: 0o700 })
  const file = join(folder, `daily-${now.toISOString().slice(0, 10)}.jsonl.gz`)
  rmSync(file, { force: true })
  await writeBackup(databaseUrl, file)
  const oldest = new Date(now.getTime() - (KEPT_DAYS - 1) * DAY).toISOString().slice(0, 10)
  for (const name of readdirSync(folder)) {
    const [, day] = NAME.exec(name) ?? []
    if (day !== undefined && day < oldest) rmSync(join(folder, name))
  }
  return file
}
