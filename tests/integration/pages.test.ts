/** What the server gives a page that it draws: cards, lists, odds; and the page itself, to whoever may have it. */
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import {
  DEFAULT_SEED,
  StagingSample,
  forecastKey,
  galleryCard,
  influences,
  learn,
  pointsFor,
  pastRun,
  teachersAmong,
  teachingKey,
  type FirstOdds,
  type StoredRun,
  readStaging,
  representativeOf,
  summarise,
  withRoom,
  type GalleryCard,
  type ListedDemonstration,
  type StoredItem,
  type StoredRoom,
  type StagingDocument,
  type StoredStaging,
  type WholeOdds,
} from '../../core'
import { DEMONSTRATIONS, findDemonstration } from '../../core/catalogue/everything'
import { SAMPLES, openApplication, type Application } from '../application'

let app: Application
beforeAll(async () => {
  app = await openApplication('pages')
})
afterAll(async () => {
  await app?.close()
})
const get = async <T>(path: string): Promise<T> => (await fetch(`${app.url}${path}`)).json() as Promise<T>
const CAN = '5a1d0000-0000-4000-8000-000000000001'
/** Asked until they are there: a page comes without them while the thread still works. */
async function odds(query = ''): Promise<FirstOdds> {
  let first: FirstOdds = {}
  for (let i = 0; i < 40 && !first.forecast; i++) first = await get<FirstOdds>(`/api/stagings/${CAN}/odds${query}`)
  return first
}

const setRoom = (document: StoredRoom['document'], baseVersion: number) =>
  fetch(`${app.url}/api/room`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ writeId: crypto.randomUUID(), baseVersion, document }),
  })

describe('odds that a page comes with', () => {
  it('are the same as a page works out by as many draws, in the room as it is', async () => {
    const [staging, room] = await Promise.all([
      get<StoredStaging>(`/api/stagings/${CAN}`),
      get<StoredRoom>('/api/room'),
    ])
    const demonstration = findDemonstration(staging.document.demonstration)!
    const { given } = readStaging(withRoom(staging.document, room.document, demonstration))
    const document = withRoom(staging.document, room.document, demonstration)
    const drawn = (points?: Float64Array, draws = SAMPLES) => {
      const sample = new StagingSample(demonstration, given, draws, DEFAULT_SEED, points)
      sample.advance(draws)
      const whole: WholeOdds = {
        of: forecastKey(document),
        influences: influences(sample),
        representative: representativeOf(sample),
        waterWindow: demonstration.waterWindow?.(sample.nominal),
      }
      return JSON.parse(JSON.stringify({ forecast: summarise(sample), whole })) as FirstOdds
    }
    expect(await odds('?taught=no')).toEqual(drawn())
    // With what past runs taught: the newest of them, which the page then has not to work out.
    const teachers = teachersAmong(
      await get<StoredRun[]>(`/api/runs/teachers?demonstration=${staging.document.demonstration}`),
    )
    expect(teachers.length).toBeGreaterThan(2)
    const past = teachers.map(pastRun).map(r => ({ given: readStaging(r.staging).given, seen: r.seen }))
    const taught = await learn(demonstration, given, past)
    const first = await odds()
    expect(first.learnt?.taught).toEqual(JSON.parse(JSON.stringify(taught)))
    expect(first.learnt?.key).toBe(teachingKey(document, teachers))
    expect(first).toMatchObject(drawn(pointsFor(demonstration, SAMPLES, DEFAULT_SEED, taught)))

    // Where a whole forecast has more draws, a page that comes at once has a few of them, and one that comes later all.
    const more = 3 * SAMPLES
    const server = await app.another('127.0.0.1', { NUXT_PUBLIC_SAMPLES: String(more) })
    const told = async () =>
      (await (await fetch(`${server.url}/api/stagings/${CAN}/odds?taught=no`)).json()) as FirstOdds
    await expect.poll(told, { timeout: 60_000 }).toEqual({ forecast: drawn().forecast })
    await expect.poll(async () => (await told()).whole !== undefined, { timeout: 60_000, interval: 500 }).toBe(true)
    expect(await told()).toEqual(drawn(undefined, more))
  })
  it('are those of the room that is set since', async () => {
    const room = await get<StoredRoom>('/api/room')
    const before = await odds()
    expect((await setRoom({ ...room.document, altitude: { value: 3200, unit: 'm' } }, room.version)).status).toBe(200)
    const after = await odds()
    // The outside pressure is what pushes: less of it.
    expect(after.forecast!.quantiles.outsideForce!.p50).toBeLessThan(0.9 * before.forecast!.quantiles.outsideForce!.p50)
    expect((await setRoom(room.document, room.version + 1)).status).toBe(200)
    expect(await odds()).toEqual(before)
  })
  it('come with what past runs taught, which is told also of a staging that is not kept', async () => {
    const ask = (inputs: StagingDocument['inputs']) =>
      fetch(`${app.url}/api/learnt`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ document: { ...staging.document, title: '', inputs } }),
      })
    const staging = await get<StoredStaging>(`/api/stagings/${CAN}`)
    const { inputs } = staging.document
    expect(await (await ask(inputs)).json()).toEqual({ learnt: (await odds()).learnt })
    // With another heater the runs teach something else.
    const other = await (await ask({ ...inputs, heaterPower: { value: 2.5, unit: 'kW' } })).json()
    const runs = teachersAmong(await get<StoredRun[]>('/api/runs/teachers?demonstration=can-plunge'))
    expect(other.learnt.key).toContain(runs.at(-1)!.id)
    expect(other.learnt.taught.mean).not.toEqual((await odds()).learnt!.taught.mean)
    // One that is not accepted.
    const refused = await ask({ ...inputs, mouthDepth: { value: -5, unit: 'cm' } })
    expect(refused.status).toBe(422)
    expect(await refused.text()).toContain('mouthDepth')
  })
  it('of a staging that does not exist are refused', async () => {
    expect((await fetch(`${app.url}/api/stagings/5a1d0000-0000-4000-8000-00000000dead/odds`)).status).toBe(404)
  })
})

