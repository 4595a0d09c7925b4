/**
 * A vessel with a little water in it, open at the top, on a heater: warming, boiling, purging, and boiling dry.
 *
 * Four nodes: the base, the water, the gas above it (quasi-steady in temperature, with its air counted), and the upper
 * wall. Steam condenses on the cold upper wall first and runs back, so a plume shows only once the wall is hot.
 */
import { LIQUID_SPECIFIC_HEAT, WATER_MOLAR_MASS, GRAVITY } from '../substances/water-transport'
import { AIR_MOLAR_MASS, GAS_CONSTANT } from '../substances/air'
import {
  quickLatentHeat,
  quickLiquidDensity,
  quickSaturationPressure,
  quickSaturationTemperature,
} from '../substances/steam-tables'
import { Integrator, type Occurrence, type OdeSystem } from '../solver'
import { type RoomLoss, roomLossFlux } from './convection'
import { airLayerConductance, condensingFlux, nusseltFilm } from './condensation'
import { leavingAirFraction } from './purge'
import type { Room, SteamVessel } from './steam-vessel'

/** With less water than this a vessel counts as dry, kg. */
const LAST_DROP = 1e-5
/** Warming of the base in the first step that is tried, K. */
const BASE_WARMS = 10
/** Longest time on the heat that is followed, s: beyond it nobody waits. */
const LONGEST_HEATING = 3600

/** Unknowns of the stage, by place in the state; see `HeatingSystem.coupledAt` for who hangs on whom. */
export const HEATING = { base: 0, wall: 1, airMoles: 2, water: 3, waterMass: 4 } as const

/** Natural convection of gas inside a small vessel, W/(m2 K): Incropera & DeWitt, table 1.1 (2 to 25), from memory. */
const INSIDE_GAS_CONDUCTANCE = 8
/** Mass transfer from still warm water to air above it, m/s: heat-mass analogy with the conductance above at 330 K. */
const SURFACE_MASS_TRANSFER = 0.009
/** Nucleate boiling of water on metal, W/(m2 K3): W. M. Rohsenow, Trans. ASME 74 (1952) 969, C_sf = 0.013, 100 °C. */
const NUCLEATE_BOILING = 140

export interface HeatingPlan {
  vessel: SteamVessel
  room: Room
  /** power that reaches the vessel while it boils, W */ power: number
  /** temperature at which the heater can give nothing more, K */ heaterLimit: number
  /** kg */ charge: number
  /** K */ chargeTemperature: number
  /** stirred part of the vessel, see `purge.ts` */ mixing: number
  /** vapour fraction of the leaving gas at which a plume shows steadily */ plumeFraction: number
  /** boiling on after the first steady plume, s */ purgeTime: number
  /** s from heat on at which it is lifted whatever it looks like; `purgeTime` after the plume if left out */
  totalTime?: number
  /** s from heat on at which it is lifted even if it is dry, or nothing boils; goes before the others */
  liftedAfter?: number
  /** multiplies the air layer's conductance */ airLayerFactor: number
  /** how much faster a swirled surface gives off vapour than a still one; 1 if left out */ stirring?: number
}

export interface Heated {
  /** s from heat on; undefined if it never happens within an hour */
  timeToBoil: number | undefined
  timeToPlume: number | undefined
  /** if the heat stayed on */
  timeToDry: number | undefined
  /** s from heat on */
  timeOfLifting: number
  boiledDry: boolean
  /** kg/s boiled off at lifting */
  steamRate: number
  occurrences: Occurrence[]
}

const WARMING = [HEATING.base, HEATING.wall, HEATING.airMoles, HEATING.water]
const BOILING = [HEATING.base, HEATING.wall, HEATING.airMoles]
const NONE: readonly number[] = []
const AT_ITS_BOILING_POINT = [HEATING.water]

type Mode = 'warming' | 'boiling' | 'dry'

class HeatingSystem implements OdeSystem {
  readonly size = 5
  readonly scale: Float64Array
  readonly reference = new Float64Array(5)
  readonly amounts = [HEATING.airMoles]
  mode: Mode = 'warming'
  /**
   * The mass of water changes too slowly for its own effect on the rates to matter within a step, and once it boils its
   * temperature stands still.
   */
  coupledAt(): readonly number[] {
    return this.mode === 'warming' ? WARMING : BOILING
  }
  idleAt(): readonly number[] {
    return this.mode === 'warming' ? NONE : AT_ITS_BOILING_POINT
  }

