/** What a forecast says while a plan is changed: whose odds they are. */
import { registerEndpoint } from '@nuxt/test-utils/runtime'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { useForecast } from '~/composables/useForecast'
import { awake } from '~/waking/turns'
import { readStaging, type Forecast, type StagingDocument } from '~~/core'
import '~~/core/catalogue/everything'
import { FakeWorker, fakeWorkers } from '../../tests/fake-worker'

fakeWorkers()
const staged = (demonstration = 'can-plunge', inputs = {}) => readStaging({ demonstration, title: '', inputs }).document
const bath = (value: number) => staged('can-plunge', { bathTemperature: { value, unit: '°C' } })
const odds = (samples: number) => ({ samples, shares: {} }) as unknown as Forecast

const scopes: { stop: () => void }[] = []
afterEach(() => {
  for (const scope of scopes.splice(0)) scope.stop()
  awake.value = false
})
async function begun() {
  registerEndpoint('/api/runs/teachers', () => [])
  useRoomStore().loaded = true
  awake.value = true
  const document = ref<StagingDocument | undefined>(bath(4))
  const scope = effectScope()
  scopes.push(scope)
  const found = scope.run(() => useForecast(() => document.value))!
  await vi.waitUntil(() => found.past.ready.value)
  await nextTick()
  return { ...found, document }
}
/** What the verdict's worker was asked last. */
const last = () => FakeWorker.begun[0]!.heard.findLast(({ kind }) => kind === 'forecast')!
const answer = (samples: number, complete = false) =>
  FakeWorker.begun[0]!.tell({ kind: 'forecast', job: last().job, forecast: odds(samples), complete, influences: [] })

describe('odds', () => {
  it('of the plan before are told to be that, until there are any of this one', async () => {
    const { forecast, complete, stale, document } = await begun()
    answer(64)
    expect([forecast.value!.samples, complete.value, stale.value]).toEqual([64, false, false])
    answer(2000, true)
    document.value = bath(5)
    await nextTick()
    expect([forecast.value!.samples, complete.value, stale.value]).toEqual([2000, false, true])
    answer(64)
    expect([forecast.value!.samples, complete.value, stale.value]).toEqual([64, false, false])
  })
  it('of the plan before are told to be that where this one does not go together', async () => {
    const { forecast, stale, document } = await begun()
    answer(2000, true)
    const { job } = last()
    document.value = bath(5)
    await nextTick()
    document.value = undefined
    await nextTick()
    // What was still being worked out is not shown for it.
    FakeWorker.begun[0]!.tell({ kind: 'forecast', job: last().job, forecast: odds(64), complete: false })
    expect([stale.value, forecast.value!.samples]).toEqual([true, 2000])
    document.value = bath(4)
    await nextTick()
    expect(stale.value).toBe(false)
    expect(last().job).toBeGreaterThan(job)
  })
  it('of the plan before are gone where those of this one fail, and those of this one are not', async () => {
    const { forecast, failure, document } = await begun()
    answer(2000, true)
    document.value = bath(5)
    await nextTick()
    FakeWorker.begun[0]!.tell({ kind: 'failed', job: last().job, message: 'why' })
    expect([forecast.value, failure.value]).toEqual([undefined, 'why'])
    document.value = bath(6)
    await nextTick()
    answer(64)
    FakeWorker.begun[0]!.tell({ kind: 'failed', job: last().job, message: 'why' })
    expect([forecast.value!.samples, failure.value]).toEqual([64, 'why'])
  })
  it('leave the water window of the plan before as what it is, until there is one of this plan', async () => {
    const { waterWindow, windowStale, document } = await begun()
    const asked = () =>
      FakeWorker.begun.flatMap(w => w.heard.filter(({ kind }) => kind === 'window').map(r => ({ w, r })))
    const tell = (least: number) => {
      const { w, r } = asked().at(-1)!
      w.tell({ kind: 'window', job: r.job, window: { least } })
    }
    await vi.waitUntil(() => asked().length === 1)
    tell(0.01)
    expect([waterWindow.value!.least, windowStale.value]).toEqual([0.01, false])
    document.value = bath(5)
    expect(windowStale.value).toBe(true)
    await vi.waitUntil(() => asked().length === 2)
    expect(windowStale.value).toBe(true)
    tell(0.02)
    expect([waterWindow.value!.least, windowStale.value]).toEqual([0.02, false])
    document.value = bath(6)
    await vi.waitUntil(() => asked().length === 3)
    asked()
      .at(-1)!
      .w.tell({ kind: 'failed', job: asked().at(-1)!.r.job, message: 'why' })
    expect(waterWindow.value).toBeUndefined()
  })
  it('across a range are of this plan, whatever it says of that input; changed, they are asked for again', async () => {
    const { strip, askStrip, document } = await begun()
    const asked = () =>
      FakeWorker.begun.flatMap(w => w.heard.filter(({ kind }) => kind === 'strip').map(r => ({ w, r })))
    const tell = (input: string) => {
      const { w, r } = asked().at(-1)!
      w.tell({ kind: 'strip', job: r.job, input, strip: [] })
    }
    askStrip('bathTemperature')
    tell('bathTemperature')
    expect(strip.value?.input).toBe('bathTemperature')
    document.value = bath(7)
    expect(strip.value?.input).toBe('bathTemperature')
    const water = { ...bath(7).inputs, waterCharge: { value: 20, unit: 'mL' } }
    document.value = staged('can-plunge', water)
    expect(strip.value).toBeUndefined()
    askStrip('bathTemperature')
    document.value = staged('can-plunge', { ...water, purgeTime: { value: 40, unit: 's' } })
    tell('bathTemperature')
    // That was of a plan that is gone: it has been asked for again.
    expect(asked()).toHaveLength(3)
    expect(strip.value).toBeUndefined()
    tell('bathTemperature')
    expect(strip.value?.input).toBe('bathTemperature')
  })
  it('of another demonstration are never shown', async () => {
    const { forecast, stale, document } = await begun()
    answer(2000, true)
    document.value = undefined
    await nextTick()
    document.value = staged('candle-jar')
    await nextTick()
    expect([forecast.value, stale.value]).toEqual([undefined, false])
  })
})
