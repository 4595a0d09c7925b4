/**
 * A scripted learner who does everything right succeeds as often as the forecast says; one with a mistake is found
 * out. Every steam, hot-air and pumped demonstration.
 */
import { afterAll, describe, expect, test } from 'vitest'
import { attemptAt, perform, PLAN_ONLY, valuesOf } from '../../tests/scripted-learner'
import { DEMONSTRATIONS } from '../catalogue/everything'
import type { Demonstration, QuantityInput } from '../demonstration'
import { StagingSample } from '../forecast'
import { againWith, spansDone } from './attempt'
import { debriefOf, drawOf, faultsOfAmounts, truthOf } from '.'

const PRACTISED = DEMONSTRATIONS.filter(d => ['steam', 'hot-air', 'vacuum'].includes(d.gallery.family))
const ATTEMPTS = 80
const NOTHING_STATED = { numbers: {}, choices: {}, spreads: {} }

/** Plans whose odds are neither 0 nor 1 tell most: one number of the plan, changed until they are. */
function doubtful(d: Demonstration): Record<string, number> {
  const values = valuesOf(d)
  for (const input of d.inputs) {
    if (input.kind !== 'quantity' || !input.lever) continue
    const plan = values.numbers[input.id]!
    for (const factor of [0.1, 0.25, 0.5, 2, 4, 8]) {
      const numbers = { [input.id]: Math.min(input.range[1], Math.max(input.range[0], plan * factor)) }
      try {
        const share = wantedShare(d, numbers, 24)
        if (share > 0.15 && share < 0.85) return numbers
      } catch {
        /* the plan does not bear it */
      }
    }
  }
  return {}
}
function wantedShare(d: Demonstration, numbers: Record<string, number>, size: number): number {
  const sample = new StagingSample(d, { ...NOTHING_STATED, numbers }, size)
  while (!sample.advance(size));
  const wanted = d.outcomes.findIndex(o => o.id === d.wanted)
  return sample.outcomes.filter(o => o === wanted).length / size
}

describe('does everything right: succeeds as often as the forecast says', () => {
  test.each(PRACTISED.map(d => [d.id, d] as const))('%s', (_, d) => {
    const numbers = doubtful(d)
    const forecast = wantedShare(d, numbers, 250)
    let count = 0
    for (let seed = 1; seed <= ATTEMPTS; seed++) {
      const s = attemptAt(d, PLAN_ONLY, seed, numbers)
      if (d.simulate(truthOf(s, perform(s), drawOf(s), 1e6), 'summary').outcome === d.wanted) count++
    }
    // Three standard errors of both counts, and never less than one attempt.
    const error = Math.sqrt(Math.max(forecast * (1 - forecast), 0.02) * (1 / ATTEMPTS + 1 / 250))
    expect(Math.abs(count / ATTEMPTS - forecast)).toBeLessThan(3 * error)
  })
})

/** Ways to do each thing wrong that cost most of the odds: half and less, or four times and more, of what is usual. */
function mistakesOf(d: Demonstration) {
  const s = attemptAt(d, PLAN_ONLY, 1)
  const inputs = [...s.spans.map(x => x.input), ...s.acts.flatMap(a => a.amounts.map(i => i.id))]
  return inputs.flatMap(id => {
    const spec = d.inputs.find((i): i is QuantityInput => i.id === id && i.kind === 'quantity')!
    const plan = s.values.numbers[id]!
    return [
      Math.max(spec.range[0], spec.usual[0] * 0.5, 0.05 * plan),
      Math.min(spec.range[1], Math.max(spec.usual[1], 4 * plan)),
    ].flatMap(instead => {
      const poured = s.acts.some(a => a.amounts.some(i => i.id === id))
      if (poured && faultsOfAmounts(s, [], { [id]: instead }).length > 0) return []
      let [right, wrong] = [0, 0]
      for (let seed = 1; seed <= 12; seed++) {
        const one = attemptAt(d, PLAN_ONLY, seed)
        const done = perform(one, { input: id, instead })
        if (d.simulate(truthOf(one, done, drawOf(one), 1e6), 'summary').outcome === d.wanted) wrong++
        if (d.simulate(againWith(one, {}, {}, drawOf(one), 0), 'summary').outcome === d.wanted) right++
      }
      return right - wrong >= 6 ? [{ input: id, instead }] : []
    })
  })
}

describe('one mistake: the debrief finds it', () => {
  const made = new Set<string>()
  afterAll(() => {
    // Most demonstrations have one that costs the odds, or this would check nothing.
    expect(made.size).toBeGreaterThan(PRACTISED.length / 2)
  })
  test.each(PRACTISED.map(d => [d.id, d] as const))('%s', async (_, d) => {
    for (const mistake of mistakesOf(d)) {
      made.add(d.id)
      let found = 0
      for (let seed = 1; seed <= 10; seed++) {
        const s = attemptAt(d, PLAN_ONLY, seed + 100)
        const { deviations } = await debriefOf(s, perform(s, mistake), 1e6, 16)
        if (deviations[0]?.input === mistake.input) found++
      }
      expect(found, `${mistake.input} ${mistake.instead}`).toBeGreaterThanOrEqual(8)
    }
  })
  test('lifted before the plume: told with how long before', async () => {
    const d = PRACTISED.find(x => x.id === 'can-plunge')!
    const s = attemptAt(d, PLAN_ONLY, 9)
    const done = perform(s, { input: 'purgeTime', instead: -15 })
    expect(spansDone(s, done, undefined).purgeTime).toBeUndefined()
    const b = await debriefOf(s, done, 1e6, 16)
    expect(b.deviations[0]!.input).toBe('purgeTime')
    expect(b.deviations[0]!.done).toBeLessThan(-10)
  })
})