  /** kg/s boiled off at the last evaluation */
  steam = 0
  /** of the gas at the last evaluation: mole fraction of air, K, and W/(m2 K) of the layer of air before a wall */
  private airFraction = NaN
  private dewPoint = NaN
  private layer = NaN
  readonly baseCapacity: number
  private readonly film: number
  private readonly wallCapacity: number
  private readonly poolBuoyancy: number
  // What the inner loop reads is a plain number of this object: looking it up in the plan costs a third of the time.
  private readonly roomPressure: number
  private readonly boilingPoint: number
  private readonly roomLoss: RoomLoss
  private readonly roomAir: number
  private readonly capacity: number
  private readonly upperArea: number
  private readonly crossSection: number
  private readonly power: number
  private readonly heaterLimit: number
  private readonly mixing: number
  private readonly airLayerFactor: number
  /** of water that boils: its latent heat, J/kg, and its density, kg/m3 */
  private readonly boilingLatent: number
  private readonly boilingDensity: number
  /** vapour that its surface gives off by a pascal more at a kelvin, kg K/(s Pa) */
  private readonly steaming: number

  constructor(plan: HeatingPlan) {
    const { vessel, room } = plan
    this.roomPressure = room.pressure
    this.boilingPoint = room.boilingPoint
    this.roomLoss = room.loss
    this.roomAir = 1 - room.vapourFraction
    this.capacity = vessel.capacity
    this.upperArea = vessel.upperArea
    this.crossSection = vessel.crossSection
    this.power = plan.power
    this.heaterLimit = plan.heaterLimit
    this.mixing = plan.mixing
    this.airLayerFactor = plan.airLayerFactor
    this.boilingLatent = quickLatentHeat(room.boilingPoint)
    this.boilingDensity = quickLiquidDensity(room.boilingPoint)
    this.steaming =
      ((plan.stirring ?? 1) * SURFACE_MASS_TRANSFER * vessel.crossSection * WATER_MOLAR_MASS) / GAS_CONSTANT
    // Air counts against a whole filling, water against the charge.
    this.scale = Float64Array.of(
      10,
      10,
      (0.02 * room.pressure * vessel.capacity) / (GAS_CONSTANT * room.boilingPoint),
      10,
      0.02 * plan.charge,
    )
    for (const place of [HEATING.base, HEATING.wall, HEATING.water]) this.reference[place] = room.temperature
    const perArea = vessel.solid.density * vessel.solid.specificHeat * vessel.wallThickness
    this.baseCapacity = perArea * vessel.crossSection
    this.wallCapacity = perArea * vessel.upperArea
    this.film = nusseltFilm(vessel.height, this.boilingLatent)
    // Churchill-type correlation over a heated plate facing up, Nu = 0.54 Ra^1/4, L = D/4: Incropera & DeWitt, eq.
    // 9.30. Water at 330 K: expansion 5e-4 1/K, viscosity 5e-7 m2/s, diffusivity 1.6e-7 m2/s, conductivity 0.65 W/(m
    // K), table A.6, from memory.
    const length = vessel.diameter / 4
    this.poolBuoyancy =
      (0.54 * Math.sqrt(Math.sqrt((GRAVITY * 5e-4 * length * length * length) / (5e-7 * 1.6e-7))) * 0.65) / length
  }

  /** Mean of the warm water (or the dry base) and the wall, K. */
  gasTemperature(state: Float64Array): number {
    const below =
      this.mode === 'dry' ? state[HEATING.base] : this.mode === 'boiling' ? this.boilingPoint : state[HEATING.water]
    return (below + state[HEATING.wall]) / 2
  }

  /** Air and vapour above the water, mol. */
  gasMoles(state: Float64Array): number {
    const liquid =
      this.mode === 'dry'
        ? 0
        : state[HEATING.waterMass] /
          (this.mode === 'boiling' ? this.boilingDensity : quickLiquidDensity(state[HEATING.water]))
    return (this.roomPressure * (this.capacity - liquid)) / (GAS_CONSTANT * this.gasTemperature(state))
  }

  /**
   * Time until dry if the boil went on, s; undefined if it never would. The wall first takes up what it lacks to the
   * boiling point, and then what it loses to the room; the rest of the steam leaves.
   */
  timeLeft(state: Float64Array): number | undefined {
    const { boilingPoint, boilingLatent: latent } = this
    const leaving = this.steam - (this.upperArea * roomLossFlux(this.roomLoss, boilingPoint)) / latent
    const lacking = (this.wallCapacity * Math.max(0, boilingPoint - state[HEATING.wall])) / latent
    return leaving > 0 ? (state[HEATING.waterMass] + lacking) / leaving : undefined
  }

