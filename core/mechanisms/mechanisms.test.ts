import { describe, expect, it } from 'vitest'
import { SOLIDS } from '../substances/solids'
import { quickSaturationPressure } from '../substances/steam-tables'
import { latentHeat, saturationTemperature } from '../substances/water'
import { Integrator } from '../solver'
import { bathAfter, iceToHold } from './bath'
import { airLayerConductance, condensingFlux, nusseltFilm } from './condensation'
import { roomLoss, roomLossFlux } from './convection'
import { differenceByCause } from './difference-by-cause'
import { heat, HEATING, type HeatingPlan } from './heating'
import { heatOnce } from './kept-heating'
import { heldFraction } from './collapse'
import { buoyantExchange } from './mouth-exchange'
import { slugAcceleration } from './inflow'
import { CoolingVessel, throughWall } from './cooling-vessel'
import { COOLING, COOLING_SIZE, type CoolingPlan } from './cooling-plan'
import { bathConductance } from './convection'
import { plunge } from './plunge'
import { leavingAirFraction } from './purge'
import { transfer, TRANSFER } from './transfer'

const noLoss = { still: 0, buoyant: 0, emissivity: 0, room: 293.15 }
const room = {
  pressure: 101325,
  temperature: 293.15,
  vapourFraction: 0.01,
  airDensity: 1.2,
  boilingPoint: saturationTemperature(101325),
  loss: noLoss,
}
const vessel = {
  capacity: 330e-6,
  crossSection: (Math.PI * 0.0575 ** 2) / 4,
  upperArea: Math.PI * 0.0575 * 0.145 + (Math.PI * 0.0575 ** 2) / 4,
  diameter: 0.0575,
  height: 0.145,
  wallThickness: 1e-4,
  mouthDiameter: 0.022,
  solid: SOLIDS.aluminium,
}
const plan: HeatingPlan = {
  vessel,
  room,
  power: 200,
  heaterLimit: 1e9,
  charge: 0.015,
  chargeTemperature: 293.15,
  mixing: 1,
  plumeFraction: 0.45,
  purgeTime: 30,
  airLayerFactor: 1,
}

describe('heating', () => {
  it(
    'conserves energy without losses: heat in = water, metal and vapour (limiting case, exact balance ' + 'within 2 %)',
    () => {
      const state = new Float64Array(5)
      const heated = heat(plan, state, 1e-4)
      const metal = SOLIDS.aluminium.density * SOLIDS.aluminium.specificHeat * 1e-4
      const stored =
        0.015 * 4190 * (room.boilingPoint - 293.15) +
        metal *
          (vessel.crossSection * (state[HEATING.base] - 293.15) + vessel.upperArea * (state[HEATING.wall] - 293.15)) +
        (0.015 - state[HEATING.waterMass]) * latentHeat(room.boilingPoint)
      expect(stored / (200 * heated.timeOfLifting)).toBeGreaterThan(0.98)
      expect(stored / (200 * heated.timeOfLifting)).toBeLessThan(1.02)
    },
  )
  it('boils off at power over latent heat, and dries when that has used the water up', () => {
    const heated = heat(plan, new Float64Array(5), 1e-4)
    expect(Math.abs(heated.steamRate / (200 / latentHeat(room.boilingPoint)) - 1)).toBeLessThan(0.01)
    const dried = heat({ ...plan, charge: 0.003, purgeTime: 120 }, new Float64Array(5), 1e-4)
    expect(dried.boiledDry).toBe(true)
    const predicted = heat({ ...plan, charge: 0.003, purgeTime: 5 }, new Float64Array(5), 1e-4).timeToDry!
    expect(dried.timeToDry! / predicted).toBeCloseTo(1, 2)
  })
  it('never boils where the room takes more than the heater gives', () => {
    const lossy = { ...room, loss: roomLoss(0.145, 293.15, 101325, 0.8) }
    const heated = heat({ ...plan, room: lossy, power: 4 }, new Float64Array(5), 1e-3)
    expect(heated.timeToBoil).toBeUndefined()
    expect(heated.timeToPlume).toBeUndefined()
  })
  it('is told again as it was computed, of each plan its own, whatever was done with what was told before', () => {
    const told = (p: HeatingPlan, tolerance: number) => {
      const state = new Float64Array(5)
      return { heated: heatOnce(p, state, tolerance), state }
    }
    const computed = (p: HeatingPlan, tolerance: number) => {
      const state = new Float64Array(5)
      return { heated: heat(p, state, tolerance), state }
    }
    const plans = [
      plan,
      { ...plan, room: { ...room, loss: { ...noLoss, still: 1 } } },
      { ...plan, liftedAfter: 200 },
      { ...plan, totalTime: 200, liftedAfter: 150 },
      { ...plan, totalTime: 150, liftedAfter: 200 },
    ]
    for (const p of [...plans, ...plans])
      for (const tolerance of [1e-2, 1e-4]) {
        const found = told(p, tolerance)
        expect(found).toEqual(computed(p, tolerance))
        found.state.fill(0)
      }
    const [first, second] = plans.map(p => told(p, 1e-4))
    expect(first!.state).not.toEqual(second!.state)
  })
})

