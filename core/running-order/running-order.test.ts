import { beforeAll, describe, expect, it } from 'vitest'
import { DEMONSTRATIONS } from '../catalogue/everything'
import { resolve } from '../demonstration'
import {
  actOf,
  breaks,
  byHand,
  clashes,
  fitsShow,
  mends,
  planShow,
  type Act,
  type SolveProgramme,
  type Stagecraft,
} from '.'
import { integerProgrammer } from '../../server/integer-programming/highs'
import { METRIC, tell, type Sentence } from '../sentence'

const plain = (sentence: Sentence): string => tell(sentence, METRIC)

let solve: SolveProgramme
beforeAll(async () => {
  solve = await integerProgrammer()
})
const act = (id: string, more: Partial<Act> = {}): Act => ({
  id,
  title: id,
  heating: 200,
  wait: 60,
  early: 0,
  show: 40,
  talk: 30,
  ...more,
})
const TWO: Stagecraft = { heaters: 2, hands: 2, before: 600 }

/** Earliest lifts in this order over every way to share the heaters out, by trying them all. */
function bruteForce(acts: readonly Act[], { heaters, before }: Stagecraft): number {
  let best = Infinity
  for (let code = 0; code < heaters ** acts.length; code++) {
    const free = new Array<number>(heaters).fill(-before)
    let done = 0
    let sum = 0
    acts.forEach((a, i) => {
      const heater = Math.floor(code / heaters ** i) % heaters
      const lift = Math.max(done + a.talk, a.heating > 0 ? free[heater] + a.heating : 0)
      if (a.heating > 0) free[heater] = lift + 20
      done = lift + a.show
      sum += lift
    })
    best = Math.min(best, sum)
  }
  return best
}

