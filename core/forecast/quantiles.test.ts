/** Quantiles that risks are told by, against distributions of which it is known how much lies beyond. */
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64'
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus'
import { describe, expect, it } from 'vitest'
import { exp, ln } from '../elementary'
import { expectedQuantile, farQuantile } from './quantiles'

interface Known {
  /** value below which a share lies */ drawn: (share: number) => number
  /** share above a value */ above: (x: number) => number
}
const UNIFORM: Known = { drawn: u => u, above: x => Math.max(0, 1 - x) }
const EXPONENTIAL: Known = { drawn: u => -ln(1 - u), above: x => exp(-x) }
/** Pareto's with the exponent 3: a tail far heavier. */
const HEAVY: Known = { drawn: u => exp(-ln(1 - u) / 3), above: x => 1 / (x * x * x) }

const REPEATED = 2000
/** How much lies beyond what is told, in the mean of many samples of so many draws. */
function beyond(tell: (sorted: number[]) => number, draws: number, { drawn, above }: Known): number {
  const random = xoroshiro128plus(draws)
  let sum = 0
  for (let k = 0; k < REPEATED; k++)
    sum += above(tell(Array.from({ length: draws }, () => drawn(uniformFloat64(random))).sort((a, b) => a - b)))
  return sum / REPEATED
}

describe('a bound told by draws', () => {
  // A further draw is as often the first, the second … of them all: E. J. Gumbel, Statistics of Extremes, 1.2.
  it.each([99, 199, 999])('has a hundredth beyond it in the mean, whatever is drawn, by %i draws', draws => {
    for (const known of [UNIFORM, EXPONENTIAL]) {
      const over = beyond(s => expectedQuantile(s, 0.99), draws, known)
      const under = 1 - beyond(s => expectedQuantile(s, 0.01), draws, known)
      for (const share of [over, under]) expect(Math.abs(share / 0.01 - 1)).toBeLessThan(0.05)
    }
  })
  it('has a thousandth beyond it, whatever is drawn, where the draws can tell', () => {
    for (const known of [UNIFORM, EXPONENTIAL, HEAVY])
      for (const draws of [999, 1999])
        expect(Math.abs(beyond(s => farQuantile(s, 0.999), draws, known) / 0.001 - 1)).toBeLessThan(0.1)
  })
  it.each([16, 64, 200, 600])('has no more beyond it by %i draws where the tail is exponential', draws => {
    const known = beyond(s => farQuantile(s, 0.999), draws, EXPONENTIAL)
    expect(known).toBeLessThan(0.00135)
    expect(known).toBeGreaterThan(0.0005)
    // Beyond the greatest draw there is one of so many and one more, whatever is drawn.
    const heavy = beyond(s => farQuantile(s, 0.999), draws, HEAVY)
    expect(heavy).toBeLessThan((draws < 600 ? 0.6 : 0.95) / (draws + 1))
  })
  it('is told by one draw, or by draws that are all the same, as what they are', () => {
    for (const draws of [[7], [7, 7], Array.from({ length: 50 }, () => 7)])
      expect([expectedQuantile(draws, 0.99), farQuantile(draws, 0.999)]).toEqual([7, 7])
  })
  it('is the same by draws that each count as much, and further out where they count unequally', () => {
    const sorted = Array.from({ length: 300 }, (_, i) => EXPONENTIAL.drawn((i + 0.5) / 300))
    const counted = (each: (i: number) => number) => ({ sorted, each: sorted.map((_, i) => each(i)) })
    const few = counted(i => (i % 10 === 9 ? 1 : 0.01))
    for (const tell of [expectedQuantile, farQuantile]) {
      const share = tell === farQuantile ? 0.999 : 0.99
      expect(
        tell(
          counted(() => 0.3),
          share,
        ),
      ).toBeCloseTo(tell(sorted, share), 10)
      expect(tell(few, share)).toBeGreaterThan(tell(sorted, share))
    }
  })
})
