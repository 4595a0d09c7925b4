import { randomUUID } from 'node:crypto'
import { get } from 'node:http'
import pg from 'pg'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { LoggerReader, fits, type StoredItem } from '../../core'
import { findDemonstration } from '../../core/catalogue/everything'
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

describe('a show', () => {
  it('is not begun with a thing that is marked unfit on the Shelf; a rehearsal, with nothing real, is', async () => {
    const shelf = (await send(app.url, 'GET', '/api/shelf')).body as StoredItem[]
    const places = findDemonstration('can-plunge')!.shelf
    const can = shelf.find(i => places.some(p => p.kind === 'vessel' && fits(i.document, p)))
    const { body: staging } = await send(app.url, 'GET', `/api/stagings/${CAN}`)
    const things = { vessel: { id: can!.id, version: can!.version } }
    const begin = (rehearsal: boolean) => {
      const act = { id: 'can', run: randomUUID(), stagingId: CAN, stagingVersion: staging.version }
      const acts = [{ ...act, staging: { ...staging.document, things } }]
      const document = { title: 'Evening', rehearsal, acts }
      return send(app.url, 'POST', '/api/live', { id: randomUUID(), writeId: randomUUID(), document })
    }
    const unfit = { ...can!.document, condition: 'unfit' }
    const write = { writeId: randomUUID(), baseVersion: can!.version, document: unfit, retired: false }
    expect((await send(app.url, 'PUT', `/api/shelf/${can!.id}`, write)).status).toBe(200)
    const { status, body } = await begin(false)
    expect(status).toBe(422)
    expect(body.message).toContain('is marked on the Shelf as not to be used for this')
    expect((await begin(true)).status).toBe(200)
    const back = { ...write, writeId: randomUUID(), baseVersion: can!.version + 1, document: can!.document }
    expect((await send(app.url, 'PUT', `/api/shelf/${can!.id}`, back)).status).toBe(200)
    expect((await begin(false)).status).toBe(200)
  })
})

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
    const heard = await hear(`${second.url}/api/live/${id}/stream`, /event: marks\s+data: \[.*heat-on/, () => {
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
  it('signing out ends the session for whoever has its cookie, and a stream ends with the passphrase', async () => {
    await database.query('delete from sign_in_failure')
    const signed = async () => {
      const { headers } = await send(open.url, 'POST', '/api/sign-in', { passphrase: 'another passphrase' }, OWN)
      return headers.get('set-cookie')!.split(';')[0]!
    }
    const [left, stays] = [await signed(), await signed()]
    await send(open.url, 'POST', '/api/sign-out', {}, { cookie: left, ...OWN })
    const seen = async (cookie: string) => (await send(open.url, 'GET', '/api/stagings', undefined, { cookie })).status
    expect([await seen(left), await seen(stays)]).toEqual([401, 200])
    const { id } = await beginShow()
    const ended = new Promise<void>((resolve, reject) => {
      get(`${open.url}/api/live/${id}/stream`, { headers: { cookie: stays } }, answer => {
        answer.resume()
        answer.on('end', resolve)
      }).on('error', reject)
    })
    await setPassphrase(app.databaseUrl, 'yet another one')
    await ended
  })
  it('a proxy that was not announced is not let in, one that was is believed for one hop', async () => {
    for (const header of ['x-forwarded-for', 'forwarded', 'via', 'x-real-ip'])
      expect((await send(app.url, 'GET', '/api/stagings', undefined, { [header]: '203.0.113.9' })).status).toBe(421)
    const behind = await app.another('127.0.0.1', { HUSH_PROXY: '1' })
    expect((await send(behind.url, 'GET', '/api/stagings')).status).toBe(401)
    await database.query('delete from sign_in_failure')
    const guess = (from: string, passphrase = 'guess') =>
      send(behind.url, 'POST', '/api/sign-in', { passphrase }, { ...OWN, 'x-forwarded-for': from })
    // What the guesser writes himself stands further left, and makes no new address of him.
    for (let n = 0; n < 8; n++) expect((await guess(`198.51.100.${n}, 203.0.113.9`)).status).toBe(401)
    expect((await guess('198.51.100.77, 203.0.113.9')).status).toBe(429)
    // Nor a whole IPv6 network many.
    for (let n = 0; n < 8; n++) expect((await guess(`2001:db8:1:2::${n + 1}`)).status).toBe(401)
    expect((await guess('2001:db8:1:2:ffff::1')).status).toBe(429)
    // Whoever knows it gets in meanwhile, from any other address.
    expect((await guess('192.0.2.1', 'yet another one')).status).toBe(200)
    await behind.stop()
  })
  it('wrong passphrases are limited by address, all servers together', async () => {
    await database.query('delete from sign_in_failure')
    const tries = await Promise.all(
      Array.from({ length: 14 }, () => send(open.url, 'POST', '/api/sign-in', { passphrase: 'guess' }, OWN)),
    )
    expect(tries.filter(t => t.status === 429)).toHaveLength(6)
    expect((await send(open.url, 'POST', '/api/sign-in', { passphrase: 'yet another one' }, OWN)).body.message).toMatch(
      /too many wrong ones; the next is taken in \d+ min/,
    )
    await database.query('delete from sign_in_failure')
    expect((await send(open.url, 'POST', '/api/sign-in', { passphrase: 'yet another one' }, OWN)).status).toBe(200)
    await expect(setPassphrase(app.databaseUrl, 'short')).rejects.toThrow(
      'passphrase: given 5 characters; accepted: 8 or more',
    )
  })
  it('a number that a device made up counts no vote, and very many from one address get none', async () => {
    const { id } = await beginShow()
    const {
      body: [{ code }],
    } = await send(app.url, 'PUT', `/api/live/${id}/votes/can`, { do: 'open' })
    const made = `hush-device=${randomUUID()}`
    for (const cookie of [made, `${made}.${'A'.repeat(32)}`])
      expect((await send(app.url, 'POST', `/api/join/${code}`, { outcome: 'crush' }, { cookie })).status).toBe(400)
    const pages = await Promise.all(Array.from({ length: 600 }, () => send(app.url, 'GET', `/join/${code}`)))
    expect(pages.every(p => p.status === 200)).toBe(true)
    const given = pages.filter(p => p.headers.get('set-cookie')).length
    expect(given).toBeGreaterThan(60)
    expect(given).toBeLessThan(500)
  })
  it('a mark whose id belongs to another is refused by its place, and none of its batch is kept', async () => {
    const { id } = await beginShow()
    const kept = mark('heat-on', 7)
    await send(app.url, 'POST', `/api/live/${id}/marks`, { marks: [kept] })
    const answer = await send(app.url, 'POST', `/api/live/${id}/marks`, {
      marks: [mark('plume', 9), { ...kept, at: 8 }],
    })
    expect([answer.status, answer.body.data.faults[0].input]).toEqual([409, 'marks.1.id'])
    expect((await send(app.url, 'GET', `/api/live/${id}`)).body.marks).toEqual([kept])
  })
  it('the same marks in any order through both servers at once wait for nobody for ever', async () => {
    const { id } = await beginShow()
    const marks = Array.from({ length: 60 }, (_, i) => mark('heat-on', i))
    const answers = await Promise.all(
      Array.from({ length: 40 }, (_, i) =>
        send(i % 2 ? app.url : second.url, 'POST', `/api/live/${id}/marks`, {
          marks: i % 3 ? [...marks].reverse() : marks,
        }),
      ),
    )
    expect(answers.map(a => a.status)).toEqual(answers.map(() => 200))
    expect((await send(app.url, 'GET', `/api/live/${id}`)).body.marks).toHaveLength(60)
  })
})
