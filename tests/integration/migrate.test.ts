import { cpSync, mkdtempSync, rmSync, writeFileSync, appendFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import pg from 'pg'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { openCluster } from '../../scripts/database/cluster'
import { migrate } from '../../scripts/database/migrate'
import { clusterFolder } from '../application'

const quiet = () => {}
let cluster: Awaited<ReturnType<typeof openCluster>>
const root = mkdtempSync(join(tmpdir(), 'hush-migrate-'))
beforeAll(async () => {
  cluster = await openCluster(clusterFolder(), quiet)
  cpSync('db', join(root, 'db'), { recursive: true })
})
afterAll(async () => {
  await cluster.close()
  rmSync(root, { recursive: true, force: true })
})
const database = (name: string) => cluster.url.replace(/\/[^/]*$/, `/${name}`)
async function query(url: string, sql: string) {
  const client = new pg.Client({ connectionString: url })
  await client.connect()
  try {
    return (await client.query(sql)).rows
  } finally {
    await client.end()
  }
}

describe('migrations', () => {
  it('run once, and load the demo data once, however many copies start at the same time', async () => {
    const url = database('migrate_race')
    await Promise.all(Array.from({ length: 5 }, () => migrate(root, url, quiet)))
    expect(await query(url, 'select count(*)::int as n from run')).toEqual([{ n: 12 }])
    expect(await query(url, 'select name from migration')).toEqual([
      { name: '0001-first.sql' },
      { name: '0002-shelf-kinds.sql' },
      { name: '0003-pumps.sql' },
      { name: '0004-running-orders.sql' },
      { name: '0005-live.sql' },
      { name: '0006-ended-sessions.sql' },
      { name: '0007-receipts-of-what.sql' },
      { name: '0008-run-scores.sql' },
      { name: '0009-put-away.sql' },
      { name: '0010-who-and-school.sql' },
      { name: '0011-practice.sql' },
      { name: '0012-begun.sql' },
      { name: '0013-runs-without-score.sql' },
    ])
    // Demo data that somebody removed does not come back.
    await query(url, 'delete from run')
    await migrate(root, url, quiet)
    expect(await query(url, 'select count(*)::int as n from run')).toEqual([{ n: 0 }])
  })
  it('leave the demo data out for good where a first start asked for that', async () => {
    const url = database('migrate_empty')
    await migrate(root, url, quiet, { demo: 'never' })
    await migrate(root, url, quiet)
    for (const table of ['staging', 'run', 'shelf_item', 'running_order', 'room'])
      expect(await query(url, `select count(*)::int as n from ${table}`), table).toEqual([{ n: 0 }])
  })
  it('go forward together or not at all', async () => {
    const url = database('migrate_forward')
    await migrate(root, url, quiet, { demo: false })
    const bad = join(root, 'db', 'migrations', '9999-bad.sql')
    writeFileSync(bad, 'create table half (x int); select nonsense;')
    await expect(migrate(root, url, quiet)).rejects.toThrow(/nonsense/)
    expect(await query(url, "select to_regclass('half') as t")).toEqual([{ t: null }])
    writeFileSync(bad, 'create table whole (x int);')
    await migrate(root, url, quiet)
    expect(await query(url, "select to_regclass('whole')::text as t")).toEqual([{ t: 'whole' }])
    appendFileSync(bad, ' -- changed afterwards')
    await expect(migrate(root, url, quiet)).rejects.toThrow(/9999-bad.sql was changed after it ran/)
    rmSync(bad)
  })
  it('hold what the application relies on: versions are unique and a run needs one', async () => {
    const url = database('migrate_rules')
    await migrate(root, url, quiet)
    const staging = '5a1d0000-0000-4000-8000-000000000001'
    await expect(
      query(url, `insert into staging_version (staging_id, version, document) values ('${staging}', 2, '{}')`),
    ).rejects.toThrow(/duplicate key/)
    await expect(
      query(
        url,
        'insert into run (id, staging_id, staging_version, performed_at, outcome, document) values ' +
          `(gen_random_uuid(), '${staging}', 77, now(), 'fill', '{}')`,
      ),
    ).rejects.toThrow(/foreign key/)
  })
})

describe('the cluster', () => {
  it('listens on loopback only, with a password', async () => {
    expect(await query(database('postgres'), 'show listen_addresses')).toEqual([{ listen_addresses: '127.0.0.1' }])
    await expect(query(database('postgres').replace(/:[^:@]*@/, ':wrong@'), 'select 1')).rejects.toThrow(
      /password authentication failed/,
    )
  })
})
