import fc from 'fast-check'
import psychrolib from 'psychrolib'
import { describe, expect, it } from 'vitest'
import { pow } from '../elementary'
import { AIR_GAS_CONSTANT, GAS_CONSTANT } from '../substances/air'
import { ethanolVapourPressure } from '../substances/ethanol'
import { saturationPressure } from '../substances/water'
import { ahead, behind, lumpedSpeed, shoot, soundSpeed } from './ball-in-tube'
import { neededFall, sag, type InvertedGlass } from './card-under-glass'
import { interference, pushThrough, widestEgg } from './egg-in-neck'
import { FLAME_DIES, FUELS, FlameGas, OXYGEN_IN_AIR } from './flame-gas'
import { longestReach, reach } from './flight'
import { airToHang, hangingPressure, lift } from './floating-bulb'
import { holdingForce, pulledCup, risen, timeToRise } from './held-by-air'
import { openingFlow } from './inflow'
import { lidSpeed } from './lid-launch'
import { CONDENSABLES, expand, opticalDepth, overLiquidWater, type Expansion, type Mist } from './moist-expansion'
import { nozzleFlow } from './nozzle-flow'
import { afterStroke, leakIn, pumpDown } from './pump-down'
import { balloonVolume, heldAt, hump, restingStretch, skinPressure, type Rubber } from './rubber-balloon'
import { gasPathLoss, sumOfLevels } from './sound-in-gas'

psychrolib.SetUnitSystem(psychrolib.SI)

const P0 = 101325
const T0 = 293.15

describe('gas through an opening', () => {
  it('chokes at 0.6847 p A/√(RT) (White, Fluid Mechanics, 4th ed., eq. 9.46), whatever lies beyond', () => {
    expect(nozzleFlow(1e-4, P0, T0, 0)).toBeCloseTo(0.6847 * P0 * 1e-4 / Math.sqrt(AIR_GAS_CONSTANT * T0), 5)
    expect(nozzleFlow(1e-4, P0, T0, 0.5 * P0)).toBe(nozzleFlow(1e-4, P0, T0, 0))
    expect(nozzleFlow(1e-4, P0, T0, 0.5284 * P0) / nozzleFlow(1e-4, P0, T0, 0)).toBeCloseTo(1, 5)
  })
  it('at small differences is the incompressible orifice, within a hundredth', () => {
    const density = P0 / (AIR_GAS_CONSTANT * T0)
    expect(nozzleFlow(1e-6, P0, T0, P0 - 1500) / openingFlow(1e-6, 1500, density)).toBeCloseTo(1, 1.7)
    expect(nozzleFlow(1e-6, P0, T0, P0)).toBe(0)
  })
})

describe('pumping down', () => {
  const space = { outside: P0, temperature: T0, leakArea: 0, volume: () => 6.5e-3 }
  it('a steady pump follows p_u + (p0 − p_u) exp(−S t/V) (O’Hanlon, ch. 18) within half a hundredth', () => {
    const pump = { kind: 'steady', speed: 4e-4, ultimate: 500 } as const
    for (const goal of [50e3, 10e3, 2e3]) {
      const { time } = pumpDown({ ...space, pump }, P0, goal, 1e4)
      expect(time / (6.5e-3 / 4e-4 * Math.log((P0 - 500) / (goal - 500)))).toBeCloseTo(1, 2.3)
    }
  })
  it('strokes follow p0 (V/(V+v))^n (Boyle) and never pass the ultimate pressure', () => {
    const seen: number[] = []
    pumpDown({ ...space, pump: { kind: 'strokes', swept: 120e-6, period: 1, ultimate: 0 } }, P0, 1, 20.5, (t, p) => { seen.push(p / pow(6.5 / 6.62, t)) })
    expect(seen.length).toBeGreaterThan(5)
    for (const start of seen) expect(start).toBeCloseTo(P0, 4)
    // Never a stroke more than it takes.
    expect(pumpDown({ ...space, pump: { kind: 'strokes', swept: 120e-6, period: 1, ultimate: 0 } }, P0, 50e3, 1e3).time).toBe(Math.ceil(Math.log(P0 / 50e3) / Math.log(6.62 / 6.5)))
    expect(afterStroke(20e3, 1e-3, 1e-3, 20e3)).toBeCloseTo(20e3, 9)
  })
  it('with a leak stands where the leak is what the pump takes', () => {
    const pump = { kind: 'steady', speed: 1e-4, ultimate: 100 } as const
    const { pressure } = pumpDown({ ...space, pump, leakArea: 1e-9 }, P0, 0, 1e5)
    expect((pressure - 100) * 1e-4).toBeCloseTo(leakIn(1e-9, P0, T0, pressure), 3)
  })
})

