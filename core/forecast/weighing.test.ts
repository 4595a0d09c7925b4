import { describe, expect, it } from 'vitest'
import type { Demonstration, Given, Values } from '../demonstration'
import { canPlunge } from '../catalogue/steam/can-plunge'
import { learn } from './calibration'
import { diagnose } from './diagnosis'
import { latinHypercube } from './latin-hypercube'
import { scoreOf, shareOf, shiftScores } from './normal-scores'
import { StagingSample } from './sample'
import { summarise } from './summary'
import { drawByWeight, weigh, weighOnce } from './weighing'

const plain: Given = { numbers: {}, choices: {}, spreads: {} }
/** One unknown, 10 ± 1, and a result that is it: what a reading teaches about it is known in closed form. */
const scale = {
  ...canPlunge,
  id: 'scale',
  wanted: 'seen',
  outcomes: [{ id: 'seen', look: 'gone', name: 'seen', sentence: '' }],
  check: () => [],
  inputs: [
    {
      id: 'c',
      name: 'c',
      kind: 'quantity',
      quantity: 'count',
      units: ['1', '1'],
      group: 'coefficient',
      default: 10,
      range: [-1e6, 1e6],
      usual: [0, 20],
      spread: { shape: 'normal', absolute: 1 },
    },
  ],
  results: [{ id: 'y', name: 'y', quantity: 'count', units: ['1', '1'] }],
  simulate: (values: Values) => ({ outcome: 'seen', results: { y: values.numbers.c! }, events: [], details: {} }),
} as unknown as Demonstration
const sampleOf = (size: number) => {
  const sample = new StagingSample(scale, plain, size)
  sample.advance(size)
  return sample
}

describe('weights', () => {
  it('give the posterior of the conjugate normal (textbook: prior 10 ± 1, reading 12 ± 0.5: 11.6 ± 0.447)', () => {
    const sample = sampleOf(20000)
    const seen = { readings: { y: { value: 12, uncertainty: 0.5 } } }
    const { p10, p50, p90 } = summarise(sample, weigh(sample, seen)).quantiles.y
    expect(p50).toBeCloseTo(11.6, 2)
    expect((p90 - p10) / 2 / 1.2815516).toBeCloseTo(Math.sqrt(1 / (1 + 4)), 2)
    expect(diagnose(sample, seen).causes[0].after).toBeCloseTo(11.6, 2)
  })
  it('count everything alike where nothing was seen, and as quantiles without weights do', () => {
    const sample = sampleOf(2000)
    const weights = weigh(sample, { readings: {} })
    expect(weights.effective).toBeCloseTo(2000, 6)
    const [plainly, weighted] = [summarise(sample).quantiles.y, summarise(sample, weights).quantiles.y]
    for (const q of ['p10', 'p50', 'p90'] as const) expect(weighted[q]).toBeCloseTo(plainly[q], 2)
  })
  it('never make a share of more than all, whatever they are', () => {
    const sample = sampleOf(3000)
    for (const value of [7, 9.3, 10, 11.7])
      expect(
        summarise(sample, weigh(sample, { readings: { y: { value, uncertainty: 0.31 } } })).shares.seen,
        String(value),
      ).toBe(1)
  })
  it('leave out what is below a least value, keep what never happens, and widen readings only as far as needed', () => {
    const sample = sampleOf(2000)
    const later = summarise(sample, weigh(sample, { readings: {}, atLeast: { y: 10 } }))
    // Half a normal: its median is at the third quartile, 0.674 above.
    expect(later.quantiles.y.p50).toBeCloseTo(10.674, 2)
    const far = { readings: { y: { value: 14, uncertainty: 0.01 } } }
    expect(weigh(sample, far).stretched).toBe(1)
    const wide = weigh(sample, far, 12)
    expect(wide.stretched).toBeGreaterThan(1)
    expect(wide.effective).toBeGreaterThan(weigh(sample, far).effective)
    expect(weigh(sample, { readings: { y: { value: 1e5, uncertainty: 1e-3 } } }, 12).sum).toBe(0)
  })
  it('are none for what could not be computed, where that is tolerated; otherwise it ends the sample', () => {
    const brittle = {
      ...scale,
      simulate: (values, detail) => {
        if (values.numbers.c! > 10) throw new Error('too far')
        return scale.simulate(values, detail)
      },
    } as Demonstration
    expect(() => new StagingSample(brittle, plain, 50).advance(50)).toThrow('too far')
    const sample = new StagingSample(brittle, plain, 50)
    sample.tolerant = true
    sample.advance(50)
    expect(sample.failed).toBe(25)
    expect(weigh(sample, { readings: {} }).effective).toBeCloseTo(25, 9)
  })
  it('are drawn by in proportion', () => {
    expect(drawByWeight({ each: Float64Array.of(0, 1, 3, 0), sum: 4 }, 8)).toEqual([1, 1, 2, 2, 2, 2, 2, 2])
  })
  it('carry a shifted draw back to where it came from', () => {
    const points = latinHypercube(4000, 2, 3)
    const logs = shiftScores(points, 2, [{ column: 1, mean: 0.5, deviation: 1.2 }])
    let sum = 0
    let mean = 0
    for (let i = 0; i < 4000; i++) {
      const weight = Math.exp(logs[i])
      sum += weight / 4000
      mean += (weight * scoreOf(points[2 * i + 1])) / 4000
    }
    expect(sum).toBeCloseTo(1, 2)
    expect(mean).toBeCloseTo(0, 2)
    expect(shareOf(scoreOf(0.123))).toBeCloseTo(0.123, 12)
    expect(weighOnce(sampleOf(10), { readings: {} }, 1, new Float64Array(10).fill(-3)).largest).toBe(-3)
  })
})

it('what runs teach is the conjugate normal too: k readings of one unknown, ± 1 each, leave 1 / √(k + 1)', async () => {
  const readings = [11, 12, 11.5, 10.5]
  const taught = await learn(
    scale,
    plain,
    readings.map(value => ({ given: plain, seen: { readings: { y: { value, uncertainty: 1 } } } })),
    2000,
  )
  expect(taught.runs).toBe(4)
  expect(10 + taught.mean[0]).toBeCloseTo((10 + readings.reduce((a, b) => a + b)) / 5, 1)
  expect(Math.sqrt(taught.covariance[0][0])).toBeCloseTo(1 / Math.sqrt(5), 1)
})
