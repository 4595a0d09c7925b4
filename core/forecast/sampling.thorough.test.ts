import { describe, expect, it } from 'vitest'
import { DEMONSTRATIONS, findDemonstration } from '../catalogue/everything'
import { resolve, usualSpread, type Given, type QuantityInput } from '../demonstration'
import { spreadQuantile } from './distributions'
import { representativeOf } from './representative'
import { StagingSample } from './sample'

const DRAWS = 401
const stagings = DEMONSTRATIONS.flatMap(d =>
  d.inputs.filter((i): i is QuantityInput => i.kind === 'quantity').map(i => [d.id, i.id, d, i] as const),
)
/** What somebody may state: the ends and the inside of the usual range. */
const SHARES = [0, 0.2, 0.5, 0.8, 1]

describe('what is stated is what is drawn about', () => {
  it.each(stagings)(
    '%s: %s is the median of its draws, with its usual spread and with one that is given, cut only at ' +
      'the accepted range',
    (_, id, d, input) => {
      const [least, most] = input.usual
      for (const share of SHARES) {
        const stated = least + share * (most - least)
        const { values, faults } = resolve(d, { numbers: { [id]: stated }, choices: {} })
        if (faults.length > 0 || values.numbers[id] === undefined) continue
        for (const spread of [
          usualSpread(input, values),
          { shape: 'normal', absolute: 0.3 * (most - least) } as const,
        ]) {
          const drawn = Array.from({ length: DRAWS }, (_, i) =>
            spreadQuantile(spread, stated, input.range, (i + 0.5) / DRAWS),
          )
          expect(drawn[(DRAWS - 1) / 2], `stated ${stated}`).toBeCloseTo(stated, 9)
          expect(drawn.filter(x => x < stated).length, `below ${stated}`).toBeLessThanOrEqual((DRAWS - 1) / 2)
          expect(drawn.filter(x => x > stated).length, `above ${stated}`).toBeLessThanOrEqual((DRAWS - 1) / 2)
          expect(Math.min(...drawn)).toBeGreaterThanOrEqual(input.range[0])
          expect(Math.max(...drawn)).toBeLessThanOrEqual(input.range[1])
          // A spread is there on each side on which there is room for it.
          if (spread.shape !== 'exact' && stated > input.range[0] && stated < input.range[1])
            expect(Math.max(...drawn) - Math.min(...drawn), `width at ${stated}`).toBeGreaterThan(0)
        }
      }
    },
  )
  it.each(DEMONSTRATIONS.map(d => [d.id, d] as const))(
    '%s: the sample itself draws each input about its default and about what is stated',
    (_, d) => {
      const given: Given = { numbers: {}, choices: {}, spreads: {} }
      for (const input of d.inputs) {
        if (input.kind !== 'quantity' || input.group !== 'coefficient') continue
        const stated = input.usual[0] + 0.4 * (input.usual[1] - input.usual[0])
        // What does not go with the others stays at its default.
        const numbers = { ...given.numbers, [input.id]: stated }
        if (resolve(d, { numbers, choices: {} }).faults.length === 0) given.numbers[input.id] = stated
      }
      for (const g of [{ numbers: {}, choices: {}, spreads: {} }, given]) {
        const sample = new StagingSample(d, g, 101)
        sample.tolerant = true
        sample.advance(101)
        for (const { input, drawn, nominal } of sample.uncertain) {
          // A Latin hypercube puts one draw into each of 101 strata: 50 below the middle, 50 above, the last on
          // either side; at an end of its range one half stays there.
          expect(drawn.filter(x => x < nominal).length, `${input.id} below`).toBeLessThanOrEqual(51)
          expect(drawn.filter(x => x > nominal).length, `${input.id} above`).toBeLessThanOrEqual(51)
          const [least, most] = input.range
          if (nominal > least && nominal < most)
            expect(Math.abs(drawn.filter(x => x < nominal).length - 50), input.id).toBeLessThanOrEqual(1)
        }
      }
    },
  )
})

describe('suction by mouth', () => {
  it('is some 9 kPa by the lungs and 20 kPa and more by the cheeks, at P90 (common practice)', () => {
    const d = findDemonstration('plates')!
    const input = d.inputs.find((i): i is QuantityInput => i.id === 'ultimatePressure' && i.kind === 'quantity')!
    const strongest = (pump: string): number => {
      const { values } = resolve(d, { numbers: {}, choices: { pump } })
      return (
        values.numbers.stationPressure! -
        spreadQuantile(usualSpread(input, values), values.numbers.ultimatePressure!, input.range, 0.1)
      )
    }
    expect(strongest('mouth')).toBeGreaterThan(9e3)
    expect(strongest('mouth')).toBeLessThan(15e3)
    expect(strongest('cheeks')).toBeGreaterThan(20e3)
    expect(strongest('cheeks')).toBeLessThan(35e3)
  })
})

describe('a staging to be drawn and explained', () => {
  it('ends as the likeliest outcome, and is what is stated where that ends so', () => {
    let moved = 0
    for (const d of DEMONSTRATIONS) {
      for (const shift of [-1, 0, 1]) {
        const given: Given = { numbers: {}, choices: {}, spreads: {} }
        const lever = d.inputs.find(
          (i): i is QuantityInput => i.kind === 'quantity' && i.group !== 'coefficient' && i.lever !== undefined,
        )
        if (lever && shift !== 0) given.numbers[lever.id] = shift < 0 ? lever.usual[0] : lever.usual[1]
        if (resolve(d, given).faults.length > 0) continue
        const sample = new StagingSample(d, given, 60)
        sample.tolerant = true
        sample.advance(60)
        const { outcome, asStated, numbers } = representativeOf(sample)
        if (numbers === undefined) expect(asStated).toBe(outcome)
        else {
          moved++
          expect(d.simulate({ numbers, choices: sample.nominal.choices }, 'summary').outcome, d.id).toBe(outcome)
        }
      }
    }
    expect(moved).toBeGreaterThan(0)
  })
})
