/**
 * Warm water in a jar that is pumped out: it evaporates, boils once its vapour pressure is over the jar's, and cools
 * by what it gives off; vapour condenses on the glass and warms it.
 */
import { quickLatentHeat, quickSaturationPressure } from '../substances/steam-tables'
import { WATER_GAS_CONSTANT } from '../substances/water'
import { LIQUID_SPECIFIC_HEAT } from '../substances/water-transport'
import type { PumpedSpace } from './pump-down'

/** Unknowns, by place in the state; gases as p V at the room's temperature, J. */
export const BOIL = {
  air: 0,
  vapour: 1,
  /** K */ water: 2,
  /** K */ glass: 3,
  /** kg evaporated */ given: 4,
  /** kg of it in bubbles */ bubbled: 5,
} as const

/**
 * Vapour from a still surface at a room's pressure, kg/(m2 s Pa): ASHRAE Handbook HVAC Applications (2019), ch. 6,
 * 0.089 W/(m2 Pa) over the latent heat; from memory.
 */
const STILL = 3.8e-8
/** Thinner air lets more through, in proportion, up to this factor. */
const THINNEST = 8
/** A boiling surface against a still one: bubbles and their wakes. Order of magnitude, assumption. */
const BUBBLING = 150
/** Boiling, once begun, goes on down to this share of what it needs to begin. */
const GOES_ON = 0.2
/**
 * Heat from the beaker's side and surface to the room, W/(m2 K) of surface; Incropera & DeWitt, table 1.1, from
 * memory.
 */
const BEAKER_LOSS = 18
/** A jar's glass: 5 mm, 2500 kg/m3, 800 J/(kg K) (Incropera & DeWitt, table A.3, from memory), J/(m2 K). */
const GLASS_CAPACITY = 5e-3 * 2500 * 800
/** From the jar's outside to the room, W/(m2 K): as above. */
const GLASS_LOSS = 10

export interface BoilPlan {
  /** Pa */ outside: number
  /** K */ room: number
  /** free of water, m3; whoever moves its walls keeps it up to date */ volume: number
  /** of the water, m2 */ surface: number
  /** of the jar, m2 */ glass: number
  /** of its wall, J/(m2 K); a jar's 5 mm of glass if left out */ wallCapacity?: number
  /** kg */ water: number
  /** multiplies evaporation and condensation */ evaporation: number
  /** pressure over the jar's at which it begins to boil, Pa */ over: number
}

/**
 * @source mass transfer through thin air in inverse proportion to its pressure (Chapman–Enskog; R. B. Bird et al.,
 *   Transport Phenomena, 2nd ed. (2002), sect. 17.2); water, glass and vapour by their balances of enthalpy and mass
 */
export class BoilingUnderPump {
  /** false until the first bubbles: they need more than what keeps them going */
  started = false

  // Everything the inner loop reads is a plain number of this object; the volume alone may change.
  private readonly outside: number
  private readonly room: number
  private readonly surface: number
  private readonly glass: number
  private readonly wallCapacity: number
  private readonly mass: number
  private readonly evaporation: number
  private readonly over: number

  constructor(private readonly plan: BoilPlan) {
    this.outside = plan.outside
    this.room = plan.room
    this.surface = plan.surface
    this.glass = plan.glass
    this.wallCapacity = plan.wallCapacity ?? GLASS_CAPACITY
    this.mass = plan.water
    this.evaporation = plan.evaporation
    this.over = plan.over
  }

  /** Air of the room, with its vapour, over water of a temperature (K). */
  start(water: number, humidity: number): Float64Array {
    const { outside, room } = this
    const { volume } = this.plan
    const vapour = humidity * quickSaturationPressure(room) * volume
    return Float64Array.of(outside * volume - vapour, vapour, water, room, 0, 0)
  }

  /** Vapour pressure of the water over the jar's, Pa. */
  superpressure(pressure: number, water: number): number {
    return quickSaturationPressure(water) - pressure
  }

  /** How strongly it boils, 0 to 1. */
  vigour(pressure: number, water: number): number {
    return this.started ? this.vigourAt(this.superpressure(pressure, water)) : 0
  }

  private vigourAt(superpressure: number): number {
    const { over } = this
    const share = (superpressure - GOES_ON * over) / Math.max((1 - GOES_ON) * over, 1)
    return share <= 0 ? 0 : share >= 1 ? 1 : share
  }

  /** Evaporation by area and pascal that lack, kg/(m2 s Pa). */
  private perArea(pressure: number): number {
    return this.evaporation * STILL * Math.min(THINNEST, this.outside / Math.max(pressure, 1000))
  }

  /** Vapour that bubbles bring up, kg/s. @param superpressure of the water's vapour over the gas, Pa */
  bubbling(pressure: number, superpressure: number): number {
    const vigour = this.started ? this.vigourAt(superpressure) : 0
    return vigour * BUBBLING * this.perArea(pressure) * this.surface * superpressure
  }

  readonly contents: NonNullable<PumpedSpace['contents']> = {
    scale: [5, 5, 1e-4, 1e-4],
    rates: (_, pressure, state, slope) => {
      const { room, surface, glass, wallCapacity } = this
      const { volume } = this.plan
      const water = state[BOIL.water]
      const mass = Math.max(1e-6, this.mass - state[BOIL.given])
      const partial = state[BOIL.vapour] / volume
      const saturation = quickSaturationPressure(water)
      const perArea = this.perArea(pressure)
      const bubbles = this.bubbling(pressure, saturation - pressure)
      const given = perArea * surface * (saturation - partial) + bubbles
      const latent = quickLatentHeat(water)
      // Dew on the glass; what little there is of it evaporates again from the water's account, not from here.
      const dew = Math.max(0, partial - quickSaturationPressure(state[BOIL.glass])) * perArea * glass
      slope[BOIL.vapour] += (given - dew) * WATER_GAS_CONSTANT * room
      slope[BOIL.water] = -(given * latent + (water - room) * surface * BEAKER_LOSS) / (mass * LIQUID_SPECIFIC_HEAT)
      slope[BOIL.glass] =
        (dew * latent) / (wallCapacity * glass) - ((state[BOIL.glass] - room) * GLASS_LOSS) / wallCapacity
      slope[BOIL.given] = given
      slope[BOIL.bubbled] = bubbles
    },
  }
}
