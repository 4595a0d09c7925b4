import { describe, expect, it } from 'vitest'
import { SOLIDS, petSoftening } from '../substances/solids'
import { saturationPressure } from '../substances/water'
import { hingeDifference, differenceForDeflection, panelDeflection } from '../vessels/flat-panel'
import { unsupportedLength } from '../vessels/buckling'
import { fallingFilmConductance, warmingFilmConductance } from './coolants'
import { efficiencyFromWarming } from './heater-efficiency'
import { spraySteam } from './inflow'
import { openingFlow } from './nozzle-flow'
import { blowEnergy } from './pulled-bottle'
import { rinse } from './rinse'
import { roomLoss } from './convection'
import { cylinderVessel, flaskVessel, type Room } from './steam-vessel'

describe('flat panels', () => {
  const panel = { width: 0.16, length: 0.32, thickness: 0.25e-3 }
  it(
    'bend a little as Timoshenko & Woinowsky-Krieger, table 35 (b/a = 2: w = 0.00254 q b⁴/D), and ' +
      'stiffen once they stretch',
    () => {
      const rigidity = (200e9 * 0.25e-3 ** 3) / (12 * (1 - 0.09))
      const small = 1e-6
      expect(
        differenceForDeflection(panel, SOLIDS.steel, small) / ((small * rigidity) / (0.00254 * 0.16 ** 4)),
      ).toBeCloseTo(1, 3)
      expect(differenceForDeflection(panel, SOLIDS.steel, 1e-3)).toBeGreaterThan(
        8 * differenceForDeflection(panel, SOLIDS.steel, 0.25e-3),
      )
      expect(panelDeflection(panel, SOLIDS.steel, differenceForDeflection(panel, SOLIDS.steel, 2e-3))).toBeCloseTo(
        2e-3,
        6,
      )
    },
  )
  it("fold at Johansen's yield-line loads: 48 m/b² for a clamped square (exact 42.9), 16 m/b² for a long strip", () => {
    const moment = (280e6 * 0.25e-3 ** 2) / 4
    expect((hingeDifference({ width: 0.1, length: 0.1, thickness: 0.25e-3 }, 280e6) * 0.01) / moment).toBeCloseTo(48, 6)
    expect((hingeDifference({ width: 0.1, length: 100, thickness: 0.25e-3 }, 280e6) * 0.01) / moment).toBeCloseTo(16, 1)
  })
  it('hoops shorten the free length from all of it to their spacing', () => {
    expect([0, 0.5, 1].map(h => unsupportedLength(0.9, 0.3, h))).toEqual([
      0.9,
      expect.closeTo(0.6, 9),
      expect.closeTo(0.3, 9),
    ])
  })
  it(
    'PET is stiff at 20 °C, has lost little at 60 °C and nearly all at 90 °C (from memory: glass ' +
      'transition about 75 °C)',
    () => {
      expect(petSoftening(293.15)).toBeCloseTo(1, 2)
      expect(petSoftening(333.15)).toBeGreaterThan(0.75)
      expect(petSoftening(363.15)).toBeLessThan(0.15)
    },
  )
})

describe('coolants', () => {
  it(
    "a falling film takes 1 to 8 kW/(m2 K) (Perry's Handbook, sect. 5, order for water films), more " +
      'with more flow',
    () => {
      const flows = [0.02, 0.1, 0.5].map(fallingFilmConductance)
      for (const h of flows) {
        expect(h).toBeGreaterThan(1000)
        expect(h).toBeLessThan(8000)
      }
      expect(flows[2]).toBeGreaterThan(flows[1])
    },
  )
  it(
    'a trickle can take no more than warms it to the wall: ṁ c (limiting case), a flood all that its ' + 'film passes',
    () => {
      expect(warmingFilmConductance(3000, 1, 0.01)).toBeCloseTo(0.01 * 4186, -1)
      expect(warmingFilmConductance(3000, 1, 100) / 3000).toBeCloseTo(1, 2)
    },
  )
  it('spray never condenses more than heating it to the dew point would; an opening passes ρ A √(2Δp/ρ)', () => {
    expect(spraySteam(285, 373, 101325, 1)).toBeCloseTo((4186 * 88) / 2.257e6, 2)
    expect(spraySteam(380, 373, 101325, 1)).toBe(0)
    expect(openingFlow(1e-4, 101325, 1.2, 100325, 1.2) / (1e-4 * Math.sqrt(2 * 1.2 * 1000))).toBeCloseTo(1, 1.2)
    expect(openingFlow(1e-4, 101325, 1.2, 101325, 1.2)).toBe(0)
  })
})