describe('the gallery', () => {
  it('has a card for each demonstration, as it is in this room with what is on the Shelf', async () => {
    const [cards, room, shelf] = await Promise.all([
      get<(Omit<GalleryCard, 'with'> & { with: string[] })[]>('/api/gallery'),
      get<StoredRoom>('/api/room'),
      get<StoredItem[]>('/api/shelf'),
    ])
    const items = shelf.filter(i => !i.retired)
    expect(cards.map(c => c.id)).toEqual(DEMONSTRATIONS.map(d => d.id))
    for (const card of cards) {
      const own = galleryCard(
        findDemonstration(card.id)!,
        room.document,
        items.map(i => i.document),
      )!
      expect(card).toEqual(JSON.parse(JSON.stringify({ ...own, with: own.with.map(i => items[i]!.id) })))
      // Of each place something is there, or it is missing.
      expect(card.with.length + card.missing.length).toBe(findDemonstration(card.id)!.shelf.length)
    }
  })
  it('follows the room', async () => {
    const [room, before] = [await get<StoredRoom>('/api/room'), await get<GalleryCard[]>('/api/gallery')]
    const high = { ...room.document, altitude: { value: 3200, unit: 'm' } }
    expect((await setRoom(high, room.version)).status).toBe(200)
    const after = await get<GalleryCard[]>('/api/gallery')
    expect((await setRoom(room.document, room.version + 1)).status).toBe(200)
    // Water boils sooner up there.
    const [low, up] = [before, after].map(cards => cards.find(c => c.id === 'can-plunge')!.still)
    expect(up).not.toEqual(low)
    const own = galleryCard(findDemonstration('can-plunge')!, high, [])!
    expect(up).toEqual(JSON.parse(JSON.stringify(own.still)))
    expect(await get('/api/gallery')).toEqual(before)
  })
  it('names in its list every end that a run can have', async () => {
    const listed = await get<ListedDemonstration[]>('/api/catalogue')
    expect(listed.map(d => [d.id, d.wanted, d.outcomes.map(o => o.id)])).toEqual(
      DEMONSTRATIONS.map(d => [d.id, d.wanted, d.outcomes.map(o => o.id)]),
    )
  })
})