const RUBBER: Rubber = { radius: 0.025, wall: 0.25e-3, modulus: 0.3e6, stiffening: 0.1, burst: 5.8 }
describe('a rubber balloon', () => {
  it('without stiffening has its hump at a stretch of 7^(1/6) (neo-Hookean sphere: Müller & Strehlow 2004, ch. 2)', () => {
    const soft = { ...RUBBER, stiffening: 0 }
    const top = pow(7, 1 / 6)
    for (const off of [0.9, 0.97, 1.03, 1.1]) expect(skinPressure(soft, top * off)).toBeLessThan(skinPressure(soft, top))
    expect(hump(soft)).toBeCloseTo(skinPressure(soft, top), -1)
  })
  it('rises, falls and rises again, with mouth pressures of 2 to 6 kPa (common practice; Merritt & Weinhaus 1978)', () => {
    expect(hump(RUBBER)).toBeGreaterThan(2000)
    expect(hump(RUBBER)).toBeLessThan(6000)
    expect(skinPressure(RUBBER, 2.5)).toBeLessThan(hump(RUBBER))
    expect(skinPressure(RUBBER, 5.6)).toBeGreaterThan(skinPressure(RUBBER, 3.2))
  })
  it('slack follows Boyle, and the resting stretch is where pressure and amount agree', () => {
    const limp = heldAt(RUBBER, 0.4, P0)
    expect(balloonVolume(RUBBER, restingStretch(RUBBER, limp, P0 / 2)) / balloonVolume(RUBBER, 0.4)).toBeCloseTo(2, 3)
    fc.assert(fc.property(fc.double({ min: 0.3, max: 4, noNaN: true }), fc.double({ min: 2e3, max: P0, noNaN: true }), (start, outside) => {
      const amount = heldAt(RUBBER, start, P0)
      const stretch = restingStretch(RUBBER, amount, outside)
      expect(stretch >= RUBBER.burst || Math.abs(heldAt(RUBBER, stretch, outside) / amount - 1) < 1e-4).toBe(true)
    }))
  })
})

