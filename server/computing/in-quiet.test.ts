import { afterEach, beforeEach, expect, it, vi } from 'vitest'

let busy = 0
vi.mock('./thread', () => ({ atWork: () => busy }))
beforeEach(() => {
  busy = 0
  vi.resetModules()
  vi.useFakeTimers()
})
afterEach(() => void vi.useRealTimers())

it('is done one after the other, and while somebody waits not at all', async () => {
  const { inQuiet, waitsForQuiet } = await import('./in-quiet')
  const done: string[] = []
  const work = (name: string) => () => {
    done.push(name)
    return Promise.resolve()
  }
  inQuiet('a', work('a'))
  inQuiet('b', work('b'))
  inQuiet('a', work('a, asked again'))
  busy = 1
  await vi.advanceTimersByTimeAsync(60_000)
  expect(done).toEqual([])
  busy = 0
  await vi.advanceTimersByTimeAsync(6000)
  expect(done).toEqual(['a, asked again'])
  expect([waitsForQuiet('a'), waitsForQuiet('b')]).toEqual([false, true])
  await vi.advanceTimersByTimeAsync(60_000)
  expect(done).toEqual(['a, asked again', 'b'])
})
it('gives up the oldest of too many', async () => {
  const { inQuiet, waitsForQuiet } = await import('./in-quiet')
  for (let i = 0; i < 25; i++) inQuiet(`${i}`, () => Promise.resolve())
  expect(Array.from({ length: 25 }, (_, i) => waitsForQuiet(`${i}`)).indexOf(true)).toBe(5)
})
