/** The odds of a running order's acts: by how many draws, with what learnt, and of which plan. */
import { mountSuspended, registerEndpoint } from '@nuxt/test-utils/runtime'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { listAct, orderActs, type ActListed } from '~/components/order/order-acts'
import { useSpares } from '~/composables/useSpares'
import { readStaging, teachingKey, type Forecast, type StoredRun, type Taught } from '~~/core'
import '~~/core/catalogue/everything'
import { FakeWorker, fakeWorkers } from '../../tests/fake-worker'

fakeWorkers()
const TALK = { talk: 60 }
const act = (id: string, demonstration: string, inputs = {}): ActListed => {
  const { document: staging } = readStaging({ demonstration, title: id, inputs })
  return listAct(orderActs([{ id, staging, ...TALK }], {})[0]!)
}
const can = (bath = 4) => act('can', 'can-plunge', { bathTemperature: { value: bath, unit: '°C' } })
const plates = act('plates', 'plates')

beforeEach(() => registerEndpoint('/api/runs/teachers', () => []))
afterEach(() => vi.useRealTimers())

async function listed(acts: ActListed[], atOnce: boolean) {
  const shown = ref(acts)
  let made!: ReturnType<typeof useSpares>
  const page = await mountSuspended({
    setup() {
      made = useSpares(() => shown.value, { atOnce })
      return () => null
    },
  })
  return { ...made, shown, gone: () => page.unmount() }
}
interface Asked {
  job: number
  samples?: number
  taught?: Taught
  document: { demonstration: string }
}
const heard = () =>
  FakeWorker.begun.flatMap(w => w.heard.filter(({ kind }) => kind === 'forecast')) as unknown as Asked[]
const newest = () => heard().at(-1)!
async function answer(wanted: number, then = 1) {
  const asked = heard().length
  const forecast = {
    samples: newest().samples ?? 2000,
    shares: { crush: wanted, holds: wanted },
  } as unknown as Forecast
  FakeWorker.begun[0]!.tell({ kind: 'forecast', job: newest().job, forecast, complete: true, influences: [] })
  await vi.waitUntil(() => heard().length === asked + then)
}
const told = (of: Awaited<ReturnType<typeof listed>>) =>
  Object.fromEntries(Object.entries(of.spares.value).map(([id, s]) => [id, [s.whole, s.bring]]))

describe('the odds of acts', () => {
  it('are told by few draws at first and by all of them a while after, where they are wanted at once', async () => {
    const page = await listed([can(), plates], true)
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
    page.shown.value = [can(), plates]
    await nextTick()
    await answer(0.95)
    await answer(0.95, 0)
    expect(told(page)).toMatchObject({ can: [false, 2], plates: [false, expect.anything()] })
    expect([page.settled.value, heard().length]).toEqual([false, 2])
    vi.advanceTimersByTime(6000)
    vi.useRealTimers()
    await vi.waitUntil(() => heard().length === 3)
    await answer(0.8)
    expect(told(page)).toMatchObject({ can: [true, 3] })
    await answer(0.8, 0)
    expect(heard().map(a => [a.document.demonstration, a.samples])).toEqual([
      ['can-plunge', 200],
      ['plates', 200],
      ['can-plunge', undefined],
      ['plates', undefined],
    ])
    expect(page.settled.value).toBe(true)
    page.gone()
  })
  it('are of the acts as they are now: none of a plan before is told, and what stays is not asked again', async () => {
    const page = await listed([can(), plates], false)
    await vi.waitUntil(() => heard().length === 1)
    await answer(0.95)
    await answer(0.95, 0)
    expect(Object.keys(told(page))).toEqual(['can', 'plates'])
    page.shown.value = [plates, can(30)]
    await vi.waitUntil(() => heard().length === 3)
    expect(Object.keys(told(page))).toEqual(['plates'])
    expect(page.settled.value).toBe(false)
    await answer(0.2, 0)
    expect(Object.keys(told(page))).toEqual(['plates', 'can'])
    // Back again nothing is in question.
    page.shown.value = [plates, can(4)]
    await nextTick()
    expect(told(page)).toMatchObject({ can: [true, 2] })
    expect([page.settled.value, heard().length]).toEqual([true, 3])
    page.gone()
  })
  it('reckon with what past runs have taught of each, and wait for that', async () => {
    const teacher = { id: 'taught the can', demonstration: 'can-plunge' } as StoredRun
    registerEndpoint('/api/runs/teachers', event => (String(event.path).includes('can-plunge') ? [teacher] : []))
    const taught: Taught = { inputs: [], mean: [], covariance: [], runs: 1, unlike: 0 }
    const key = teachingKey(can().staging, [teacher])
    registerEndpoint('/api/learnt', { method: 'POST', handler: () => ({ learnt: { about: '', key, taught } }) })
    const page = await listed([plates, can()], false)
    await vi.waitUntil(() => heard().length === 1)
    await answer(0.95)
    await answer(0.95, 0)
    expect(heard().map(a => [a.document.demonstration, a.taught])).toEqual([
      ['plates', undefined],
      ['can-plunge', taught],
    ])
    page.gone()
  })
  it('that can’t be worked out are told with why, and the others come', async () => {
    const page = await listed([can(), plates], false)
    await vi.waitUntil(() => heard().length === 1)
    FakeWorker.begun[0]!.tell({ kind: 'failed', job: newest().job, message: 'why' })
    await vi.waitUntil(() => heard().length === 2)
    await answer(0.95, 0)
    expect([page.failed.value, Object.keys(told(page)), page.settled.value]).toEqual([{ can: 'why' }, ['plates'], true])
    page.gone()
  })
})
