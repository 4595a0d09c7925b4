/** Risks put together: as strict as either, by cases whose answer is plain. */
import { describe, expect, it } from 'vitest'
import { atLeast, atWorst, mayStillGo, riskOf, stricter, type Risk } from './risk'
import type { Simulation } from './simulation'

const risk = (shares: Record<string, number>, dry: number, all: Record<string, number>): Risk => ({
  share: id => shares[id] ?? 0,
  dry,
  quantile: id => all[id],
})
const before = risk({ bursts: 0.02, crush: 0.9 }, 0.01, { distance: 3, force: 100, hush: 90 })
const now = risk({ bursts: 0, fill: 1 }, 0, { distance: 2, force: 400, giveUpTime: 600, speed: 7 })

describe('two risks together', () => {
  it.each([
    [before, now],
    [now, before],
  ])('ask for whatever either asks for', (a, b) => {
    const both = stricter(a, b)
    expect(['bursts', 'crush', 'fill'].map(id => both.share(id))).toEqual([0.02, 0.9, 1])
    expect(both.dry).toBe(0.01)
    expect([atWorst(both, 'distance'), atLeast(both, 'force')]).toEqual([3, 100])
    expect([atWorst(both, 'speed'), atWorst(both, 'none')]).toEqual([7, 0])
  })
  it('wait as long as for the slower, be it one that goes or one that never does', () => {
    expect([mayStillGo(before), mayStillGo(now)]).toEqual([90, 600])
    expect(mayStillGo(stricter(before, now))).toBe(600)
    expect(mayStillGo(stricter(before, risk({}, 0, { giveUpTime: 75 })))).toBe(90)
    expect(mayStillGo(stricter(stricter(now, before), before))).toBe(600)
  })
  it('wait by whole half minutes, never for less, and far longer by one run than by as many draws', () => {
    const run = (results: Record<string, number>) => ({ outcome: 'crush', results, details: {} }) as Simulation
    expect([61, 90, 90.1].map(hush => mayStillGo(risk({}, 0, { hush })))).toEqual([90, 90, 120])
    expect(mayStillGo(riskOf(run({ hush: 21 })))).toBe(210)
    expect(mayStillGo(riskOf(run({ giveUpTime: 100 })))).toBe(300)
    // Beside draws the one run says what it comes to by itself.
    expect(mayStillGo(stricter(riskOf(run({ hush: 21 })), before))).toBe(90)
  })
})
