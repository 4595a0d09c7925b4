import { readFileSync, readdirSync } from 'node:fs'
import { join } from 'node:path'
import type { Migration } from '../../server/backup/restore'

/** The migrations of `db/migrations/`, in order. @param root of the clone */
export function readMigrations(root: string): Migration[] {
  const folder = join(root, 'db', 'migrations')
  return readdirSync(folder)
    .filter(name => name.endsWith('.sql'))
    .sort()
    .map(name => ({ name, sql: readFileSync(join(folder, name), 'utf8') }))
}