describe('rinsing', () => {
  const vessel = cylinderVessel(
    { capacity: 0.75e-3, diameter: 0.075, height: 0.22, wallThickness: 3e-3, mouthDiameter: 0.0185 },
    SOLIDS.glass,
  )
  const room: Room = {
    pressure: 101325,
    temperature: 293.15,
    vapourFraction: 0.01,
    airDensity: 1.2,
    boilingPoint: 373.12,
    loss: roomLoss(0.22, 293.15, 101325, 0.9),
  }
  const once = (contact: number, times = 1) =>
    rinse({ vessel, room, volume: 0.75e-3, temperature: 368.15, times, contact, saturation: 1 })
  it("leaves air by Dalton's law: what the vapour over a wall as hot as it got does not fill", () => {
    const { wall, airMoles } = once(0.7)
    const moles = (101325 * 0.75e-3) / (8.314462618 * wall)
    expect(airMoles / moles).toBeCloseTo(1 - saturationPressure(wall) / 101325, 2)
  })
  it('conserves enthalpy: wall and water meet at the mixing temperature, less what the vapour took', () => {
    const glass = 2500 * 800 * 3e-3 * (vessel.upperArea + vessel.crossSection)
    const water = 0.75e-3 * 962 * 4186
    const common = (water * 368.15 + glass * 293.15) / (water + glass)
    const { wall, airMoles } = once(1)
    const vapour = ((101325 * 0.75e-3) / (8.314462618 * wall) - airMoles) * 0.018015
    expect(common - wall).toBeCloseTo((vapour * 2.29e6) / glass, 0)
  })
  it('a second rinse makes the wall hotter and leaves less air; with no hot contact nothing changes', () => {
    expect(once(0.7, 2).wall).toBeGreaterThan(once(0.7).wall + 5)
    expect(once(0.7, 2).airMoles).toBeLessThan(0.8 * once(0.7).airMoles)
    expect(once(0).wall).toBeGreaterThan(288)
    expect(once(0).wall).toBeLessThanOrEqual(293.15)
  })
  it('a flask is the sphere of its capacity', () => {
    expect(
      flaskVessel({ capacity: 1e-3, wallThickness: 1.8e-3, mouthDiameter: 7e-3 }, SOLIDS.glass).diameter,
    ).toBeCloseTo(0.1241, 4)
  })
})

describe('measuring a heater', () => {
  it('is the energy balance by hand: 500 g by 40 K in 150 s are 558 W', () => {
    const { efficiency, power, spread } = efficiencyFromWarming({
      waterMass: 0.5,
      from: 293.15,
      to: 333.15,
      time: 150,
      ratedPower: 1800,
    })
    expect(power).toBeCloseTo((0.5 * 4180 * 40) / 150, 0)
    expect(efficiency).toBeCloseTo(0.31, 2)
    expect(spread).toBeGreaterThan(0.05)
    expect(spread).toBeLessThan(0.06)
  })
  it('names the measure that makes no sense', () => {
    const trial = { waterMass: 0.5, from: 293.15, to: 333.15, time: 150, ratedPower: 1800 }
    expect(() => efficiencyFromWarming({ ...trial, to: 294 })).toThrow(/last temperature/)
    expect(() => efficiencyFromWarming({ ...trial, ratedPower: 300 })).toThrow(/share: comes to 185\.8 %/)
  })
})

describe('a bottle pulled out of a hand', () => {
  const pull = { pull: 100, grip: 60, impulse: 10, clearance: 0.05, mass: 0.5 }
  it('meets the bowl with the work of what the hand does not hold, or with what the momentum can give', () => {
    expect(blowEnergy(pull)).toBeCloseTo(40 * 0.05, 12)
    // 0.4 of 1 N s on half a kilogram: 0.8 m/s, 0.16 J.
    expect(blowEnergy({ ...pull, impulse: 1 })).toBeCloseTo(0.5 * 0.5 * 0.8 * 0.8, 12)
  })
  it('stays where the hand holds it, and sets in without a jump', () => {
    expect(blowEnergy({ ...pull, grip: 100 })).toBe(0)
    expect(blowEnergy({ ...pull, pull: 0 })).toBe(0)
    expect(blowEnergy({ ...pull, grip: 99.999 })).toBeLessThan(1e-4)
  })
})
