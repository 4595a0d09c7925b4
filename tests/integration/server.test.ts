import { randomUUID } from 'node:crypto'
import { request } from 'node:http'
import pg from 'pg'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { openApplication, type Application } from '../application'

let app: Application
let database: pg.Pool
beforeAll(async () => {
  app = await openApplication('integration')
  database = new pg.Pool({ connectionString: app.databaseUrl, max: 3 })
})
afterAll(async () => {
  await database?.end()
  await app?.close()
})

const DEMO = '5a1d0000-0000-4000-8000-000000000001'
const q = (value: number, unit: string) => ({ value, unit })
interface Answer {
  status: number
  // eslint-disable-next-line @typescript-eslint/no-explicit-any -- an answer's body may be anything
  body: any
}

async function send(
  method: string,
  path: string,
  body?: unknown,
  headers: Record<string, string> = { 'content-type': 'application/json' },
): Promise<Answer> {
  const response = await fetch(`${app.url}${path}`, {
    method,
    headers,
    body: body === undefined ? undefined : typeof body === 'string' ? body : JSON.stringify(body),
  })
  const text = await response.text()
  return { status: response.status, body: text.startsWith('{') || text.startsWith('[') ? JSON.parse(text) : text }
}
const staging = (bath: number) => ({
  demonstration: 'can-plunge',
  title: 'Trial',
  inputs: { bathTemperature: q(bath, 'degC') },
})
async function addStaging(bath = 5) {
  const id = randomUUID()
  expect((await send('POST', '/api/stagings', { id, writeId: randomUUID(), document: staging(bath) })).status).toBe(200)
  return id
}

