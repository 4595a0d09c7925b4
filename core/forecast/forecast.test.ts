import { describe, expect, it } from 'vitest'
import { canPlunge } from '../catalogue/steam/can-plunge'
import { resolve } from '../demonstration'
import { diagnose } from './diagnosis'
import { spreadQuantile } from './distributions'
import { latinHypercube } from './latin-hypercube'
import { byEffect, WORTH_TELLING } from './lever'
import { gainOf, makesLess } from './lever-gain'
import { leverInputs, leverTries, pullLevers } from './levers'
import { oddsStrip } from './odds-strip'
import { pointsFor } from './points'
import { runThatEnds } from './run-that-ends'
import { StagingSample } from './sample'
import { influences } from './sensitivity'
import { atLeastOne, vesselsNeeded } from './spares'
import { quantile } from './quantiles'
import { samplingError, summarise } from './summary'

const WIDE = [-1e9, 1e9] as const
const nothing = { numbers: {}, choices: {}, spreads: {} }

describe('distributions', () => {
  it('have the textbook quantiles (standard normal: 1.281552 at 0.9)', () => {
    expect(spreadQuantile({ shape: 'normal', absolute: 2 }, 10, WIDE, 0.9)).toBeCloseTo(10 + 2 * 1.2815515655, 8)
    expect(spreadQuantile({ shape: 'normal', relative: 0.1 }, 10, WIDE, 0.5)).toBeCloseTo(10, 10)
    expect(spreadQuantile({ shape: 'lognormal', relative: 0.5 }, 3, [0, 1e9], 0.5)).toBeCloseTo(3, 10)
    expect(spreadQuantile({ shape: 'uniform', below: 1, above: 1 }, 3, WIDE, 0.25)).toBeCloseTo(2.5, 12)
    // Half of it below: a triangle from nothing at 0 to its peak at 1 has half of that below 1 − √½.
    expect(spreadQuantile({ shape: 'triangular', below: 1, above: 2 }, 1, WIDE, 0.25)).toBeCloseTo(Math.SQRT1_2, 12)
    expect(spreadQuantile({ shape: 'triangular', below: 1, above: 2 }, 1, WIDE, 0.75)).toBeCloseTo(3 - Math.SQRT2, 12)
    expect(spreadQuantile({ shape: 'anywhere', least: 2, most: 6 }, 3, WIDE, 0.25)).toBe(3)
    expect(spreadQuantile({ shape: 'exact' }, 7, WIDE, 0.99)).toBe(7)
  })
  it('keep what is stated as their median, and stay in range, renormalised on each side', () => {
    const shapes = [
      { shape: 'normal', absolute: 1 },
      { shape: 'lognormal', relative: 0.8 },
      { shape: 'uniform', below: 2, above: 3 },
      { shape: 'triangular', below: 2, above: 3 },
    ] as const
    for (const spread of shapes) {
      for (const [stated, range] of [
        [1, [0, 1e9]],
        [1, [0.9, 1.2]],
        [1, [-1e9, 1.05]],
      ] as const) {
        const draws = Array.from({ length: 1001 }, (_, i) => spreadQuantile(spread, stated, range, (i + 0.5) / 1001))
        expect(draws[500]).toBe(stated)
        for (let i = 1; i < draws.length; i++) expect(draws[i]).toBeGreaterThanOrEqual(draws[i - 1])
        expect(draws[0]).toBeGreaterThanOrEqual(range[0])
        expect(draws.at(-1)!).toBeLessThanOrEqual(range[1])
        // No heap at a cut: the end is only approached.
        expect(draws.filter(d => d === range[0] || d === range[1])).toHaveLength(0)
      }
    }
  })
  it('has the relative spread asked for as its coefficient of variation (lognormal)', () => {
    const n = 4000
    const draws = Array.from({ length: n }, (_, i) =>
      spreadQuantile({ shape: 'lognormal', relative: 0.3 }, 1, [0, 1e9], (i + 0.5) / n),
    )
    const mean = draws.reduce((a, b) => a + b) / n
    const deviation = Math.sqrt(draws.reduce((a, b) => a + (b - mean) ** 2, 0) / n)
    expect(deviation / mean).toBeCloseTo(0.3, 2)
  })
})

