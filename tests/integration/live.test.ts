import { randomUUID } from 'node:crypto'
import { get } from 'node:http'
import pg from 'pg'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { LoggerReader } from '../../core'
import { setPassphrase } from '../../scripts/access/passphrase'
import { openApplication, type Application } from '../application'

let app: Application
let second: { url: string; stop: () => Promise<void> }
let database: pg.Pool
beforeAll(async () => {
  app = await openApplication('live')
  second = await app.another()
  database = new pg.Pool({ connectionString: app.databaseUrl, max: 3 })
})
afterAll(async () => {
  await database?.end()
  await app?.close()
})

const CAN = '5a1d0000-0000-4000-8000-000000000001'
interface Answer {
  status: number
  headers: Headers
  // eslint-disable-next-line @typescript-eslint/no-explicit-any -- an answer's body may be anything
  body: any
}
async function send(
  url: string,
  method: string,
  path: string,
  body?: unknown,
  headers: Record<string, string> = {},
): Promise<Answer> {
  const response = await fetch(`${url}${path}`, {
    method,
    redirect: 'manual',
    headers: { 'content-type': 'application/json', ...headers },
    body: body === undefined ? undefined : JSON.stringify(body),
  })
  const text = await response.text()
  return { status: response.status, headers: response.headers, body: /^[[{]/.test(text) ? JSON.parse(text) : text }
}
async function beginShow(more: object = {}) {
  const { body: staging } = await send(app.url, 'GET', `/api/stagings/${CAN}`)
  const id = randomUUID()
  const act = {
    id: 'can',
    run: randomUUID(),
    stagingId: CAN,
    stagingVersion: staging.version,
    staging: staging.document,
  }
  const document = { title: 'Evening', acts: [act], ...more }
  expect((await send(app.url, 'POST', '/api/live', { id, writeId: randomUUID(), document })).status).toBe(200)
  return { id, act }
}
const mark = (kind: string, at: number, value?: string) => ({
  id: randomUUID(),
  act: 'can',
  kind,
  at,
  ...(value && { value }),
})
/** What a stream says until it says `until`. */
const hear = (url: string, until: RegExp, begin: () => void): Promise<string> =>
  new Promise((resolve, reject) => {
    let heard = ''
    const request = get(url, answer => {
      answer.setEncoding('utf8')
      answer.on('data', (piece: string) => {
        if (heard === '') begin()
        heard += piece
        if (until.test(heard)) {
          request.destroy()
          resolve(heard)
        }
      })
    })
    request.on('error', error => (until.test(heard) ? undefined : reject(error)))
  })
/** A phone: its cookie from the join page. */
async function phone(url: string, code: string): Promise<string> {
  const { headers } = await send(url, 'GET', `/join/${code}`)
  return headers.get('set-cookie')!.split(';')[0]!
}

describe('marks', () => {
  it('are kept once, whichever server they come through, however often and in whatever order', async () => {
    const { id } = await beginShow()
    const marks = [mark('heat-on', 1000), mark('plume', 31000.25), mark('gate', 40000, 'lift'), mark('lifted', 50000)]
    await Promise.all(
      [...marks, ...marks].map((m, i) =>
        send(i % 2 ? app.url : second.url, 'POST', `/api/live/${id}/marks`, { marks: [m] }),
      ),
    )
    const { body } = await send(second.url, 'POST', `/api/live/${id}/marks`, { marks: [...marks].reverse() })
    expect(body.marks).toEqual(marks)
    expect((await send(app.url, 'GET', `/api/live/${id}`)).body.marks).toEqual(marks)
  })
  it('made through one server are told to those who listen at the other, at once', async () => {
    const { id } = await beginShow()
    const heard = await hear(`${second.url}/api/live/${id}/stream`, /data: marks/, () => {
      void send(app.url, 'POST', `/api/live/${id}/marks`, { marks: [mark('heat-on', 5)] })
    })
    expect(heard).toMatch(/event: changed\s+data: connection/)
  })
  it('survive a server that is killed, and are refused by name where they fit no act', async () => {
    const { id } = await beginShow()
    const kept = mark('heat-on', 7)
    await send(app.url, 'POST', `/api/live/${id}/marks`, { marks: [kept] })
    await app.kill()
    expect((await send(second.url, 'GET', `/api/live/${id}`)).body.marks).toEqual([kept])
    await app.restart()
    expect((await send(app.url, 'GET', `/api/live/${id}`)).body.marks).toEqual([kept])
    const { status, body } = await send(app.url, 'POST', `/api/live/${id}/marks`, {
      marks: [{ ...mark('plume', 1), act: 'egg' }],
    })
    expect(status).toBe(422)
    expect(body.message).toBe('act: given "egg"; accepted: can')
    expect(
      (await send(app.url, 'POST', `/api/live/${id}/marks`, { marks: [{ ...mark('bang', 1) }] })).body.message,
    ).toMatch(/marks\.0\.kind: given "bang"; accepted/)
  })
})

describe('a class vote', () => {
  it(
    'takes one vote a device from sixty at once through both servers, changeable until the seal ' + 'closes it',
    async () => {
      const { id } = await beginShow()
      const {
        body: [round],
      } = await send(app.url, 'PUT', `/api/live/${id}/votes/can`, { do: 'open' })
      const outcomes = ['crush', 'dent', 'fill', 'nothing']
      const phones = await Promise.all(
        Array.from({ length: 60 }, (_, i) => phone(i % 2 ? app.url : second.url, round.code)),
      )
      const vote = (cookie: string, outcome: string, i: number) =>
        send(i % 2 ? second.url : app.url, 'POST', `/api/join/${round.code}`, { outcome }, { cookie })
      const first = await Promise.all(phones.map((c, i) => vote(c, 'crush', i)))
      expect(first.every(a => a.status === 200 && a.body.mine === 'crush' && a.body.counts === undefined)).toBe(true)
      await Promise.all(phones.map((c, i) => vote(c, outcomes[i % 4]!, i)))
      const {
        body: [counted],
      } = await send(second.url, 'PUT', `/api/live/${id}/votes/can`, { do: 'hands', hands: { dent: 5 } })
      expect(counted.votes).toEqual({ crush: 15, dent: 15, fill: 15, nothing: 15 })
      expect(counted.hands).toEqual({ dent: 5 })
      await send(app.url, 'POST', `/api/live/${id}/marks`, { marks: [mark('sealed', 9000)] })
      const late = await vote(phones[0]!, 'dent', 0)
      expect(late).toMatchObject({ status: 409, body: { message: 'outcome: the vote is closed' } })
      expect(
        (await send(app.url, 'PUT', `/api/live/${id}/votes/can`, { do: 'reveal' })).body[0].revealedAt,
      ).toBeTruthy()
      expect((await send(app.url, 'GET', `/api/join/${round.code}`, undefined, { cookie: phones[1]! })).body).toEqual({
        open: false,
        revealed: true,
        mine: 'dent',
        counts: { crush: 15, dent: 20, both: 0, fill: 15, nothing: 15 },
      })
    },
  )
  it('needs a code that exists, a device that has loaded the page, and an outcome that is one', async () => {
    const { id } = await beginShow()
    const {
      body: [{ code }],
    } = await send(app.url, 'PUT', `/api/live/${id}/votes/can`, { do: 'open' })
    expect((await send(app.url, 'GET', '/join/ZZZZZ')).body).toContain('No vote has that code')
    expect((await send(app.url, 'GET', '/join?code=%3Cb%3E')).body).toContain('Given &#34;&#60;b&#62;&#34;')
    expect((await send(app.url, 'POST', `/api/join/${code}`, { outcome: 'crush' })).status).toBe(400)
    const { status, body } = await send(
      app.url,
      'POST',
      `/api/join/${code}`,
      { outcome: 'explode' },
      { cookie: await phone(app.url, code) },
    )
    expect([status, body.message]).toEqual([
      422,
      'outcome: given "explode"; accepted: crush, dent, both, fill, nothing',
    ])
    expect(
      (await send(app.url, 'PUT', `/api/live/${id}/votes/can`, { do: 'hands', hands: { dent: 2.5 } })).body.message,
    ).toMatch(/hands\.dent: given 2.5; accepted: a whole number/)
  })
})

describe('readings', () => {
  it('stream from the simulated logger in its protocol, follow the marks, and are kept once', async () => {
    const { id, act } = await beginShow({ rehearsal: true, speed: 20 })
    await send(app.url, 'POST', `/api/live/${id}/marks`, { marks: [mark('heat-on', Date.now() - 1500)] })
    const reader = new LoggerReader()
    const readings = reader.read(
      await hear(`${app.url}/api/live/${id}/logger?act=can`, /(temperature \d.*\n[^]*){6}/, () => {}),
    )
    expect(reader.strange).toBe(0)
    const warm = readings.filter(r => r.channel === 'temperature').at(-1)!
    expect(warm.value).toBeGreaterThan(295)
    const batch = { id: randomUUID(), act: 'can', source: 'simulated', readings }
    await Promise.all([app.url, second.url, app.url].map(url => send(url, 'POST', `/api/live/${id}/readings`, batch)))
    expect((await send(second.url, 'GET', `/api/live/${id}/readings?act=can`)).body).toEqual({
      source: 'simulated',
      readings,
    })
    expect(act.run).toBeTruthy()
  })
  it('are of an act that exists', async () => {
    const { id } = await beginShow()
    expect((await send(app.url, 'GET', `/api/live/${id}/readings?act=egg`)).body.message).toBe(
      'act: given "egg"; accepted: can',
    )
  })
})

describe('beyond this machine', () => {
  const OWN = { 'sec-fetch-site': 'same-origin' }
  let open: { url: string; stop: () => Promise<void> }
  beforeAll(async () => {
    open = await app.another('0.0.0.0')
  })

  it(
    'nothing is served before a passphrase is set, and then only to those who know it; joining a vote ' + 'needs none',
    async () => {
      expect((await send(open.url, 'POST', '/api/sign-in', { passphrase: 'anything' }, OWN)).status).toBe(409)
      await setPassphrase(app.databaseUrl, 'wet gloves 7')
      for (const path of ['/api/stagings', '/api/live', '/api/runs/export', '/api/live/clock'])
        expect((await send(open.url, 'GET', path)).status, path).toBe(401)
      const page = await send(open.url, 'GET', '/logbook?x=1')
      expect([page.status, page.headers.get('location')]).toEqual([302, '/sign-in?to=%2Flogbook%3Fx%3D1'])
      const { id } = await beginShow()
      const {
        body: [{ code }],
      } = await send(app.url, 'PUT', `/api/live/${id}/votes/can`, { do: 'open' })
      expect((await send(open.url, 'GET', `/join/${code}`)).body).toContain('What do you think will happen?')
      const cookie = await phone(open.url, code)
      expect((await send(open.url, 'POST', `/api/join/${code}`, { outcome: 'crush' }, { cookie, ...OWN })).status).toBe(
        200,
      )
      // A phone's cookie opens nothing else.
      expect((await send(open.url, 'GET', '/api/stagings', undefined, { cookie })).status).toBe(401)
      expect(
        (await send(open.url, 'PUT', `/api/live/${id}/votes/can`, { do: 'close' }, { cookie, ...OWN })).status,
      ).toBe(401)
    },
  )
  it(
    'a sealed cookie opens it through every server, until the passphrase changes; writes from ' +
      'elsewhere are refused',
    async () => {
      const signed = await send(open.url, 'POST', '/api/sign-in', { passphrase: 'wet gloves 7' }, OWN)
      expect(signed.status).toBe(200)
      const set = signed.headers.get('set-cookie')!
      expect(set).toMatch(/HttpOnly/)
      expect(set).toMatch(/SameSite=Strict/)
      const cookie = set.split(';')[0]!
      const other = await app.another('0.0.0.0')
      for (const url of [open.url, other.url])
        expect((await send(url, 'GET', '/api/stagings', undefined, { cookie })).status).toBe(200)
      const write = {
        id: randomUUID(),
        writeId: randomUUID(),
        document: { demonstration: 'can-plunge', title: 'Mine' },
      }
      expect(
        (await send(open.url, 'POST', '/api/stagings', write, { cookie, origin: 'http://elsewhere.example' })).status,
      ).toBe(403)
      expect(
        (await send(open.url, 'POST', '/api/stagings', write, { cookie, 'sec-fetch-site': 'cross-site' })).status,
      ).toBe(403)
      expect((await send(open.url, 'POST', '/api/stagings', write, { cookie, ...OWN })).status).toBe(200)
      expect(
        (await send(open.url, 'GET', '/api/stagings', undefined, { cookie: `${cookie.slice(0, -6)}AAAAAA` })).status,
      ).toBe(401)
      const {
        rows: [{ passphrase }],
      } = await database.query('select passphrase from access')
      expect(passphrase).toMatch(/^scrypt\$65536\$8\$1\$/)
      await setPassphrase(app.databaseUrl, 'another passphrase')
      expect((await send(open.url, 'GET', '/api/stagings', undefined, { cookie })).status).toBe(401)
      await other.stop()
    },
  )
  it('wrong passphrases are limited, all servers together, and the right one waits too', async () => {
    await database.query('delete from sign_in_failure')
    const tries = await Promise.all(
      Array.from({ length: 14 }, () => send(open.url, 'POST', '/api/sign-in', { passphrase: 'guess' }, OWN)),
    )
    expect(tries.filter(t => t.status === 429).length).toBeGreaterThan(0)
    expect(
      (await send(open.url, 'POST', '/api/sign-in', { passphrase: 'another passphrase' }, OWN)).body.message,
    ).toMatch(/too many wrong ones; the next is taken in \d+ min/)
    await database.query('delete from sign_in_failure')
    expect((await send(open.url, 'POST', '/api/sign-in', { passphrase: 'another passphrase' }, OWN)).status).toBe(200)
    await expect(setPassphrase(app.databaseUrl, 'short')).rejects.toThrow(
      'passphrase: given 5 characters; accepted: 8 or more',
    )
  })
})

describe('the logbook as files', () => {
  it('comes out and goes in again without losing or doubling a run', async () => {
    const { body: before } = await send(app.url, 'GET', '/api/runs/export')
    const runs = before.map(({ id, stagingId, stagingVersion, staging, document }: Record<string, unknown>) => ({
      id,
      stagingId,
      stagingVersion,
      staging,
      document,
    }))
    expect((await send(app.url, 'POST', '/api/runs/import', { writeId: randomUUID(), runs })).body).toEqual({
      added: 0,
    })
    // Elsewhere: with other ids, and a staging that is not here.
    const moved = runs.map((r: { staging: { title: string } }) => ({
      ...r,
      id: randomUUID(),
      stagingId: randomUUID(),
      staging: { ...r.staging, title: `${r.staging.title} (moved)` },
    }))
    const write = { writeId: randomUUID(), runs: moved }
    expect((await send(app.url, 'POST', '/api/runs/import', write)).body).toEqual({ added: moved.length })
    await send(app.url, 'POST', '/api/runs/import', write)
    const { body: after } = await send(app.url, 'GET', '/api/runs/export')
    expect(after).toHaveLength(before.length + moved.length)
    expect(after.find((r: { id: string }) => r.id === moved[0].id).document).toMatchObject(moved[0].document)
    const bad = await send(app.url, 'POST', '/api/runs/import', {
      writeId: randomUUID(),
      runs: [
        { ...moved[0], id: randomUUID() },
        { ...moved[1], id: randomUUID(), document: { ...moved[1].document, outcome: 'flies' } },
      ],
    })
    expect(bad.status).toBe(422)
    expect(bad.body.message).toMatch(/runs\.1\.outcome: given "flies"; accepted: /)
    expect((await send(app.url, 'GET', '/api/runs')).body).toHaveLength(after.length)
  })
})