describe('stagings', () => {
  it('serve the demo data, once however often migrations run', async () => {
    const { body } = await send('GET', '/api/stagings')
    expect(body.map((s: { document: { title: string } }) => s.document.title)).toContain('Slim can, ice bath')
    expect((await send('GET', `/api/stagings/${DEMO}`)).body.version).toBe(2)
    expect((await send('GET', '/api/runs')).body).toMatchObject({ found: 12, real: 12 })
  })
  it('save the next version, and the same write twice only once', async () => {
    const id = await addStaging()
    const write = { writeId: randomUUID(), baseVersion: 1, document: staging(8) }
    expect((await send('PUT', `/api/stagings/${id}`, write)).body).toMatchObject({
      version: 2,
      document: { inputs: { bathTemperature: q(8, 'degC') } },
    })
    expect((await send('PUT', `/api/stagings/${id}`, write)).body.version).toBe(2)
    const { rows } = await database.query('select version from staging_version where staging_id = $1', [id])
    expect(rows).toHaveLength(2)
  })
  it('refuse to overwrite what somebody else saved, and show it', async () => {
    const id = await addStaging()
    await send('PUT', `/api/stagings/${id}`, { writeId: randomUUID(), baseVersion: 1, document: staging(8) })
    const late = await send('PUT', `/api/stagings/${id}`, {
      writeId: randomUUID(),
      baseVersion: 1,
      document: staging(60),
    })
    expect(late.status).toBe(409)
    expect(late.body.data.current).toMatchObject({
      version: 2,
      document: { inputs: { bathTemperature: q(8, 'degC') } },
    })
  })
  it('refuse an id that another record has, and leave that one alone', async () => {
    const id = await addStaging(9)
    const taken = await send('POST', '/api/stagings', { id, writeId: randomUUID(), document: staging(44) })
    expect(taken).toMatchObject({
      status: 409,
      body: { message: 'id: belongs to another record already; accepted: a new id' },
    })
    expect((await send('GET', `/api/stagings/${id}`)).body.document.inputs.bathTemperature).toEqual(q(9, 'degC'))
  })
  it('are in no list while they are only begun, until one is kept, saved, shown or logged', async () => {
    const listed = async (id: string, query = '') =>
      (await send('GET', `/api/stagings${query}`)).body.some((s: { id: string }) => s.id === id)
    const begin = async () => {
      const id = randomUUID()
      const write = { id, writeId: randomUUID(), document: staging(5), begun: true }
      expect((await send('POST', '/api/stagings', write)).body).toMatchObject({ begun: true, version: 1 })
      expect([await listed(id), await listed(id, `?also=${id}`), await listed(id, '?also=1')]).toEqual([
        false,
        true,
        false,
      ])
      return id
    }
    const run = { performedAt: '2026-11-20T10:00:00Z', outcome: 'crush', note: '', used: {} }
    const ways: readonly ((id: string) => Promise<{ status: number }>)[] = [
      id => send('PUT', `/api/stagings/${id}/keep`),
      id => send('PUT', `/api/stagings/${id}`, { writeId: randomUUID(), baseVersion: 1, document: staging(6) }),
      id =>
        send('POST', '/api/runs', {
          ...{ id: randomUUID(), writeId: randomUUID(), stagingId: id, stagingVersion: 1, document: run },
        }),
      id => {
        const acts = [{ id: 'can', run: randomUUID(), stagingId: id, stagingVersion: 1, staging: staging(5) }]
        const document = { title: 'Evening', acts }
        return send('POST', '/api/live', { id: randomUUID(), writeId: randomUUID(), document })
      },
    ]
    for (const keep of ways) {
      const id = await begin()
      expect((await keep(id)).status).toBe(200)
      expect(await listed(id)).toBe(true)
    }
  })
  it('let only one of many simultaneous saves through', async () => {
    const id = await addStaging()
    const answers = await Promise.all(
      Array.from({ length: 12 }, (_, i) =>
        send('PUT', `/api/stagings/${id}`, { writeId: randomUUID(), baseVersion: 1, document: staging(10 + i) }),
      ),
    )
    expect(answers.filter(a => a.status === 200)).toHaveLength(1)
    expect(answers.filter(a => a.status === 409)).toHaveLength(11)
  })
  it('name the input, what was given and what is accepted', async () => {
    const { status, body } = await send('POST', '/api/stagings', {
      id: randomUUID(),
      writeId: randomUUID(),
      document: { ...staging(5), inputs: { bathTemperature: q(300, 'degC'), nonsense: q(1, 's') } },
    })
    expect(status).toBe(422)
    expect(body.data.faults.map((f: { input: string }) => f.input)).toEqual(['nonsense', 'bathTemperature'])
    expect(body.message).toMatch(/bathTemperature: given 300 °C; accepted: 0.1 °C to 99 °C/)
  })
})

describe('running orders', () => {
  const order = (title: string) => ({ title, start: '2026-12-04T18:30', acts: [] })
  it('are added and changed once, and nobody overwrites what somebody else saved', async () => {
    const id = randomUUID()
    const add = { id, writeId: randomUUID(), document: order('Evening') }
    expect((await send('POST', '/api/running-orders', add)).body).toMatchObject({
      version: 1,
      document: { title: 'Evening', heaters: 1 },
    })
    expect((await send('POST', '/api/running-orders', add)).body.version).toBe(1)
    const write = { writeId: randomUUID(), baseVersion: 1, document: order('Late evening') }
    expect((await send('PUT', `/api/running-orders/${id}`, write)).body.version).toBe(2)
    expect((await send('PUT', `/api/running-orders/${id}`, write)).body.version).toBe(2)
    expect(
      (
        await send('PUT', `/api/running-orders/${id}`, {
          writeId: randomUUID(),
          baseVersion: 1,
          document: order('Other'),
        })
      ).status,
    ).toBe(409)
    expect((await send('GET', `/api/running-orders/${id}`)).body.document.title).toBe('Late evening')
  })
  it('refuse a start that is no moment, and say what is accepted', async () => {
    const { status, body } = await send('POST', '/api/running-orders', {
      id: randomUUID(),
      writeId: randomUUID(),
      document: { ...order('x'), start: 'soon' },
    })
    expect(status).toBe(422)
    expect(body.message).toMatch(/start: given "soon"; accepted: a date and time such as/)
  })
})

