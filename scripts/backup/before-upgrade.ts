/** A copy of the database as it was, before a newer version changes its tables. */
import { spawnSync } from 'node:child_process'
import { mkdirSync, readdirSync, renameSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import pg from 'pg'
import { readMigrations } from '../database/migrations'
import { postgresPrograms } from '../install/debian-packages.mjs'
import type { Say } from '../root'

/** Copies that are kept; each upgrade makes one. */
const KEPT = 5

/** Migrations that a database with data has not had yet; none where it is new. */
async function pending(root: string, url: string): Promise<string[]> {
  const client = new pg.Client({ connectionString: url })
  try {
    await client.connect()
    const { rows } = await client.query<{ name: string }>('select name from migration')
    const done = new Set(rows.map(row => row.name))
    return done.size === 0 ? [] : readMigrations(root).flatMap(({ name }) => (done.has(name) ? [] : [name]))
  } catch (error) {
    // No such database, no such table: there is nothing to keep.
    if (['3D000', '42P01'].includes((error as { code?: string }).code ?? '')) return []
    throw error
  } finally {
    await client.end().catch(() => {})
  }
}

function dump(url: string, file: string): void {
  const { hostname, port, username, password, pathname } = new URL(url)
  const program = join(postgresPrograms() ?? '', 'pg_dump')
  const partial = `${file}.partial`
  // It keeps the rights of a file that is there.
  writeFileSync(partial, '', { mode: 0o600 })
  const to = ['--format=custom', `--file=${partial}`, `--host=${hostname}`, `--port=${port}`, `--username=${username}`]
  const { status, stderr, error } = spawnSync(program, [...to, pathname.slice(1)], {
    encoding: 'utf8',
    env: { ...process.env, PGPASSWORD: decodeURIComponent(password) },
  })
  if (status !== 0) {
    rmSync(partial, { force: true })
    throw new Error(
      `no copy could be made before the upgrade, so that nothing was changed: ${stderr || error?.message}`,
    )
  }
  renameSync(partial, file)
}

/**
 * Makes the copy where migrations are to come.
 * @param folder made if need be; nobody else may read it
 * @returns its file; undefined where nothing is to come
 * @throws Error where it can't be made: then nothing must be changed
 */
export async function keepBeforeUpgrade(
  root: string,
  url: string,
  folder: string,
  say: Say,
): Promise<string | undefined> {
  const [first] = await pending(root, url)
  if (first === undefined) return undefined
  mkdirSync(folder, { recursive: true, mode: 0o700 })
  const at = new Date().toISOString().replace(/[:.]/g, '-')
  const file = join(folder, `before-${first.replace(/\.sql$/, '')}-${at}.dump`)
  say('A newer version: keeping a copy of the database as it is…')
  dump(url, file)
  const copies = readdirSync(folder).filter(name => name.startsWith('before-') && name.endsWith('.dump'))
  const byTime = copies.sort((a, b) => a.slice(-29).localeCompare(b.slice(-29)))
  for (const old of byTime.slice(0, -KEPT)) rmSync(join(folder, old))
  return file
}
