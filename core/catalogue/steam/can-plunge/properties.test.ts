import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { cautionsOf, type QuantityInput, resolve } from '../../../demonstration'
import { canPlunge } from '.'
import { METRIC, tell } from '../../../sentence'
import type { CanPlungeValues } from './inputs'
import { simulate } from './simulate'

const quantities = canPlunge.inputs.filter((i): i is QuantityInput => i.kind === 'quantity')

/** Any staging whose numbers lie in the usual ranges and go together. */
const anyStaging = fc
  .record({
    shares: fc.array(fc.double({ min: 0, max: 1, noNaN: true }), {
      minLength: quantities.length,
      maxLength: quantities.length,
    }),
    steel: fc.boolean(),
    dented: fc.boolean(),
  })
  .map(({ shares, steel, dented }) => {
    const numbers = Object.fromEntries(
      quantities.map((input, i) => {
        const drawn = input.usual[0] + shares[i] * (input.usual[1] - input.usual[0])
        return [input.id, input.whole ? Math.round(drawn) : drawn]
      }),
    )
    delete numbers.seaLevelPressure
    delete numbers.knockDown
    // A can has the capacity that its measures enclose, more or less.
    numbers.vesselVolume = (Math.PI / 4) * numbers.vesselDiameter! ** 2 * numbers.vesselHeight! * 0.93
    return resolve(canPlunge, {
      numbers,
      choices: { wallMaterial: steel ? 'steel' : 'aluminium', vesselCondition: dented ? 'dented' : 'sound' },
    })
  })
  .filter(({ faults }) => faults.length === 0)
  .map(({ values }) => values as CanPlungeValues)

const RUNS = { numRuns: 120, seed: 20261125 }

describe('can plunge, any staging', () => {
  it('comes to results that can exist', () => {
    fc.assert(
      fc.property(anyStaging, values => {
        const { results: r, outcome, events } = simulate(values, 'summary')
        const n = values.numbers
        for (const [id, value] of Object.entries(r)) expect(Number.isFinite(value), id).toBe(true)
        expect(canPlunge.outcomes.map(o => o.id)).toContain(outcome)
        expect(r.residualAirFraction).toBeGreaterThanOrEqual(0)
        expect(r.residualAirFraction).toBeLessThanOrEqual(1)
        expect(r.volumeLost).toBeGreaterThanOrEqual(0)
        expect(r.volumeLost).toBeLessThan(0.95)
        expect(r.waterDrawnIn).toBeGreaterThan(-2e-6)
        expect(r.waterDrawnIn).toBeLessThan(n.vesselVolume! * (1.02 - r.volumeLost))
        expect(r.waterLeft).toBeLessThanOrEqual(n.waterCharge! * 1000 * 1.001)
        expect(r.peakPressureDifference).toBeLessThan(n.stationPressure!)
        expect(r.peakNetForce / r.outsideForce).toBeCloseTo(r.peakPressureDifference / n.stationPressure!, 9)
        // A can that comes colder than a hot bath takes a little heat from it; so did each before it.
        expect(r.bathTemperatureAfter).toBeGreaterThan(n.bathTemperature! - 0.06 * (1 + n.restedCount!))
        if (r.hush !== undefined) expect(r.peakPressureDifference / r.criticalPressureDifference).toBeGreaterThan(0.98)
        else expect(r.volumeLost).toBe(0)
        if (r.timeToBoil !== undefined && r.timeToPlume !== undefined)
          expect(r.timeToPlume).toBeGreaterThanOrEqual(r.timeToBoil)
        expect(events.every((e, i) => i === 0 || e.time >= events[i - 1].time)).toBe(true)
      }),
      RUNS,
    )
  })
  it('has a ledger that adds up, cautions at its steps, words without holes, a drawing at every moment', () => {
    const steps = new Set(canPlunge.procedure.map(s => s.id))
    fc.assert(
      fc.property(anyStaging, fc.double({ min: 0, max: 1, noNaN: true }), (values, share) => {
        const simulation = canPlunge.simulate(values, 'trace')
        const { rows, difference } = canPlunge.ledger(simulation)
        expect(Math.abs(rows.reduce((sum, row) => sum + row.pressure, 0) - difference)).toBeLessThan(
          1e-6 * Math.max(1, Math.abs(difference)),
        )
        for (const caution of cautionsOf(canPlunge, values, simulation)) {
          expect(steps.has(caution.step)).toBe(true)
          for (const told of [caution.hazard, caution.control])
            expect(tell(told, METRIC)).not.toMatch(/NaN|undefined|–|\bsafe\b/)
        }
        const words = [
          ...canPlunge.why(values, simulation),
          ...canPlunge.explanation(values, simulation).map(e => e.text),
        ]
          .map(told => tell(told, METRIC))
          .join(' ')
        expect(words).not.toMatch(/NaN|undefined/)
        expect(words).not.toMatch(/\bsucks (it|the|in)/)
        const { time, stages } = simulation.trace!
        const end = time[time.length - 1]
        // What is not a number is null in JSON.
        expect(JSON.stringify(canPlunge.drawing(values, simulation, share * end))).not.toContain('null')
        expect(stages[0].start).toBe(0)
        stages.forEach((s, i) => expect(s.start).toBeCloseTo(i === 0 ? 0 : stages[i - 1].end, 9))
        expect(time.every((t, i) => i === 0 || t >= time[i - 1])).toBe(true)
      }),
      { ...RUNS, numRuns: 60 },
    )
  })
  it('boils sooner with more power, less water, warmer water and in thinner air', () => {
    fc.assert(
      fc.property(
        anyStaging,
        fc.constantFrom('heaterPower', 'waterCharge', 'chargeTemperature', 'stationPressure'),
        (values, input) => {
          const better = { heaterPower: 1.3, waterCharge: 0.7, chargeTemperature: 1.03, stationPressure: 0.85 }[input]
          const changed = { ...values, numbers: { ...values.numbers, [input]: values.numbers[input]! * better } }
          fc.pre(canPlunge.check(changed).length === 0)
          const before = simulate(values, 'trace').results.timeToBoil
          const after = simulate(changed, 'trace').results.timeToBoil
          fc.pre(before !== undefined)
          expect(after).toBeLessThanOrEqual(before * 1.01)
        },
      ),
      RUNS,
    )
  })
})

describe('water window', () => {
  it('is where the heating model says it is: less runs dry in the wait, more is too slow or too full', () => {
    const values = resolve(canPlunge, { numbers: {}, choices: {} }).values as CanPlungeValues
    const window = canPlunge.waterWindow!(values)
    const at = (kilograms: number) =>
      simulate({ ...values, numbers: { ...values.numbers, waterCharge: kilograms / 998 } }, 'trace').results
    const margin = (kilograms: number) =>
      at(kilograms).timeToDry! - at(kilograms).timeToPlume! - values.numbers.purgeTime! - window.wait
    expect(margin(window.least * 0.97)).toBeLessThan(0)
    expect(margin(window.least * 1.05)).toBeGreaterThan(0)
    expect(window.mostLimit).toBe('space')
    const weak = { ...values, numbers: { ...values.numbers, heaterPower: 500 } }
    const slow = canPlunge.waterWindow!(weak)
    expect(slow.mostLimit).toBe('time')
    expect(slow.most).toBeLessThan(window.most)
  })
})