describe('purge', () => {
  it.each([
    [1, 2, Math.exp(-2)],
    [0.5, 0.3, 0.7],
    [0.5, 1.5, 0.5 * Math.exp(-2)],
    [0.05, 1.2, 0.05 * Math.exp(-5)],
  ])('with mixing %d and %d volumes leaves the closed form (Levenspiel 1999, ch. 12)', (mixing, volumes, expected) => {
    const y = Float64Array.of(1)
    const system = {
      size: 1,
      scale: Float64Array.of(1e-4),
      derivatives: (_: number, s: Float64Array, f: Float64Array) => {
        f[0] = -leavingAirFraction(s[0], mixing)
      },
    }
    new Integrator(1).run(system, y, 0, volumes, { tolerance: 1e-6, firstStep: 1e-3 })
    expect(Math.abs(y[0] - expected)).toBeLessThan(2e-4)
  })
})

describe('condensation', () => {
  it("gives Nusselt's film on a short wall, of the order of 10 kW/(m2 K) (Incropera & DeWitt, ch. 10)", () => {
    const flux = condensingFlux(nusseltFilm(0.03, 2.26e6), 20, 1e9)
    expect(flux / 20).toBeGreaterThan(9e3)
    expect(flux / 20).toBeLessThan(16e3)
  })
  it('is more than halved by a few per cent of air (Minkowycz & Sparrow 1966)', () => {
    const film = nusseltFilm(0.03, 2.26e6)
    const pure = condensingFlux(film, 10, airLayerConductance(0))
    const aired = condensingFlux(film, 10, airLayerConductance(0.05))
    expect(aired / pure).toBeLessThan(0.5)
    expect(aired / pure).toBeGreaterThan(0.1)
    // Uchida et al. 1964 at equal masses of air and vapour: 380 W/(m2 K)
    expect(airLayerConductance(1)).toBeCloseTo(380, 0)
  })
  it('stops where the wall is hotter', () => {
    expect(condensingFlux(1e4, -1, 1e9)).toBe(0)
  })
})

describe('losses', () => {
  it("radiates as a grey body and convects as Churchill & Chu's equation", () => {
    const loss = roomLoss(0.145, 293.15, 101325, 0)
    // Incropera & DeWitt, ch. 9: a small upright surface 75 K above air loses 5 to 7 W/(m2 K) by free convection
    expect(roomLossFlux(loss, 368.15) / 75).toBeGreaterThan(5)
    expect(roomLossFlux(loss, 368.15) / 75).toBeLessThan(7.5)
    expect(roomLossFlux({ ...noLoss, emissivity: 1 }, 368.15)).toBeCloseTo(5.670374e-8 * (368.15 ** 4 - 293.15 ** 4), 2)
  })
  it('exchanges gas through a mouth as Epstein 1988, and not the other way up', () => {
    expect(buoyantExchange(0.022, 0.6, 1.2)).toBeCloseTo(0.055 * Math.sqrt((0.022 ** 5 * 9.80665 * 0.6) / 0.9), 9)
    expect(buoyantExchange(0.022, 1.3, 1.2)).toBe(0)
  })
})

