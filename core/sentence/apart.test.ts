/** Two numbers that are told against each other are told apart, in both systems of units. */
import { describe, expect, it } from 'vitest'
import { apart, asLength, asPressure, asTimes, CUSTOMARY, METRIC, say, tell } from './index'

describe('told against each other', () => {
  const both = (a: number, b: number, as = asPressure) =>
    [METRIC, CUSTOMARY].map(reader => apart(as(a), as(b)).map(told => tell(say`${told}`, reader).replace(/\s/gu, ' ')))
  it('with as few digits as tell them apart', () => {
    expect(both(9000, 2000)[0]).toEqual(['9 kPa', '2 kPa'])
    expect(tell(say`${apart(asTimes(1.74), asTimes(1.68))[1]}`, METRIC)).toMatch(/^1\.68/)
    for (const [a, b] of [
      [6300, 6260],
      [6349, 6351],
      [101_325, 101_300],
      [82_400, 82_390],
    ])
      for (const [one, other] of both(a, b)) expect(one).not.toBe(other)
    for (const [one, other] of both(0.0394, 0.0391, asLength)) expect(one).not.toBe(other)
  })
  it('and as usual where they are the same', () => {
    const [one, other] = both(6300, 6300.01)[0]
    expect([one, other]).toEqual(['6.3 kPa', '6.3 kPa'])
  })
})