describe('runs', () => {
  it('keep the version that they used', async () => {
    const id = await addStaging(7)
    const run = {
      id: randomUUID(),
      writeId: randomUUID(),
      stagingId: id,
      stagingVersion: 1,
      document: { performedAt: '2026-11-25T10:00:00Z', outcome: 'fill', seen: { waterDrawnIn: q(240, 'mL') } },
    }
    expect((await send('POST', '/api/runs', run)).status).toBe(200)
    expect((await send('POST', '/api/runs', run)).status).toBe(200)
    await send('PUT', `/api/stagings/${id}`, { writeId: randomUUID(), baseVersion: 1, document: staging(55) })
    const stored = (await send('GET', `/api/runs/${run.id}`)).body
    expect(stored.staging.inputs.bathTemperature).toEqual(q(7, 'degC'))
    expect(
      (await send('GET', '/api/runs')).body.runs.filter((r: { stagingId: string }) => r.stagingId === id),
    ).toHaveLength(1)
  })
  it('are refused by field', async () => {
    const run = {
      id: randomUUID(),
      writeId: randomUUID(),
      stagingId: DEMO,
      stagingVersion: 1,
      document: { performedAt: '2026-11-25T10:00:00Z', outcome: 'melts' },
    }
    expect((await send('POST', '/api/runs', run)).body.message).toMatch(
      /outcome: given "melts"; accepted: crush, dent, both, fill, nothing/,
    )
    expect((await send('POST', '/api/runs', { ...run, stagingVersion: 99 })).status).toBe(404)
    expect(
      (await send('POST', '/api/runs', { ...run, document: { ...run.document, performedAt: 'soon' } })).body.message,
    ).toMatch(/performedAt: given "soon"/)
  })
})

