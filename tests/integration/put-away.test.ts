import { randomUUID } from 'node:crypto'
import pg from 'pg'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { FoundRuns, ListedStaging, StoredRun } from '../../core'
import { openApplication, type Application } from '../application'

let app: Application
let database: pg.Pool
beforeAll(async () => {
  app = await openApplication('put_away')
  database = new pg.Pool({ connectionString: app.databaseUrl, max: 3 })
})
afterAll(async () => {
  await database?.end()
  await app?.close()
})

const DEMO = '5a1d0000-0000-4000-8000-000000000001'
const get = async <T>(path: string): Promise<T> => (await (await fetch(`${app.url}${path}`)).json()) as T
const status = async (path: string): Promise<number> => (await fetch(`${app.url}${path}`)).status
async function send(method: string, path: string, body: unknown): Promise<{ status: number; text: string }> {
  const headers = { 'content-type': 'application/json' }
  const answer = await fetch(`${app.url}${path}`, { method, headers, body: JSON.stringify(body) })
  return { status: answer.status, text: await answer.text() }
}
const put = (kind: string, id: string, away: unknown) => send('PUT', `/api/put-away/${kind}/${id}`, { away })
const staging = async () => (await get<ListedStaging[]>('/api/stagings')).find(s => s.id === DEMO)
const runs = (query = '') => get<FoundRuns>(`/api/runs?limit=200${query}`)

describe('what is put away', () => {
  it('archived stays in the list, marked; deleted is out of sight; taken back it is as it was', async () => {
    const before = await staging()
    expect(before!.archived).toBe(false)
    for (let twice = 0; twice < 2; twice++) expect((await put('stagings', DEMO, 'archived')).status).toBe(200)
    expect(await staging()).toEqual({ ...before, archived: true })
    await put('stagings', DEMO, 'deleted')
    expect(await staging()).toBeUndefined()
    expect(await status(`/api/stagings/${DEMO}`)).toBe(404)
    const write = { writeId: randomUUID(), baseVersion: before!.version, document: before!.document }
    expect((await send('PUT', `/api/stagings/${DEMO}`, write)).status).toBe(404)
    await put('stagings', DEMO, null)
    expect(await staging()).toEqual(before)
  })
  it('runs of a deleted staging are still read; a deleted run neither counts, teaches nor goes out', async () => {
    const [run] = (await runs()).runs.filter(r => r.stagingId === DEMO)
    await put('stagings', DEMO, 'deleted')
    expect((await get<StoredRun>(`/api/runs/${run.id}`)).title).toBe(run.title)
    await put('stagings', DEMO, null)

    const all = await runs()
    const { runs: counted } = (await staging())!
    await put('runs', run.id, 'archived')
    expect((await runs()).found).toBe(all.found - 1)
    expect((await runs('&archived=true')).runs.map(r => r.id)).toEqual([run.id])
    const teachers = () => get<StoredRun[]>(`/api/runs/teachers?demonstration=${run.demonstration}`)
    expect((await teachers()).map(r => r.id)).toContain(run.id)

    await put('runs', run.id, 'deleted')
    expect(await runs()).toMatchObject({ found: all.found - 1, real: all.real - 1 })
    expect((await runs('&archived=true')).found).toBe(0)
    expect((await teachers()).map(r => r.id)).not.toContain(run.id)
    expect((await get<StoredRun[]>('/api/runs/export')).map(r => r.id)).not.toContain(run.id)
    expect((await staging())!.runs).toBe(counted - 1)
    expect(await status(`/api/runs/${run.id}`)).toBe(404)

    // Read from a file it is wanted again, once.
    const { id, stagingId, stagingVersion, staging: of, document } = run
    const whole = { runs: [{ id, stagingId, stagingVersion, staging: of, document }], writeId: randomUUID() }
    for (let twice = 0; twice < 2; twice++) expect((await send('POST', '/api/runs/import', whole)).status).toBe(200)
    expect((await runs()).found).toBe(all.found)
  })
  it('goes for good after a month, with what belongs to it; a staging stays while a run is of it', async () => {
    const [bare, run] = [randomUUID(), randomUUID()]
    for (const id of [bare, run]) {
      const document = { demonstration: 'can-plunge', title: 'Trial', inputs: {} }
      await send('POST', '/api/stagings', { id, writeId: randomUUID(), document })
      await put('stagings', id, 'deleted')
    }
    await database.query(
      `insert into run (id, staging_id, staging_version, performed_at, outcome, document)
       select gen_random_uuid(), $1, 1, now(), outcome, document from run limit 1`,
      [run],
    )
    const after = async (days: number) => {
      await database.query("update staging set away_at = now() - make_interval(days => $1) where away = 'deleted'", [
        days,
      ])
      await app.kill()
      await app.restart()
    }
    const kept = async () =>
      (await database.query('select id from staging where id = any($1::uuid[])', [[bare, run]])).rows.map(r => r.id)
    await after(29)
    expect((await kept()).sort()).toEqual([bare, run].sort())
    await after(31)
    await expect.poll(kept, { timeout: 60_000 }).toEqual([run])
    const { rowCount } = await database.query('select 1 from staging_version where staging_id = $1', [bare])
    expect(rowCount).toBe(0)
  })
  it('is the whole demo data at once, and comes back as it was; what was made from it stays', async () => {
    const counts = async () => [
      (await get<unknown[]>('/api/stagings')).length,
      (await get<unknown[]>('/api/shelf')).length,
      (await get<unknown[]>('/api/running-orders')).length,
      (await runs()).found,
    ]
    const own = randomUUID()
    const document = { demonstration: 'can-plunge', title: 'Our own', inputs: {} }
    await send('POST', '/api/stagings', { id: own, writeId: randomUUID(), document })
    const before = await counts()
    expect(await get('/api/demo')).toEqual({ state: 'here' })
    for (let twice = 0; twice < 2; twice++)
      expect(JSON.parse((await send('PUT', '/api/demo', { here: false })).text)).toEqual({ state: 'away' })
    expect((await counts()).slice(1)).toEqual([0, 0, 1])
    // However long it was out of sight.
    await database.query("update staging set away_at = now() - interval '1 year' where away = 'deleted'")
    await app.kill()
    await app.restart()
    expect(JSON.parse((await send('PUT', '/api/demo', { here: true })).text)).toEqual({ state: 'here' })
    expect(await counts()).toEqual(before)
    expect((await send('PUT', '/api/demo', { here: 'yes' })).status).toBe(422)
  })
  it('is refused with words: a kind that there is not, a record that there is not, another word', async () => {
    expect(await put('vessels', DEMO, 'archived')).toMatchObject({ status: 404 })
    expect((await put('vessels', DEMO, 'archived')).text).toContain('accepted: stagings, orders, shows, runs')
    expect((await put('orders', DEMO, 'archived')).status).toBe(404)
    const wrong = await put('stagings', DEMO, 'gone')
    expect(wrong.status).toBe(422)
    expect(wrong.text).toContain('archived, deleted, or null')
    expect(await staging()).toMatchObject({ archived: false })
  })
})
