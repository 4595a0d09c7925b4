import { describe, expect, it } from 'vitest'
import { StagingSample } from '../forecast/sample'
import { findDemonstration } from './everything'
import { resolve, type Given, type Simulation } from '../demonstration'

const run = (id: string, given: Partial<Given> = {}): Simulation => {
  const d = findDemonstration(id)!
  const { values, faults } = resolve(d, { numbers: {}, choices: {}, ...given })
  expect(faults).toEqual([])
  return d.simulate(values, 'summary')
}
const odds = (id: string, outcome: string, given: Partial<Given> = {}, size = 200): number => {
  const d = findDemonstration(id)!
  const sample = new StagingSample(d, { numbers: {}, choices: {}, spreads: {}, ...given }, size)
  sample.advance(size)
  return sample.outcomes.filter(o => d.outcomes[o].id === outcome).length / size
}

describe('a closed vessel is watched to its end', () => {
  it('is not given up before its last act: water that is poured at 20, 60 or 200 s counts as much', () => {
    for (const coolDelay of [20, 60, 200]) {
      const { results, outcome } = run('sealed-tin', { choices: { coolingMethod: 'pour' }, numbers: { coolDelay } })
      expect(results.hush ?? results.giveUpTime).toBeDefined()
      if (results.hush === undefined) expect(results.giveUpTime).toBeGreaterThan(coolDelay)
      expect(outcome).toBe('crush')
    }
  })
  it('a tin in still air is crushed in most stagings: a dent is an end and no watch cut short', () => {
    expect(odds('sealed-tin', 'crush', { choices: { coolingMethod: 'still-air' } })).toBeGreaterThan(0.6)
  })
  it(
    'a drum over a hot bath goes on cooling by its dry wall: the hotter the bath, the later, and ' +
      'never "stands" below what air cooling alone does',
    () => {
      const still = run('sealed-drum', { choices: { coolingMethod: 'still-air' } })
      for (const celsius of [70, 84, 90, 97]) {
        const warm = run('sealed-drum', {
          choices: { coolingMethod: 'ice-pool' },
          numbers: { bathTemperature: 273.15 + celsius },
        })
        expect(warm.results.peakPressureDifference, `${celsius}`).toBeGreaterThan(
          0.9 * Math.min(still.results.peakPressureDifference!, still.results.criticalPressureDifference!),
        )
      }
    },
  )
})

describe('a leaking vessel is left once nothing more can come of it', () => {
  it.each(['sealed-tin', 'sealed-drum', 'hot-water-bottle', 'warmed-bottle'])(
    '%s: the same answers as when it is followed all the way back to balance, to be drawn',
    id => {
      const d = findDemonstration(id)!
      const leak = d.inputs.find(i => i.kind === 'quantity' && i.id === 'leakArea')
      const least = leak?.kind === 'quantity' ? Math.max(leak.usual[0], 1e-10) : 0
      const most = leak?.kind === 'quantity' ? leak.usual[1] : 0
      for (let i = 0; i <= 12; i++) {
        const leakArea = least * (most / least) ** (i / 12)
        const { values } = resolve(d, { numbers: leak ? { leakArea } : {}, choices: {} })
        // As closely in time as the one that is drawn.
        const left = d.simulate(values, 'summary', 12)
        const followed = d.simulate(values, 'trace')
        expect(followed.outcome).toBe(left.outcome)
        for (const [name, value] of Object.entries(left.results)) {
          const off = Math.abs(followed.results[name]! - value!)
          expect(off, `${name}, ${leakArea} m2`).toBeLessThanOrEqual(0.01 * Math.abs(value!))
        }
      }
    },
  )
})