describe('shelf and room', () => {
  const heater = { kind: 'heater', name: 'Trial plate', ratedPower: q(900, 'W') }
  it('add, change and retire an item without overwriting a newer one', async () => {
    const id = randomUUID()
    expect((await send('POST', '/api/shelf', { id, writeId: randomUUID(), document: heater })).body.version).toBe(1)
    const change = {
      writeId: randomUUID(),
      baseVersion: 1,
      document: { ...heater, ratedPower: q(1, 'kW') },
      retired: true,
    }
    expect((await send('PUT', `/api/shelf/${id}`, change)).body).toMatchObject({ version: 2, retired: true })
    expect((await send('PUT', `/api/shelf/${id}`, { ...change, writeId: randomUUID() })).status).toBe(409)
  })
  it('refuse an item by field', async () => {
    const refused = await send('POST', '/api/shelf', {
      id: randomUUID(),
      writeId: randomUUID(),
      document: { kind: 'vessel', name: 'v', diameter: q(60, 'mm'), height: q(100, 'mm'), mouthDiameter: q(20, 'mm') },
    })
    expect(refused.status).toBe(422)
    expect(refused.body.message).toMatch(/capacity: is missing; give it, or weigh the vessel full and empty/)
  })
  it('take many items at once, all or none, and a retry doubles nothing', async () => {
    const items = [1, 2, 3].map(n => ({ id: randomUUID(), document: { ...heater, name: `Import ${n}` } }))
    const bad = [...items, { id: randomUUID(), document: { ...heater, ratedPower: q(1, 'GW') } }]
    const refused = await send('POST', '/api/shelf/import', { writeId: randomUUID(), items: bad })
    expect(refused.status).toBe(422)
    expect(refused.body.message).toMatch(/items\.3\.ratedPower: given 1 GW/)
    const whole = { writeId: randomUUID(), items }
    const answers = await Promise.all([1, 2, 3].map(() => send('POST', '/api/shelf/import', whole)))
    for (const { status, body } of answers) {
      expect(status).toBe(200)
      expect(body.map((i: { id: string }) => i.id).sort()).toEqual(items.map(i => i.id).sort())
    }
    const { rows } = await database.query("select count(*)::int as n from shelf_item where name like 'Import %'")
    expect(rows).toEqual([{ n: 3 }])
    expect((await send('POST', '/api/shelf/import', { writeId: randomUUID(), items })).status).toBe(409)
  })
  it('keep a photo by what its bytes are, not by what it is called', async () => {
    const id = randomUUID()
    await send('POST', '/api/shelf', { id, writeId: randomUUID(), document: heater })
    const png = Buffer.concat([Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]), Buffer.alloc(64)])
    const put = (photo: string | null) => send('PUT', `/api/shelf/${id}/photo`, { photo, writeId: randomUUID() })
    expect((await put(Buffer.from('<svg onload=alert(1)>').toString('base64'))).body.message).toMatch(
      /photo: given a file of another kind; accepted: a JPEG, PNG or WebP/,
    )
    expect((await put(Buffer.concat([png, Buffer.alloc(1_600_000)]).toString('base64'))).status).toBe(413)
    expect((await put(png.toString('base64'))).body.photo).toMatch(/^\d+$/)
    const answer = await fetch(`${app.url}/api/shelf/${id}/photo`)
    expect(answer.headers.get('content-type')).toBe('image/png')
    expect(answer.headers.get('content-security-policy')).toMatch(/default-src 'none'/)
    expect(Buffer.from(await answer.arrayBuffer()).equals(png)).toBe(true)
    expect((await put(null)).body.photo).toBe(null)
    expect((await fetch(`${app.url}/api/shelf/${id}/photo`)).status).toBe(404)
    expect((await send('PUT', `/api/shelf/${randomUUID()}/photo`, { photo: null })).status).toBe(404)
  })
  it('change the room by version and refuse nonsense', async () => {
    const room = (await send('GET', '/api/room')).body
    const saved = await send('PUT', '/api/room', {
      writeId: randomUUID(),
      baseVersion: room.version,
      document: { ...room.document, airTemperature: q(66, 'degF') },
    })
    expect(saved.body.version).toBe(room.version + 1)
    expect(
      (await send('PUT', '/api/room', { writeId: randomUUID(), baseVersion: room.version, document: {} })).status,
    ).toBe(409)
    expect(
      (
        await send('PUT', '/api/room', {
          writeId: randomUUID(),
          baseVersion: room.version + 1,
          document: { airTemperature: q(90, 'degC') },
        })
      ).body.message,
    ).toMatch(/airTemperature: given 90 °C/)
  })
})

