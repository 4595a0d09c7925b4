import { describe, expect, it } from 'vitest'
import { demonstrationsMarkdown } from '../formats/demonstrations-markdown'
import { safetyMarkdown } from '../formats/safety-markdown'
import { SHOWN_UNITS, fromSi, toSi } from '../units'
import { readFileSync } from 'node:fs'
import { DEMONSTRATION_IDS, DIRECTORY } from './directory'
import { DEMONSTRATIONS, findDemonstration } from './everything'
import { acceptedRange, describeSpread, isBlank, partsOf, resolve, valueAt, type QuantityInput } from '../demonstration'
import { METRIC, tell, type Sentence } from '../sentence'

const plain = (sentence: Sentence): string => tell(sentence, METRIC)

describe('the list of demonstrations', () => {
  it('is the same for a page, which fetches them, as for the server, which has them all', async () => {
    expect(DEMONSTRATION_IDS).toEqual(DEMONSTRATIONS.map(d => d.id))
    for (const [i, id] of DEMONSTRATION_IDS.entries()) expect(await DIRECTORY[id]()).toBe(DEMONSTRATIONS[i])
  })
})

describe.each(DEMONSTRATIONS.map(d => [d.id, d] as const))('%s shows the common face', (_, d) => {
  const quantities = d.inputs.filter((i): i is QuantityInput => i.kind === 'quantity')
  it('has ids once each, units of the right kind, and defaults that can be used as they are', () => {
    for (const ids of [
      d.inputs.map(i => i.id),
      d.results.map(r => r.id),
      d.outcomes.map(o => o.id),
      d.procedure.map(s => s.id),
      d.columns.map(c => c.id),
    ]) {
      expect(new Set(ids).size).toBe(ids.length)
    }
    for (const { units, quantity } of [...quantities, ...d.results])
      for (const unit of units) expect(fromSi(toSi(1.5, unit, quantity), unit, quantity)).toBeCloseTo(1.5, 9)
    expect(resolve(d, { numbers: {}, choices: {} }).faults).toEqual([])
    expect(findDemonstration(d.id)).toBe(d)
    expect(d.outcomes.some(o => o.id === d.wanted)).toBe(true)
  })
  it('has usual ranges within the accepted ones, and every refusal names range and unit', () => {
    for (const input of quantities) {
      expect(input.usual[0], input.id).toBeGreaterThanOrEqual(input.range[0])
      expect(input.usual[1], input.id).toBeLessThanOrEqual(input.range[1])
      const { faults } = resolve(d, { numbers: { [input.id]: input.range[1] * 1.5 + 1 }, choices: {} })
      expect(faults.map(f => f.input)).toContain(input.id)
      expect(plain(faults.find(f => f.input === input.id)!.message)).toMatch(/^given \S/)
      expect(
        plain(faults.find(f => f.input === input.id)!.message).endsWith(`; accepted: ${plain(acceptedRange(input))}`),
      ).toBe(true)
      expect(SHOWN_UNITS[input.quantity].length).toBeGreaterThan(0)
      expect(describeSpread(input.spread, input, input.units[0])).toBeTruthy()
    }
  })
  it('gives every coefficient a source and a spread', () => {
    for (const input of quantities.filter(i => i.group === 'coefficient')) {
      expect(input.source, input.id).toBeTruthy()
      expect(input.spread.shape, input.id).not.toBe('exact')
    }
  })
  it('puts each input that is no coefficient and no room condition into the procedure', () => {
    // Each way has its own sentence: all of them together name everything, and what is not there at all can still be
    // put in.
    const ways = [{}, ...d.inputs.flatMap(i => (i.kind === 'choice' ? i.choices.map(c => ({ [i.id]: c.id })) : []))]
    const named = new Set(
      ways.flatMap(choices => {
        const { values } = resolve({ ...d, check: () => [] }, { numbers: {}, choices })
        return d.procedure.flatMap(s => partsOf(s, values).flatMap(p => (isBlank(p) ? [p.input] : [])))
      }),
    )
    for (const input of d.inputs)
      if (input.group !== 'coefficient' && input.group !== 'room') expect(named.has(input.id), input.id).toBe(true)
    for (const id of named)
      expect(
        d.inputs.some(i => i.id === id),
        id,
      ).toBe(true)
  })
  it('has a trace with every column, readable at any time', () => {
    const { values } = resolve(d, { numbers: {}, choices: {} })
    const trace = d.simulate(values, 'trace').trace!
    for (const { id } of d.columns) {
      expect(trace.columns[id]).toHaveLength(trace.time.length)
      expect(valueAt(trace, id, -5)).toBe(trace.columns[id][0])
      expect(valueAt(trace, id, 1e9)).toBe(trace.columns[id].at(-1))
    }
    expect(() => valueAt(trace, 'nonsense', 0)).toThrow(/column: nonsense is not one of/)
    expect(d.kit(values).length).toBeGreaterThan(3)
  })
})

it('docs/demonstrations.md is that of the code (npm run formats writes it)', () => {
  expect(readFileSync('docs/demonstrations.md', 'utf8')).toBe(demonstrationsMarkdown())
})
it('docs/safety.md is that of the code (npm run formats writes it)', () => {
  expect(readFileSync('docs/safety.md', 'utf8')).toBe(safetyMarkdown())
})
