/** Rules that hold for every demonstration, its choices and 200 draws each. */
import { describe, expect, it } from 'vitest'
import { CRACKS_REFUSED, HAZARDS, RULES, SCALDS, TOUCHABLE, scald, type Hazard } from '../cautions'
import { latinHypercube } from '../forecast/latin-hypercube'
import { pullLevers, riskOfForecast, StagingSample, summarise } from '../forecast'
import { DEMONSTRATIONS, findDemonstration } from './everything'
import {
  adviceOf,
  cautionsOf,
  endangers,
  failuresOf,
  hazardsOf,
  isBlank,
  partsOf,
  resolve,
  riskOf,
  type Demonstration,
  type Given,
  type Simulation,
  type Values,
} from '../demonstration'
import { REFUSALS } from './refusals'
import { borneChill, shareCracked } from './steam/glass-checks'
import { METRIC, tell, type Sentence } from '../sentence'

const plain = (sentence: Sentence): string => tell(sentence, METRIC)

const DRAWS = 200
/** Draws for each lever: what is compared is the same draws on both sides. */
const LEVER_DRAWS = 20
interface Staged {
  values: Values
  s: Simulation
}
/** All rules are held against the same draws, which are simulated once. */
const staged = new Map<string, readonly Staged[]>()
function stagings(d: Demonstration): readonly Staged[] {
  let known = staged.get(d.id)
  if (!known) {
    known = drawn(d)
    staged.set(d.id, known)
  }
  return known
}
/** Every combination with one choice other than usual, each with its share of the draws over the usual ranges. */
function drawn(d: Demonstration): Staged[] {
  const choices = [{}, ...d.inputs.flatMap(i => (i.kind === 'choice' ? i.choices.map(c => ({ [i.id]: c.id })) : []))]
  const points = latinHypercube(DRAWS, d.inputs.length, 5)
  return Array.from({ length: DRAWS }, (_, i) => {
    const numbers: Record<string, number> = {}
    d.inputs.forEach((input, column) => {
      if (input.kind !== 'quantity' || (i + column) % 3 === 0 || i < choices.length) return
      const [low, high] = input.usual
      numbers[input.id] = low + (high - low) * points[i * d.inputs.length + column]
    })
    return resolve(d, { numbers, choices: choices[i % choices.length] })
  })
    .filter(r => r.faults.length === 0)
    .map(({ values }) => ({ values, s: d.simulate(values, 'summary') }))
}
const place = (d: Demonstration, step: string): number => d.procedure.findIndex(p => p.id === step)
const each = DEMONSTRATIONS.map(d => [d.id, d] as const)
/** What must be confirmed before: the others are answered by a caution alone. */
const GATED: readonly Hazard[] = [
  'flame',
  'pressure',
  'projectile',
  'closed-hot-vessel',
  'glass-under-difference',
  'fuel',
  'chilled-glass',
  'load',
]