const coolingPlan: CoolingPlan = {
  vessel,
  room,
  pool: 0,
  leakArea: 0,
  airLayerFactor: 1,
  surfaceConductance: 3000,
  coolant: {
    temperature: 283.15,
    area: vessel.crossSection + Math.PI * 0.0575 * 0.03,
    throughBase: 0,
    conductance: throughWall(vessel, bathConductance(0.03, 0.3, 90)),
  },
  strength: { criticalDifference: 1e7, residualLoad: 0.35, stiffening: 1, packing: 0.92 },
  mouth: {
    depth: 0.03,
    plungeSpeed: 0.3,
    waterTemperature: 283.15,
    entryLoss: 0.5,
    passage: 4e-3,
    jet: { water: 283.15, diameter: 0.022, stanton: 0.01, sprayContact: 0.6, splashWeber: 2e5 },
  },
}
function run(changes: Partial<CoolingPlan>, start: { vapour: number; air?: number; gas?: number; liquid?: number }) {
  const system = new CoolingVessel({ ...coolingPlan, ...changes }, true)
  const state = new Float64Array(COOLING_SIZE)
  state[COOLING.air] = start.air ?? 0
  state[COOLING.vapour] = start.vapour
  state[COOLING.gas] = start.gas ?? room.boilingPoint
  state[COOLING.wetWall] = state[COOLING.dryWall] = start.gas ?? room.boilingPoint
  state[COOLING.liquid] = start.liquid ?? 283.15
  const first = system.pressure(state)
  const end = plunge(system, state, 1e-4)
  return { system, state, end, first }
}
/** A mouth so small that nothing comes in: a closed vessel. */
const closed = {
  vessel: { ...vessel, mouthDiameter: 1e-6 },
  mouth: { ...coolingPlan.mouth!, jet: { ...coolingPlan.mouth!.jet, diameter: 1e-6 } },
}
const steam = (101325 * 330e-6) / (461.526 * room.boilingPoint)

describe('plunge', () => {
  it('ends at the saturation pressure of the cold wall when no air is left (limiting case)', () => {
    const { system, state } = run(closed, { vapour: steam })
    const end = system.pressure(state)
    expect(end / quickSaturationPressure(state[COOLING.wetWall])).toBeGreaterThan(0.95)
    expect(end / quickSaturationPressure(state[COOLING.wetWall])).toBeLessThan(1.15)
    expect(state[COOLING.wetWall]).toBeCloseTo(283.15, 0)
  })
  it('follows the ideal gas when nothing condenses (limiting case: dry air cooled at constant volume)', () => {
    const air = (101325 * 330e-6) / (287.053 * room.boilingPoint)
    const { system, state, first } = run(closed, { vapour: 1e-9, air, liquid: room.boilingPoint })
    expect(state[COOLING.gas]).toBeLessThan(room.boilingPoint - 20)
    // The film left inside evaporates a little; its share is taken off before the gas law is asked of the air.
    const evaporated = (state[COOLING.vapour] * 461.526 * state[COOLING.gas]) / 330e-6
    expect((system.pressure(state) - evaporated) / first).toBeCloseTo(state[COOLING.gas] / room.boilingPoint, 2)
  })
  it("fills at Torricelli's speed without losses (limiting case: strong empty vessel, jet energy only)", () => {
    const y = Float64Array.of(0)
    const system = {
      size: 1,
      scale: Float64Array.of(1),
      derivatives: (_: number, s: Float64Array, f: Float64Array) => {
        f[0] = slugAcceleration(50e3, s[0], 1000, 0.014, 0)
      },
    }
    new Integrator(1).run(system, y, 0, 0.1, { tolerance: 1e-6, firstStep: 1e-5 })
    expect(y[0] / Math.sqrt((2 * 50e3) / 1000)).toBeCloseTo(1, 4)
  })
  it('conserves water: vapour gone = condensed on wall, water and as fog', () => {
    for (const criticalDifference of [7000, 1e7]) {
      const { state } = run(
        { strength: { ...coolingPlan.strength, criticalDifference } },
        { vapour: steam * 0.93, air: 8e-6 },
      )
      const counted = state[COOLING.condensedOnWall] + state[COOLING.condensedOnWater] + state[COOLING.condensedAsFog]
      expect(counted / (steam * 0.93 - state[COOLING.vapour])).toBeCloseTo(1, 3)
    }
  })
  it('fills a strong vessel and crushes a weak one, and the wall never springs back', () => {
    // Some hundredths of a per cent of air are left in any can that was carried to the water.
    const air = 1e-6
    const strong = run({}, { vapour: steam, air })
    expect(strong.state[COOLING.drawnIn]).toBeGreaterThan(0.3)
    expect(strong.state[COOLING.lost]).toBe(0)
    const weak = run({ strength: { ...coolingPlan.strength, criticalDifference: 5000 } }, { vapour: steam, air })
    expect(weak.state[COOLING.lost]).toBeGreaterThan(0.25)
    expect(weak.end.hush).toBeGreaterThan(0)
    expect(weak.end.hush).toBeLessThan(1)
  })
  it('carries its full load before buckling, less after, more when packed', () => {
    expect(heldFraction(0, 0.35, 1, 0.92)).toBe(1)
    expect(heldFraction(0.1, 0.35, 1, 0.92)).toBeLessThan(0.7)
    expect(heldFraction(0.85, 0.35, 1, 0.92)).toBeGreaterThan(5)
  })
})

