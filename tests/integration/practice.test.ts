/** Records of practice: whose they are, what is refused, and that what is taken away is gone. */
import { randomUUID } from 'node:crypto'
import pg from 'pg'
import { afterAll, beforeAll, expect, it } from 'vitest'
import type { StoredPractice } from '../../core'
import { openApplication, type Application } from '../application'

let app: Application
let database: pg.Pool
beforeAll(async () => {
  app = await openApplication('practice')
  database = new pg.Pool({ connectionString: app.databaseUrl, max: 2 })
})
afterAll(async () => {
  await database?.end()
  await app?.close()
})
async function ask(method: string, path: string, body?: unknown) {
  const response = await fetch(`${app.url}${path}`, {
    method,
    headers: { 'content-type': 'application/json', 'sec-fetch-site': 'same-origin' },
    body: body === undefined ? undefined : JSON.stringify(body),
  })
  return { status: response.status, body: (await response.json()) as never }
}
const document = (own: object = {}) => ({
  practisedAt: '2026-11-20T10:00:00Z',
  staging: { demonstration: 'can-plunge', title: 'Slim can', inputs: {} },
  exercise: 'by-eye',
  seed: 7,
  acts: [{ kind: 'mark', id: 'heat-on', at: 3.2 }],
  outcome: 'crush',
  wanted: true,
  well: true,
  stopped: false,
  planned: 0.98,
  again: 0.97,
  mistakes: [],
  ...own,
})
async function practised(learner: string | null, own?: object) {
  const write = { id: randomUUID(), writeId: randomUUID(), learner, document: document(own) }
  expect((await ask('POST', '/api/practice', write)).status).toBe(200)
  return write
}
async function named(name: string) {
  const id = randomUUID()
  expect((await ask('PUT', `/api/people/${id}`, { name })).status).toBe(200)
  return id
}
const listed = async () => (await ask('GET', '/api/practice')).body as StoredPractice[]
const words = (id: string) => database.query('select document, learner from practice where id = $1', [id])

it('is kept once, however often it is sent, and listed without acts and staging', async () => {
  const kb = await named('KB')
  const write = await practised(kb)
  expect((await ask('POST', '/api/practice', write)).status).toBe(200)
  const mine = (await listed()).filter(p => p.learner === kb)
  expect(mine).toHaveLength(1)
  expect(mine[0]!.document).toMatchObject({ title: 'Slim can', demonstration: 'can-plunge', exercise: 'by-eye' })
  expect(mine[0]!.document).not.toHaveProperty('acts')
  expect((await ask('POST', '/api/practice', { ...write, writeId: randomUUID() })).status).toBe(409)
})

it.each([
  ['exercise', { exercise: 'juggling' }, 422, /exercise: given "juggling"/],
  ['outcome', { outcome: 'explodes' }, 422, /outcome: given "explodes"; accepted: crush/],
  ['seed', { seed: -1 }, 422, /seed/],
  ['acts', { acts: [{ kind: 'dance', id: 'x', at: 1 }] }, 422, /acts/],
  [
    'staging',
    { staging: { demonstration: 'can-plunge', inputs: { waterCharge: { value: 9, unit: 'L' } } } },
    422,
    /waterCharge/,
  ],
] as const)('a wrong %s is refused by its name', async (_, own, status, message) => {
  const write = { id: randomUUID(), writeId: randomUUID(), learner: null, document: document(own) }
  const answer = await ask('POST', '/api/practice', write)
  expect(answer.status).toBe(status)
  expect((answer.body as { message: string }).message).toMatch(message)
})

it('goes one by one, all of a learner, and with the name; nothing of it stays in the database', async () => {
  const [ann, ben] = [await named('Ann'), await named('Ben')]
  const [one, two, three] = [await practised(ann), await practised(ann), await practised(ben)]
  const nobodys = await practised(null)
  for (let i = 0; i < 2; i++) expect((await ask('DELETE', `/api/practice/${one.id}`, {})).status).toBe(200)
  expect((await listed()).map(p => p.id)).toEqual(expect.arrayContaining([two.id, three.id, nobodys.id]))
  await ask('DELETE', `/api/people/${ann}/practice`, {})
  await ask('DELETE', `/api/people/${ben}`, {})
  const left = (await listed()).map(p => p.id)
  expect(left).toContain(nobodys.id)
  for (const { id } of [one, two, three]) {
    expect(left).not.toContain(id)
    expect((await words(id)).rows).toEqual([{ document: null, learner: null }])
  }
  expect((await ask('POST', '/api/practice', { ...one, id: randomUUID(), writeId: randomUUID() })).status).toBe(200)
  const gone = { ...three, id: randomUUID(), writeId: randomUUID() }
  expect((await ask('POST', '/api/practice', gone)).status).toBe(409)
})

it('an older backup does not bring back what was taken away', async () => {
  const write = await practised(null)
  const backup = await (await fetch(`${app.url}/api/backup`)).blob()
  await ask('DELETE', `/api/practice/${write.id}`, {})
  const restored = await fetch(`${app.url}/api/restore`, {
    method: 'POST',
    headers: { 'content-type': 'application/gzip' },
    body: backup,
  })
  expect(restored.status).toBe(200)
  expect((await listed()).map(p => p.id)).not.toContain(write.id)
})