describe('every staging', () => {
  it.each(each)(
    '%s: every hazard of a step has its caution there or before, every caution its rule and a control',
    (_, d) => {
      for (const { values, s } of stagings(d)) {
        const cautions = cautionsOf(d, values, s)
        for (const step of d.procedure) {
          for (const hazard of hazardsOf(step, values)) {
            expect(HAZARDS).toContain(hazard)
            const covered = cautions.some(c => c.covers.includes(hazard) && place(d, c.step) <= place(d, step.id))
            expect(covered, `${step.id}: ${hazard} ${JSON.stringify(values.choices)}`).toBe(true)
          }
        }
        for (const c of cautions) {
          expect(RULES[c.id], c.id).toBeDefined()
          expect(place(d, c.step), `${c.id} at ${c.step}`).toBeGreaterThanOrEqual(0)
          expect(plain(c.control).length, c.id).toBeGreaterThan(15)
          expect(`${plain(c.hazard)} ${plain(c.control)}`, c.id).not.toMatch(
            /\bsafe(ly)?\b|undefined|NaN|Infinity|keeps it from getting dangerous/,
          )
          expect(Number.isFinite(c.number?.value ?? 0), c.id).toBe(true)
        }
      }
    },
  )
  it.each(each)('%s: every gate stands before the act that it guards, and where it can still be confirmed', (_, d) => {
    const sealed = d.procedure.findIndex(p => p.marks?.includes('sealed'))
    for (const gate of d.gates) {
      expect(place(d, gate.step), plain(gate.text)).toBeGreaterThanOrEqual(0)
      expect(place(d, gate.step), `${plain(gate.text)} after the hush has begun`).toBeLessThanOrEqual(sealed)
    }
    for (const { values } of stagings(d)) {
      for (const hazard of GATED) {
        const first = d.procedure.findIndex(p => hazardsOf(p, values).includes(hazard))
        if (first < 0) continue
        const guards = d.gates.filter(g => g.guards.includes(hazard))
        expect(guards.length, `${hazard} has no gate`).toBeGreaterThan(0)
        for (const g of guards)
          expect(place(d, g.step), `${plain(g.text)} comes after ${hazard}`).toBeLessThanOrEqual(first)
      }
    }
  })
  it.each(each)(
    '%s: each end but the wanted one has its own acts, and nobody goes near before the pressure is off',
    (_, d) => {
      for (const { values, s } of stagings(d)) {
        const failures = failuresOf(d, values, s)
        expect(failures.map(f => f.outcome).sort()).toEqual(
          d.outcomes
            .map(o => o.id)
            .filter(o => o !== d.wanted)
            .sort(),
        )
        for (const { outcome, acts } of failures) {
          expect(['stand-back', 'wait', 'heat-off', 'pressure-off'], `${outcome}: ${plain(acts[0].text)}`).toContain(
            acts[0].kind,
          )
          const off = acts.findIndex(a => a.kind === 'pressure-off')
          expect(off, outcome).toBeGreaterThanOrEqual(0)
          const near = acts.findIndex(a => a.kind === 'near')
          if (near >= 0) expect(near, `${outcome}: ${plain(acts[near].text)}`).toBeGreaterThan(off)
          for (const a of acts) expect(plain(a.text)).not.toMatch(/\bsafe\b|undefined|NaN/)
          // What can be undone by hand is no answer to broken glass, nor broken glass to what only stood there.
          expect(
            acts.some(a => /large pieces with tongs/.test(plain(a.text))),
            outcome,
          ).toBe(outcome === 'crack')
        }
        expect(
          new Set(failures.map(f => f.acts.map(a => plain(a.text)).join())).size,
          'the same words for two ends',
        ).toBe(failures.length)
      }
    },
  )
  it.each(each)('%s: no advice is refused or raises a caution', (_, d) => {
    for (const { values, s } of stagings(d)) {
      const before = d.cautions(values, s, riskOf(s))
      for (const { take, text } of adviceOf(d, values, s)) {
        expect(plain(text)).not.toMatch(/undefined|NaN/)
        if (!take) continue
        const taken = resolve(d, { numbers: { ...values.numbers, [take.input]: take.value }, choices: values.choices })
        expect(taken.faults, plain(text)).toEqual([])
        const after = d.simulate(taken.values, 'summary')
        expect(endangers(before, d.cautions(taken.values, after, riskOf(after))), plain(text)).toBe(false)
      }
    }
  })
  it.each(each)(
    '%s: sentences have no blank of a way that is not taken, nothing of nought and no unknown input',
    (_, d) => {
      for (const { values } of stagings(d)) {
        for (const step of d.procedure) {
          const words = partsOf(step, values)
            .map(p => (!isBlank(p) ? plain(p) : (values.numbers[p.input] ?? values.choices[p.input] ?? `¿${p.input}`)))
            .join('')
          expect(words, step.id).not.toMatch(/¿|undefined|NaN/)
          expect(words, step.id).not.toMatch(/ and 0 of| with 0 of|^0 | 0 went into/)
        }
        for (const line of d.kit(values)) expect(plain(line)).not.toMatch(/\b0 (g|kg|mL|L)\b/)
      }
      for (const { values, s } of stagings(d))
        for (const line of d.why(values, s)) expect(plain(line)).not.toMatch(/^0(\.0)? (g|kg)|undefined|NaN/)
    },
  )
  it.each(each)('%s: no lever is refused, or raises a caution', async (_, d) => {
    const cautionsAt = (numbers: Given['numbers'], choices: Given['choices']) => {
      const { values, faults } = resolve(d, { numbers, choices })
      expect(faults).toEqual([])
      const sample = new StagingSample(d, { numbers, choices, spreads: {} }, LEVER_DRAWS, 3)
      sample.advance(LEVER_DRAWS)
      return cautionsOf(d, values, d.simulate(values, 'summary'), riskOfForecast(summarise(sample)))
    }
    // As it stands, and with other numbers and choices.
    const some = [
      { numbers: {}, choices: {} },
      ...stagings(d)
        .filter((_, i) => i % 100 === 17)
        .map(({ values }) => ({ numbers: { ...values.numbers }, choices: { ...values.choices } })),
    ]
    for (const given of some) {
      const before = cautionsAt(given.numbers, given.choices)
      const { levers } = await pullLevers(d, { ...given, spreads: {} }, { samples: LEVER_DRAWS, seed: 3 })
      for (const { input, name, to } of levers) {
        const after =
          typeof to === 'string'
            ? cautionsAt(given.numbers, { ...given.choices, [input]: to })
            : cautionsAt({ ...given.numbers, [input]: to }, given.choices)
        expect(endangers(before, after), `${name} to ${to}`).toBe(false)
      }
    }
  })
})

