/**
 * Between lifting a steam-filled open vessel off the heat and sealing its mouth.
 *
 * The wall cools, vapour condenses on it, the pool flashes to make up for it, and what the pool can't make up comes in
 * through the mouth as air. While the mouth is still on top, light steam and heavy air also change places. Slowness
 * costs.
 */
import { AIR_GAS_CONSTANT, AIR_MOLAR_MASS, GAS_CONSTANT } from '../substances/air'
import { LIQUID_SPECIFIC_HEAT, WATER_MOLAR_MASS } from '../substances/water-transport'
import { WATER_GAS_CONSTANT } from '../substances/water'
import { quickLatentHeat, quickLiquidDensity, quickSaturationTemperature } from '../substances/steam-tables'
import { Integrator, type OdeSystem } from '../solver'
import { carriedCylinderConductance, roomLossFlux } from './convection'
import { airLayerConductance, condensingFlux, nusseltFilm } from './condensation'
import { buoyantExchange } from './mouth-exchange'
import type { Room, SteamVessel } from './steam-vessel'

/** Unknowns of the stage, by place in the state. */
export const TRANSFER = { wall: 0, pool: 1, waterMass: 2, airMoles: 3 } as const

export interface TransferPlan {
  vessel: SteamVessel
  room: Room
  /** s */ duration: number
  /** share of the time with the mouth still on top */ uprightShare: number
  /** true: carried through the air and turned over; false: left standing */ moved: boolean
  /** multiplies the air layer's conductance */ airLayerFactor: number
  /** W/(m2 K) between the pool's surface and the gas's dew point */ surfaceConductance: number
}

/** Speed at which a vessel is carried, m/s: an arm's movement over half a metre in a second. */
const CARRYING_SPEED = 0.5

/** Share of the side wall over which the water washes while the vessel is carried and turned; assumption. */
const WASHED_SHARE = 0.25

class TransferSystem implements OdeSystem {
  readonly size = 4
  readonly dependsOnTime = false
  readonly scale: Float64Array
  readonly reference = new Float64Array(4)
  readonly amounts = [TRANSFER.airMoles, TRANSFER.waterMass]
  upright = true
  private readonly film: number
  private readonly wallCapacity: number
  private readonly baseCapacity: number
  private readonly carried: number
  private readonly washed: number

  constructor(private readonly plan: TransferPlan) {
    const { vessel, room } = plan
    this.scale = Float64Array.of(
      10,
      10,
      0.02 * vessel.capacity,
      (0.02 * room.pressure * vessel.capacity) / (GAS_CONSTANT * room.boilingPoint),
    )
    this.reference[TRANSFER.wall] = this.reference[TRANSFER.pool] = room.boilingPoint
    const perArea = vessel.solid.density * vessel.solid.specificHeat * vessel.wallThickness
    this.wallCapacity = perArea * vessel.upperArea
    this.baseCapacity = perArea * vessel.crossSection
    this.washed = vessel.crossSection + (plan.moved ? WASHED_SHARE * (vessel.upperArea - vessel.crossSection) : 0)
    this.film = nusseltFilm(vessel.height, quickLatentHeat(room.boilingPoint))
    this.carried = !plan.moved
      ? 0
      : carriedCylinderConductance(
          vessel.diameter,
          CARRYING_SPEED,
          (room.boilingPoint + room.temperature) / 2,
          room.pressure,
        )
  }

  derivatives(_time: number, state: Float64Array, slope: Float64Array): void {
    const { vessel, room, airLayerFactor, surfaceConductance } = this.plan
    const wall = state[TRANSFER.wall]
    const pool = state[TRANSFER.pool]
    const waterMass = Math.max(0, state[TRANSFER.waterMass])
    const airMoles = Math.max(0, state[TRANSFER.airMoles])
    const gas = (wall + pool) / 2
    const gasVolume = vessel.capacity - waterMass / quickLiquidDensity(pool)
    const gasMoles = (room.pressure * gasVolume) / (GAS_CONSTANT * gas)
    const airFraction = airMoles < gasMoles ? airMoles / gasMoles : 1
    const dewPoint = quickSaturationTemperature((1 - airFraction) * room.pressure)
    const latent = quickLatentHeat(dewPoint)
    const layer =
      airLayerFactor *
      airLayerConductance((airFraction * AIR_MOLAR_MASS) / ((1 - airFraction) * WATER_MOLAR_MASS + 1e-12))

    const condensingHeat = vessel.upperArea * condensingFlux(this.film, dewPoint - wall, layer)
    slope[TRANSFER.wall] =
      (condensingHeat - vessel.upperArea * roomLossFlux(room.loss, wall, this.carried)) / this.wallCapacity

    // A drop of water left can flash as a pool does; none left can't.
    const wetness = waterMass / (waterMass + 1e-4)
    const flashingHeat = wetness * surfaceConductance * this.washed * (pool - dewPoint)
    const baseLoss = vessel.crossSection * roomLossFlux(room.loss, pool, this.carried)
    slope[TRANSFER.pool] = -(flashingHeat + baseLoss) / (waterMass * LIQUID_SPECIFIC_HEAT + this.baseCapacity)
    const gained = (condensingHeat - flashingHeat) / latent
    slope[TRANSFER.waterMass] = gained

    const cooling = (slope[TRANSFER.wall] + slope[TRANSFER.pool]) / 2
    const inflow = gained / WATER_MOLAR_MASS - (gasMoles * cooling) / gas
    let air = inflow > 0 ? inflow * (1 - room.vapourFraction) : inflow * airFraction
    if (this.upright) {
      const density = (room.pressure / gas) * (airFraction / AIR_GAS_CONSTANT + (1 - airFraction) / WATER_GAS_CONSTANT)
      const exchange = buoyantExchange(vessel.mouthDiameter, density, room.airDensity)
      air +=
        exchange *
        (((1 - room.vapourFraction) * room.pressure) / (GAS_CONSTANT * room.temperature) - airMoles / gasVolume)
    }
    slope[TRANSFER.airMoles] = air
  }
}

const integrator = new Integrator(4)

/**
 * Carries the vessel from the heat to the seal.
 *
 * @param state in and out, see `TRANSFER`
 * @param tolerance relative, of one step
 * @param record called with (seconds since lifting, state)
 */
export function transfer(
  plan: TransferPlan,
  state: Float64Array,
  tolerance: number,
  record?: (time: number, state: Float64Array) => void,
): void {
  const system = new TransferSystem(plan)
  const turning = plan.duration * plan.uprightShare
  const options = { tolerance, firstStep: Math.min(0.05, plan.duration / 50), onStep: record }
  const upright = turning > 0 ? integrator.run(system, state, 0, turning, options) : undefined
  system.upright = false
  if (plan.duration > turning)
    integrator.run(system, state, turning, plan.duration, { ...options, firstStep: upright?.step ?? options.firstStep })
  if (state[TRANSFER.waterMass] < 0) state[TRANSFER.waterMass] = 0
}
