import { cpSync, mkdtempSync, readdirSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Readable } from 'node:stream'
import { gunzipSync, gzipSync } from 'node:zlib'
import { randomUUID } from 'node:crypto'
import pg from 'pg'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { migrate } from '../../scripts/database/migrate'
import { readMigrations } from '../../scripts/database/migrations'
import { linesOf } from '../../server/backup/lines'
import { restore } from '../../server/backup/restore'
import { tablesOf } from '../../server/backup/tables'
import { backupLines } from '../../server/backup/write'
import { openApplication, type Application } from '../application'

const quiet = () => {}
const here = process.cwd()
let app: Application
const clients: pg.Client[] = []
beforeAll(async () => {
  app = await openApplication('backup')
})
afterAll(async () => {
  await Promise.all(clients.map(c => c.end()))
  await app?.close()
})

async function connect(url: string): Promise<pg.Client> {
  const client = new pg.Client({ connectionString: url })
  await client.connect()
  clients.push(client)
  return client
}
/** A database of its own, as new. @param root of the migrations that it goes through */
async function fresh(name: string, demo = false, root = here): Promise<pg.Client> {
  const url = app.databaseUrl.replace(/\/[^/]*$/, `/${name}`)
  await migrate(root, url, quiet, { demo })
  return connect(url)
}
const lines = async (client: pg.Client) => {
  let text = ''
  for await (const line of backupLines(client)) text += line
  return text
}
const into = (client: pg.Client, text: string | Buffer) =>
  restore(client, linesOf(Readable.from([Buffer.from(text)])), readMigrations(here))
/** Every row of every table, as the database writes it. */
async function contents(client: pg.Client): Promise<Record<string, string[]>> {
  const all: Record<string, string[]> = {}
  for (const { name } of await tablesOf(client, 'public'))
    all[name] = (await client.query(`select to_jsonb(t)::text as row from ${name} t order by 1`)).rows.map(r => r.row)
  return all
}
const PNG = 'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg=='

/** Something in every table: what a show leaves behind. */
async function fill(client: pg.Client): Promise<void> {
  const show = randomUUID()
  await client.query(`insert into show (id, title, document) values ($1, 'Tuesday', '{"acts": [], "at": 0.1}')`, [show])
  await client.query(
    `insert into mark (id, show_id, act, kind, at) values ($1, $2, 'a', 'lifted', 1764000000123.456)`,
    [randomUUID(), show],
  )
  await client.query(`insert into reading_batch (id, show_id, act, document) values ($1, $2, 'a', '[1.5, 2]')`, [
    randomUUID(),
    show,
  ])
  await client.query(`insert into vote_round (show_id, act, code, document) values ($1, 'a', 'BCDFG', '{}')`, [show])
  await client.query(`insert into vote (show_id, act, device, outcome) values ($1, 'a', $2, 'crush')`, [
    show,
    randomUUID(),
  ])
  await client.query("insert into person (id, name) values ($1, 'KB')", [randomUUID()])
  await client.query(
    `insert into practice (id, learner, demonstration, exercise, practised_at, document)
     values ($1, (select id from person limit 1), 'can-plunge', 'by-eye', now(), '{}')`,
    [randomUUID()],
  )
  await client.query('update run set logged_by = (select id from person limit 1)')
  await client.query(`insert into school (document) values ('{"name": "Tern Bay School"}')`)
  const photo = Buffer.from(PNG, 'base64')
  await client.query(`insert into shelf_photo select id, 'image/png', $1 from shelf_item limit 2`, [photo])
  await client.query(`insert into run_photo select id, 'image/png', $1 from run limit 1`, [photo])
}

