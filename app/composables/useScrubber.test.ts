import { describe, expect, it, vi } from 'vitest'
import * as vue from 'vue'

// What Nuxt imports by itself in the application.
for (const name of ['ref', 'computed', 'onScopeDispose'] as const) vi.stubGlobal(name, vue[name])
vi.stubGlobal('cancelAnimationFrame', () => {})
const { useScrubber } = await import('./useScrubber')

const STAGES = [
  { id: 'heat', name: 'heat', start: 0, end: 60 },
  { id: 'hush', name: 'hush', start: 60, end: 60.05 },
  { id: 'crush', name: 'crush', start: 60.05, end: 60.1 },
]

describe('scrubber', () => {
  const scope = vue.effectScope()
  const scrubber = scope.run(() => useScrubber(() => STAGES))!
  it('gives each stage the same length', () => {
    scrubber.position.value = 0.5
    expect(scrubber.time.value).toBe(30)
    scrubber.position.value = 1.5
    expect(scrubber.time.value).toBeCloseTo(60.025, 12)
    expect(scrubber.stageIndex.value).toBe(1)
  })
  it('stays within the trace', () => {
    scrubber.position.value = 9
    expect(scrubber.time.value).toBeCloseTo(60.1, 12)
    expect(scrubber.stageIndex.value).toBe(2)
    scrubber.position.value = -1
    expect(scrubber.time.value).toBe(0)
  })
  it('moves to a time and back to the same place', () => {
    for (const time of [0, 12, 60, 60.01, 60.07, 60.1, 99]) {
      scrubber.moveTo(time)
      expect(scrubber.time.value).toBeCloseTo(Math.min(time, 60.1), 9)
    }
  })
})