describe('a show on one clock', () => {
  it('is as early as any way to share the heaters allows (every way tried, 40 seeded cases)', () => {
    let state = 5
    const chance = () => (state = (state * 16807) % 2147483647) / 2147483647
    for (let n = 0; n < 40; n++) {
      const acts = Array.from({ length: 2 + (n % 4) }, (_, i) =>
        act(String(i), {
          heating: chance() < 0.25 ? 0 : Math.round(60 + 500 * chance()),
          show: Math.round(10 + 80 * chance()),
          talk: Math.round(60 * chance()),
        }),
      )
      const stage = { heaters: 1 + (n % 3), hands: 2, before: Math.round(300 * chance()) }
      const plan = planShow(acts, stage, solve)!
      expect(plan.acts.reduce((sum, a) => sum + a.lift, 0)).toBeCloseTo(bruteForce(acts, stage), 1)
      expect(breaks(acts, plan.acts, stage)).toEqual([])
    }
  })
  it('is proven best for twenty acts, whoever helps, and never worse with another pair of hands', () => {
    let state = 11
    const chance = () => (state = (state * 16807) % 2147483647) / 2147483647
    for (let n = 0; n < 4; n++) {
      let clock = 0
      const acts = Array.from({ length: 20 }, (_, i) => {
        const [show, talk] = [40 + 100 * chance(), 30 + 60 * chance()]
        const target = (clock += 1.3 * (show + talk)) - show
        const heating = chance() < 0.2 ? 0 : 120 + 700 * chance()
        return act(String(i), {
          show,
          talk,
          heating,
          wait: heating ? 300 * chance() : 0,
          ...(chance() < 0.6 && { target }),
        })
      })
      const two = planShow(acts, { heaters: 4, hands: 2, before: 600 }, solve, 30)!
      const one = planShow(acts, { heaters: 4, hands: 1, before: 600 }, solve, 30)!
      expect([two.unproven, one.unproven]).toEqual([0, 0])
      expect(one.missed).toBeGreaterThan(two.missed - 1)
      for (const [plan, hands] of [
        [two, 2],
        [one, 1],
      ] as const)
        expect(breaks(acts, plan.acts, { heaters: 4, hands, before: 600 })).toEqual([])
    }
  })
  it('is found at once, and can be performed, whatever the times and hands (300 seeded cases, no solver)', () => {
    let state = 23
    const chance = () => (state = (state * 16807) % 2147483647) / 2147483647
    for (let n = 0; n < 300; n++) {
      const acts = Array.from({ length: 1 + (n % 9) }, (_, i) => {
        const wait = 200 * chance() * chance()
        const times = { heating: chance() < 0.2 ? 0 : 700 * chance(), wait, early: Math.min(20, wait / 2) }
        return act(String(i), {
          ...times,
          ...{ show: 120 * chance(), talk: 90 * chance() },
          ...(chance() < 0.5 && { target: 1500 * chance() }),
        })
      })
      const stage = { heaters: 1 + (n % 3), hands: 1 + (n % 2), before: 900 * chance() }
      expect(breaks(acts, planShow(acts, stage, () => undefined)!.acts, stage)).toEqual([])
    }
  })
  it('can be performed where nothing better was found in time, and says by how much it might be worse', () => {
    const acts = [act('a', { target: 40 }), act('b', { target: 90 }), act('c', { target: 150, heating: 500 })]
    for (const hands of [1, 2]) {
      const stage = { heaters: 1, hands, before: 200 }
      const quick = planShow(acts, stage, () => undefined)!
      const best = planShow(acts, stage, solve)!
      expect(breaks(acts, quick.acts, stage)).toEqual([])
      expect(best.missed).toBeGreaterThanOrEqual(quick.missed - quick.unproven - 1)
      expect(best.missed).toBeLessThanOrEqual(quick.missed + 1e-6)
    }
  })
  it('meets targets that can be met, with every vessel ready on its cue and none dry', () => {
    const acts = [act('a', { target: 120 }), act('b', { target: 420 }), act('c', { target: 700, heating: 350 })]
    const plan = planShow(acts, TWO, solve)!
    expect(plan.acts.map(a => a.lift)).toEqual([120, 420, 700])
    expect(fitsShow(plan)).toBe(true)
    for (const [i, p] of plan.acts.entries()) expect(p.lift - p.ready).toBeLessThanOrEqual(acts[i].wait + 1e-6)
    expect(breaks(acts, plan.acts, TWO)).toEqual([])
  })
  it(
    'two on one heater, 100 s apart, miss by what heating and changing take (by hand: 120 s); it says ' +
      'who clashes and what mends it',
    () => {
      const acts = [act('first', { target: 300 }), act('second', { target: 400 })]
      const one = { heaters: 1, hands: 2, before: 600 }
      const plan = planShow(acts, one, solve)!
      expect(plan.missed).toBeCloseTo(120, 3)
      expect(clashes(acts, plan, one).map(plain).join(' ')).toMatch(
        /second has to wait for a heater: first is on it|first would have to come/,
      )
      expect(mends(acts, one, solve, plan)[0]).toEqual({ text: 'one more heater', missed: 0 })
    },
  )
  it('what is not ready before its target is told, and an earlier start mends it', () => {
    const acts = [act('drum', { heating: 900, target: 60 })]
    const stage = { heaters: 1, hands: 1, before: 600 }
    const plan = planShow(acts, stage, solve)!
    expect(plan.acts[0].off).toBeCloseTo(240, 3)
    expect(plain(clashes(acts, plan, stage)[0])).toMatch(
      /drum needs 15 min on the heat and can't be ready before \(4 min late\)/,
    )
    expect(
      mends(acts, stage, solve, plan).some(m => plain(m.text) === 'heaters on 5 min earlier' && m.missed < 1),
    ).toBe(true)
  })
  it('says what is not over when the lesson is; nothing of a lesson that is long enough', () => {
    const acts = [act('a'), act('b'), act('c')]
    const plan = planShow(acts, TWO, solve)!
    const [, b, c] = plan.acts
    const told = (length: number) => clashes(acts, plan, { ...TWO, length }).map(plain)
    expect(told(c.done)).toEqual([])
    expect(clashes(acts, plan, TWO)).toEqual([])
    expect(told(c.done - 40)).toEqual([
      expect.stringMatching(/^c does not fit into .*: it is over 40 s after the end\.$/),
    ])
    const short = told(b.done - 10)
    expect(short.map(line => line.slice(0, 15))).toEqual(['b does not fit ', 'c does not fit '])
    expect(short[1]).toMatch(/it would begin|it is over/)
  })
  it('is told to ten seconds, and no limit later than it is', () => {
    for (let s = 0; s < 300; s += 7) {
      expect(Math.abs(byHand(s) - s)).toBeLessThanOrEqual(5)
      expect(byHand(s, true)).toBeLessThanOrEqual(s)
      expect([byHand(s) % 10, byHand(s, true) % 10]).toEqual([0, 0])
    }
  })
  it('puts each vessel on a heater like its own, and says which is missing', () => {
    const acts = [act('can', { power: 1200 }), act('drum', { power: 6500 }), act('tin', { power: 1250 })]
    const stage = { heaters: 2, hands: 2, before: 600, powers: [6500, 1200] }
    const plan = planShow(acts, stage, solve)!
    expect(plan.acts.map(a => a.heater)).toEqual([1, 0, 1])
    expect(breaks(acts, plan.acts, stage)).toEqual([])
    const without = { ...stage, powers: [1200, 1200] }
    expect(planShow(acts, without, solve)).toBeUndefined()
    expect(clashes(acts, undefined, without).map(plain)).toEqual(['drum needs a heater of 6.5 kW, and there is none'])
    expect(mends(acts, without, solve, undefined).map(m => plain(m.text))).toContain('one more heater of 6.5 kW')
  })
  it('one pair of hands puts nothing on the heat during a show; without a heater there is no plan', () => {
    const acts = [act('a', { heating: 0, target: 100, show: 200, talk: 10 }), act('b', { heating: 150, target: 330 })]
    const alone = planShow(acts, { heaters: 1, hands: 1, before: 0 }, solve)!
    expect(breaks(acts, alone.acts, { heaters: 1, hands: 1, before: 0 })).toEqual([])
    const b = alone.acts[1]
    expect(b.heatOn <= 80 + 1e-6 || b.heatOn >= alone.acts[0].done - 1e-6).toBe(true)
    expect(planShow(acts, { heaters: 0, hands: 1, before: 0 }, solve)).toBeUndefined()
    expect(clashes(acts, undefined, { heaters: 0, hands: 1, before: 0 }).map(plain)).toEqual([
      'b needs a heater, and there is none',
    ])
  })
  it('a bar moved by hand that breaks something says what', () => {
    const acts = [act('a'), act('b')]
    const plan = planShow(acts, TWO, solve)!
    const early = plan.acts.map((p, i) => (i === 1 ? { ...p, lift: p.lift - 60, done: p.done - 60 } : p))
    expect(breaks(acts, early, TWO)).toContain('b: the presenter is still with a')
    const dry = plan.acts.map((p, i) => (i === 1 ? { ...p, lift: p.lift + 500 } : p))
    expect(breaks(acts, dry, TWO)).toContain('b: stands on the heat longer than its water lasts')
    const unripe = plan.acts.map((p, i) => (i === 0 ? { ...p, heatOn: p.heatOn + 50 } : p))
    expect(breaks(acts, unripe, TWO)).toContain('a: lifted before it is ready')
  })
  it('takes every demonstration as an act', () => {
    for (const d of DEMONSTRATIONS) {
      const { values } = resolve(d, { numbers: {}, choices: {} })
      const a = actOf('x', d.name, d, values, d.simulate(values, 'trace'), 30)
      for (const [key, x] of Object.entries(a))
        if (typeof x === 'number') expect(Number.isFinite(x) && x >= 0, `${d.id} ${key}`).toBe(true)
      expect(a.show).toBeGreaterThan(5)
    }
  })
  it('twelve on three heaters', () => {
    const acts = Array.from({ length: 12 }, (_, i) =>
      act(`act ${i}`, { heating: i % 4 === 3 ? 0 : 120 + ((i * 97) % 400), wait: 120, target: 300 + i * 260 }),
    )
    const plan = planShow(acts, { heaters: 3, hands: 1, before: 900 }, solve)!
    expect(breaks(acts, plan.acts, { heaters: 3, hands: 1, before: 900 })).toEqual([])
    expect(fitsShow(plan)).toBe(true)
  })
})