describe('openings', () => {
  it('the relief that a tank needs falls steadily with its rating', () => {
    let before = Infinity
    for (let rated = 500; rated <= 12000; rated *= 1.3) {
      const { reliefArea } = run('process-vessel', { numbers: { ratedVacuum: rated } }).results
      expect(reliefArea, `${rated} Pa`).toBeLessThan(before)
      expect(reliefArea, `${rated} Pa`).toBeGreaterThan(0)
      before = reliefArea!
    }
  })
  it('a bigger vent is never worse', () => {
    for (const choices of [{}, { coolingMethod: 'spray' }]) {
      let before = Infinity
      for (const squareCentimetres of [0, 1, 3, 12, 40, 120, 400, 1000]) {
        const { peakPressureDifference: peak } = run('process-vessel', {
          choices,
          numbers: { leakArea: squareCentimetres * 1e-4 },
        }).results
        expect(peak, `${squareCentimetres} cm2`).toBeLessThanOrEqual(before * 1.001 + 1)
        before = peak!
      }
    }
  })
  it('a leak never lifts the inside over the room', () => {
    for (const id of [
      'plates',
      'bell-jar-balloon',
      'soft-pack',
      'jar-barometer',
      'bell-in-vacuum',
      'low-pressure-boil',
    ]) {
      const d = findDemonstration(id)!
      for (const leakArea of [1e-9, 1e-7, 1e-6, 1e-5]) {
        const { values, faults } = resolve(d, { numbers: { leakArea }, choices: {} })
        if (faults.length) continue
        const { trace, details, results } = d.simulate(values, 'trace')
        expect(Math.max(...trace!.columns.pressure), id).toBeLessThanOrEqual(details.stationPressure! * (1 + 1e-6))
        expect(results.peakPressureDifference, id).toBeGreaterThanOrEqual(0)
      }
    }
  })
  it('a relief that opens wide is forecast like any other', () => {
    for (const reliefOpening of [30e-6, 300e-6, 1500e-6]) {
      expect(() =>
        odds('drum-reinflate', 'pop', { choices: { reliefPath: 'relief-valve' }, numbers: { reliefOpening } }, 60),
      ).not.toThrow()
    }
  })
})

describe('what practice sees', () => {
  it(
    'a half-litre bottle with a neck of 34 to 40 mm fills at once and pulls, the harder the longer it ' +
      'boiled; nothing jumps on the way from a narrow neck (common practice)',
    () => {
      let before: Simulation | undefined
      for (let neckDiameter = 0.02; neckDiameter <= 0.0401; neckDiameter += 0.001) {
        const now = run('bottle-fill', {
          choices: { fillMethod: 'microwave' },
          numbers: { neckDiameter, ovenTime: 180 },
        })
        if (before?.results.timeToFill && now.results.timeToFill)
          expect(
            Math.abs(Math.log(now.results.timeToFill / before.results.timeToFill)),
            `${neckDiameter}`,
          ).toBeLessThan(Math.log(3))
        if (neckDiameter > 0.0335) expect(now.results.timeToFill, `${neckDiameter}`).toBeLessThan(1.5)
        before = now
      }
      const pulls = [60, 120, 240].map(
        ovenTime =>
          run('bottle-fill', { choices: { fillMethod: 'microwave' }, numbers: { neckDiameter: 0.037, ovenTime } })
            .results.peakPull!,
      )
      expect(pulls[1]).toBeGreaterThan(pulls[0])
      expect(pulls[2]).toBeGreaterThanOrEqual(pulls[1])
      // Difference times the neck's area and no more.
      expect(pulls[2]).toBeLessThanOrEqual(((101325 * Math.PI) / 4) * 0.037 * 0.037)
    },
  )
})

describe('an amount that is used up', () => {
  it('is nought and never less: 2000 bottles, some of them boiled until hardly any air is left', () => {
    const sample = new StagingSample(findDemonstration('bottle-fill')!, { numbers: {}, choices: {}, spreads: {} }, 2000)
    sample.advance(2000)
    expect(Math.min(...sample.results.residualAirFraction)).toBeGreaterThanOrEqual(0)
    expect(Math.min(...sample.results.residualAirFraction)).toBeLessThan(0.01)
  })
})
