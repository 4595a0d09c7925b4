/** Brings a database up to date: makes it, runs migrations forward under a lock, loads the demo data once. */
import { createHash } from 'node:crypto'
import pg from 'pg'
import type { Say } from '../root'
import { leaveDemoOut, loadDemo } from './demo'
import { readMigrations } from './migrations'

/** Any number; the same for every copy, so that only one migrates at a time. */
const LOCK = 7_203_115

async function ensureDatabase(url: string) {
  const name = new URL(url).pathname.slice(1)
  const server = new URL(url)
  server.pathname = '/postgres'
  const client = new pg.Client({ connectionString: server.href })
  await client.connect()
  try {
    await client.query('select pg_advisory_lock($1)', [LOCK])
    const { rowCount } = await client.query('select 1 from pg_database where datname = $1', [name])
    if (!rowCount) await client.query(`create database ${client.escapeIdentifier(name)}`)
  } finally {
    await client.end()
  }
}

/**
 * @param root of the clone @param url of the database @param options.demo whether the demo data is loaded now; `never`:
 *   nor by any later start
 */
export async function migrate(root: string, url: string, say: Say, { demo = true }: { demo?: boolean | 'never' } = {}) {
  await ensureDatabase(url)
  const client = new pg.Client({ connectionString: url })
  await client.connect()
  try {
    await client.query('begin')
    await client.query('select pg_advisory_xact_lock($1)', [LOCK])
    await client.query(
      `create table if not exists migration
        (name text primary key, digest text not null, at timestamptz not null default now())`,
    )
    const { rows } = await client.query<{ name: string; digest: string }>('select name, digest from migration')
    const done = new Map(rows.map(r => [r.name, r.digest]))
    for (const { name, sql } of readMigrations(root)) {
      const digest = createHash('sha256').update(sql).digest('hex')
      if (done.has(name)) {
        if (done.get(name) !== digest) throw new Error(`${name} was changed after it ran; add a new migration instead`)
        continue
      }
      say(`Migrating: ${name}`)
      await client.query(sql)
      await client.query('insert into migration (name, digest) values ($1, $2)', [name, digest])
    }
    if (demo === 'never') await leaveDemoOut(client)
    else if (demo) await loadDemo(root, client, say)
    await client.query('commit')
  } catch (error) {
    await client.query('rollback').catch(() => {})
    throw error
  } finally {
    await client.end()
  }
}