describe('burning in a closed space', () => {
  it('sets free what handbooks give for each fuel, within 6 % (lower heating values, CRC Handbook, from memory)', () => {
    const perKilogram = { paraffin: [352.7, 38, 43.1e6], paper: [162.14, 6, 16.1e6], ethanol: [46.07, 3, 26.8e6], methane: [16.04, 2, 50.0e6] } as const
    for (const [name, [molar, oxygen, heat]] of Object.entries(perKilogram)) {
      expect(FUELS[name as keyof typeof FUELS].heat * oxygen / (molar / 1000) / heat, name).toBeGreaterThan(0.94)
      expect(FUELS[name as keyof typeof FUELS].heat * oxygen / (molar / 1000) / heat, name).toBeLessThan(1.06)
    }
  })
  it('keeps the atoms, stops by itself at the oxygen where flames die, and leaves the inert gas alone', () => {
    const gas = new FlameGas({ volume: 1e-3, area: 0.05, transfer: 10, wall: T0 }, P0, T0, 0)
    const [inert, oxygen] = [gas.inert, gas.oxygen]
    for (let i = 0; i < 4000; i++) gas.burn(FUELS.paraffin, 60, 0, 0.05)
    expect(gas.inert).toBe(inert)
    expect(gas.oxygen + gas.burnt).toBeCloseTo(oxygen, 12)
    expect(gas.carbonDioxide).toBeCloseTo(gas.burnt * 25 / 38, 12)
    expect(gas.vapour).toBeCloseTo(gas.burnt * 26 / 38, 12)
    expect(gas.oxygenFraction).toBeGreaterThanOrEqual(FLAME_DIES - 1e-9)
    expect(gas.oxygenFraction).toBeLessThan(0.165)
    expect(oxygen / (inert + oxygen)).toBeCloseTo(OXYGEN_IN_AIR, 9)
  })
  it('without condensation cools as an ideal gas; damp, it ends at the saturation pressure of the wall', () => {
    const dry = new FlameGas({ volume: 1e-3, area: 0.05, transfer: 20, wall: T0 }, P0, 450, 0)
    const damp = new FlameGas({ volume: 1e-3, area: 0.05, transfer: 20, wall: T0 }, P0, 360, 50e3)
    for (let i = 0; i < 3000; i++) {
      dry.settle(0, 0.02, dry.pressure())
      damp.settle(0, 0.02, damp.pressure())
    }
    expect(dry.pressure()).toBeCloseTo(P0 * T0 / 450, -1)
    expect(damp.vapour * GAS_CONSTANT * T0 / 1e-3 / saturationPressure(T0)).toBeCloseTo(1, 2)
  })
})

describe('egg, card, cup, plates', () => {
  const fit = { egg: 0.042, neck: 0.035, stiffness: 26e3, friction: 0.12, slope: 0.24 }
  it('an egg no wider than the neck needs nothing; wider, drier and stiffer needs more; the widest egg is the other way round', () => {
    expect(pushThrough({ ...fit, egg: 0.035 })).toBe(0)
    for (const harder of [{ egg: 0.044 }, { friction: 0.3 }, { stiffness: 40e3 }, { slope: 0.34 }]) expect(pushThrough({ ...fit, ...harder })).toBeGreaterThan(pushThrough(fit))
    expect(widestEgg(fit, pushThrough(fit))).toBeCloseTo(fit.egg, 6)
    expect(interference(fit)).toBeCloseTo(1 / 6, 9)
  })
  it('a glass of 12 cm, half full, lets its card hang 0.36 mm lower (by hand: H f (1 − f) ρ g H/p0); one as high as a water barometer never holds', () => {
    const glass: InvertedGlass = { diameter: 0.07, height: 0.12, filled: 0.5, card: 0, outside: P0, density: 998 }
    expect(sag(glass)).toBeCloseTo(0.06 * 998 * 9.80665 * 0.06 / (P0 - 998 * 9.80665 * 0.06), 9)
    expect(sag({ ...glass, filled: 1 })).toBe(0)
    expect(sag({ ...glass, height: 10.4, filled: 0.999 })).toBe(Infinity)
    expect(neededFall({ ...glass, card: 0.01 })).toBeGreaterThan(neededFall(glass))
  })
  it('holding force is difference times area; a leak lifts a good vacuum in a straight line (choked), and risen undoes timeToRise', () => {
    expect(holdingForce(P0, 0, Math.PI / 4 * 0.1 * 0.1)).toBeCloseTo(795.8, 0)
    const first = timeToRise(1e-4, 1e-9, P0, T0, 0, 10e3)
    expect(timeToRise(1e-4, 1e-9, P0, T0, 20e3, 30e3)).toBeCloseTo(first, 6)
    expect(risen(1e-4, 1e-9, P0, T0, 5e3, timeToRise(1e-4, 1e-9, P0, T0, 5e3, 80e3)) / 80e3).toBeCloseTo(1, 2)
    expect(pulledCup(P0, 1, 3)).toBeCloseTo(P0 / 4, 6)
  })
})

describe('sound through thin gas', () => {
  it('loses 20 dB for every tenth of the pressure (Kinsler, sect. 5.10), and equal levels add 3 dB', () => {
    expect(gasPathLoss(P0 / 10, P0)).toBeCloseTo(20, 9)
    expect(gasPathLoss(P0, P0)).toBeCloseTo(0, 9)
    expect(sumOfLevels(60, 60)).toBeCloseTo(63.0103, 3)
  })
})

