import { describe, expect, it } from 'vitest'
import { resolve, type Given } from '../../../demonstration'
import { falsePosition } from '../../../elementary'
import { skinPressure } from '../../../mechanisms/rubber-balloon'
import { saturationPressure } from '../../../substances/water'
import { balloonIntoFlask as demonstration } from '.'
import { stretchAt } from './simulate'
import { rubberOf } from '../../vacuum/rubber-inputs'
import type { BalloonIntoFlaskValues } from './inputs'

const run = (numbers: Given['numbers'] = {}, choices: Given['choices'] = {}) => {
  const { values, faults } = resolve(demonstration, { numbers, choices })
  expect(faults).toEqual([])
  return { n: values.numbers, values, s: demonstration.simulate(values, 'trace') }
}

describe('balloon into a flask', () => {
  it.each([
    ['as planned', {}],
    ['hardly purged', { purgeTime: 5, sealDelay: 20 }],
    ['a small, stiff balloon', { balloonSlack: 0.025, rubberWall: 0.4e-3 }],
    ['a large flask, high up', { vesselVolume: 2e-3, stationPressure: 80e3, purgeTime: 150 }],
  ])('ends in the balance of air, vapour and skin: %s', (_, numbers) => {
    const { n, values, s } = run(numbers)
    const end = s.trace!.time.length - 1
    const air = s.trace!.columns.airMass[end]
    const rubber = rubberOf(values as BalloonIntoFlaskValues)
    const T = n.airTemperature!
    // Dalton: the air left behind, the vapour over cold water, and the skin together are the room's pressure.
    const over = (share: number) => {
      const volume = n.vesselVolume! * (1 - share) - s.results.waterLeft! / 1000
      const inside = (air * 287.05 * T) / volume + saturationPressure(T)
      return inside + skinPressure(rubber, stretchAt(rubber, share * n.vesselVolume!)) - n.stationPressure!
    }
    const expected = falsePosition(over, [1e-6, over(1e-6)], [0.91, over(0.91)], 1e-3)
    expect(s.results.balloonShare! / expected).toBeGreaterThan(0.985)
    expect(s.results.balloonShare! / expected).toBeLessThan(1.015)
  })
  it('keeps its air: what is sealed in stays in', () => {
    const { s } = run()
    const { time, columns } = s.trace!
    const first = time.findIndex(t => t >= s.details.sealing!)
    expect(columns.airMass.at(-1)! / columns.airMass[first]).toBeCloseTo(1, 6)
  })
  it('of air alone goes in by no more than air shrinks (Gay-Lussac)', () => {
    const { n, s } = run({ purgeTime: 0, heaterPower: 1e3, waterCharge: 5e-6, sealDelay: 290 })
    const hot = s.trace!.columns.gasTemperature[s.trace!.time.findIndex(t => t >= s.details.sealing!)]
    expect(s.results.residualAirFraction).toBeGreaterThan(0.7)
    const dryShare = 1 - (s.results.residualAirFraction! * n.airTemperature!) / hot
    expect(s.results.balloonShare).toBeLessThan(dryShare + 0.01)
    expect(s.outcome).not.toBe('in')
  })
  it('never holds more than the skin’s hump against the room', () => {
    const { s } = run()
    expect(s.results.peakPressureDifference! / s.results.criticalPressureDifference!).toBeGreaterThan(0.9)
    expect(s.results.peakPressureDifference! / s.results.criticalPressureDifference!).toBeLessThan(1.02)
  })
  it('takes half a minute to some minutes in still air, seconds under water (common practice)', () => {
    const still = run().s.results.timeToRound!
    expect(still).toBeGreaterThan(15)
    expect(still).toBeLessThan(240)
    expect(run({}, { coolingMethod: 'pour' }).s.results.timeToRound!).toBeLessThan(20)
  })
  it('refuses water that would crack the glass, and a neck that the balloon sticks in', () => {
    const refused = (numbers: Given['numbers'], choices: Given['choices'] = {}) =>
      resolve(demonstration, { numbers, choices }).faults.map(f => f.input)
    expect(refused({ bathTemperature: 278 }, { coolingMethod: 'pour', glassKind: 'soda-lime' })).toContain(
      'bathTemperature',
    )
    expect(refused({ mouthDiameter: 0.01, balloonSlack: 0.09 })).toContain('mouthDiameter')
    expect(refused({}, { flaskBottom: 'flat' })).toContain('flaskBottom')
  })
})