describe('sampling', () => {
  it('puts one point in each stratum of each variable', () => {
    const points = latinHypercube(50, 3, 7)
    for (let v = 0; v < 3; v++) {
      const strata = Array.from({ length: 50 }, (_, i) => Math.floor(points[i * 3 + v] * 50)).sort((a, b) => a - b)
      expect(strata).toEqual(Array.from({ length: 50 }, (_, i) => i))
    }
    expect(latinHypercube(50, 3, 8)).not.toEqual(points)
  })
  it('gives the same numbers for the same seed, in one go or in slices', () => {
    const whole = new StagingSample(canPlunge, nothing, 60, 5)
    whole.advance(60)
    const sliced = new StagingSample(canPlunge, nothing, 60, 5)
    while (!sliced.advance(7));
    expect(summarise(sliced)).toEqual(summarise(whole))
  })
  it('has its random numbers kept from one plan to the next, of each demonstration, size and seed its own', () => {
    const points = pointsFor(canPlunge, 50, 5, undefined)
    expect(points).toEqual(latinHypercube(50, points.length / 50, 5))
    const others = [pointsFor(canPlunge, 60, 5, undefined), pointsFor(canPlunge, 50, 6, undefined)]
    for (const other of others) expect(other).not.toEqual(points)
    expect(pointsFor(canPlunge, 50, 5, undefined)).toBe(points)
    // The one that nobody has asked for longest goes.
    for (let seed = 7; seed < 10; seed++) pointsFor(canPlunge, 50, seed, undefined)
    expect(pointsFor(canPlunge, 50, 5, undefined)).toBe(points)
    expect(pointsFor(canPlunge, 50, 6, undefined)).not.toBe(others[1])
  })
  it('names the input at fault', () => {
    expect(() => new StagingSample(canPlunge, { ...nothing, numbers: { bathTemperature: 500 } }, 5)).toThrow(
      /bathTemperature/,
    )
  })
  it('has quantiles by definition 7 of Hyndman & Fan, and a sampling error that is never zero', () => {
    expect(quantile([1, 2, 3, 4], 0.5)).toBe(2.5)
    expect(quantile([1, 2, 3, 4, 5], 0.1)).toBeCloseTo(1.4, 12)
    expect(samplingError(50, 100)).toBeCloseTo(0.05, 3)
    expect(samplingError(100, 100)).toBeGreaterThan(0)
  })
})

describe('spares', () => {
  it('are the fewest with 99 in 100 to show one (1 − (1 − p)^k)', () => {
    expect([0.995, 0.94, 0.9, 0.8, 0.5].map(vesselsNeeded)).toEqual([1, 2, 2, 3, 7])
    expect(vesselsNeeded(0)).toBeUndefined()
    expect(vesselsNeeded(0.05)).toBeUndefined()
    expect(atLeastOne(0.5, 7)).toBeCloseTo(1 - 1 / 128, 12)
  })
})

