import { describe, expect, it } from 'vitest'
import { drawnStagings } from '../../tests/drawn-stagings'
import { predict } from '../formats'
import { DEMONSTRATIONS, findDemonstration } from './everything'
import { METRIC, tell, type Sentence } from '../sentence'
import { adviceOf, largestVolume, particlesAt, resolve, sentencesOf, type Demonstration } from '../demonstration'

const plain = (sentence: Sentence): string => tell(sentence, METRIC)
const of = (id: string): Demonstration => findDemonstration(id)!
type Changes = { numbers?: Record<string, number>; choices?: Record<string, string> }

describe('every demonstration', () => {
  it.each(DEMONSTRATIONS.map(d => d.id))(
    '%s predicts from its id alone, and survives the ends of its usual ranges',
    id => {
      const document = predict({ demonstration: id }, { samples: 40 })
      expect(Object.values(document.forecast!.outcomes).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9)
      const d = of(id)
      for (const input of d.inputs) {
        const tries: Changes[] =
          input.kind === 'quantity'
            ? input.usual.map(v => ({ numbers: { [input.id]: v } }))
            : input.choices.map(c => ({ choices: { [input.id]: c.id } }))
        for (const { numbers = {}, choices = {} } of tries) {
          const { values, faults } = resolve(d, { numbers, choices })
          if (faults.length) continue
          const s = d.simulate(values, 'summary')
          expect(d.outcomes.some(o => o.id === s.outcome)).toBe(true)
          for (const [key, value] of Object.entries(s.results))
            expect(Number.isFinite(value), `${id} ${JSON.stringify(numbers)}${JSON.stringify(choices)} ${key}`).toBe(
              true,
            )
        }
      }
    },
  )
  it.each(DEMONSTRATIONS.map(d => d.id))(
    '%s survives stagings drawn at random over all it accepts, ledger and window included',
    id => {
      const d = of(id)
      let tried = 0
      const drawn = drawnStagings(d, 90, 7, (i, column) => ((i + column) % 6 === 1 ? 'range' : 'usual'))
      for (const [i, given] of drawn.entries()) {
        const { values, faults } = resolve(d, given)
        if (faults.length) continue
        tried++
        const s = d.simulate(values, 'trace')
        for (const [key, value] of Object.entries(s.results))
          expect(Number.isFinite(value), `${key} ${JSON.stringify(given)}`).toBe(true)
        const { rows, difference } = d.ledger(s)
        expect(Math.abs(rows.reduce((sum, r) => sum + r.pressure, 0) - difference)).toBeLessThan(1e-3)
        if (i % 9 === 0) d.waterWindow?.(values)
      }
      expect(tried).toBeGreaterThan(10)
    },
  )
  it.each(DEMONSTRATIONS.map(d => d.id))('%s says when it is ready, why, how big it is; no word of "safe"', id => {
    const d = of(id)
    const { values } = resolve(d, { numbers: {}, choices: {} })
    const s = d.simulate(values, 'trace')
    const words = sentencesOf(d, values, s)
      .map(([, sentence]) => plain(sentence))
      .join(' ')
    expect(words).not.toMatch(/\bsafe\b|undefined|NaN/)
    const steps = d.procedure.map(p => p.id)
    for (const p of d.shelf) expect(steps, p.step).toContain(p.step)
    for (const i of d.logged.used)
      expect(
        d.inputs.some(x => x.id === i),
        i,
      ).toBe(true)
    for (const r of d.logged.seen)
      expect(
        d.results.some(x => x.id === r),
        r,
      ).toBe(true)
    for (const t of s.trace!.stages)
      expect(JSON.stringify(d.drawing(values, s, (t.start + t.end) / 2))).not.toContain('null')
    const levels = d.explanation(values, s)
    expect(levels).toHaveLength(4)
    // Each level uses this staging's own numbers somewhere, and each has its own words.
    expect(new Set(levels.map(l => plain(l.text))).size).toBe(4)
    expect(levels.filter(l => /\d/.test(plain(l.text))).length).toBeGreaterThan(0)
    for (const list of [d.teaching.before, d.teaching.after, d.teaching.elsewhere])
      expect(list.length).toBeGreaterThan(0)
    for (const line of adviceOf(d, values, s))
      if (line.take)
        expect(
          d.inputs.some(x => x.id === line.take!.input && x.kind === 'quantity'),
          plain(line.text),
        ).toBe(true)
    const table = d.variants?.(values)
    for (const id of table?.results ?? [])
      expect(
        d.results.some(r => r.id === id),
        id,
      ).toBe(true)
    for (const { name, results } of table?.rows ?? [])
      expect(Object.values(results).every(Number.isFinite), plain(name)).toBe(true)
    for (const size of d.sizes(values, s)) expect(size.value).toBeGreaterThanOrEqual(0)
  })
  it.each(DEMONSTRATIONS.map(d => d.id))(
    '%s has a gas for the particle board whose amounts, temperature and volume make its pressure',
    id => {
      const d = of(id)
      const { values } = resolve(d, { numbers: {}, choices: {} })
      const s = d.simulate(values, 'trace')
      const space = largestVolume(s)
      expect(space).toBeGreaterThan(0)
      for (const stage of s.trace!.stages) {
        expect(stage.end).toBeGreaterThan(stage.start)
        const { inside, outside } = particlesAt(s, (stage.start + stage.end) / 2, space, values.numbers.airTemperature!)
        expect(inside.volume).toBeLessThanOrEqual(space * 1.05)
        expect(outside.pressure).toBe(values.numbers.stationPressure)
      }
    },
  )
  it.each(DEMONSTRATIONS.map(d => d.id))('%s draws itself within its frame, which stays put', id => {
    const d = of(id)
    const { values } = resolve(d, { numbers: {}, choices: {} })
    const s = d.simulate(values, 'trace')
    const frames = new Set<string>()
    for (const stage of s.trace!.stages) {
      for (const share of [0, 0.3, 0.7, 1]) {
        const scene = d.drawing(values, s, stage.start + share * (stage.end - stage.start))
        const { left, right, bottom, top } = scene.frame
        frames.add(JSON.stringify(scene.frame))
        const slack = 0.2 * (top - bottom)
        for (const shape of scene.shapes) {
          const points =
            'points' in shape
              ? shape.points
              : 'at' in shape
                ? [shape.at]
                : 'strokes' in shape
                  ? shape.strokes.flat()
                  : [shape.from, shape.to]
          for (const [x, y] of points) {
            expect(
              x > left - slack && x < right + slack && y > bottom - slack && y < top + slack,
              `${shape.kind} at ${x}, ${y}`,
            ).toBe(true)
          }
        }
      }
    }
    expect(frames.size).toBe(1)
  })
})
