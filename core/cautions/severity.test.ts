/** Cautions over all numbers: more danger never makes one milder, each says what decides, and nothing is safe. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import * as cautions from '.'
import { HAZARDS, RULES, type Caution } from '.'
import { CUSTOMARY, METRIC, tell } from '../sentence'

const between = (min: number, max: number) => fc.double({ min, max, noNaN: true })
const NAMED = 'lift'

/** Each caution by the number that makes it worse, with what else it asks for left to chance. */
interface Case {
  name: string
  /** from mild to bad */ range: readonly [mild: number, bad: number]
  others: fc.Arbitrary<readonly number[]>
  make: (danger: number, ...others: readonly number[]) => Caution | undefined
}
const none = fc.constant([] as const)
const CASES: readonly Case[] = [
  {
    name: 'scald, by temperature',
    range: [290, 373],
    others: fc.tuple(between(1e-6, 1e-2)),
    make: (t, v) => cautions.scald(t, v, NAMED),
  },
  { name: 'hot surface', range: [290, 900], others: none, make: t => cautions.hotSurface(t, NAMED) },
  {
    name: 'dry, by the time that is left',
    range: [600, -60],
    others: fc.tuple(between(300, 900), between(0, 0.04)),
    make: (m, t, e) => cautions.boilingDry(m, t, NAMED, { dry: e }),
  },
  {
    name: 'dry, by the share that is',
    range: [0, 1],
    others: fc.tuple(between(31, 600)),
    make: (e, m) => cautions.boilingDry(m, 380, NAMED, { dry: e }),
  },
  {
    name: 'chill',
    range: [0, 180],
    others: fc.tuple(fc.constantFrom(110, 180), between(0, 0.009)),
    make: (c, l, s) => cautions.thermalShock(c, l, s, NAMED),
  },
  {
    name: 'cracked glass',
    range: [0, 1],
    others: fc.tuple(between(0, 60)),
    make: (s, c) => cautions.thermalShock(c, 110, s, NAMED),
  },
  {
    name: 'slam',
    range: [0, 1e7],
    others: fc.tuple(between(1, 500), between(0, 0.009)),
    make: (p, f, s) => cautions.inflowSlam(p, f, s, NAMED),
  },
  {
    name: 'pull on a bottle',
    range: [0, 300],
    others: fc.tuple(between(20, 200), fc.constant(0), between(0.5, 3)),
    make: (p, g, b, l) => cautions.pulledDown(p, g, b, l, NAMED),
  },
  {
    name: 'implosion',
    range: [0, 3000],
    others: fc.tuple(between(1e3, 1e5)),
    make: (e, p) => cautions.glassUnderVacuum(p, e, NAMED),
  },
  { name: 'burst', range: [0, 1], others: none, make: s => cautions.bursts('It', s, NAMED) },
  { name: 'balloons, by age', range: [16, 4], others: none, make: a => cautions.balloons(NAMED, Math.round(a)) },
  { name: 'shatters', range: [0, 1000], others: none, make: e => cautions.shatters(e, NAMED) },
  {
    name: 'lets go',
    range: [20, 0.1],
    others: fc.tuple(between(1, 24)),
    make: (f, m) => cautions.mayLetGo('It', f, m, NAMED),
  },
  {
    name: 'lets go, by what hangs',
    range: [1, 100],
    others: fc.tuple(between(4, 20)),
    make: (m, f) => cautions.mayLetGo('It', f, m, NAMED),
  },
  {
    name: 'lifted by hand',
    range: [0.1, 60],
    others: fc.tuple(fc.constantFrom(6, 25)),
    make: (m, most) => cautions.liftedByHand(m, 11, most, NAMED),
  },
  { name: 'bang', range: [60, 160], others: none, make: l => cautions.bang(l, NAMED) },
  {
    name: 'pressurised',
    range: [0, 6e5],
    others: fc.tuple(between(2e5, 8e5)),
    make: (g, r) => cautions.pressurised(g, r, NAMED),
  },
  { name: 'wet floor', range: [1e-4, 0.1], others: none, make: v => cautions.wetFloor(v, NAMED) },
  { name: 'plunger', range: [0, 300], others: none, make: p => cautions.snapsBack(p, NAMED) },
  { name: 'cap of a syringe', range: [0, 5e5], others: none, make: g => cautions.capFliesOff(g, NAMED) },
]

const LEVEL = { none: 0, usual: 1, raised: 2 } as const
const levelOf = (caution: Caution | undefined): number => LEVEL[caution?.severity ?? 'none']

describe.each(CASES.map(c => [c.name, c] as const))('%s', (_, { range: [mild, bad], others, make }) => {
  const at = between(0, 1)
  const danger = (share: number) => mild + (bad - mild) * share
  it('is never milder where there is more danger, and is raised at the far end', () => {
    fc.assert(
      fc.property(at, at, others, (a, b, rest) => {
        const [less, more] = a < b ? [a, b] : [b, a]
        expect(levelOf(make(danger(more), ...rest))).toBeGreaterThanOrEqual(levelOf(make(danger(less), ...rest)))
      }),
      { seed: 31, numRuns: 200 },
    )
    const [rest] = fc.sample(others, { seed: 32, numRuns: 1 })
    const worst = make(bad, ...rest!)
    // What only says how hot it is has no level above its usual one.
    if (worst!.id !== 'hot-surface') expect(worst!.severity).toBe('raised')
  })
  it('is raised where its own number says so, and says it in both unit systems', () => {
    fc.assert(
      fc.property(at, others, (share, rest) => {
        const caution = make(danger(share), ...rest)
        if (!caution) return
        const { number, severity } = caution
        expect(RULES[caution.id], caution.id).toBeDefined()
        for (const hazard of caution.covers) expect(HAZARDS).toContain(hazard)
        if (number) expect(Number.isFinite(number.value)).toBe(true)
        if (number?.raisedFrom !== undefined) {
          // Of time and of strength too little is the danger, of all else too much.
          const beyond = ['time', 'count'].includes(number.quantity)
            ? number.value < number.raisedFrom
            : number.value > number.raisedFrom
          if (beyond) expect(severity).toBe('raised')
        }
        for (const reader of [METRIC, CUSTOMARY]) {
          const text = `${tell(caution.hazard, reader)} ${tell(caution.control, reader)}`
          expect(text).not.toMatch(/undefined|NaN|Infinity|\bsafe(ly)?\b|\d[eE][-+]?\d/)
          expect(text.length).toBeGreaterThan(30)
        }
        expect(tell(caution.hazard, CUSTOMARY)).not.toMatch(/\d\s?(kPa|MPa|mL|L|kg|N|J|cm|mm|°C)\b/)
      }),
      { seed: 33, numRuns: 100 },
    )
  })
})
