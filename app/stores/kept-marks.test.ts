import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Mark } from '~~/core'
import { until } from '~~/tests/until'

const mark = (kind: Mark['kind'], at: number): Mark => ({ id: `${kind}${at}`, act: 'can', kind, at })
const [heat, plume, lift] = [mark('heat-on', 1000), mark('plume', 27000), mark('lifted', 61500)]
type Request = { url: string; marks: Mark[] }

/** A page of its own: the store, and the requests that it makes. @param answer what the server says to each */
async function page(answer: (request: Request) => unknown) {
  vi.resetModules()
  const requests: Request[] = []
  vi.stubGlobal('$fetch', async (url: string, { body }: { body: { marks: Mark[] } }) => {
    const request = { url, marks: body.marks }
    requests.push(request)
    return answer(request)
  })
  setActivePinia(createPinia())
  const { useKeptMarksStore } = await import('./kept-marks')
  const store = useKeptMarksStore()
  const { awake } = await import('~/waking/turns')
  awake.value = true
  return { store, requests }
}
const away = () => Promise.reject(Object.assign(new Error('away'), { status: 0 }))
const taken = ({ marks }: Request) => ({ marks })
const refusal = (status: number, message: string) => Object.assign(new Error(message), { status, data: { message } })

beforeEach(() => {
  vi.stubGlobal('indexedDB', new IDBFactory())
  vi.stubGlobal('localStorage', {})
})

describe('marks on the device', () => {
  it('outlive the page that could not send them, of whatever show, and go from any page after it', async () => {
    const first = await page(away)
    void first.store.keep('evening', heat)
    void first.store.keep('morning', plume)
    await until(() => expect(first.store.online).toBe(false))
    const next = await page(taken)
    await until(() => expect(next.requests).toHaveLength(2))
    await until(() => expect(next.store.waiting).toEqual([]))
    expect(next.requests.map(r => r.url).sort()).toEqual(['/api/live/evening/marks', '/api/live/morning/marks'])
    const last = await page(taken)
    await new Promise(resolve => setTimeout(resolve, 50))
    expect(last.requests).toEqual([])
  })
  it('made within one round trip go together with the next, and are waiting until they are answered', async () => {
    let answer = () => {}
    const { store, requests } = await page(r =>
      requests.length > 1 ? taken(r) : new Promise(resolve => (answer = () => resolve(taken(r)))),
    )
    void store.keep('evening', heat)
    await until(() => expect(requests).toHaveLength(1))
    void store.keep('evening', plume)
    void store.keep('evening', lift)
    expect(store.waiting).toHaveLength(3)
    answer()
    await until(() => expect(store.waiting).toEqual([]))
    expect(requests.map(r => r.marks.map(m => m.kind))).toEqual([['heat-on'], ['plume', 'lifted']])
  })
  it('that are refused stay, with why, and hold up no other', async () => {
    const { store } = await page(r =>
      r.marks.some(m => m.id === plume.id) ? Promise.reject(refusal(422, 'no such act')) : taken(r),
    )
    for (const m of [heat, plume, lift]) void store.keep('evening', m)
    await until(() => expect(store.waiting).toEqual([]))
    expect(store.kept).toEqual([{ show: 'evening', mark: plume, refused: 'no such act' }])
  })
  it('are sent where the browser keeps nothing, and it is said', async () => {
    vi.stubGlobal('indexedDB', {
      open: () => {
        throw new DOMException('denied', 'SecurityError')
      },
    })
    const { store, requests } = await page(taken)
    void store.keep('evening', heat)
    await until(() => expect(store.canKeep).toBe(false))
    await until(() => expect(store.waiting).toEqual([]))
    expect(requests).toHaveLength(1)
  })
  it('of an earlier version are taken over', async () => {
    const old: Record<string, unknown> = {
      'hush-mark:evening:1': JSON.stringify(heat),
      'hush-mark:evening:2': '{',
      'hush-show:evening': '{}',
    }
    Object.defineProperty(old, 'getItem', { value: (key: string) => old[key] })
    Object.defineProperty(old, 'removeItem', { value: (key: string) => Reflect.deleteProperty(old, key) })
    vi.stubGlobal('localStorage', old)
    const { requests } = await page(taken)
    await until(() => expect(requests).toEqual([{ url: '/api/live/evening/marks', marks: [heat] }]))
    await until(() => expect(Object.keys(old)).toEqual([]))
  })
})
