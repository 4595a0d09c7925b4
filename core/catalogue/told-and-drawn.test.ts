/** What a run tells agrees with what it draws, and its limits with each other. */
import { describe, expect, it } from 'vitest'
import { drawnStagings } from '../../tests/drawn-stagings'
import { cautionsOf, resolve, type Risk } from '../demonstration'
import { METRIC, tell } from '../sentence'
import { DEMONSTRATIONS } from './everything'

const byId = (id: string) => DEMONSTRATIONS.find(d => d.id === id)!
const RUNS = 8

describe.each(DEMONSTRATIONS.map(d => [d.id, d] as const))('%s', (_, d) => {
  const runs = drawnStagings(d, 120, 51)
    .map(given => resolve(d, given))
    .filter(r => r.faults.length === 0)
    .slice(0, RUNS)
    .map(({ values }) => ({ values, run: d.simulate(values, 'trace') }))
  it('tells events in order, of which each is drawn', () => {
    for (const { run } of runs) {
      const end = run.trace.stages.at(-1)!.end
      const times = run.events.map(e => e.time)
      expect(times).toEqual(times.toSorted((a, b) => a - b))
      // The greatest difference after a fold comes slowly, and nothing shows it.
      const drawn = run.events.filter(e => e.id !== 'peak' || run.details.goneAt === undefined)
      for (const e of drawn) expect(e.time, e.id).toBeLessThanOrEqual(end + 1e-6)
    }
  })
  it('calls no pressure the lowest that is over the room’s', () => {
    for (const { values, run } of runs)
      expect(run.results.floorPressure ?? 0).toBeLessThanOrEqual(values.numbers.stationPressure!)
  })
})

describe('limits', () => {
  // Wilson's expansions: damp air is never more than some tens of kelvins below its dew point (0 to 4 °C here).
  it('a can that fills at once: fog keeps what gas is left from getting colder than any cloud', () => {
    const can = byId('can-plunge')
    for (const purgeTime of [8, 15]) {
      const { values } = resolve(can, {
        numbers: { wallThickness: 0.5e-3, mouthDiameter: 0.03, purgeTime },
        choices: {},
      })
      const run = can.simulate(values, 'trace')
      expect(run.outcome).toBe('fill')
      expect(Math.min(...run.trace.columns.gasTemperature)).toBeGreaterThan(220)
      const most = values.numbers.stationPressure! - run.results.floorPressure!
      expect(run.results.peakPressureDifference).toBeLessThan(1.01 * most)
    }
  })
  it('a bath that is warmer than the room: the room’s air is what cools the rest of a tank', () => {
    const tank = byId('process-vessel')
    const { values } = resolve(tank, { numbers: { bathTemperature: 335 }, choices: { coolingMethod: 'sprinkle' } })
    const run = tank.simulate(values, 'summary')
    const most = values.numbers.stationPressure! - run.results.floorPressure!
    expect(run.results.peakPressureDifference).toBeLessThan(1.01 * most)
  })
  it('a drum that is heated on until it is dry: the burner goes off before that, in 99 of 100', () => {
    const drum = byId('drum-reinflate')
    const { values } = resolve(drum, { numbers: {}, choices: {} })
    const run = drum.simulate(values, 'trace')
    const told = (dry: number) => {
      const risk: Risk = { share: () => 0, dry, quantile: id => (id === 'timeToDry' ? 300 : run.results[id]) }
      return cautionsOf(drum, values, run, risk).find(c => c.id === 'dry')!
    }
    expect([told(0).severity, told(0.4).severity]).toEqual(['usual', 'raised'])
    expect(tell(told(0.4).control, METRIC)).toMatch(/after 5.min at the latest/)
  })
  it('a panel that has folded ticks no more', () => {
    const tin = byId('pumped-can')
    const run = (panelCrown: number) => {
      const numbers = { vesselWidth: 0.2, vesselHeight: 0.27, wallThickness: 0.34e-3, panelCrown }
      return tin.simulate(resolve(tin, { numbers, choices: {} }).values, 'summary').results
    }
    expect([run(2.9e-3).talkTime, run(2.9e-3).hush! > 0]).toEqual([undefined, true])
    expect(run(1e-3).talkTime).toBeLessThan(run(1e-3).hush!)
  })
})