describe('transfer', () => {
  it('lets in nothing when nothing cools and the mouth is down', () => {
    const state = new Float64Array(4)
    state[TRANSFER.wall] = state[TRANSFER.pool] = room.boilingPoint
    state[TRANSFER.waterMass] = 0.01
    const hot = { ...room, temperature: room.boilingPoint, loss: { ...noLoss, room: room.boilingPoint } }
    transfer(
      { vessel, room: hot, duration: 5, uprightShare: 0, moved: true, airLayerFactor: 1, surfaceConductance: 3000 },
      state,
      1e-4,
    )
    expect(state[TRANSFER.airMoles] / ((101325 * 330e-6) / (8.314 * 373))).toBeLessThan(0.0025)
  })
})

describe('bath', () => {
  it('melts its ice first and then warms by the heat it takes up (enthalpy balance by hand)', () => {
    const hot = {
      hotMetal: 0,
      metalTemperature: 373.15,
      hotWater: 1,
      waterTemperature: 373.15,
      steam: 0,
      steamTemperature: 373.15,
    }
    const cold = bathAfter({ temperature: 273.15, water: 5, ice: 2, ...hot })
    expect(cold.temperature).toBeCloseTo(273.15, 6)
    expect(cold.ice).toBeCloseTo(2 - (4190 * 100) / 334e3, 6)
    expect(bathAfter({ temperature: 283.15, water: 9, ice: 0, ...hot }).temperature).toBeCloseTo(283.15 + 90 / 10, 6)
    // 10 L warmed by 2 K from 0 °C: 83.8 kJ, a quarter of a kilogram of ice, besides the half that melted.
    expect(iceToHold({ temperature: 273.15, ice: 1 }, { temperature: 275.15, ice: 0.5 }, 0.01)).toBeCloseTo(
      0.5 + (10 * 2 * 4190) / 334e3,
      2,
    )
  })
})

describe('difference by cause', () => {
  it('adds up exactly, with cooling p0 (1 − T1/T0)', () => {
    const change = {
      temperatures: [373, 340] as const,
      volume: 330e-6,
      amount: 0.09,
      inflow: 30e-6,
      lost: 60e-6,
      gone: { wall: 0.02, water: 0.012 },
    }
    const rows = differenceByCause(change)
    const before = (0.09 * 373) / 330e-6
    const after = ((0.09 - 0.032) * 340) / (330e-6 - 90e-6)
    expect(Object.values(rows).reduce((a, b) => a + b, 0)).toBeCloseTo(before - after, 6)
    expect(rows.cooling).toBeCloseTo(before * (1 - 340 / 373), 6)
    expect(rows.inflow).toBeLessThan(0)
    expect(rows.crush).toBeLessThan(0)
  })
})