describe('moist expansion', () => {
  const plan = (more: Partial<Expansion> = {}): Expansion => ({
    from: 2 * P0, to: P0, release: 0.01, wall: T0, start: T0, volume: 1e-3, area: 0.05, transfer: 0, substance: CONDENSABLES.water, saturation: 1,
      nuclei: { number: 3e11, critical: 1.005 }, ...more,
  })
  const end = (more: Partial<Expansion> = {}, until = 0.2): Mist & { deepest: number, coldest: number } => {
    let last: Mist
    let [deepest, coldest] = [0, Infinity]
    expand(plan(more), until, (m) => {
      last = { ...m }
      deepest = Math.max(deepest, opticalDepth(m, 1000, 0.085))
      coldest = Math.min(coldest, m.temperature)
    })
    return { ...last!, deepest, coldest }
  }
  it('dry and without heat cools as (p/p0)^(R/c_p): 2 to 1 atmosphere from 20 °C gives about −33 °C', () => {
    expect(end({ saturation: 1e-6 }).temperature).toBeCloseTo(T0 * pow(0.5, 8.314462618 / 29.2), 0)
    expect(end({ saturation: 1e-6 }).temperature).toBeCloseTo(240.6, 0)
  })
  it('slow and with good contact stays at the wall’s temperature (isothermal limit)', () => {
    expect(end({ saturation: 1e-6, transfer: 5000, release: 20 }, 40).temperature).toBeCloseTo(T0, 0)
  })
  it('vapour that condenses keeps it warmer than dry air, and ends at saturation with no more water than there was', () => {
    const moist = end()
    expect(moist.temperature).toBeGreaterThan(end({ saturation: 1e-6 }).temperature + 8)
    expect(moist.saturation).toBeCloseTo(1, 1)
    const before = saturationPressure(T0) * 1e-3 / (GAS_CONSTANT * T0) * 0.018015
    expect(moist.liquid * 1e-3 + moist.vapour * 0.018015).toBeLessThanOrEqual(before * 1.001)
  })
  it('without nuclei nothing settles until the ratio that Wilson found for ions; smoke makes small drops and a whiter cloud', () => {
    expect(end({ from: 1.15 * P0, nuclei: { number: 8e8, critical: 4.2 } }).deepest).toBe(0)
    expect(end().deepest).toBeGreaterThan(4 * end({ nuclei: { number: 4e9, critical: 1.02 } }).deepest)
  })
  it('saturation over liquid water agrees with IF97 above freezing and the Smithsonian tables at −20 °C (1.254 hPa, from memory)', () => {
    for (const t of [275, 285, 300]) expect(overLiquidWater(t) / saturationPressure(t)).toBeCloseTo(1, 2.3)
    expect(overLiquidWater(253.15)).toBeCloseTo(125.4, 0)
  })
  it('and with psychrolib (ASHRAE Fundamentals 2017, ch. 1) at the temperatures of a room', () => {
    for (const celsius of [5, 18, 30]) expect(overLiquidWater(celsius + 273.15) / psychrolib.GetSatVapPres(celsius)).toBeCloseTo(1, 2.2)
  })
  it('ethanol boils at 78.3 °C at 1 atm and has 5.9 kPa at 20 °C (CRC Handbook, from memory)', () => {
    expect(ethanolVapourPressure(351.45) / P0).toBeCloseTo(1, 1.7)
    expect(ethanolVapourPressure(293.15)).toBeCloseTo(5900, -2)
  })
})

