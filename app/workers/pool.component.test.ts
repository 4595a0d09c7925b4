/** The workers that the whole application shares: who hears what, and what is ended as whoever asked for it goes. */
import { afterEach, describe, expect, it } from 'vitest'
import { useForecastWorker } from '~/composables/useForecastWorker'
import { DEFAULT_SEED, readStaging } from '~~/core'
import '~~/core/catalogue/everything'
import { FakeWorker, fakeWorkers } from '../../tests/fake-worker'
import type { ForecastAnswer } from './forecast-messages'

const { document } = readStaging({ demonstration: 'can-plunge', title: '' })
const strip = (input = 'bathTemperature') => ({ kind: 'strip', document, seed: DEFAULT_SEED, input }) as const
const forecast = { ...strip(), kind: 'forecast' } as const

const asking: { go: () => void }[] = []

/** Somebody who asks, and all that is answered. */
function asker(forVerdict = false) {
  const answers: ForecastAnswer[] = []
  const scope = effectScope()
  const worker = scope.run(() => useForecastWorker(answer => answers.push(answer), forVerdict))!
  const one = { ...worker, answers, go: () => scope.stop() }
  asking.push(one)
  return one
}

fakeWorkers()
afterEach(() => {
  for (const { go } of asking.splice(0)) go()
})

describe('workers that compute', () => {
  it('are two where there are two cores, however many ask, and none before somebody does', () => {
    const [look, a, b] = [asker(true), asker(), asker()]
    expect(FakeWorker.begun).toHaveLength(0)
    look.ask(forecast)
    a.ask(strip())
    b.ask(strip())
    expect(FakeWorker.begun.map(({ heard }) => heard.map(({ kind }) => kind))).toEqual([
      ['forecast'],
      ['strip', 'strip'],
    ])
  })
  it('tell each its own answers, and of those the newest of a kind', () => {
    const [a, b] = [asker(), asker()]
    a.ask(strip())
    a.ask(strip('waterCharge'))
    b.ask(strip())
    const [worker] = FakeWorker.begun
    for (const { job } of worker!.heard) worker!.tell({ kind: 'strip', job, input: String(job), strip: [] })
    const [, second, third] = worker!.heard
    expect(a.answers.map(({ job }) => job)).toEqual([second!.job])
    expect(b.answers.map(({ job }) => job)).toEqual([third!.job])
  })
  it('stay as somebody goes, end what it asked for, and tell it nothing more', () => {
    const a = asker()
    a.ask(strip())
    const [worker] = FakeWorker.begun
    const { asker: id, job } = worker!.heard[0]!
    a.go()
    expect(worker!.heard.at(-1)).toMatchObject({ kind: 'idle', asker: id })
    worker!.tell({ kind: 'strip', job, input: '', strip: [] })
    expect(a.answers).toEqual([])
    expect(worker!.terminate).not.toHaveBeenCalled()
  })
  it('that could not be fetched tell whoever still waits, and are begun anew', () => {
    const [done, waits] = [asker(), asker()]
    done.ask(strip())
    waits.ask(strip())
    const [worker] = FakeWorker.begun
    worker!.tell({ kind: 'strip', job: worker!.heard[0]!.job, input: '', strip: [] })
    worker!.onerror!({ preventDefault: () => {} })
    expect(done.answers.map(({ kind }) => kind)).toEqual(['strip'])
    expect(waits.answers).toMatchObject([{ kind: 'failed', again: true }])
    waits.ask(strip())
    expect(FakeWorker.begun).toHaveLength(2)
    const { job } = FakeWorker.begun[1]!.heard[0]!
    FakeWorker.begun[1]!.tell({ kind: 'strip', job, input: '', strip: [] })
    expect(waits.answers.at(-1)).toMatchObject({ kind: 'strip', job })
  })
  it('tell what failed to whoever asked for it, forecasts by and by until they are complete', () => {
    const [a, b] = [asker(), asker()]
    a.ask(forecast)
    b.ask(forecast)
    const [worker] = FakeWorker.begun
    const { job } = worker!.heard[0]!
    worker!.tell({ kind: 'forecast', job, complete: false })
    worker!.tell({ kind: 'failed', job, message: 'why' })
    expect(a.answers).toMatchObject([{ complete: false }, { kind: 'failed', message: 'why' }])
    expect(b.answers).toEqual([])
    worker!.onerror!({ preventDefault: () => {} })
    expect(b.answers).toMatchObject([{ again: true }])
  })
})
