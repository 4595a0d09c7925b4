import { describe, expect, it } from 'vitest'
import { resolve } from '../demonstration'
import { canPlunge } from '../catalogue/steam/can-plunge'
import { bathConductance, carriedCylinderConductance } from './convection'
import { jetCondensation } from './inflow'

const results = (numbers: Record<string, number>) =>
  canPlunge.simulate(resolve(canPlunge, { numbers, choices: {} }).values, 'trace').results
/** Pairs of a result as one input rises. */
const rising = (input: string, values: number[], result: string, others: Record<string, number> = {}) =>
  values.map(v => results({ ...others, [input]: v })[result]!)
const falls = (list: number[]) => list.every((x, i) => i === 0 || x <= list[i - 1] * 1.001 + 1e-12)
const grows = (list: number[]) => falls(list.map(x => -x))

describe('each mechanism pulls the right way', () => {
  it('more purge, quicker transfer and a narrower mouth leave less air', () => {
    expect(falls(rising('purgeTime', [0, 2, 5, 10], 'residualAirFraction'))).toBe(true)
    expect(grows(rising('transferTime', [0.5, 1, 2, 4, 8], 'residualAirFraction'))).toBe(true)
    expect(grows(rising('mouthDiameter', [0.01, 0.02, 0.03], 'residualAirFraction'))).toBe(true)
  })
  it('optimistic mixing purges better than a stirred tank', () => {
    expect(grows(rising('purgeMixing', [0.3, 0.6, 1], 'residualAirFraction', { purgeTime: 3 }))).toBe(true)
  })
  it('a thicker wall, a shorter can and a sound one hold more', () => {
    expect(grows(rising('wallThickness', [0.08e-3, 0.1e-3, 0.14e-3], 'criticalPressureDifference'))).toBe(true)
    expect(falls(rising('vesselHeight', [0.13, 0.15, 0.18], 'criticalPressureDifference'))).toBe(true)
    expect(grows(rising('knockDown', [0.45, 0.6, 0.75], 'criticalPressureDifference'))).toBe(true)
    // Windenburg & Trilling: strength goes with t^2.5
    const [thin, thick] = rising('wallThickness', [0.1e-3, 0.2e-3], 'criticalPressureDifference')
    expect(Math.log2(thick / thin)).toBeCloseTo(2.5, 0)
  })
  it('air left in delays the hush and lifts the floor', () => {
    const steps = [0.5, 1, 2, 4]
    expect(grows(rising('transferTime', steps, 'hush'))).toBe(true)
    expect(grows(rising('transferTime', steps, 'floorPressure'))).toBe(true)
  })
  it('more heat boils, shows a plume and dries sooner; more water later', () => {
    for (const result of ['timeToBoil', 'timeToPlume', 'timeToDry']) {
      expect(falls(rising('heaterPower', [600, 900, 1500, 2500], result)), result).toBe(true)
      expect(grows(rising('waterCharge', [8e-6, 15e-6, 30e-6], result)), result).toBe(true)
    }
  })
  it('a bath without ice warms by what a can brings: a few tenths of a kelvin in a litre (enthalpy by hand)', () => {
    const { bathTemperatureAfter, waterLeft, steamMass } = results({
      iceMass: 0,
      bathVolume: 1e-3,
      bathTemperature: 293.15,
    })
    const brought = waterLeft! * 4190 * 79 + steamMass! * (2.257e6 + 4190 * 80) + 7.6 * 75
    expect(bathTemperatureAfter! - 293.15).toBeGreaterThan((0.8 * brought) / 4240)
    expect(bathTemperatureAfter! - 293.15).toBeLessThan((1.2 * brought) / 4240)
  })
})

describe('heat transfer', () => {
  it('to the bath is of the order of handbooks: 1 to 5 kW/(m2 K) for a plunge at arm speed', () => {
    expect(bathConductance(0.03, 0.3, 70)).toBeGreaterThan(1000)
    expect(bathConductance(0.03, 0.3, 70)).toBeLessThan(5000)
    expect(bathConductance(0.03, 1, 70)).toBeGreaterThan(bathConductance(0.03, 0.1, 70))
  })
  it(
    'of a carried can is 5 to 20 W/(m2 K) (Incropera & DeWitt, table 1.1: gases, forced, 25 to 250 at ' +
      'higher speeds)',
    () => {
      expect(carriedCylinderConductance(0.0575, 0.5, 330, 101325)).toBeGreaterThan(5)
      expect(carriedCylinderConductance(0.0575, 0.5, 330, 101325)).toBeLessThan(20)
    },
  )
  it('of a jet never takes more than heating the water to the dew point would, and much more once it breaks up', () => {
    const jet = { water: 280, diameter: 0.02, stanton: 0.01, sprayContact: 1, splashWeber: 1e9 }
    const most = (4190 * 80) / 2.3e6
    const slow = jetCondensation(jet, 360, 1e9, 61e3, 1, 0.14)
    const fast = jetCondensation(jet, 360, 1e9, 61e3, 8, 0.14)
    expect(slow).toBeGreaterThan(0)
    expect(fast).toBeGreaterThan(4 * slow)
    expect(fast).toBeLessThan(most * 1.05)
    expect(jetCondensation(jet, 270, 1e9, 61e3, 3, 0.14)).toBe(0)
    // Air in the way holds a smooth stream back, drops far less; a wide stream splashes where a narrow one does not.
    expect(jetCondensation(jet, 360, 300, 100e3, 1, 0.14)).toBeLessThan(slow / 5)
    const [wide, narrow] = [0.036, 0.012].map(diameter =>
      jetCondensation({ ...jet, diameter, splashWeber: 4000 }, 360, 300, 100e3, 0.5, 0.14),
    )
    expect(wide).toBeGreaterThan(2 * narrow)
  })
})