describe('a ball in a tube', () => {
  const shot = { mass: 2.7e-3, ball: 0.04, tube: 0.04, length: 2, outside: P0, residual: 0, temperature: T0, friction: 0 }
  const c = soundSpeed(T0)
  it('the wave behind starts at p0 and vanishes at the escape speed 5c; the shock ahead is acoustic when slow and NACA 1135’s 4.5 at Mach 2', () => {
    expect(behind(P0, 0, c)).toBe(P0)
    expect(behind(P0, 5.01 * c, c)).toBe(0)
    expect((ahead(P0, 0.01 * c, c) - P0) / (1.4 * P0 * 0.01)).toBeCloseTo(1, 1.5)
    expect(ahead(1, 2 / 2.4 * (2 - 0.5) * c, c)).toBeCloseTo(4.5, 6)
  })
  it('a heavy ball is driven by p0 A all the way (v² = 2 p A L/m); a light one by no more than Ayars & Buchholtz’s lump allows, within a tenth', () => {
    const heavy = { ...shot, mass: 1 }
    expect(shoot(heavy).speed ** 2 / (2 * P0 * Math.PI / 4 * 0.04 * 0.04 * 2 / 1)).toBeCloseTo(1, 0.9)
    expect(shoot(shot).speed / lumpedSpeed(shot, 2)).toBeGreaterThan(0.9)
    expect(shoot(shot).speed / lumpedSpeed(shot, 2)).toBeLessThan(1.15)
  })
  it('air left ahead, a gap round the ball and a heavier ball each make it slower', () => {
    for (const slower of [{ residual: 20e3 }, { tube: 0.043, ball: 0.04 }, { mass: 0.01 }]) expect(shoot({ ...shot, ...slower }).speed).toBeLessThan(shoot(shot).speed)
  })
  it('flies v²/g at 45° without air, far less with it', () => {
    const bare = { mass: 1, area: 0, drag: 0, density: 1.2 }
    expect(reach(bare, 20, Math.SQRT1_2, 0) / (400 / 9.80665)).toBeCloseTo(1, 1.5)
    expect(longestReach({ mass: 2.7e-3, area: 1.26e-3, drag: 0.47, density: 1.2 }, 250, 1)).toBeLessThan(45)
  })
  it('a lid with much gas behind it gets (p − p0) A travel as its energy', () => {
    const lid = { mass: 3e-3, area: 1e-3, travel: 0.005 }
    expect(0.5 * lid.mass * lidSpeed(lid, 1.5 * P0, P0, 1, 1.25) ** 2).toBeCloseTo(0.5 * P0 * 1e-3 * 0.005, 4)
    expect(lidSpeed(lid, P0, P0, 1e-4, 1.25)).toBe(0)
  })
})

describe('a float with a bubble', () => {
  it('hangs where it displaces its own mass (Archimedes), lower pressure lifts it, warmth lifts it', () => {
    const bulb = { mass: 5.2e-3, solid: 2.17e-6, air: 3.37e-6, pressure: P0, temperature: T0 }
    const p = hangingPressure(bulb, T0, 998)
    expect(lift(bulb, p, T0, 998)).toBeCloseTo(0, 9)
    expect(lift(bulb, p - 500, T0, 998)).toBeGreaterThan(0)
    expect(hangingPressure(bulb, T0 + 5, 998)).toBeGreaterThan(p)
    expect(airToHang(bulb.mass, bulb.solid, 998)).toBeCloseTo(bulb.air * P0 / p, 12)
    expect(hangingPressure({ ...bulb, mass: 1e-3 }, T0, 998)).toBe(Infinity)
  })
})

describe('a jar with a swelling thing in it', () => {
  it('loses with every stroke just what the cylinder takes: the air outside the balloon is conserved', () => {
    const amount = heldAt(RUBBER, 2.6, P0)
    const volume = (p: number) => 6.5e-3 - balloonVolume(RUBBER, restingStretch(RUBBER, amount, p))
    let last: number | undefined
    let strokes = 0
    pumpDown({ outside: P0, temperature: T0, leakArea: 0, volume, pump: { kind: 'strokes', swept: 500e-6, period: 1, ultimate: 0 } }, P0, 40e3, 60, (_, p) => {
      if (last !== undefined) expect((p * (volume(p) + 500e-6)) / (last * volume(last))).toBeCloseTo(1, 5)
      last = p
      strokes++
    })
    expect(strokes).toBeGreaterThan(3)
  })
})
