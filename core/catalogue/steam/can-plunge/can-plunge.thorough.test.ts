import { describe, expect, it } from 'vitest'
import { cautionsOf, resolve, type Named } from '../../../demonstration'
import { canPlunge } from '.'
import { StagingSample, summarise } from '../../../forecast'
import { saturationPressure } from '../../../substances/water'
import { METRIC, tell } from '../../../sentence'
import type { CanPlungeValues } from './inputs'
import { simulate } from './simulate'

const CELSIUS = 273.15
const staged = (numbers: Record<string, number> = {}, choices: Record<string, string> = {}) => {
  const { values, faults } = resolve(canPlunge, { numbers, choices })
  expect(faults).toEqual([])
  return values as CanPlungeValues
}
const run = (numbers: Record<string, number> = {}, choices: Record<string, string> = {}) =>
  simulate(staged(numbers, choices), 'trace')
const odds = (numbers: Record<string, number> = {}, samples = 400) => {
  const sample = new StagingSample(canPlunge, { numbers, choices: {}, spreads: {} }, samples)
  sample.advance(samples)
  return summarise(sample)
}

describe('can plunge, common practice', () => {
  it('takes about 15 mL for a small can: inside the window, and half of it is left after half a minute', () => {
    const window = canPlunge.waterWindow!(staged())
    expect(window.least).toBeLessThan(0.015)
    expect(window.least).toBeGreaterThan(0.004)
    expect(window.most).toBeGreaterThan(0.015)
    expect(run().results.waterLeft).toBeGreaterThan(0.005)
  })
  it('has under 5 % air after boiling on for half a minute', () => {
    expect(run().results.residualAirFraction).toBeLessThan(0.05)
  })
  it('goes within a second of the plunge in cold water', () => {
    const { hush } = run().results
    expect(hush).toBeGreaterThan(0.01)
    expect(hush).toBeLessThan(1)
    expect(odds().quantiles.hush.p90).toBeLessThan(1)
  })
  it('only fills in warm water, or after a poor purge', () => {
    expect(run({ bathTemperature: 85 + CELSIUS }).outcome).toBe('fill')
    expect(run({ purgeTime: 0 }).outcome).not.toBe('crush')
  })
  it('leaves a thick steel can standing: it can only fill', () => {
    const steel = run({ wallThickness: 0.3e-3 }, { wallMaterial: 'steel' })
    expect(steel.outcome).toBe('fill')
    expect(steel.results.hush).toBeUndefined()
  })
})

describe('can plunge, odds', () => {
  const base = odds()
  it('crushes in more than 90 of 100 with the default staging', () => {
    expect(base.shares.crush).toBeGreaterThan(0.9)
  })
  it('hardly ever crushes in a bath at 85 °C', () => {
    expect(odds({ bathTemperature: 85 + CELSIUS }).shares.crush).toBeLessThan(0.05)
  })
  it('crushes much less without any purge', () => {
    expect(odds({ purgeTime: 0 }).shares.crush).toBeLessThan(base.shares.crush - 0.4)
  })
  /** Each step must not lower the odds by more than three standard errors of the difference. */
  const neverWorse = (input: string, steps: number[], others: Record<string, number> = {}) => {
    let before = odds({ ...others, [input]: steps[0] })
    for (const step of steps.slice(1)) {
      const after = odds({ ...others, [input]: step })
      const error = Math.hypot(before.errors.crush, after.errors.crush)
      expect(after.shares.crush, `${input} ${step}`).toBeGreaterThanOrEqual(before.shares.crush - 3 * error)
      before = after
    }
    return before
  }
  it('never gets worse with a colder bath', () => {
    neverWorse(
      'bathTemperature',
      [90, 75, 60, 45, 30, 15, 4, 1].map(c => c + CELSIUS),
      { transferTime: 4 },
    )
  })
  it('never gets worse with a longer purge, before drying', () => {
    neverWorse('purgeTime', [0, 1, 2, 4, 8, 15, 30, 60])
  })
  it('never gets worse with a quicker transfer', () => {
    neverWorse('transferTime', [15, 10, 7, 5, 3, 2, 1, 0.5])
  })
})

