import { describe, expect, it } from 'vitest'
import { saturationPressure, latentHeat, WATER_GAS_CONSTANT } from '../substances/water'
import { LIQUID_SPECIFIC_HEAT } from '../substances/water-transport'
import { BOIL } from './boiling-under-pump'
import { drawnVolume, pullSyringe, type SyringePlan } from './pulled-syringe'

const WARM = 323.15
/** Water, gas and barrel as warm as each other, so that nothing distils over; no leak. */
const plan: SyringePlan = {
  outside: 101325,
  room: WARM,
  temperature: WARM,
  surface: 5.6e-4,
  glass: 6e-3,
  water: 0.012,
  evaporation: 1,
  over: 1500,
  start: 0.5e-6,
  drawn: 38e-6,
  pullTime: 1.5,
  holdTime: 600,
  leakArea: 0,
}
const run = (changes: Partial<SyringePlan> = {}) => pullSyringe({ ...plan, ...changes }, 1e-5)

describe('a pulled syringe', () => {
  it('with water that gives off nothing follows Boyle (closed form)', () => {
    const { pressure, boilsAt } = run({ evaporation: 1e-9, over: 1e6 })
    expect(pressure).toBeCloseTo((plan.outside * plan.start) / plan.drawn, 0)
    expect(boilsAt).toBeUndefined()
  })
  it('comes to rest at the air alone plus the saturation pressure of its water (IF97)', () => {
    const { pressure, state } = run()
    const air = state[BOIL.air] / plan.drawn
    expect(pressure / (air + saturationPressure(state[BOIL.water]))).toBeCloseTo(1, 3)
  })
  it('begins to boil where Boyle’s air is under the saturation pressure by what it needs to start', () => {
    // Pulled faster than anything evaporates: p₀ V₀/V = p_sat − over.
    const quick = run({ pullTime: 0.02, holdTime: 1, evaporation: 1e-3 })
    const volume = (plan.outside * plan.start) / (saturationPressure(WARM) - plan.over)
    expect(drawnVolume({ ...plan, pullTime: 0.02 }, quick.boilsAt!) / volume).toBeCloseTo(1, 2)
  })
  it('keeps vapour and heat: what is given off fills the room and cools the water', () => {
    const { state } = run({ holdTime: 3 })
    const filled = (state[BOIL.vapour] - saturationPressure(WARM) * plan.start) / (WATER_GAS_CONSTANT * plan.room)
    // A little has turned to dew on the barrel while it was colder than the vapour.
    expect(state[BOIL.given] / filled).toBeCloseTo(1, 1)
    const cooled = (state[BOIL.given] * latentHeat(WARM)) / (plan.water * LIQUID_SPECIFIC_HEAT)
    expect((WARM - state[BOIL.water]) / cooled).toBeGreaterThan(0.9)
    expect((WARM - state[BOIL.water]) / cooled).toBeLessThan(1.05)
  })
  it('never boils with more air than its vapour pushes (limiting case), and needs no pull at the boiling point', () => {
    expect(run({ start: 10e-6 }).boilsAt).toBeUndefined()
    expect(run({ temperature: 372.8, over: 0 }).boilsAt).toBeLessThan(0.1)
  })
})