describe('what is refused', () => {
  it.each(REFUSALS.map(r => [r.demonstration, r.when, r] as const))('%s: %s', (id, _, { input, example }) => {
    const d = findDemonstration(id)!
    expect(resolve(d, { numbers: {}, choices: {} }).faults).toEqual([])
    const { faults } = resolve(d, { numbers: { ...example.numbers }, choices: { ...example.choices } })
    expect(faults.map(f => f.input)).toContain(input)
    expect(plain(faults.find(f => f.input === input)!.message)).toMatch(/given .*(refused|accepted): /)
  })
  it(
    'a relief is refused where twice its setting would build up, and the accepted one holds it near ' +
      'its setting in nearly all draws',
    () => {
      const d = findDemonstration('drum-reinflate')!
      for (const heaterPower of [3000, 6000, 12000]) {
        const tooSmall = resolve(d, { numbers: { heaterPower, reliefOpening: 5e-6 }, choices: {} })
        expect(tooSmall.faults[0].input).toBe('reliefOpening')
        const needed = Number(/at least ([\d.]+)/.exec(plain(tooSmall.faults[0].message))![1]) * 1e-6
        const { values, faults } = resolve(d, { numbers: { heaterPower, reliefOpening: needed * 1.01 }, choices: {} })
        expect(faults).toEqual([])
        expect(d.simulate(values, 'summary').results.peakGaugePressure! / values.numbers.reliefSetting!).toBeLessThan(
          1.3,
        )
      }
    },
  )
})

describe('chilled glass', () => {
  it('cracks in half where the chill is what it usually bears, and in 2 of 100 at the chill that is refused', () => {
    expect(shareCracked(110, 110)).toBeCloseTo(0.5, 9)
    expect(shareCracked(borneChill(110), 110)).toBeCloseTo(CRACKS_REFUSED, 4)
    expect(shareCracked(0, 110)).toBe(0)
  })
})

describe('scalds', () => {
  it(
    'follow the temperature: nothing below what may be touched, raised from 60 °C, alike for kettle, ' +
      'bath and steam',
    () => {
      expect(scald(TOUCHABLE - 0.1, 1e-3, 'a')).toBeUndefined()
      expect(scald(SCALDS - 0.1, 1e-3, 'a')!.severity).toBe('usual')
      expect(scald(SCALDS, 1e-6, 'a')!.severity).toBe('raised')
      expect(plain(scald(368.15, 2e-3, 'a')!.hazard)).toContain('95 °C')
      expect(plain(scald(368, 2e-3, 'a')!.control)).toContain('20 minutes')
    },
  )
  it('a bath of 95 °C under a can raises a caution; a cold one none', () => {
    const d = findDemonstration('can-plunge')!
    const at = (bathTemperature: number) => {
      const { values } = resolve(d, { numbers: { bathTemperature, iceMass: 0 }, choices: {} })
      return cautionsOf(d, values, d.simulate(values, 'summary')).find(c => c.id === 'scald-bath')
    }
    expect(at(368.15)!.severity).toBe('raised')
    expect(at(283.15)).toBeUndefined()
  })
})
