/** Whose a record is, which devices are signed in, and what a school adds. */
import { randomUUID } from 'node:crypto'
import pg from 'pg'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { NO_SCHOOL, type ListedDevice, type ListedStaging, type Who } from '../../core'
import { setPassphrase } from '../../scripts/access/passphrase'
import { openApplication, type Application } from '../application'

let app: Application
let database: pg.Pool
beforeAll(async () => {
  app = await openApplication('who')
  database = new pg.Pool({ connectionString: app.databaseUrl, max: 2 })
})
afterAll(async () => {
  await database?.end()
  await app?.close()
})

const PHONE =
  'Mozilla/5.0 (iPhone; CPU iPhone OS 18_1 like Mac OS X) AppleWebKit/605.1.15 (KHTML, like Gecko) Version/18.1 ' +
  'Mobile/15E148 Safari/604.1'
/** A browser that keeps its cookies. */
function browser(url = app.url) {
  const jar = new Map<string, string>()
  return async (method: string, path: string, body?: unknown) => {
    const response = await fetch(`${url}${path}`, {
      method,
      headers: {
        'content-type': 'application/json',
        'sec-fetch-site': 'same-origin',
        'user-agent': PHONE,
        'cookie': [...jar].map(([name, value]) => `${name}=${value}`).join('; '),
      },
      body: body === undefined ? undefined : JSON.stringify(body),
    })
    for (const set of response.headers.getSetCookie()) {
      const [, name, value] = /^([^=]+)=([^;]*)/.exec(set)!
      jar.set(name!, value!)
    }
    const text = await response.text()
    return { status: response.status, body: (/^[[{]/.test(text) ? JSON.parse(text) : text) as never, jar }
  }
}
type Browser = ReturnType<typeof browser>
const listed = async (of: Browser, id: string) =>
  (await of('GET', '/api/stagings').then(a => a.body as ListedStaging[])).find(s => s.id === id)!
async function staged(by: Browser) {
  const id = randomUUID()
  const document = { demonstration: 'can-plunge', title: 'Whose', inputs: {} }
  expect((await by('POST', '/api/stagings', { id, writeId: randomUUID(), document })).status).toBe(200)
  return id
}
async function named(by: Browser, name: string) {
  const id = randomUUID()
  expect((await by('PUT', `/api/people/${id}`, { name })).status).toBe(200)
  expect((await by('PUT', '/api/who', { person: id })).status).toBe(200)
  return id
}

describe('who', () => {
  it('a staging says who made it and who changed it last; a device that says nothing leaves none', async () => {
    const [one, other, nobody] = [browser(), browser(), browser()]
    const [a, b] = [await named(one, 'A. Okoro'), await named(other, 'bt')]
    const id = await staged(one)
    expect(await listed(nobody, id)).toMatchObject({ by: a, madeBy: a })
    const change = { writeId: randomUUID(), baseVersion: 1, document: { demonstration: 'can-plunge', title: 'Hers' } }
    await other('PUT', `/api/stagings/${id}`, change)
    expect(await listed(nobody, id)).toMatchObject({ by: b, madeBy: a })
    expect(await listed(nobody, await staged(nobody))).toMatchObject({ by: null, madeBy: null })
    const run = {
      id: randomUUID(),
      writeId: randomUUID(),
      stagingId: id,
      stagingVersion: 1,
      document: { performedAt: '2026-11-20T10:00:00Z', outcome: 'crush' },
    }
    expect((await other('POST', '/api/runs', run)).status).toBe(200)
    const found = async (by: string) => (await nobody('GET', `/api/runs?by=${by}`)).body as { found: number }
    expect([(await found(a)).found, (await found(b)).found]).toEqual([0, 1])
  })
  it('a name is there once, and is what people type: bad ones are told', async () => {
    const one = browser()
    await named(one, 'Grey')
    const put = async (name: unknown) => {
      const { status, body } = await one('PUT', `/api/people/${randomUUID()}`, { name })
      return [status, (body as { message: string }).message]
    }
    expect(await put('GREY')).toEqual([409, expect.stringContaining('given “GREY”, which is on the list')])
    expect(await put('  ')).toEqual([422, expect.stringContaining('a name or initials')])
    expect(await put('x'.repeat(41))).toEqual([422, expect.stringContaining('at most 40 characters')])
    expect((await one('PUT', '/api/who', { person: randomUUID() })).status).toBe(404)
    // Two at once: one of them is told.
    const both = await Promise.all(
      [1, 2].map(() => browser()('PUT', `/api/people/${randomUUID()}`, { name: 'At once' })),
    )
    expect(both.map(a => a.status).sort()).toEqual([200, 409])
  })
  it('a name that is taken away leaves its entries, without it, and no word of it in the database', async () => {
    const one = browser()
    const id = await named(one, 'Zuleika Unlikely')
    const made = await staged(one)
    expect((await one('DELETE', `/api/people/${id}`, {})).status).toBe(200)
    expect((await one('DELETE', `/api/people/${id}`, {})).status).toBe(200)
    expect(await listed(one, made)).toMatchObject({ by: null, madeBy: null })
    const who = (await one('GET', '/api/who')).body as Who
    expect(who.mine).toBeNull()
    expect(who.people.map(p => p.name)).not.toContain('Zuleika Unlikely')
    const { rows } = await database.query("select 1 from person p where p::text like '%Zuleika%'")
    expect(rows).toEqual([])
    // It is not brought back by somebody who still sees it.
    expect((await one('PUT', `/api/people/${id}`, { name: 'Zuleika Unlikely' })).status).toBe(409)
    expect((await one('PUT', '/api/who', { person: id })).status).toBe(404)
  })
  it('nobody makes up a device, nor takes a phone that voted for one', async () => {
    const one = browser()
    const { jar } = await one('PUT', '/api/who', { person: null })
    const [name, value] = [...jar].find(([n]) => n.startsWith('hush-desk'))!
    const ask = async (cookie: string) => {
      const answer = await fetch(`${app.url}/api/devices`, { headers: { cookie } })
      return ((await answer.json()) as ListedDevice[]).some(d => d.here)
    }
    await named(one, 'Own device')
    expect(await ask(`${name}=${value}`)).toBe(true)
    const [id] = value.split('.')
    expect(await ask(`${name}=${id}.${'A'.repeat(32)}`)).toBe(false)
    expect(await ask(`hush-device=${value}`)).toBe(false)
  })
})

describe('devices of an open copy', () => {
  it('are listed by whose they are, and each is signed out from the list at once', async () => {
    await setPassphrase(app.databaseUrl, 'wet gloves 7')
    const open = await app.another('0.0.0.0')
    const [desk, phone] = [browser(open.url), browser(open.url)]
    for (const device of [desk, phone])
      expect((await device('POST', '/api/sign-in', { passphrase: 'wet gloves 7' })).status).toBe(200)
    const id = await named(phone, 'Phone owner')
    const devices = (await desk('GET', '/api/devices')).body as ListedDevice[]
    const lost = devices.find(d => d.person === id)!
    expect(lost).toMatchObject({ label: 'Safari on iPhone', signedIn: true, here: false })
    expect(devices.filter(d => d.here)).toHaveLength(1)
    expect((await desk('DELETE', `/api/devices/${lost.id}`, {})).status).toBe(200)
    expect((await phone('GET', '/api/stagings')).status).toBe(401)
    expect((await desk('GET', '/api/stagings')).status).toBe(200)
    // It signs in again as anybody's.
    await phone('POST', '/api/sign-in', { passphrase: 'wet gloves 7' })
    expect(((await phone('GET', '/api/who')).body as Who).mine).toBeNull()
    await open.stop()
  })
})

describe('the school', () => {
  const put = (document: unknown, baseVersion: number) =>
    browser()('PUT', '/api/school', { writeId: randomUUID(), baseVersion, document })
  const PIXEL =
    'data:image/png;base64,iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5E' +
    'rkJggg=='
  it('is saved once for all, shown without its logo, and its logo as a picture', async () => {
    const school = { ...NO_SCHOOL, name: 'Tern Bay School', logo: PIXEL, rules: ['Goggles in the first two rows.'] }
    expect((await put(school, 0)).status).toBe(200)
    expect((await put(school, 0)).status).toBe(409)
    const shown = (await browser()('GET', '/api/school')).body
    expect(shown).toMatchObject({ version: 1, hasLogo: true, document: { name: 'Tern Bay School' } })
    expect(JSON.stringify(shown)).not.toContain('base64')
    const logo = await fetch(`${app.url}/api/school/logo`)
    expect([logo.status, logo.headers.get('content-type')]).toEqual([200, 'image/png'])
  })
  it('tells which field is wrong', async () => {
    const message = async (part: object) => {
      const { status, body } = await put({ ...NO_SCHOOL, ...part }, 1)
      expect(status).toBe(422)
      return (body as { message: string }).message
    }
    expect(await message({ emergency: [{ who: 'Nurse', number: '' }] })).toMatch(/emergency\.0\.number.*telephone/)
    expect(await message({ cautions: [{ text: 'Mind', demonstration: 'can-plung' }] })).toMatch(
      /cautions\.0\.demonstration.*a demonstration’s id/,
    )
    expect(await message({ logo: PIXEL.replace('png', 'jpeg') })).toMatch(/logo: .*PNG or JPEG/)
    expect(await message({ logo: 'data:image/svg+xml;base64,AAAA' })).toMatch(/logo.*PNG or JPEG/)
    expect(await message({ typical: [{ kind: 'heater', name: 'x', ratedPower: { value: 9, unit: 'MW' } }] })).toMatch(
      /typical\.0\.ratedPower/,
    )
    expect(await message({ room: { airTemperature: { value: 400, unit: 'degC' } } })).toMatch(/room\.airTemperature/)
  })
})