describe('can plunge, simulation', () => {
  it('gives all results of the contract, in SI, and events in order', () => {
    const { results, events } = run()
    for (const { id } of canPlunge.results) expect(Number.isFinite((results as Named)[id]), id).toBe(true)
    expect(Object.keys(results).sort()).toEqual(canPlunge.results.map(r => r.id).sort())
    const times = events.map(e => e.time)
    expect(times).toEqual([...times].sort((a, b) => a - b))
    expect(events.map(e => e.id)).toEqual(
      expect.arrayContaining(['boil', 'plume', 'lift', 'seal', 'critical', 'mouth-full']),
    )
    expect(results.outsideForce / (101325 * (Math.PI * 0.0575 * 0.145 + (Math.PI * 0.0575 ** 2) / 2))).toBeCloseTo(1, 6)
    expect(results.floorPressure).toBeGreaterThan(saturationPressure(4 + CELSIUS))
  })
  it('has a floor of the saturation pressure when no air is left, and never falls below it', () => {
    const { results, trace } = run({ purgeTime: 90, transferTime: 0.2, uprightShare: 0, heaterPower: 1500 })
    expect(results.floorPressure - saturationPressure(4 + CELSIUS)).toBeCloseTo(
      (results.residualAirFraction * 101325 * (4 + CELSIUS)) / 372,
      -3,
    )
    expect(Math.min(...trace!.columns.pressure)).toBeGreaterThan(saturationPressure(4 + CELSIUS) * 0.9)
  })
  it('boils water off at the rate that its time to dry says (mass balance from the trace, within 3 %)', () => {
    const { trace, results, details } = run()
    const { time, columns } = trace!
    const late = time.findIndex(t => t > results.timeToPlume! + 12)
    const lift = time.findLastIndex(t => t <= details.timeOfLifting)
    const rate = (columns.waterInside[late] - columns.waterInside[lift]) / (time[lift] - time[late])
    expect(columns.waterInside[0]).toBeCloseTo(15e-6 * 998.2, 5)
    expect(details.timeOfLifting + columns.waterInside[lift] / rate).toBeGreaterThan(results.timeToDry! * 0.97)
    expect(details.timeOfLifting + columns.waterInside[lift] / rate).toBeLessThan(results.timeToDry! * 1.03)
  })
  it('has a ledger whose rows add up to the difference, most of it condensation', () => {
    for (const numbers of [{}, { bathTemperature: 60 + CELSIUS, transferTime: 6 }, { purgeTime: 0 }]) {
      const simulation = run(numbers as Record<string, number>)
      const { rows, difference } = canPlunge.ledger(simulation)
      expect(rows.reduce((sum, r) => sum + r.pressure, 0)).toBeCloseTo(difference, 6)
      const expected =
        simulation.results.hush === undefined
          ? simulation.results.peakPressureDifference
          : simulation.results.criticalPressureDifference
      expect(Math.abs(difference / expected - 1)).toBeLessThan(0.05)
    }
    const { rows } = canPlunge.ledger(run())
    const of = (id: string) => rows.find(r => r.id === id)!.pressure
    expect(of('wall') + of('water') + of('fog')).toBeGreaterThan(2 * of('cooling'))
  })
  it(
    "is quick enough in tolerance: a forecast's sample is within 5 % of a fine run in its hush and " +
      'agrees on the outcome',
    () => {
      let differ = 0
      for (let i = 0; i < 60; i++) {
        const values = staged({
          bathTemperature: CELSIUS + 1 + i * 1.1,
          purgeTime: (i * 7) % 50,
          transferTime: 0.5 + ((i * 3) % 11) * 0.6,
          mouthDiameter: 0.01 + ((i * 5) % 13) * 0.0018,
        })
        const coarse = simulate(values, 'summary')
        const fine = simulate(values, 'trace')
        if (coarse.outcome !== fine.outcome) differ++
        else if (fine.results.hush !== undefined)
          expect(Math.abs(coarse.results.hush! / fine.results.hush - 1), `case ${i}`).toBeLessThan(0.05)
        expect(Math.abs(coarse.results.timeToPlume! / fine.results.timeToPlume! - 1)).toBeLessThan(0.03)
        expect(Math.abs(coarse.results.residualAirFraction - fine.results.residualAirFraction)).toBeLessThan(0.01)
      }
      expect(differ).toBeLessThanOrEqual(2)
    },
  )
  it('survives the corners of its ranges', () => {
    for (const input of canPlunge.inputs) {
      if (input.kind !== 'quantity') continue
      for (const value of [...input.range, ...input.usual]) {
        const { values, faults } = resolve(canPlunge, { numbers: { [input.id]: value }, choices: {} })
        if (faults.length) continue
        const { results } = simulate(values as CanPlungeValues, 'summary')
        for (const [id, result] of Object.entries(results))
          expect(Number.isFinite(result), `${input.id} ${value}: ${id}`).toBe(true)
      }
    }
  })
  it('tells of boiling dry: no water left, a raised caution', () => {
    const values = staged({ waterCharge: 4e-6, purgeTime: 120 })
    const simulation = simulate(values, 'trace')
    expect(simulation.results.waterLeft).toBe(0)
    expect(simulation.events.some(e => e.id === 'dry')).toBe(true)
    expect(cautionsOf(canPlunge, values, simulation).find(c => c.id === 'dry')!.severity).toBe('raised')
    expect(
      cautionsOf(canPlunge, values, simulation)
        .map(c => tell(c.hazard, METRIC))
        .join(' '),
    ).not.toMatch(/\bsafe\b/)
  })
  it('names the input where two do not go together', () => {
    const { faults } = resolve(canPlunge, {
      numbers: { waterCharge: 400e-6, vesselVolume: 500e-6 },
      choices: { wallMaterial: 'wood' },
    })
    expect(faults.map(f => f.input)).toEqual(['wallMaterial'])
    const crossed = resolve(canPlunge, { numbers: { waterCharge: 320e-6, vesselVolume: 500e-6 }, choices: {} }).faults
    expect(crossed.map(f => f.input)).toEqual(['vesselVolume'])
    expect(tell(crossed[0].message, METRIC)).toMatch(/given 500 mL; accepted: at most 376.5 mL/)
  })
})
