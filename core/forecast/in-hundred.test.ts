import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { countInHundred } from './in-hundred'

const ids = ['a', 'b', 'c', 'd']
const outcomes = ids.map(id => ({ id }))

describe('a hundred stagings', () => {
  it('add up to a hundred, each within one of its share, whatever the shares', () => {
    fc.assert(
      fc.property(fc.array(fc.nat(2000), { minLength: 4, maxLength: 4 }), weights => {
        const all = weights.reduce((a, b) => a + b)
        fc.pre(all > 0)
        const shares = Object.fromEntries(ids.map((id, i) => [id, weights[i] / all]))
        const counted = countInHundred(outcomes, shares)
        expect(counted.reduce((sum, c) => sum + c.count, 0)).toBe(100)
        for (const { id, count } of counted) expect(Math.abs(count - 100 * shares[id])).toBeLessThan(1 + 1e-6)
      }),
    )
  })
  it('give what is over to the largest remainders, and nothing to what never happens', () => {
    expect(countInHundred(outcomes, { a: 1 / 3, b: 1 / 3, c: 1 / 3 }).map(c => c.count)).toEqual([34, 33, 33, 0])
    expect(countInHundred(outcomes, { a: 0.945, b: 0.055 }).map(c => c.count)).toEqual([95, 5, 0, 0])
  })
})