describe('levers, strips and influences', () => {
  const poor = { numbers: { transferTime: 9, bathTemperature: 293.15 }, choices: {}, spreads: {} }
  it('find that a quicker transfer and a colder bath mend a slow, warm plunge', async () => {
    const { levers } = await pullLevers(canPlunge, poor, { samples: 150, seed: 1 })
    const best = levers.filter(l => l.after > l.before + 0.02).map(l => l.input)
    expect(best).toContain('transferTime')
    expect(levers.filter(l => l.input === 'transferTime' && l.to > l.from).every(l => l.after <= l.before)).toBe(true)
    expect(
      leverTries(canPlunge, poor).every(
        t => t.input.kind === 'choice' || (Number(t.to) >= t.input.usual[0] && Number(t.to) <= t.input.usual[1]),
      ),
    ).toBe(true)
  })
  it('are the same in parts as in one', async () => {
    const asked = { samples: 40, seed: 1 }
    const { levers, asStated } = await pullLevers(canPlunge, poor, asked)
    const inputs = leverInputs(canPlunge, poor)
    expect(inputs.length).toBeGreaterThan(3)
    const parts = await Promise.all(
      inputs.map((input, i) =>
        // Told how the staging stands, or not.
        pullLevers(canPlunge, poor, {
          ...asked,
          input,
          ...(i % 2 && { asStated: JSON.parse(JSON.stringify(asStated)) }),
        }),
      ),
    )
    expect(parts.filter(p => p.levers.length > 0).length).toBeGreaterThan(1)
    expect(parts.flatMap(p => p.levers).sort(byEffect)).toEqual(levers)
  })
  it('try no step that changes nothing any further than tells it', async () => {
    let looks = 0
    const tries = leverTries(canPlunge, nothing).length
    expect(
      (await pullLevers(canPlunge, nothing, { samples: 1000, seed: 1 }, async () => void looks++)).levers.length,
    ).toBeLessThan(tries)
    // Twenty looks each are all.
    expect(looks).toBeLessThan(tries * 10)
  })
  it('have the strongest step of each input both ways, by all draws', async () => {
    const SAMPLES = 400
    const { levers: found } = await pullLevers(canPlunge, poor, { samples: SAMPLES, seed: 1 })
    const oddsOf = (numbers: Record<string, number>) => {
      const sample = new StagingSample(canPlunge, { ...poor, numbers }, SAMPLES, 1)
      sample.advance(SAMPLES)
      return summarise(sample).shares[canPlunge.wanted]!
    }
    const before = oddsOf(poor.numbers)
    const all = leverTries(canPlunge, poor)
      .map(({ input: { id }, to }) => ({ input: id, to: Number(to) }))
      .map(t => ({ ...t, before, after: oddsOf({ ...poor.numbers, [t.input]: t.to }) }))
    const gain = (t: (typeof all)[number]) => t.after - before
    const beats = (a: (typeof all)[number], b: typeof a) =>
      a.input === b.input && gain(a) * gain(b) > 0 && Math.abs(gain(a)) > Math.abs(gain(b))
    const notable = all.filter(t => Math.abs(gain(t)) >= WORTH_TELLING && !all.some(other => beats(other, t)))
    expect(notable.length).toBeGreaterThan(3)
    for (const lever of notable) expect(found).toContainEqual(expect.objectContaining(lever))
    expect(found.length).toBeLessThan(all.length)
  })
  it('count what ends as wanted only with the change, less what does only without', () => {
    const [before, after] = [
      [0, 0, 1, 1, 2, 2, 0],
      [0, 1, 0, 0, 1, 0, 0],
    ].map(o => Uint8Array.from(o))
    // Three won, one lost; an end for another that is not wanted either is neither.
    expect(gainOf(before, after, 0, 7)).toEqual({ of: 7, share: 2 / 7, error: (2 * 2) / 7 })
    expect(gainOf(before, after, 0, 2)).toEqual({ of: 2, share: -1 / 2, error: 2 / 2 })
  })
  it('are known to make less by 150 draws without a difference, not by fewer, nor where it may yet make more', () => {
    const none = { share: 0, error: 0 }
    expect([149, 150].map(of => makesLess({ of, ...none }, []))).toEqual([false, true])
    expect([0.05, 0.2].map(known => makesLess({ of: 200, share: 0.06, error: 0.05 }, [known]))).toEqual([false, true])
    expect(makesLess({ of: 200, share: -0.06, error: 0.05 }, [0.2])).toBe(false)
    expect(makesLess({ of: 200, share: -0.06, error: 0.05 }, [-0.2])).toBe(true)
  })
  it('can be cancelled between tries', async () => {
    let tries = 0
    await expect(
      pullLevers(canPlunge, poor, { samples: 10, seed: 1 }, async () => {
        if (++tries > 2) throw new Error('newer request')
      }),
    ).rejects.toThrow('newer request')
  })
  it('draw odds that fall across a warming bath', async () => {
    const input = canPlunge.inputs.find(i => i.id === 'bathTemperature')
    if (input?.kind !== 'quantity') throw new Error('no such input')
    const strip = await oddsStrip(canPlunge, nothing, input, 5, 80, 1)
    expect(strip.map(p => Object.values(p.shares).reduce((a, b) => a + b)).every(sum => Math.abs(sum - 1) < 1e-9)).toBe(
      true,
    )
    expect(strip[0].shares.crush).toBeGreaterThan(strip[4].shares.crush + 0.5)
  })
  it('name what was made uncertain on purpose', () => {
    const sample = new StagingSample(
      canPlunge,
      { ...poor, spreads: { transferTime: { shape: 'lognormal', relative: 0.8 } } },
      1500,
    )
    sample.advance(1500)
    const [first] = influences(sample)
    expect(first.input).toBe('transferTime')
    expect(first.share).toBeGreaterThan(0.3)
    expect(influences(sample).reduce((sum, i) => sum + i.share, 0)).toBeLessThan(1.1)
  })
})

describe('diagnosis', () => {
  const sample = new StagingSample(
    canPlunge,
    { ...nothing, numbers: { transferTime: 5 }, spreads: { transferTime: { shape: 'lognormal', relative: 0.6 } } },
    1500,
  )
  sample.advance(1500)
  it('suspects a slow transfer when the can only filled', () => {
    const { causes, canTell } = diagnose(sample, { outcome: 'fill', readings: {} })
    expect(canTell).toBe(true)
    expect(causes[0].input).toBe('transferTime')
    expect(causes[0].after).toBeGreaterThan(causes[0].before)
  })
  it('says that it cannot tell where nothing like it was computed', () => {
    const odd = diagnose(sample, { outcome: 'crush', readings: { waterDrawnIn: { value: 0.5, uncertainty: 1e-6 } } })
    expect(odd.canTell).toBe(false)
    expect(odd.effective).toBe(0)
  })
})

describe('a run that ended otherwise than planned', () => {
  it('is told by one that ends so, near what is stated; by none where no draw does', () => {
    const can = canPlunge.simulate(resolve(canPlunge, nothing).values, 'summary')
    expect(runThatEnds(canPlunge, nothing, can.outcome)!.values.numbers).toEqual(
      resolve(canPlunge, nothing).values.numbers,
    )
    // An open question of a slow transfer into lukewarm water: it may crush, dent or fill.
    const poor = { numbers: { transferTime: 6, bathTemperature: 323.15 }, choices: {}, spreads: {} }
    const ends = new Set(canPlunge.outcomes.flatMap(o => runThatEnds(canPlunge, poor, o.id)?.simulation.outcome ?? []))
    expect(ends.size).toBeGreaterThan(1)
    for (const end of ends) expect(runThatEnds(canPlunge, poor, end)!.simulation.outcome).toBe(end)
    expect(runThatEnds(canPlunge, nothing, 'no such end')).toBeUndefined()
  })
})
