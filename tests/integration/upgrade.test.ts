/** From every version that was released, with its data, to this one; and what is kept on the way. */
import { execFileSync } from 'node:child_process'
import { cpSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { gunzipSync } from 'node:zlib'
import pg from 'pg'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { loadDemonstrations, logbookSchema, readStaging, runSchema, type StagingDocument } from '../../core'
import { keepBeforeUpgrade } from '../../scripts/backup/before-upgrade'
import { keepDaily, KEPT_DAYS } from '../../scripts/backup/daily'
import { openCluster, type Cluster } from '../../scripts/database/cluster'
import { migrate } from '../../scripts/database/migrate'
import { readMigrations } from '../../scripts/database/migrations'
import { postgresPrograms } from '../../scripts/install/debian-packages.mjs'
import { clusterFolder } from '../application'

const quiet = () => {}
const RELEASED = readdirSync('tests/released')
let cluster: Cluster
const folder = mkdtempSync(join(tmpdir(), 'hush-upgrade-'))
beforeAll(async () => {
  cluster = await openCluster(clusterFolder(), quiet)
  await loadDemonstrations()
})
afterAll(async () => {
  await cluster.close()
  rmSync(folder, { recursive: true, force: true })
})

async function query<T extends pg.QueryResultRow>(url: string, sql: string): Promise<T[]> {
  const client = new pg.Client({ connectionString: url })
  await client.connect()
  try {
    return (await client.query<T>(sql)).rows
  } finally {
    await client.end()
  }
}
/** A database as a released version left it. */
async function released(file: string, name: string): Promise<string> {
  const url = cluster.url.replace(/\/[^/]*$/, `/${name}`)
  await query(cluster.url.replace(/\/[^/]*$/, '/postgres'), `create database ${name}`)
  await query(url, gunzipSync(readFileSync(join('tests/released', file))).toString())
  return url
}
const TABLES = ['staging', 'staging_version', 'run', 'running_order', 'shelf_item', 'room']
const counts = (url: string) =>
  Promise.all(
    TABLES.map(async table => [
      table,
      (await query<{ n: number }>(url, `select count(*)::int as n from ${table}`))[0]!.n,
    ]),
  )

/** This version's migrations and one more, as a later version would have it. */
function later(name: string, sql: string): string {
  const root = join(folder, name)
  mkdirSync(root)
  cpSync('db', join(root, 'db'), { recursive: true })
  writeFileSync(join(root, 'db/migrations', `9999-${name}.sql`), sql)
  return root
}

describe.each(RELEASED)('version %s', file => {
  it('goes forward with all that is in it, and its documents are read as they were', async () => {
    const url = await released(file, `released_${file.replace(/\W/g, '_')}`)
    const before = await counts(url)
    expect(before.every(([, n]) => (n as number) > 0)).toBe(true)
    await migrate('.', url, quiet)
    expect(await counts(url)).toEqual(before)
    const names = (await query<{ name: string }>(url, 'select name from migration order by name')).map(r => r.name)
    expect(names).toEqual(readMigrations('.').map(m => m.name))
    const stagings = await query<{ document: StagingDocument }>(url, 'select document from staging_version')
    for (const { document } of stagings) expect(readStaging(document).document).toEqual(document)
    for (const { document } of await query(url, 'select document from run'))
      expect(runSchema.parse(document)).toMatchObject(document)
  })
})

describe('an upgrade', () => {
  it('keeps a copy first, of what is about to change, that PostgreSQL takes back in', async () => {
    const url = await released(RELEASED.at(-1)!, 'upgrade_copy')
    await migrate('.', url, quiet)
    const copies = join(folder, 'copies')
    expect(await keepBeforeUpgrade('.', url, copies, quiet)).toBeUndefined()
    const root = later('more', 'alter table run add column louder boolean')
    const copy = (await keepBeforeUpgrade(root, url, copies, quiet))!
    expect(copy).toMatch(/before-9999-more-.*\.dump$/)
    expect(statSync(copy).mode & 0o077).toBe(0)
    await migrate(root, url, quiet)
    const list = execFileSync(join(postgresPrograms()!, 'pg_restore'), ['--file=-', copy], { encoding: 'utf8' })
    expect(list).toContain('Slim can, ice bath')
    expect(list).not.toContain('louder')
  })
  it('that fails leaves all as it was', async () => {
    const url = await released(RELEASED.at(-1)!, 'upgrade_fails')
    await migrate('.', url, quiet)
    const before = await counts(url)
    const root = later('broken', 'delete from run; alter table nobody add column x int')
    await expect(migrate(root, url, quiet)).rejects.toThrow(/nobody/)
    expect(await counts(url)).toEqual(before)
  })
  it('of a database that nobody has made yet keeps nothing', async () => {
    const url = cluster.url.replace(/\/[^/]*$/, '/upgrade_none')
    expect(await keepBeforeUpgrade('.', url, join(folder, 'none'), quiet)).toBeUndefined()
  })
})

describe('daily backups', () => {
  it('are kept for a fortnight; nothing else that lies beside them goes', async () => {
    const url = await released(RELEASED.at(-1)!, 'daily')
    await migrate('.', url, quiet)
    const kept = join(folder, 'daily')
    mkdirSync(kept)
    writeFileSync(join(kept, 'before-0009.dump'), '')
    const day = (n: number) => new Date(Date.UTC(2027, 0, n, 3))
    for (let n = 1; n <= KEPT_DAYS + 3; n++) await keepDaily(url, kept, day(n))
    await keepDaily(url, kept, day(KEPT_DAYS + 3))
    const names = readdirSync(kept).sort()
    expect(names).toHaveLength(KEPT_DAYS + 1)
    expect(names.slice(0, 2)).toEqual(['before-0009.dump', 'daily-2027-01-04.jsonl.gz'])
    expect(statSync(join(kept, names[1]!)).mode & 0o077).toBe(0)
    const lines = gunzipSync(readFileSync(join(kept, names[1]!))).toString()
    expect(lines).toContain('Slim can, ice bath')
  })
})

describe('a document of an earlier version', () => {
  it('without what later ones say is read', () => {
    // As version 0.1.0 wrote them: no model, no things.
    const staging = { format: 'zealous-hush/staging', version: 1, demonstration: 'can-plunge', title: '', inputs: {} }
    const run = { performedAt: '2026-03-01T10:00:00Z', outcome: 'crush' }
    const id = '5a1d0000-0000-4000-8000-00000000aaaa'
    expect(logbookSchema.parse({ runs: [{ id, staging, document: run }] }).runs).toHaveLength(1)
  })
})