  derivatives(_time: number, state: Float64Array, slope: Float64Array): void {
    const { roomPressure, boilingPoint, upperArea, crossSection, heaterLimit } = this
    const base = state[HEATING.base]
    const wall = state[HEATING.wall]
    const waterMass = state[HEATING.waterMass]
    const dry = this.mode === 'dry'
    const water = this.mode === 'boiling' ? boilingPoint : state[HEATING.water]

    const supplied = this.power * Math.min(1.25, Math.max(0, (heaterLimit - base) / (heaterLimit - boilingPoint)))
    const gas = this.gasTemperature(state)
    const gasMoles = this.gasMoles(state)
    const airFraction = Math.min(1, Math.max(0, state[HEATING.airMoles] / gasMoles))
    const vapourPressure = (1 - airFraction) * roomPressure
    const latent = this.mode === 'boiling' ? this.boilingLatent : quickLatentHeat(water)

    // Condensation on the upper wall. A column of the Jacobian that moves the base leaves the gas as it was.
    if (airFraction !== this.airFraction) {
      this.airFraction = airFraction
      this.dewPoint = quickSaturationTemperature(vapourPressure)
      const massRatio = (airFraction * AIR_MOLAR_MASS) / ((1 - airFraction) * WATER_MOLAR_MASS + 1e-12)
      this.layer = this.airLayerFactor * airLayerConductance(massRatio)
    }
    const condensingHeat = upperArea * condensingFlux(this.film, this.dewPoint - wall, this.layer)
    const condensed = condensingHeat / latent
    const gasToWall = INSIDE_GAS_CONDUCTANCE * upperArea * (gas - wall)
    slope[HEATING.wall] =
      (condensingHeat + gasToWall - upperArea * roomLossFlux(this.roomLoss, wall)) / this.wallCapacity

    // Base and water.
    let evaporated = 0
    if (dry) {
      slope[HEATING.base] = (supplied - INSIDE_GAS_CONDUCTANCE * crossSection * (base - gas)) / this.baseCapacity
      slope[HEATING.water] = 0
    } else {
      const excess = base - water
      const superheat = Math.max(0, base - boilingPoint)
      const buoyant = this.poolBuoyancy * Math.sqrt(Math.sqrt(Math.abs(excess)))
      const toWater = crossSection * (excess * (buoyant + 200) + NUCLEATE_BOILING * superheat * superheat * superheat)
      slope[HEATING.base] = (supplied - toWater) / this.baseCapacity
      const returning = condensed * LIQUID_SPECIFIC_HEAT * (Math.min(wall, boilingPoint) - water)
      if (this.mode === 'boiling') {
        evaporated = Math.max(0, (toWater + returning - gasToWall) / latent)
        slope[HEATING.water] = 0
      } else {
        const surfacePressure = quickSaturationPressure(water)
        evaporated = (this.steaming * (surfacePressure - vapourPressure)) / water
        slope[HEATING.water] =
          (toWater + returning - evaporated * latent - gasToWall) /
          (Math.max(waterMass, LAST_DROP) * LIQUID_SPECIFIC_HEAT)
      }
    }
    this.steam = evaporated
    slope[HEATING.waterMass] = dry ? 0 : condensed - evaporated

    // The gas stays at room pressure: what does not fit leaves through the mouth, what is missing comes in.
    const gasWarming = ((dry ? slope[HEATING.base] : slope[HEATING.water]) + slope[HEATING.wall]) / 2
    const outflow = (evaporated - condensed) / WATER_MOLAR_MASS + (gasMoles * gasWarming) / gas
    const leavingAir = leavingAirFraction(airFraction, this.mixing)
    slope[HEATING.airMoles] = outflow > 0 ? -leavingAir * outflow : -this.roomAir * outflow
  }
}

const integrator = new Integrator(5)

/**
 * Heats the vessel until it is lifted: `purgeTime` after the first steady plume, or after an hour if none shows.
 *
 * @param state receives the unknowns at lifting, see `HEATING`
 * @param tolerance relative, of one step
 * @param record called with (time, state) along the way
 */
