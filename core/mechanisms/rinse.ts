/** Rinsing a vessel with hot water and emptying it: what its wall and its gas come to. */
import { GAS_CONSTANT } from '../substances/air'
import { quickLatentHeat, quickLiquidDensity, quickSaturationPressure } from '../substances/steam-tables'
import { LIQUID_SPECIFIC_HEAT, WATER_MOLAR_MASS } from '../substances/water-transport'
import type { Room, SteamVessel } from './steam-vessel'

/** Water that stays on a wall just emptied, kg/m2: a film of 0.03 mm. Assumption. */
const FILM = 0.03

export interface RinsePlan {
  vessel: SteamVessel
  room: Room
  /** m3 of hot water each time, at most the capacity */ volume: number
  /** of the hot water as it is poured in, K */ temperature: number
  times: number
  /** share of the way to a common temperature that water and wall go before it is poured out */ contact: number
  /** share of saturation that the film's vapour reaches in the gas */ saturation: number
}

export interface Rinsed {
  /** K */ wall: number
  /** kg left on it */ film: number
  airMoles: number
}

/**
 * Pours hot water in and out `times` over.
 *
 * As it runs out, room air takes its place; the film left on the hot wall then steams until the gas is (nearly)
 * saturated at the wall's temperature, and what no longer fits leaves well mixed. So the air left follows from how
 * hot the wall got, which is why rinsing leaves far more of it than boiling. Enthalpy of wall and water is conserved;
 * the room's share is left out.
 */
export function rinse(plan: RinsePlan): Rinsed {
  const { vessel, room, temperature, times, contact, saturation } = plan
  const area = vessel.upperArea + vessel.crossSection
  const wallCapacity = vessel.solid.density * vessel.solid.specificHeat * vessel.wallThickness * area
  const water = plan.volume * quickLiquidDensity(Math.min(temperature, 372))
  const film = FILM * area
  const displaced = Math.min(1, plan.volume / vessel.capacity)
  let wall = room.temperature
  let vapourShare = room.vapourFraction
  for (let i = 0; i < times; i++) {
    const common =
      (water * LIQUID_SPECIFIC_HEAT * temperature + wallCapacity * wall) / (water * LIQUID_SPECIFIC_HEAT + wallCapacity)
    wall += contact * (common - wall)
    const afterPouring = vapourShare * (1 - displaced) + room.vapourFraction * displaced
    const moles = (room.pressure * vessel.capacity) / (GAS_CONSTANT * wall)
    // The wall pays for the vapour: bisect for the temperature at which both agree.
    const shareAt = (t: number) => Math.min(0.995, (saturation * quickSaturationPressure(t)) / room.pressure)
    let low = room.temperature
    let high = wall
    for (let step = 0; step < 40; step++) {
      const middle = (low + high) / 2
      const needed = Math.max(0, shareAt(middle) - afterPouring) * moles * WATER_MOLAR_MASS * quickLatentHeat(middle)
      if (wallCapacity * (wall - middle) > needed) low = middle
      else high = middle
    }
    wall = high
    vapourShare = Math.max(afterPouring, shareAt(wall))
  }
  return { wall, film, airMoles: ((1 - vapourShare) * room.pressure * vessel.capacity) / (GAS_CONSTANT * wall) }
}
