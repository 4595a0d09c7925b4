/** Brings a database up to date: makes it, runs migrations forward under a lock, loads the demo data once. */
import { createHash } from 'node:crypto'
import { readFileSync, readdirSync } from 'node:fs'
import { join } from 'node:path'
import pg from 'pg'

/** Any number; the same for every copy, so that only one migrates at a time. */
const LOCK = 7_203_115

async function ensureDatabase(url) {
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
 * @param {string} root of the clone @param {string} url of the database @param {(line: string) => void} say
 * @param {{ demo?: boolean }} [options]
 */
export async function migrate(root, url, say, { demo = true } = {}) {
  await ensureDatabase(url)
  const client = new pg.Client({ connectionString: url })
  await client.connect()
  try {
    await client.query('begin')
    await client.query('select pg_advisory_xact_lock($1)', [LOCK])
    await client.query('create table if not exists migration (name text primary key, digest text not null, at timestamptz not null default now())')
    const { rows } = await client.query('select name, digest from migration')
    const done = new Map(rows.map(r => [r.name, r.digest]))
    const folder = join(root, 'db', 'migrations')
    for (const name of readdirSync(folder).filter(f => f.endsWith('.sql')).sort()) {
      const sql = readFileSync(join(folder, name), 'utf8')
      const digest = createHash('sha256').update(sql).digest('hex')
      if (done.has(name)) {
        if (done.get(name) !== digest) throw new Error(`${name} was changed after it ran; add a new migration instead`)
        continue
      }
      say(`Migrating: ${name}`)
      await client.query(sql)
      await client.query('insert into migration (name, digest) values ($1, $2)', [name, digest])
    }
    if (demo) await loadDemo(root, client, say)
    await client.query('commit')
  } catch (error) {
    await client.query('rollback').catch(() => {})
    throw error
  } finally {
    await client.end()
  }
}

async function loadDemo(root, client, say) {
  const { rowCount } = await client.query('insert into loaded (name) values ($1) on conflict do nothing', ['demo'])
  if (!rowCount) return
  say('Loading the demo data…')
  const read = name => JSON.parse(readFileSync(join(root, 'db', 'demo', `${name}.json`), 'utf8'))
  await client.query('insert into room (document) values ($1) on conflict do nothing', [read('room')])
  for (const { id, document } of read('shelf')) {
    await client.query('insert into shelf_item (id, kind, name, document) values ($1, $2, $3, $4)', [id, document.kind, document.name, document])
  }
  for (const { id, savedAt, versions } of read('stagings')) {
    const last = versions[versions.length - 1]
    await client.query('insert into staging (id, demonstration, title, version, updated_at) values ($1, $2, $3, $4, $5)',
      [id, last.demonstration, last.title, versions.length, savedAt])
    for (const [index, document] of versions.entries()) {
      await client.query('insert into staging_version (staging_id, version, document, saved_at) values ($1, $2, $3, $4)', [id, index + 1, document, savedAt])
    }
  }
  for (const { id, stagingId, stagingVersion, document } of read('runs')) {
    await client.query('insert into run (id, staging_id, staging_version, performed_at, outcome, document) values ($1, $2, $3, $4, $5, $6)',
      [id, stagingId, stagingVersion, document.performedAt, document.outcome, document])
  }
  const current = new Map(read('stagings').map(({ id, versions }) => [id, versions.at(-1)]))
  for (const { id, document } of read('running-orders')) {
    const whole = { ...document, acts: document.acts.map(act => ({ ...act, staging: current.get(act.from) })) }
    await client.query('insert into running_order (id, title, starts, document) values ($1, $2, $3, $4)', [id, whole.title, whole.start, whole])
  }
}