describe('a page', () => {
  it('of a staging brings the script of its demonstration along', async () => {
    const html = await (await fetch(`${app.url}/bench/${CAN}`)).text()
    const scripts = JSON.parse(/id="scripts-in-order"[^>]*>([^<]+)</.exec(html)![1]!) as string[]
    const texts = await Promise.all(scripts.map(async src => (await fetch(`${app.url}${src}`)).text()))
    const bring = (id: string) => texts.filter(text => text.includes(findDemonstration(id)!.summary)).length
    expect([bring('can-plunge'), bring('plates')]).toEqual([1, 0])
  })
  it('brings no more than 250 kB of scripts, and names what it may reach for later without asking for it', async () => {
    const html = await (await fetch(`${app.url}/bench/${CAN}`)).text()
    const named = (id: string) => JSON.parse(new RegExp(`id="${id}"[^>]*>([^<]+)<`).exec(html)![1]!) as string[]
    const [scripts, later] = [named('scripts-in-order'), named('files-for-later')]
    const sizes = await Promise.all(
      scripts.map(async src => {
        const { headers } = await fetch(`${app.url}${src}`, { method: 'HEAD', headers: { 'accept-encoding': 'br' } })
        return Number(headers.get('content-length'))
      }),
    )
    expect(Math.min(...sizes)).toBeGreaterThan(0)
    expect(sizes.reduce((sum, size) => sum + size, 0)).toBeLessThan(250_000)
    expect(html).not.toContain('rel="prefetch"')
    expect(later.filter(file => scripts.includes(file))).toEqual([])
    const answers = await Promise.all(later.map(async file => (await fetch(`${app.url}${file}`)).status))
    expect(new Set(answers)).toEqual(new Set([200]))
  })
  it('is drawn in the units, the language and the time zone of whoever asks', async () => {
    const page = async (path: string, headers: Record<string, string>) =>
      (await fetch(`${app.url}${path}`, { headers: { accept: 'text/html', ...headers } })).text()
    const own = await page(`/bench/${CAN}`, { 'accept-language': 'en-US,en;q=0.9' })
    expect(own).toMatch(/\d(&nbsp;|\u00a0)psi/)
    const chosen = await page(`/bench/${CAN}`, { 'accept-language': 'en-US', 'cookie': 'hush-units=si' })
    expect(chosen).toMatch(/\d&nbsp;kPa|\d\u00a0kPa/)
    expect(chosen).not.toMatch(/\d(&nbsp;|\u00a0)psi/)
    const german = await page(`/bench/${CAN}`, { 'accept-language': 'de-DE', 'cookie': 'hush-language=de' })
    expect(german).toMatch(/<html\s+lang="de"/)
    expect(german).toContain('Urteil')
    const [east, west] = await Promise.all(
      ['Pacific/Auckland', 'America/Los_Angeles'].map(zone =>
        page('/live', { 'accept-language': 'en-GB', 'cookie': `hush-zone=${encodeURIComponent(zone)}` }),
      ),
    )
    expect(east).toContain('Shows begun')
    expect(west).toContain('Shows begun')
    // A cookie that holds nonsense holds nothing up.
    const odd = await page('/logbook', { cookie: 'hush-zone=Nowhere/Land; hush-units=furlongs; hush-language=xx' })
    expect(odd).toContain('Logbook')
  })
  it('is kept by no proxy, and what does not exist is 404', async () => {
    const answer = await fetch(`${app.url}/bench`, { headers: { accept: 'text/html' } })
    expect(answer.headers.get('cache-control')).toBe('private, no-cache')
    expect(answer.headers.get('vary')).toContain('accept-encoding')
    for (const path of ['/nowhere', '/order/5a1d0000-0000-4000-8000-00000000dead'])
      expect((await fetch(`${app.url}${path}`, { headers: { accept: 'text/html' } })).status).toBe(404)
  })
  it('open to the network, is for whoever has signed in, with nothing of a record in it', async () => {
    const open = await app.another('0.0.0.0', { HUSH_PASSPHRASE: 'nobody knows' })
    const answer = await fetch(`${open.url}/bench/${CAN}`, { redirect: 'manual', headers: { accept: 'text/html' } })
    expect(answer.status).toBeGreaterThanOrEqual(300)
    expect(answer.headers.get('location')).toContain('/sign-in')
    expect(await answer.text()).not.toContain('ice bath')
    expect((await fetch(`${open.url}/api/gallery`)).status).toBe(401)
    expect((await fetch(`${open.url}/api/stagings/${CAN}/odds`)).status).toBe(401)
    await open.stop()
  })
})