describe('the door', () => {
  it('sends security headers, and scripts only with a fresh nonce', async () => {
    const [one, two] = await Promise.all([fetch(app.url), fetch(app.url)])
    const policy = one.headers.get('content-security-policy')!
    expect(policy).toMatch(/default-src 'self'/)
    expect(policy).not.toMatch(/script-src[^;]*unsafe/)
    expect(policy).not.toBe(two.headers.get('content-security-policy'))
    const nonce = /'nonce-([^']+)'/.exec(policy)![1]
    for (const [tag] of (await one.text()).matchAll(/<script[^>]*>/g)) expect(tag).toContain(nonce)
    const files = [...(await two.text()).matchAll(/(?:href|src)="(\/(?:_nuxt|fonts)\/[^"]+)"/g)].map(m => m[1]!)
    expect(files.length).toBeGreaterThan(2)
    for (const path of ['/', '/mark.svg', '/api/room', '/api/nothing', ...files.slice(0, 5)])
      expect((await fetch(app.url + path)).headers.get('x-content-type-options'), path).toBe('nosniff')
  })
  it('turns away other sites, other names, other types, too much and no JSON', async () => {
    const post = (headers: Record<string, string>, body = '{}') => send('POST', '/api/stagings', body, headers)
    expect((await post({ 'content-type': 'application/json', 'origin': 'http://elsewhere.example' })).status).toBe(403)
    expect((await post({ 'content-type': 'text/plain' })).status).toBe(415)
    expect((await post({ 'content-type': 'application/json' }, 'not json')).status).toBe(400)
    expect((await post({ 'content-type': 'application/json' }, `"${'x'.repeat(300_000)}"`)).status).toBe(413)
    const foreign = await new Promise<number>((resolve, reject) => {
      request(`${app.url}/api/stagings`, { headers: { host: 'rebound.example' } }, r => resolve(r.statusCode!))
        .on('error', reject)
        .end()
    })
    expect(foreign).toBe(421)
    expect((await send('GET', '/api/stagings/not-an-id')).status).toBe(404)
    for (const origin of ['null', 'no address', 'http://', `${app.url}.elsewhere.example`, 'http://['])
      expect((await post({ 'content-type': 'application/json', origin })).status, origin).toBe(403)
  })
  it('stops reading a body that says nothing of its length once it is too long', async () => {
    const piece = Buffer.alloc(64 * 1024, 'x')
    let sent = 0
    const status = await new Promise<number>((resolve, reject) => {
      const headers = { 'content-type': 'application/json', 'transfer-encoding': 'chunked' }
      const asked = request(`${app.url}/api/stagings`, { method: 'POST', headers }, answer => {
        resolve(answer.statusCode!)
        asked.destroy()
      })
      // Whoever is cut off while still sending is told so by the socket, after the answer.
      asked.on('error', error => setTimeout(reject, 1000, error))
      const more = () => {
        if (asked.destroyed || sent > 200e6) return
        sent += piece.length
        if (asked.write(piece)) setTimeout(more, 1)
        else asked.once('drain', more)
      }
      more()
    })
    expect(status).toBe(413)
    expect(sent).toBeLessThan(150e6)
  })
  it('refuses what no database keeps, with the name of the field', async () => {
    const add = (document: unknown) =>
      send('POST', '/api/stagings', { id: randomUUID(), writeId: randomUUID(), document })
    const named = async (document: unknown) => {
      const { status, body } = await add(document)
      expect(status).toBe(422)
      return body.data.faults[0].input as string
    }
    expect(await named({ ...staging(5), title: 'a\0b' })).toBe('title')
    expect(await named({ ...staging(5), title: 'half a character \ud83d' })).toBe('title')
    expect(await named({ ...staging(5), inputs: { 'bath\0': 1 } })).toContain('inputs')
    const deep = `${'['.repeat(5000)}1${']'.repeat(5000)}`
    const id = randomUUID()
    const body = JSON.stringify({ id, writeId: id, document: { ...staging(5), inputs: 'deep' } })
    const { status, body: answer } = await send('POST', '/api/stagings', body.replace('"deep"', deep))
    expect(status).toBe(422)
    expect(answer.data.faults[0].input).toMatch(/^inputs\.0\.0/)
  })
  it('finds runs by words of title, note, outcome and day, page by page', async () => {
    const find = async (query: string) => (await send('GET', `/api/runs?${query}`)).body
    const all = await find('limit=200')
    const ids = (body: { runs: { id: string }[] }) => body.runs.map(r => r.id)
    const [first, second] = [await find('limit=5'), await find('limit=5&offset=5')]
    expect([...ids(first), ...ids(second)]).toEqual(ids(all).slice(0, 10))
    for (const word of ['tin', 'crush', '2026', "50%'; --", '%']) {
      const { found, runs } = await find(`search=${encodeURIComponent(word)}&limit=200`)
      expect(found).toBe(runs.length)
      for (const { title, document } of runs as { title: string; document: { note: string } }[])
        if (word === 'tin' || word === '%') expect(`${title} ${document.note}`.toLowerCase()).toContain(word)
    }
    const [wanted, other] = [await find('ended=wanted'), await find('ended=other')]
    expect(wanted.found + other.found).toBe(all.real)
    expect(wanted.found).toBe(all.wanted)
    expect((await send('GET', '/api/runs?limit=many')).body.message).toMatch(/^limit:/)
    const teachers = await send('GET', '/api/runs/teachers?demonstration=can-plunge')
    expect(teachers.body.every((r: { demonstration: string }) => r.demonstration === 'can-plunge')).toBe(true)
  })
  it('works out once how well runs were forecast, and passes over one that is accepted no more', async () => {
    const outdated = await addStaging()
    const run = { performedAt: '2026-03-01T09:00:00Z', outcome: 'crush', note: '', used: {} }
    const logged = { id: randomUUID(), writeId: randomUUID(), stagingId: outdated, stagingVersion: 1, document: run }
    expect((await send('POST', '/api/runs', logged)).status).toBe(200)
    await database.query(
      `update staging_version set document = jsonb_set(document, '{inputs,heaterPower}', $2) where staging_id = $1`,
      [outdated, q(-5, 'W')],
    )
    const { left } = (await send('GET', '/api/runs/scores')).body
    expect(left).toBeGreaterThan(1)
    const told = []
    for (let open = left; open > 0;) {
      // Whoever asks meanwhile is told the same.
      const [one, two] = await Promise.all([0, 1].map(() => send('POST', '/api/runs/scores', {})))
      expect(two.body).toEqual(one.body)
      expect(one.body.left).toBeLessThan(open)
      told.push(...one.body.runs)
      open = one.body.left
    }
    const { body } = await send('GET', '/api/runs/scores')
    expect(body.left).toBe(0)
    expect(body.runs).toHaveLength(left - 1)
    const inOrder = (runs: { id: string }[]) => [...runs].sort((a, b) => a.id.localeCompare(b.id))
    expect(inOrder(told)).toEqual(inOrder(body.runs))
    for (const { share } of body.runs) expect(share).toBeGreaterThanOrEqual(0)
    expect((await send('POST', '/api/runs/scores', {})).body).toEqual({ runs: [], left: 0 })
    await database.query('delete from run where staging_id = $1', [outdated])
  })
  it('refuses numbers and moments that no database has, and tells no more faults than anybody reads', async () => {
    const id = await addStaging()
    const change = { writeId: randomUUID(), document: staging(7) }
    for (const baseVersion of [2 ** 31, 1e15, 1.5])
      expect((await send('PUT', `/api/stagings/${id}`, { ...change, baseVersion })).body.message).toMatch(
        /^baseVersion:/,
      )
    const run = { performedAt: '0000-01-01T00:00:00Z', outcome: 'crush', note: '', used: {} }
    const logged = { id: randomUUID(), writeId: randomUUID(), stagingId: id, stagingVersion: 1, document: run }
    expect((await send('POST', '/api/runs', logged)).body.message).toMatch(/^performedAt:/)
    expect((await send('POST', '/api/runs', { ...logged, stagingVersion: 2 ** 40 })).status).toBe(422)
    const inputs = Object.fromEntries(Array.from({ length: 5000 }, (_, i) => [`x${i}`, q(1, 's')]))
    const many = await send('POST', '/api/stagings', {
      ...change,
      id: randomUUID(),
      document: { ...staging(7), inputs },
    })
    expect([many.status, many.body.data.faults.length]).toEqual([422, 31])
    expect(many.body.message).toMatch(/and 4970 more/)
  })
  it('takes a write id that comes again with something else for no retry, and says so', async () => {
    const id = await addStaging()
    const write = { writeId: randomUUID(), baseVersion: 1, document: staging(8) }
    expect((await send('PUT', `/api/stagings/${id}`, write)).status).toBe(200)
    const other = await send('PUT', `/api/stagings/${id}`, { ...write, document: staging(9) })
    expect([other.status, other.body.message]).toEqual([409, expect.stringMatching(/^writeId: belongs to another/)])
    const add = { id: randomUUID(), writeId: write.writeId, document: staging(3) }
    expect((await send('POST', '/api/stagings', add)).status).toBe(409)
  })
  it('checks the stagings of a running order as the Bench does, but lets be what stands there already', async () => {
    const act = (id: string, bath: number) => ({ id, staging: staging(bath), talk: 30 })
    const document = (acts: unknown[]) => ({
      ...{ format: 'zealous-hush/running-order', version: 1, title: 'Hot', start: '2027-03-01T09:30' },
      ...{ heaters: 2, hands: 1, before: 10, acts },
    })
    const id = randomUUID()
    const add = (acts: unknown[]) =>
      send('POST', '/api/running-orders', { id, writeId: randomUUID(), document: document(acts) })
    expect((await add([act('a', 5), act('b', 300)])).body.message).toMatch(/^acts\.1\.bathTemperature: given 300 °C/)
    expect((await add([act('a', 5)])).status).toBe(200)
    // Written when it was still accepted.
    const old = { ...document([act('a', 5), act('b', 300)]) }
    await database.query('update running_order set document = $2 where id = $1', [id, old])
    const save = (acts: unknown[], baseVersion: number) =>
      send('PUT', `/api/running-orders/${id}`, { writeId: randomUUID(), baseVersion, document: document(acts) })
    expect((await save([act('b', 300), act('c', 6)], 1)).status).toBe(200)
    expect((await save([act('b', 301), act('c', 6)], 2)).status).toBe(422)
  })
  it('takes a path only as a browser asks it, so that guard and router see the same', async () => {
    const raw = (path: string) =>
      new Promise<number>((resolve, reject) => {
        const { hostname, port } = new URL(app.url)
        request({ hostname, port, path }, answer => {
          answer.resume()
          resolve(answer.statusCode!)
        })
          .on('error', reject)
          .end()
      })
    for (const path of ['//api/stagings', '/join/../api/stagings', '/x/%2e%2e/api/stagings'])
      expect(await raw(path), path).toBe(400)
    expect(await raw('/api/stagings')).toBe(200)
    expect(await raw('/bench?x=//y/../z')).toBe(200)
  })
})

