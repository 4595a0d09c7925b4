/** Every write with all kinds of wrong bodies: refused, never an error of the server's own, and quickly. */
import { randomUUID } from 'node:crypto'
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus'
import { uniformInt } from 'pure-rand/distribution/uniformInt'
import { mark, percentile, type Answer, type Figure, type Stage } from './stage'

const TURNS = 2500
const SEED = 4711

/** What no schema expects, and no database keeps. */
const STRANGE: unknown[] = [
  ...[null, true, -1, 0, 1e308, -1e308, 2 ** 53, 1.5],
  ...['', ' ', 'a\0b', '\ud800', '\u202e', 'NaN', '9'.repeat(400), 'x'.repeat(5000)],
  ...['0000-00-00T00:00:00Z', '+275760-09-13T00:00:00Z', "'; drop table run; --", '../../etc/passwd', '{{7*7}}'],
  ...[[], {}, [[]], [null], { constructor: 1 }, Array.from({ length: 2000 }, (_, i) => i)],
]
const DEEP = `${'['.repeat(20000)}${']'.repeat(20000)}`

type Json = null | boolean | number | string | Json[] | { [key: string]: Json }

/** Every place in a body, as a path of keys. */
function placesOf(json: Json, path: (string | number)[] = []): (string | number)[][] {
  if (typeof json !== 'object' || json === null) return [path]
  return [path, ...Object.entries(json).flatMap(([key, value]) => placesOf(value, [...path, key]))]
}

function changed(json: Json, path: (string | number)[], value: unknown): unknown {
  const copy = structuredClone(json) as unknown
  if (path.length === 0) return value
  let at = copy as Record<string, unknown>
  for (const key of path.slice(0, -1)) at = at[key] as Record<string, unknown>
  const last = path.at(-1)!
  if (value === undefined) Reflect.deleteProperty(at, last)
  else at[last] = value
  return copy
}

export async function fuzz(stage: Stage): Promise<Figure[]> {
  const random = xoroshiro128plus(SEED)
  const pick = <T>(list: readonly T[]): T => list[uniformInt(random, 0, list.length - 1)]
  const show = await stage.beginShow()
  const [staging] = (await stage.send('GET', '/api/stagings')).body as { id: string; document: Json }[]
  const [item] = (await stage.send('GET', '/api/shelf')).body as { id: string; document: Json }[]
  const [order] = (await stage.send('GET', '/api/running-orders')).body as { id: string; document: Json }[]
  const runs = (await stage.send('GET', '/api/runs/export')).body as Record<string, Json>[]
  const ids = () => ({ id: randomUUID(), writeId: randomUUID() })
  const [run] = runs
  const bodies: (() => [string, string, Json])[] = [
    () => ['POST', '/api/stagings', { ...ids(), document: staging.document }],
    () => ['PUT', `/api/stagings/${staging.id}`, { ...ids(), baseVersion: 1, document: staging.document }],
    () => ['POST', '/api/shelf', { ...ids(), document: item.document }],
    () => ['PUT', `/api/shelf/${item.id}`, { ...ids(), baseVersion: 1, document: item.document }],
    () => ['POST', '/api/shelf/import', { ...ids(), items: [{ id: randomUUID(), document: item.document }] }],
    () => ['POST', '/api/running-orders', { ...ids(), document: order.document }],
    () => ['PUT', `/api/running-orders/${order.id}`, { ...ids(), baseVersion: 1, document: order.document }],
    () => ['POST', '/api/runs', { ...ids(), stagingId: run.stagingId!, stagingVersion: 1, document: run.document! }],
    () => ['POST', '/api/runs/import', { ...ids(), runs: [{ ...run, id: randomUUID() }] as Json[] }],
    () => ['PUT', '/api/room', { ...ids(), baseVersion: 1, document: { altitude: { value: 10, unit: 'm' } } }],
    () => ['POST', `/api/live/${show}/marks`, { marks: [mark('plume')] }],
    () => [
      'POST',
      `/api/live/${show}/readings`,
      { id: randomUUID(), act: 'can', source: 'x', readings: [{ channel: 'temperature', time: 1, value: 300 }] },
    ],
    () => ['PUT', `/api/live/${show}/votes/can`, { do: 'hands', hands: { crush: 3 } }],
    () => [
      'POST',
      '/api/running-orders/plan',
      {
        order: randomUUID(),
        acts: [{ id: 'a', title: 'A', heating: 60, wait: 9, early: 0, show: 9, talk: 9 }],
        stage: { heaters: 1, hands: 1, before: 60 },
      },
    ],
    () => ['POST', '/api/sign-in', { passphrase: 'guess' }],
    () => ['POST', '/api/join/BCDFG', { outcome: 'crush' }],
  ]
  const answers: (Answer & { asked: string })[] = []
  const failed: string[] = []
  for (let turn = 0; turn < TURNS; turn++) {
    const [method, path, body] = pick(bodies)()
    const place = pick(placesOf(body))
    const strange = uniformInt(random, 0, STRANGE.length + 1)
    const wrong =
      strange === STRANGE.length
        ? JSON.stringify(changed(body, place, 'DEEP')).replace('"DEEP"', DEEP)
        : changed(body, place, strange > STRANGE.length ? undefined : STRANGE[strange])
    const asked = `${method} ${path} ${place.join('.')} = ${JSON.stringify(STRANGE[strange])?.slice(0, 30) ?? 'none'}`
    try {
      const answer = await stage.send(method, path, typeof wrong === 'string' ? wrong : JSON.stringify(wrong))
      answers.push({ ...answer, asked })
      if (answer.status >= 500) failed.push(`${answer.status} ${asked}`)
    } catch (error) {
      failed.push(`${asked}: ${String(error)}`)
    }
  }
  for (const line of failed.slice(0, 10)) console.error(line)
  const part = `${TURNS} wrong writes, seed ${SEED}`
  const nameless = answers.filter(
    a => a.status === 422 && !(a.body as { data?: { faults?: unknown[] } }).data?.faults?.length,
  )
  return [
    { part, measure: 'answered 500 or not at all', value: failed.length, unit: 'writes', limit: 0 },
    { part, measure: 'refused without naming a field', value: nameless.length, unit: 'writes', limit: 0 },
    {
      part,
      measure: 'answer, P99',
      value: percentile(
        answers.map(a => a.took),
        99,
      ),
      unit: 'ms',
      limit: 1000,
    },
  ]
}
