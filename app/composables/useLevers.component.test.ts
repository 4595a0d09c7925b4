/** Levers from all workers: who tries what, and when they are told. */
import { afterEach, describe, expect, it, vi } from 'vitest'
import { useLevers } from '~/composables/useLevers'
import { readStaging, type AsStated, type Lever } from '~~/core'
import '~~/core/catalogue/everything'
import { FakeWorker, fakeWorkers } from '../../tests/fake-worker'

const { document } = readStaging({ demonstration: 'can-plunge', title: '' })
/** inputs that have a change to try, as the workers tell */
const OF = 5
const asStated: AsStated = { outcomes: [0], cautions: [] }
const lever = (input: string): Lever => ({ input, name: '', from: 0, to: 1, before: 0.5, after: 0.6, dryAfter: 0 })

interface Heard {
  kind: string
  job: number
  asker: number
  nth?: number
  asStated?: AsStated
}
/** What worker `i` was asked last. */
const last = (i: number) => FakeWorker.begun[i]?.heard.at(-1) as Heard | undefined
const asked = () => FakeWorker.begun.flatMap(w => (w.heard as Heard[]).flatMap(({ nth }) => nth ?? []))
const answer = (i: number) => {
  const { job, nth } = last(i)!
  const levers = nth! < OF ? [lever(String(nth))] : []
  FakeWorker.begun[i]!.tell({ kind: 'levers', job, levers, of: OF, asStated })
}

const scopes: { stop: () => void }[] = []
afterEach(() => {
  for (const scope of scopes.splice(0)) scope.stop()
  vi.useRealTimers()
})
function begun() {
  const whole = ref(false)
  const scope = effectScope()
  scopes.push(scope)
  const found = scope.run(() =>
    useLevers(
      () => ({ document, taught: undefined }),
      () => whole.value,
    ),
  )!
  found.leversSeen.value = true
  return { ...found, whole }
}

fakeWorkers()

describe('levers', () => {
  it('are begun by the other worker while the odds are worked out, and by both after them, each input once', () => {
    const { levers, soon, whole } = begun()
    soon()
    soon()
    expect(asked()).toEqual([0])
    answer(0)
    expect(asked()).toEqual([0, 1])
    whole.value = true
    soon()
    expect(FakeWorker.begun).toHaveLength(2)
    // How it stands is not worked out twice.
    expect([last(0), last(1)]).toMatchObject([{ asStated }, { asStated }])
    while (asked().length < OF) answer(1)
    expect(asked().toSorted()).toEqual([0, 1, 2, 3, 4])
    answer(1)
    expect(levers.value).toBeUndefined()
    answer(0)
    expect(levers.value!.map(({ input }) => input)).toEqual(['0', '1', '2', '3', '4'])
    soon()
    expect(asked()).toHaveLength(OF)
  })
  it('of what has changed are ended, and begun anew', () => {
    const { levers, soon, drop, whole } = begun()
    whole.value = true
    soon()
    const before = [last(0)!, last(1)!]
    drop()
    expect([last(0), last(1)]).toMatchObject([{ kind: 'idle', of: ['levers'] }, { kind: 'idle' }])
    soon()
    // What is answered all the same is of before.
    before.forEach(({ job }, i) =>
      FakeWorker.begun[i]!.tell({ kind: 'levers', job, levers: [lever('old')], of: OF, asStated }),
    )
    while (!levers.value) for (const i of [0, 1]) if (last(i)!.kind === 'levers') answer(i)
    expect(levers.value.map(({ input }) => input)).not.toContain('old')
    expect(levers.value).toHaveLength(OF)
  })
  it('that one input fails are told without it, and why', () => {
    const { levers, leverFailure, soon, whole } = begun()
    whole.value = true
    soon()
    FakeWorker.begun[0]!.tell({ kind: 'failed', job: last(0)!.job, message: 'why' })
    expect(leverFailure.value).toBe('why')
    for (let n = 0; !levers.value && n < 2 * OF; n++) answer(n % 2)
    expect(levers.value).toHaveLength(OF - 1)
  })
  it('of a plan that fails itself are not tried on and on', () => {
    const { levers, leverFailure, soon, whole } = begun()
    whole.value = true
    soon()
    for (const i of [0, 1]) FakeWorker.begun[i]!.tell({ kind: 'failed', job: last(i)!.job, message: 'why' })
    expect([asked().length, leverFailure.value, levers.value]).toEqual([2, 'why', undefined])
  })
  it('are tried again after ten seconds where what computes could not be fetched', () => {
    vi.useFakeTimers()
    const { levers, leverFailure, soon, whole } = begun()
    whole.value = true
    soon()
    FakeWorker.begun[0]!.onerror!({ preventDefault: () => {} })
    vi.advanceTimersByTime(9000)
    const before = asked().length
    vi.advanceTimersByTime(2000)
    expect(asked().slice(before)).toHaveLength(2)
    expect([levers.value, leverFailure.value]).toEqual([undefined, ''])
  })
  it('are none where there is nothing to change', () => {
    const { levers, soon, whole } = begun()
    whole.value = true
    soon()
    for (const i of [0, 1]) FakeWorker.begun[i]!.tell({ kind: 'levers', job: last(i)!.job, levers: [], of: 0 })
    expect(levers.value).toEqual([])
  })
  it('are not begun before somebody looks at them, for ten seconds', () => {
    vi.useFakeTimers()
    const { soon, whole, leversSeen } = begun()
    leversSeen.value = false
    soon()
    whole.value = true
    soon()
    vi.advanceTimersByTime(9000)
    expect(asked()).toEqual([])
    vi.advanceTimersByTime(2000)
    expect(asked()).toHaveLength(2)
  })
})
