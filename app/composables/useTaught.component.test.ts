/** What past runs have taught: by the server where it knows, else by a worker of the device. */
import { registerEndpoint } from '@nuxt/test-utils/runtime'
import { flushPromises } from '@vue/test-utils'
import { readBody } from 'h3'
import { describe, expect, it, vi } from 'vitest'
import { useTaught } from '~/composables/useTaught'
import { readStaging, teachingKey, type StoredRun, type Taught } from '~~/core'
import '~~/core/catalogue/everything'
import { FakeWorker, fakeWorkers } from '../../tests/fake-worker'

fakeWorkers()
const { document } = readStaging({ demonstration: 'can-plunge', title: '' })
const taughtBy = (runs: number): Taught => ({ inputs: [], mean: [], covariance: [], runs, unlike: 0 })
/** Of each test its own: what was learnt once is kept. */
let number = 0
function past(serverSays: (key: string) => unknown) {
  const teacher = { id: `run ${++number}`, demonstration: 'can-plunge' } as StoredRun
  const key = teachingKey(document, [teacher])
  const heard: unknown[] = []
  registerEndpoint('/api/runs/teachers', () => [teacher])
  registerEndpoint('/api/learnt', {
    method: 'POST',
    handler: async event => {
      heard.push(await readBody(event))
      return serverSays(key)
    },
  })
  const scope = effectScope()
  const found = scope.run(() => useTaught(() => document))!
  return { ...found, heard, key, go: () => scope.stop() }
}

describe('what past runs have taught', () => {
  it('is asked of the server once, and of nobody again', async () => {
    const first = past(key => ({ learnt: { about: '', key, taught: taughtBy(1) } }))
    await vi.waitUntil(() => first.ready.value)
    expect(first.taught.value).toEqual(taughtBy(1))
    expect(first.heard).toEqual([{ document }])
    first.take({ about: '', key: 'of another', taught: taughtBy(7) })
    await flushPromises()
    expect(first.taught.value).toEqual(taughtBy(1))
    expect(first.heard).toHaveLength(1)
    expect(FakeWorker.begun).toEqual([])
    first.go()
  })
  it.each([
    ['has too much to do', () => ({})],
    ['knows other runs', () => ({ learnt: { about: '', key: 'of other runs', taught: taughtBy(3) } })],
    [
      'is away',
      () => {
        throw createError({ statusCode: 503 })
      },
    ],
  ])('is worked out on the device where the server %s', async (_, says) => {
    const one = past(says)
    await vi.waitUntil(() => FakeWorker.begun.length > 0)
    expect(one.ready.value).toBe(false)
    const [worker] = FakeWorker.begun
    expect(worker!.heard).toMatchObject([{ kind: 'learn', document, runs: [{ id: `run ${number}` }] }])
    worker!.tell({ kind: 'learn', job: worker!.heard[0]!.job, taught: taughtBy(2) })
    expect([one.ready.value, one.taught.value]).toEqual([true, taughtBy(2)])
    one.go()
  })
})