describe('a server killed during saves', () => {
  it('loses nothing it acknowledged and doubles nothing on retry', async () => {
    for (let round = 0; round < 4; round++) {
      const ids = await Promise.all(Array.from({ length: 6 }, () => addStaging()))
      const acknowledged = new Set<string>()
      // Each staging is saved again and again, one save after the other, until the server is gone.
      const writers = ids.map(async id => {
        const writes: { writeId: string; baseVersion: number; document: unknown }[] = []
        for (let n = 0; n < 400; n++) {
          const write = { writeId: randomUUID(), baseVersion: n + 1, document: staging(1 + (n % 90)) }
          writes.push(write)
          try {
            const { status } = await send('PUT', `/api/stagings/${id}`, write)
            expect(status).toBe(200)
            acknowledged.add(write.writeId)
          } catch {
            break
          }
        }
        return { id, writes }
      })
      // By count and not by the clock, so that a slow machine kills in the middle of saves too.
      while (acknowledged.size < 7 + 13 * round) await new Promise(resolve => setTimeout(resolve, 3))
      await app.kill()
      const done = await Promise.all(writers)
      await app.restart()
      for (const { id, writes } of done) {
        const last = writes[writes.length - 1]!
        const before = (await send('GET', `/api/stagings/${id}`)).body.version
        const acked = writes.filter(w => acknowledged.has(w.writeId)).length
        expect(before).toBeGreaterThanOrEqual(1 + acked)
        expect(before).toBeLessThanOrEqual(1 + writes.length)
        // The save whose answer was lost is sent again, as the browser does; twice does no harm either.
        expect((await send('PUT', `/api/stagings/${id}`, last)).status).toBe(200)
        expect((await send('PUT', `/api/stagings/${id}`, last)).status).toBe(200)
        const { rows } = await database.query(
          'select version, document from staging_version where staging_id = $1 order by version',
          [id],
        )
        expect(rows.map(r => r.version)).toEqual(Array.from({ length: 1 + writes.length }, (_, i) => i + 1))
        writes.forEach((w, i) =>
          expect(rows[i + 1].document.inputs).toEqual((w.document as { inputs: unknown }).inputs),
        )
      }
    }
  })
})