describe('a backup', () => {
  it('brings an empty copy to the very same rows, photos and votes among them, and a second time nothing', async () => {
    const source = await connect(app.databaseUrl)
    await fill(source)
    const before = await contents(source)
    for (const [table, rows] of Object.entries(before)) expect(rows, table).not.toHaveLength(0)
    const text = await lines(source)
    const empty = await fresh('backup_empty')
    await into(empty, gzipSync(text))
    expect(await contents(empty)).toEqual(before)
    const again = await into(empty, text)
    for (const { table, added, changed } of again) expect([added, changed], table).toEqual([0, 0])
    expect(await contents(empty)).toEqual(before)
  })
  it('is taken into a used copy: nothing twice, what was saved last stays, parted histories stay both', async () => {
    const [a, b] = [await fresh('backup_a', true), await fresh('backup_b', true)]
    const { rows } = await a.query('select id from staging where version = 1 and id in (select staging_id from run)')
    const [parted] = rows as { id: string }[]
    const save = async (to: pg.Client, bath: string) => {
      await to.query(
        `insert into staging_version select staging_id, 2, jsonb_set(document, '{title}', to_jsonb($2::text))
         from staging_version where staging_id = $1`,
        [parted!.id, bath],
      )
      await to.query('update staging set version = 2, title = $2, updated_at = now() where id = $1', [parted!.id, bath])
    }
    await save(a, 'ours')
    await save(b, 'theirs')
    await a.query('update room set version = 2, updated_at = now()')
    await b.query('update room set document = document || \'{"later": true}\', updated_at = now()')
    const count = async (table: string) =>
      (await b.query(`select count(*)::int as n from ${table}`)).rows[0].n as number
    const [stagings, runs] = [await count('staging'), await count('run')]
    const text = await lines(a)
    await into(b, text)
    expect(await count('staging')).toBe(stagings + 1)
    expect(await count('run')).toBe(runs)
    const titles = await b.query("select title from staging where title in ('ours', 'theirs') order by title")
    expect(titles.rows).toEqual([{ title: 'ours' }, { title: 'theirs' }])
    expect((await b.query("select document->'later' as later from room")).rows[0].later).toBe(true)
    const settled = await contents(b)
    await into(b, text)
    expect(await contents(b)).toEqual(settled)
  })
  it('brings back no name that was taken away since', async () => {
    const client = await fresh('backup_name', true)
    const id = randomUUID()
    await client.query("insert into person (id, name) values ($1, 'KB')", [id])
    const text = await lines(client)
    await client.query('update person set name = null, updated_at = now() where id = $1', [id])
    await into(client, text)
    expect((await client.query('select name from person')).rows).toEqual([{ name: null }])
  })
  it('made by an older version goes through the migrations since, and one of a newer is refused', async () => {
    const root = mkdtempSync(join(tmpdir(), 'hush-old-'))
    try {
      cpSync('db', join(root, 'db'), { recursive: true })
      for (const name of readdirSync(join(root, 'db', 'migrations')))
        if (!name.startsWith('0001')) rmSync(join(root, 'db', 'migrations', name))
      const old = await fresh('backup_old', false, root)
      await old.query(`insert into shelf_item (id, kind, name, document) values ($1, 'vessel', 'Jar', '{"a": 1}')`, [
        randomUUID(),
      ])
      const now = await fresh('backup_now')
      await into(now, await lines(old))
      expect((await now.query('select document from shelf_item')).rows).toEqual([
        { document: { a: 1, shape: 'cylinder', count: 1 } },
      ])
      const newer = (await lines(now)).replace('"0005-live.sql"', '"0005-live.sql","9999-later.sql"')
      await expect(into(now, newer)).rejects.toThrow(/newer version.*9999-later/)
    } finally {
      rmSync(root, { recursive: true, force: true })
    }
  })
  it('is downloaded, and taken back, by whoever may use the application; a broken file changes nothing', async () => {
    const file = Buffer.from(await (await fetch(`${app.url}/api/backup`)).arrayBuffer())
    const client = await connect(app.databaseUrl)
    const before = await contents(client)
    const put = async (body: Buffer | string, type = 'application/gzip') => {
      const answer = await fetch(`${app.url}/api/restore`, {
        method: 'POST',
        headers: { 'content-type': type },
        body: new Blob([typeof body === 'string' ? body : new Uint8Array(body)]),
      })
      return { status: answer.status, body: await answer.json() }
    }
    const text = gunzipSync(file).toString('utf8')
    const broken = [
      file.subarray(0, file.length / 2),
      text.slice(0, text.length / 2),
      text.replace('"table":"mark"', '"table":"marks"'),
      text.replace(/"kind": ?"vessel"/, '"kind": "spaceship"'),
      'not a backup',
      gzipSync('{"format":"zealous-hush-backup"}'),
      '',
    ]
    for (const body of broken) {
      const answer = await put(body)
      expect([answer.status, answer.body.message]).toEqual([422, expect.stringMatching(/^file: /)])
    }
    expect((await put(file, 'text/plain')).status).toBe(415)
    expect(await contents(client)).toEqual(before)
    const taken = await put(file)
    expect(taken.status).toBe(200)
    expect(await contents(client)).toEqual(before)
  })
})