export function heat(
  plan: HeatingPlan,
  state: Float64Array,
  tolerance: number,
  record?: (time: number, state: Float64Array) => void,
): Heated {
  const { room } = plan
  const system = new HeatingSystem(plan)
  state[HEATING.base] = room.temperature
  state[HEATING.water] = plan.chargeTemperature
  state[HEATING.wall] = room.temperature
  state[HEATING.waterMass] = plan.charge
  state[HEATING.airMoles] = (1 - room.vapourFraction) * system.gasMoles(state)

  const boils = {
    id: 'boil',
    direction: 1,
    stops: true,
    value: (_: number, s: Float64Array) => s[HEATING.water] - room.boilingPoint,
  } as const
  const plumes = {
    id: 'plume',
    direction: 1,
    stops: true,
    value: (_: number, s: Float64Array) =>
      1 - leavingAirFraction(s[HEATING.airMoles] / system.gasMoles(s), plan.mixing) - plan.plumeFraction,
  } as const
  const dries = {
    id: 'dry',
    direction: -1,
    stops: true,
    value: (_: number, s: Float64Array) => s[HEATING.waterMass] - LAST_DROP,
  } as const

  // A few thousandths of the time that the water takes to warm, tenths of a second for a drum; a thin base is warm
  // long before.
  const perWatt = 1 / Math.max(plan.power, 1)
  const ofWater = Math.min(
    2,
    Math.max(0.02, 0.004 * plan.charge * LIQUID_SPECIFIC_HEAT * (room.boilingPoint - plan.chargeTemperature) * perWatt),
  )
  let step = Math.min(ofWater, Math.max(1e-3, BASE_WARMS * system.baseCapacity * perWatt))
  const occurrences: Occurrence[] = []
  let timeToBoil: number | undefined
  let timeToPlume: number | undefined
  let timeToDry: number | undefined
  let time = 0
  const untilThen = plan.liftedAfter ?? plan.totalTime
  let end = untilThen ?? LONGEST_HEATING
  while (time < end) {
    const events =
      system.mode === 'warming'
        ? // A drop in a large vessel is gone before it ever boils.
          [boils, dries]
        : system.mode === 'boiling'
          ? timeToPlume === undefined
            ? [plumes, dries]
            : [dries]
          : []
    if (system.mode === 'boiling' && timeToPlume === undefined && plumes.value(time, state) >= 0) {
      timeToPlume = time
      occurrences.push({ id: 'plume', time })
      end = untilThen ?? Math.min(LONGEST_HEATING, time + plan.purgeTime)
      continue
    }
    const stage = integrator.run(system, state, time, end, { tolerance, firstStep: step, events, onStep: record })
    time = stage.time
    // A plume only tells something: what goes on is the same as before.
    step = stage.stoppedBy === 'plume' ? stage.step : 3 * ofWater
    if (stage.stoppedBy === undefined) break
    occurrences.push({ id: stage.stoppedBy, time })
    if (stage.stoppedBy === 'boil') {
      timeToBoil = time
      system.mode = 'boiling'
      state[HEATING.water] = room.boilingPoint
    } else if (stage.stoppedBy === 'plume') {
      timeToPlume = time
      end = untilThen ?? Math.min(LONGEST_HEATING, time + plan.purgeTime)
    } else {
      timeToDry = time
      system.mode = 'dry'
      state[HEATING.waterMass] = 0
      // A vessel that dries before any steady plume is lifted there and then.
      if (timeToPlume === undefined && plan.liftedAfter === undefined) end = time
    }
  }
  const slope = new Float64Array(5)
  system.derivatives(time, state, slope)
  if (timeToDry === undefined && system.mode === 'boiling') {
    const left = system.timeLeft(state)
    if (left !== undefined) timeToDry = time + left
  }
  return {
    timeToBoil,
    timeToPlume,
    timeToDry,
    timeOfLifting: time,
    boiledDry: system.mode === 'dry',
    steamRate: system.steam,
    occurrences,
  }
}

/**
 * Hot water poured into a cold open vessel, and left or swirled in it: the vapour it gives off drives air out.
 *
 * @param plan its power is that of no heater, 0
 * @param duration s
 * @param state receives the unknowns at the end, see `HEATING`
 */
export function steep(
  plan: HeatingPlan,
  duration: number,
  state: Float64Array,
  tolerance: number,
  record?: (time: number, state: Float64Array) => void,
): void {
  const { room } = plan
  const system = new HeatingSystem(plan)
  state[HEATING.base] = plan.chargeTemperature
  state[HEATING.water] = plan.chargeTemperature
  state[HEATING.wall] = room.temperature
  state[HEATING.waterMass] = plan.charge
  state[HEATING.airMoles] = (1 - room.vapourFraction) * system.gasMoles(state)
  integrator.run(system, state, 0, duration, { tolerance, firstStep: 0.02, onStep: record })
}
