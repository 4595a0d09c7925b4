/**
 * A vessel filled with steam and some air, cooled from outside: the hush and what ends it.
 *
 * The cooled wall takes heat, steam condenses on it, the pressure falls, and the pool inside steams to make up for
 * it. With the mouth open under water, the outside air pushes water up into it, and water that gets in condenses more
 * steam; with the mouth closed only a leak lets anything in. Meanwhile the outside air presses on the wall. All of it
 * is one set of equations for every steam vessel; only the wall's modes (standing, moving, creeping) differ.
 */
import { AIR_GAS_CONSTANT, AIR_SPECIFIC_HEAT_CONSTANT_VOLUME } from '../substances/air'
import type { Solid } from '../substances/solids'
import { WATER_GAS_CONSTANT } from '../substances/water'
import { GRAVITY, LIQUID_SPECIFIC_HEAT, VAPOUR_SPECIFIC_HEAT } from '../substances/water-transport'
import {
  quickLatentHeat,
  quickLiquidDensity,
  quickSaturationPressure,
  quickSaturationTemperature,
} from '../substances/steam-tables'
import type { OdeSystem } from '../solver'
import { roomLossFlux, type RoomLoss } from './convection'
import { airLayerConductance, condensingFlux, nusseltFilm } from './condensation'
import { beyond, heldFraction, wallInertance } from './collapse'
import { openingFlow } from './nozzle-flow'
import { jetCondensation, type Jet, type Steam, slugAcceleration, slugLength, spraySteam } from './inflow'
import { COOLING, COOLING_SIZE, type CoolingPlan, type Skin } from './cooling-plan'
import type { SteamVessel } from './steam-vessel'

/** Specific heat of vapour at constant volume, J/(kg K). */
const VAPOUR_CONSTANT_VOLUME = VAPOUR_SPECIFIC_HEAT - WATER_GAS_CONSTANT
/** Specific heat of dry air at constant pressure, J/(kg K). */
const AIR_CONSTANT_PRESSURE = AIR_SPECIFIC_HEAT_CONSTANT_VOLUME + AIR_GAS_CONSTANT
/** Time in which supercooled vapour turns to fog, s; short against a hush, long against the solver's least step. */
const FOG_TIME = 30e-3
/**
 * Half the width over which fog sets in, K: a gas that hovers about its dew point would otherwise stop the integrator
 * at every turn.
 */
const FOG_EDGE = 3
/**
 * Supercooling from which vapour turns to fog by itself, without a speck to begin on, K: clean damp air expanded 1.25
 * times, 25 K below its dew point (C. T. R. Wilson, Phil. Trans. R. Soc. A 189 (1897) 265, from memory), eased
 * in over so many more.
 */
const BY_ITSELF = { from: 25, over: 10 }
/** Time of that, s: microseconds by nucleation theory; long against the solver's least step. */
const AT_ONCE = 0.3e-3
/** Natural convection of the gas inside, W/(m2 K). */
const INSIDE_GAS_CONDUCTANCE = 8
/** Gas to water that splashes about below it, W/(m2 K of cross-section): forced convection and drops. Assumption. */
const SPLASH_CONDUCTANCE = 150
/**
 * Damping of the moving wall against its gas spring, fraction of critical: folding metal and splashing water.
 * Assumption.
 */
const WALL_DAMPING = 0.7
/**
 * How much slower a wall that has come to rest once follows a growing difference; any large factor tells the same
 * story.
 */
const CREEP = 200
/** Order of the speed in a leak, m/s. */
const LEAK_SPEED = 300
/** Push over which a creeping wall begins to follow, Pa: small against any strength. */
const CREEP_EDGE = 20
/** Difference over the room's pressure within which a leak's flow hangs on the gas inside. */
const BALANCE = 0.1
/** Half the difference over which a leak turns from outward to inward, Pa. */
const TURNING = 5
/** Vapour this little above the coldest dew point counts as none, K. */
const LAST_STEAM = 0.5
/** Slower than this nothing changes: K/s, and shares of pressure or volume a second. */
const [STILL_WARMTH, STILL_PRESSURE] = [5e-4, 2e-6]
/**
 * A spray that nobody turns off has filled the vessel at this share of its capacity, and no gas is left to speak of.
 */
const BRIMFUL = 0.95
/** Water that clings inside whatever was poured out, kg. */
const CLINGING_WATER = 2e-5
/**
 * A difference over this share of the room's pressure is told by steps that know the pressure itself; a smaller one
 * needs steps that are closer by as much.
 */
export const WIDE_DIFFERENCE = 0.05
/** Down to this share of the tolerance. */
const CLOSEST = 1 / 16

const SCALE = Float64Array.of(10, 10, 10, 1e-5, 10, 1e-3, 1, 1e-5, 2e-2, 1, 1e-2, 1e-4, 1e-4, 1e-4)

/** Wall's middle to either face, W/(m2 K). */
const halfWall = ({ solid, wallThickness }: { solid: Solid; wallThickness: number }): number =>
  (2 * solid.conductivity) / wallThickness

/** Two conductances one after the other, W/(m2 K). */
const inSeries = (a: number, b: number): number => (a * b) / (a + b)

/** So many times what counts as rest: whether it is over is not asked there. */
const FAR = 3
/** Speed in the mouth that nobody sees, m/s. */
const REST = 0.1
/** Ratio of specific heats of steam with air, by which gas pushes back when it is squeezed quickly. */
const GAS_STIFFNESS = 1.33

/** What lies outside as a conductance from the wall's middle, W/(m2 K). @param outside from the surface on, W/(m2 K) */
export const throughWall = (vessel: SteamVessel, outside: number): number => inSeries(halfWall(vessel), outside)

export class CoolingVessel implements OdeSystem {
  readonly size: number
  private readonly counted: number
  /** true while the vessel is still going down */
  dependsOnTime: boolean
  readonly scale: Float64Array
  readonly reference: Float64Array
  readonly amounts = [COOLING.vapour, COOLING.air]
  wall: 'standing' | 'moving' | 'creeping' = 'standing'
  /** true: no water has come in, and none is pushed in: the mouth's water stands */
  kept = false
  /** true: steps are so close that a difference small against the room's pressure is told, too */
  close = false
  /** false: the coolant is not there yet, and the wall it will reach stands in the room's air */
  cooled = true

  // Everything the inner loop reads is a plain number of this object: looking it up in the plan costs a third of the
  // time.
  private readonly film: number
  private readonly half: number
  private readonly wallCapacity: number
  private readonly baseCapacity: number
  private readonly density: number
  private readonly mouthArea: number
  private readonly slug: number
  private readonly stemMass: number
  private readonly mouthMass: number
  private readonly stemLength: number
  private readonly stemLoss: number
  private readonly inertance: number
  private readonly damping: number
  /** of a wall that creeps, or of a skin, Pa by 1/s */
  private readonly resistance: number
  private readonly skin: Skin | undefined
  private readonly pool: number
  readonly plungeTime: number
  /** wall under water as soon as the mouth is, m2 */
  private readonly atOnce: number
  /** and m2 more for each second of going down */
  private readonly wettingRate: number
  private readonly wholeWall: number
  private readonly soften: Solid['softening']
  private readonly open: boolean
  private readonly outside: number
  private readonly capacity: number
  private readonly crossSection: number
  private readonly surfaceConductance: number
  private readonly airLayerFactor: number
  private readonly coolantTemperature: number
  private readonly coolantConductance: number
  private readonly coolantArea: number
  private readonly throughBase: number
  private readonly leakArea: number
  /** a pinhole changes the air too slowly to matter within a step */
  private readonly leaksFast: boolean
  private readonly sprayFlow: number
  private readonly mouthWater: number
  private readonly mouthDepth: number
  private readonly plungeSpeed: number
  private readonly height: number
  private readonly jet: Jet | undefined
  private readonly roomLoss: RoomLoss
  private readonly roomTemperature: number
  private readonly roomAirDensity: number
  private readonly strength: CoolingPlan['strength']
  private readonly entryLoss: number
  private readonly critical293: number
  /** of what surrounds a closed vessel, K, and the pressure of vapour over water as cold, Pa */
  private readonly coldest: number
  private readonly coldestVapour: number
  private readonly rates = new Float64Array(COOLING_SIZE)

  /** `withTotals`: also count where the vapour condensed, as a ledger needs */
  constructor(
    readonly plan: CoolingPlan,
    withTotals: boolean,
  ) {
    this.counted = withTotals ? COOLING_SIZE - COOLING.condensedOnWall : 0
    this.size = COOLING.condensedOnWall + this.counted
    this.scale = SCALE.slice(0, this.size)
    this.reference = new Float64Array(this.size)
    for (const place of [COOLING.wetWall, COOLING.dryWall, COOLING.liquid, COOLING.gas])
      this.reference[place] = plan.room.boilingPoint
    const { vessel, room, coolant, mouth, spray } = plan
    // What a whole filling of steam weighs sets the scale of vapour and air, from a can to a tank.
    this.scale[COOLING.vapour] = this.scale[COOLING.air] = 0.05 * vessel.capacity
    for (let i: number = COOLING.condensedOnWall; i < this.size; i++)
      this.scale[i] = Math.max(1e-4, 0.05 * vessel.capacity)
    this.scale[COOLING.drawnIn] = mouth ? 1e-3 : vessel.capacity
    this.film = nusseltFilm(Math.max(mouth?.depth ?? vessel.height, 0.01), quickLatentHeat(room.boilingPoint))
    this.half = halfWall(vessel)
    const perArea = vessel.solid.density * vessel.solid.specificHeat * vessel.wallThickness
    this.wallCapacity = perArea
    // In an upright closed vessel the base is as warm as the liquid on it.
    this.baseCapacity = mouth ? 0 : perArea * vessel.crossSection
    this.density = quickLiquidDensity(mouth?.waterTemperature ?? Math.min(coolant.temperature, 372))
    this.mouthArea = (Math.PI * vessel.mouthDiameter * vessel.mouthDiameter) / 4
    this.slug = slugLength(mouth?.passage ?? 0, vessel.mouthDiameter)
    this.mouthMass = Math.max(1e-6, this.density * this.mouthArea * (mouth?.passage ?? 0))
    this.stemLength = mouth?.stem?.length ?? 0
    this.stemMass = this.density * this.mouthArea * this.stemLength
    this.stemLoss = mouth?.stem ? mouth.stem.friction / mouth.stem.diameter : 0
    this.wholeWall = mouth ? vessel.upperArea + vessel.crossSection : vessel.upperArea
    const sideArea = vessel.upperArea - vessel.crossSection
    const depth = mouth?.depth ?? 0
    this.atOnce = mouth?.stem ? coolant.area : Math.min(coolant.area, vessel.crossSection)
    this.wettingRate = depth > 0 ? (Math.max(0, coolant.area - this.atOnce) / depth) * mouth!.plungeSpeed : 0
    const wallMass = vessel.solid.density * vessel.wallThickness * sideArea
    // Water within a quarter of a diameter of the wetted side moves with it.
    const water = (this.density * Math.PI * vessel.diameter * depth * vessel.diameter) / 4
    this.inertance = wallInertance(wallMass + water, sideArea)
    this.damping = 2 * WALL_DAMPING * Math.sqrt((this.inertance * 1.3 * room.pressure) / vessel.capacity)
    this.skin = plan.strength.skin
    this.resistance = this.skin?.resistance ?? this.damping * CREEP * vessel.capacity
    this.pool = Math.max(plan.pool, CLINGING_WATER)
    this.plungeTime = mouth ? depth / mouth.plungeSpeed : 0
    this.dependsOnTime = mouth !== undefined
    this.soften = vessel.solid.softening
    this.open = mouth !== undefined
    this.outside = room.pressure
    this.capacity = vessel.capacity
    this.crossSection = vessel.crossSection
    this.surfaceConductance = plan.surfaceConductance
    this.airLayerFactor = plan.airLayerFactor
    this.coolantTemperature = coolant.temperature
    this.coolantConductance = coolant.conductance
    this.coolantArea = coolant.area
    this.throughBase = coolant.throughBase
    this.leakArea = plan.leakArea
    this.leaksFast = plan.leakArea * LEAK_SPEED > 0.01 * vessel.capacity
    this.sprayFlow = spray?.flow ?? 0
    this.mouthWater = mouth?.waterTemperature ?? 0
    this.mouthDepth = depth
    this.plungeSpeed = mouth?.plungeSpeed ?? 0
    this.height = vessel.height
    this.jet = mouth?.jet
    this.roomLoss = room.loss
    this.roomTemperature = room.temperature
    this.roomAirDensity = room.airDensity
    this.strength = plan.strength
    this.entryLoss = mouth?.entryLoss ?? 0
    this.critical293 = plan.strength.criticalDifference
    this.coldest =
      coolant.area > 0 || coolant.throughBase > 0 ? Math.min(room.temperature, coolant.temperature) : room.temperature
    this.coldestVapour = quickSaturationPressure(this.coldest)
    const always: number[] = [COOLING.dryWall, COOLING.liquid, COOLING.vapour, COOLING.gas]
    if (mouth || coolant.area > 0) always.unshift(COOLING.wetWall)
    if (mouth) always.push(COOLING.drawnIn, COOLING.speed)
    this.still = always
    this.leaking = [...always, COOLING.air]
    const air = plan.leakArea > 0 ? this.leaking : always
    this.creeping = [...air, COOLING.lost]
    this.moving = [...air, COOLING.lost, COOLING.losing]
  }

  /** Places of the unknowns that the rates hang on while the wall stands; near balance with a leak; and as it gives. */
  private readonly still: readonly number[]
  private readonly leaking: readonly number[]
  private readonly creeping: readonly number[]
  private readonly moving: readonly number[]

  /**
   * No water moves in a mouth that is shut, and what condenses takes up hardly any room in a closed vessel within a
   * step; the air of a tight vessel stays, no wall is wet in still air, and while the wall stands nothing can come of
   * the volume lost. A leak hardly changes the air, until the gas comes near balance
   * with the room: then a leak, however small, holds it there, and a step that did not know it would come to rest
   * somewhere else.
   */
  coupledAt(state: Float64Array): readonly number[] {
    if (this.wall === 'moving') return this.moving
    if (this.wall === 'creeping') return this.creeping
    const leaks = this.leaksFast || (this.leakArea > 0 && Math.abs(this.difference(state)) < BALANCE * this.outside)
    return leaks ? this.leaking : this.still
  }

  /** No mouth, no water in it; no leak, no other air; no wall that gives way, none that moves; no coolant, none wet. */
  idleAt(): readonly number[] {
    const idle: number[] = []
    if (!this.open) idle.push(COOLING.speed, COOLING.impulse)
    if (!this.open && this.coolantArea === 0) idle.push(COOLING.wetWall)
    if (this.leakArea === 0) idle.push(COOLING.air)
    if (this.wall === 'standing') idle.push(COOLING.lost)
    if (this.wall !== 'moving') idle.push(COOLING.losing)
    return idle
  }

  /** Water that fills the mouth itself, or the stem where there is one, kg: beyond it water enters the vessel. */
  get passageMass(): number {
    return this.stemMass > 0 ? this.stemMass : this.mouthMass
  }

  /** Water that goes in through the mouth, kg/s. */
  inflow(state: Float64Array): number {
    return this.open && !this.kept ? this.density * this.mouthArea * state[COOLING.speed] : 0
  }

  gasVolume(state: Float64Array): number {
    const drawnIn = state[COOLING.drawnIn]
    const inStem = this.stemMass > 0 ? Math.min(drawnIn > 0 ? drawnIn : 0, this.stemMass) : 0
    const volume = this.capacity * (1 - state[COOLING.lost]) - (drawnIn - inStem + this.pool) / this.density
    const least = this.capacity * 2e-3
    return volume > least ? volume : least
  }

  pressure(state: Float64Array): number {
    return (
      ((state[COOLING.vapour] * WATER_GAS_CONSTANT + state[COOLING.air] * AIR_GAS_CONSTANT) * state[COOLING.gas]) /
      this.gasVolume(state)
    )
  }

  /** Pressure difference that pushes on the wall in air, Pa. */
  difference(state: Float64Array): number {
    return this.outside - this.pressure(state)
  }

  closeness(state: Float64Array): number {
    if (!this.close) return 1
    const share = Math.abs(this.difference(state)) / (WIDE_DIFFERENCE * this.outside)
    return share > 1 ? 1 : share < CLOSEST ? CLOSEST : share
  }

  /** Pressure that pushes water into an open mouth, hydrostatics included, Pa; negative pushes it out. */
  drive(time: number, state: Float64Array): number {
    const drawnIn = state[COOLING.drawnIn]
    const depth = this.dependsOnTime ? this.plungeSpeed * time : this.mouthDepth
    const standing =
      this.stemMass > 0
        ? Math.min((drawnIn > 0 ? drawnIn : 0) / (this.density * this.mouthArea), this.stemLength)
        : this.rise(drawnIn)
    return this.outside + this.density * GRAVITY * (depth - standing) - this.pressure(state)
  }

  /**
   * Greatest difference that a closed vessel can still come to, Pa: with all its vapour condensed and its gas as cold
   * as the coldest of what surrounds it. What leaks in takes from it for good.
   */
  mostToCome(state: Float64Array): number {
    const air = (state[COOLING.air] * AIR_GAS_CONSTANT * this.coldest) / this.gasVolume(state)
    return this.outside - air - this.coldestVapour
  }

  /** Buckling difference at the walls' present temperature, Pa. */
  critical(state: Float64Array): number {
    if (!this.soften) return this.critical293
    const wetShare = this.coolantArea / this.wholeWall
    return this.critical293 * this.soften(wetShare * state[COOLING.wetWall] + (1 - wetShare) * state[COOLING.dryWall])
  }

  /** Difference the wall holds just now, Pa. */
  held(state: Float64Array): number {
    if (this.skin) return this.skin.held(state[COOLING.lost])
    const { residualLoad, stiffening, packing } = this.strength
    return this.critical(state) * heldFraction(state[COOLING.lost], residualLoad, stiffening, packing)
  }

  /**
   * Below zero once nothing more can come of a closed vessel: no steam left to condense at the coldest of what
   * surrounds it, or every temperature and the pressure as good as still.
   */
  closedUnrest(time: number, state: Float64Array, known?: Float64Array): number {
    const full = this.pool + state[COOLING.drawnIn] - BRIMFUL * this.density * this.capacity
    if (full > 0) return -1
    const { coldest } = this
    const volume = this.gasVolume(state)
    const steam =
      quickSaturationTemperature((state[COOLING.vapour] * WATER_GAS_CONSTANT * state[COOLING.gas]) / volume) - coldest
    const rates = known ?? this.rates
    if (!known) this.derivatives(time, state, rates)
    const warming =
      Math.max(Math.abs(rates[COOLING.wetWall]), Math.abs(rates[COOLING.dryWall]), Math.abs(rates[COOLING.liquid])) /
      STILL_WARMTH
    const amount = state[COOLING.vapour] * WATER_GAS_CONSTANT + state[COOLING.air] * AIR_GAS_CONSTANT
    const relative =
      (rates[COOLING.vapour] * WATER_GAS_CONSTANT + rates[COOLING.air] * AIR_GAS_CONSTANT) / amount +
      rates[COOLING.gas] / state[COOLING.gas]
    // Whichever comes first, and without a jump between the two, or the moment would be hard to find.
    const unrest = Math.max(warming, Math.abs(relative) / STILL_PRESSURE, rates[COOLING.lost] / STILL_PRESSURE)
    return Math.min(unrest, steam / LAST_STEAM) - 1
  }

  /** steam's pressure and mass ratio of air to it that `dewPoint`, `steam.latent` and `layer` were worked out for */
  private steamPressure = NaN
  private massRatio = NaN
  private dewPoint = 0
  private layer = 0
  /** and the same for what leaks */
  private leakPressure = NaN
  private leakDensity = NaN
  private leakFlow = 0

  /** the vapour's own pressure and heat, at the state asked for last: one object, since it is wanted at every step */
  private readonly steam: Steam = { pressure: 0, latent: 0 }

  /**
   * Below zero once nothing more will be seen: the mouth's water at rest, in balance, and no steam left to condense.
   */
  unrest(state: Float64Array): number {
    const { room, coolant, mouth } = this.plan
    let speed = Math.abs(state[COOLING.speed]) / REST
    // Far from rest the rest of it need not be known.
    if (speed > FAR) return speed - 1
    const imbalance = Math.abs(this.difference(state)) / (0.02 * room.pressure)
    if (mouth && !mouth.stem) {
      if (imbalance > FAR) return imbalance - 1
      // Water that swings on the gas stands for a moment at each turn: its whole swing is judged, as fast as it will
      // be in the middle.
      const stiffness = (GAS_STIFFNESS * this.pressure(state) * this.mouthArea) / this.gasVolume(state)
      const swing = this.kept ? 0 : this.drive(0, state) / (Math.sqrt(this.density * this.slug * stiffness) * REST)
      speed = Math.sqrt(speed * speed + swing * swing)
    }
    const vapourPressure = (state[COOLING.vapour] * WATER_GAS_CONSTANT * state[COOLING.gas]) / this.gasVolume(state)
    const dewPoint = quickSaturationTemperature(vapourPressure)
    if (!mouth || mouth.stem) {
      const coldest = coolant.area > 0 ? coolant.temperature : room.temperature
      const warmth = (Math.max(dewPoint, state[COOLING.liquid]) - coldest) / 2
      return (warmth > speed ? warmth : speed) - 1
    }
    // The hot drops left inside say nothing of what cold water will do; once more has come in than was left, it is
    // the measure.
    const surface =
      state[COOLING.drawnIn] > this.pool
        ? Math.max(state[COOLING.liquid], mouth.waterTemperature)
        : mouth.waterTemperature
    const steam = (dewPoint - surface) / 3
    const most = speed > imbalance ? speed : imbalance
    return (most > steam ? most : steam) - 1
  }

  derivatives(time: number, state: Float64Array, slope: Float64Array): void {
    this.readGas(state)
    this.walls(time, state, slope)
    this.surface(state)
    if (this.open) this.mouth(time, state, slope)
    else this.closedLiquid(state, slope)
    this.leak(state, slope)
    this.gas(state, slope)
  }

  /** What the parts below hand on to one another at one state: plain numbers, SI. */
  private readonly now = {
    vapour: 0.5,
    air: 0.5,
    volume: 0.5,
    pressure: 0.5,
    /** conductance of the layer of air in series with half the wall, W/(m2 K) */
    toWall: 0.5,
    wetArea: 0.5,
    dryArea: 0.5,
    /** heat of condensing on them, W/m2 */
    onWet: 0.5,
    onDry: 0.5,
    /** condensing on walls; on the liquid's surface, less what evaporates; on what is sprayed or streams in, kg/s */
    wallRate: 0.5,
    surface: 0.5,
    jet: 0.5,
    /** condensed on the surface, W */
    surfaceHeat: 0.5,
    liquidMass: 0.5,
    /** what a leak brings to the gas, W, and takes of its vapour, kg/s */
    leakHeat: 0.5,
    vapourOut: 0.5,
  }

  /** Pressure, dew point, and the layer of air that vapour must get through. */
  private readGas(state: Float64Array): void {
    const { now, steam } = this
    const vapour = state[COOLING.vapour] > 1e-9 ? state[COOLING.vapour] : 1e-9
    const air = state[COOLING.air] > 1e-12 ? state[COOLING.air] : 1e-12
    const gas = state[COOLING.gas]
    const volume = this.gasVolume(state)
    now.vapour = vapour
    now.air = air
    now.volume = volume
    now.pressure = ((vapour * WATER_GAS_CONSTANT + air * AIR_GAS_CONSTANT) * gas) / volume
    steam.pressure = (vapour * WATER_GAS_CONSTANT * gas) / volume
    // A column of the Jacobian that moves a wall or the water leaves these as they were; looking them up is a fifth
    // of the work.
    if (steam.pressure !== this.steamPressure) {
      this.steamPressure = steam.pressure
      this.dewPoint = quickSaturationTemperature(steam.pressure)
      steam.latent = quickLatentHeat(this.dewPoint)
    }
    if (air / vapour !== this.massRatio) {
      this.massRatio = air / vapour
      this.layer = this.airLayerFactor * airLayerConductance(this.massRatio)
    }
    now.toWall = (this.layer * this.half) / (this.layer + this.half)
  }

  /** Vapour condenses on the walls; the coolant takes the heat from the wet one, the room from the dry one. */
  private walls(time: number, state: Float64Array, slope: Float64Array): void {
    const { now, dewPoint, roomLoss } = this
    const wetWall = state[COOLING.wetWall]
    const dryWall = state[COOLING.dryWall]
    const wetArea = this.dependsOnTime ? this.atOnce + this.wettingRate * time : this.coolantArea
    const dryArea = this.wholeWall - wetArea
    const onDry = condensingFlux(this.film, dewPoint - dryWall, now.toWall)
    const dryLoss = roomLossFlux(roomLoss, dryWall)
    let onWet = 0
    slope[COOLING.wetWall] = 0
    if (wetArea > 0) {
      onWet = condensingFlux(this.film, dewPoint - wetWall, now.toWall)
      const taken = this.cooled
        ? this.coolantConductance * (wetWall - this.coolantTemperature)
        : roomLossFlux(roomLoss, wetWall)
      slope[COOLING.wetWall] =
        (onWet - taken) / this.wallCapacity +
        (this.dependsOnTime ? ((dryWall - wetWall) * this.wettingRate) / wetArea : 0)
    }
    slope[COOLING.dryWall] = (onDry - dryLoss) / this.wallCapacity
    now.wetArea = wetArea
    now.dryArea = dryArea
    now.onWet = onWet
    now.onDry = onDry
    now.wallRate = (onWet * wetArea + onDry * dryArea) / this.steam.latent
  }

  /** Vapour that comes to, or from, the surface of the liquid inside. */
  private surface(state: Float64Array): void {
    const { now, layer, crossSection } = this
    const liquid = state[COOLING.liquid]
    const drawnIn = state[COOLING.drawnIn]
    const gathered = drawnIn > 0 || !this.open ? drawnIn : 0
    now.liquidMass = this.pool + gathered > CLINGING_WATER ? this.pool + gathered : CLINGING_WATER
    const toSurface = this.dewPoint - liquid
    const throughAir = (this.surfaceConductance * layer) / (this.surfaceConductance + layer)
    let surfaceHeat = throughAir * crossSection * toSurface
    if (toSurface < 0) {
      // Water hotter than the pressure lets it be boils, whatever air lies over it; below that it only steams through
      // the air. It comes to boil by and by, and not before it steams: with hardly any air the two lie together.
      const saturated = quickSaturationTemperature(now.pressure)
      const over = liquid - saturated
      const edge = saturated - this.dewPoint < 1 ? saturated - this.dewPoint : 1
      const boiling = over <= -edge ? 0 : over >= edge ? over : ((over + edge) * (over + edge)) / (4 * edge)
      if (boiling > 0) surfaceHeat -= (this.surfaceConductance - throughAir) * crossSection * boiling
    }
    now.surfaceHeat = surfaceHeat
    now.surface = surfaceHeat / this.steam.latent
  }

  /** The water in an open mouth and its stem, and what enters. With none inside it stands until it is pushed in. */
  private mouth(time: number, state: Float64Array, slope: Float64Array): void {
    const { now, density } = this
    const { pressure } = now
    const liquid = state[COOLING.liquid]
    const drawnIn = state[COOLING.drawnIn]
    const speed = state[COOLING.speed]
    const depth = this.dependsOnTime ? this.plungeSpeed * time : this.mouthDepth
    let length = this.slug
    let loss = this.entryLoss
    let standing: number
    if (this.stemMass > 0) {
      // The column lengthens as it climbs; what the pool weighs lies beside the stem's top and not on it.
      standing = Math.min((drawnIn > 0 ? drawnIn : 0) / (density * this.mouthArea), this.stemLength)
      length += standing
      loss += this.stemLoss * standing
    } else standing = this.rise(drawnIn)
    const drive = this.outside + density * GRAVITY * (depth - standing) - pressure
    const inflow = this.inflow(state)
    slope[COOLING.speed] = this.kept ? 0 : slugAcceleration(drive, speed, density, length, loss)
    slope[COOLING.drawnIn] = inflow
    slope[COOLING.impulse] = inflow > 0 ? inflow * speed : 0
    const entering = inflow > 0 ? inflow * (this.stemMass > 0 ? overTheTop(drawnIn / this.stemMass) : 1) : 0
    let jet = 0
    let liquidHeat = now.surfaceHeat
    if (entering > 0) {
      const above = this.height - this.rise(drawnIn)
      jet =
        entering *
        jetCondensation(
          this.jet!,
          this.dewPoint,
          this.layer,
          pressure,
          speed,
          above,
          this.stemMass > 0 ? 1 : outOfMouth(drawnIn / this.mouthMass),
          this.steam,
        )
      liquidHeat += jet * this.steam.latent + entering * LIQUID_SPECIFIC_HEAT * (this.mouthWater - liquid)
    }
    now.jet = jet
    slope[COOLING.liquid] = liquidHeat / (now.liquidMass * LIQUID_SPECIFIC_HEAT + this.baseCapacity)
  }

  /** The liquid in a closed vessel: condensate runs back to it, the base cools it, a spray falls into it. */
  private closedLiquid(state: Float64Array, slope: Float64Array): void {
    const { now, dewPoint, steam } = this
    const { latent } = steam
    const liquid = state[COOLING.liquid]
    slope[COOLING.speed] = 0
    slope[COOLING.impulse] = 0
    let jet = 0
    // Condensate runs back at about the wall's temperature.
    let liquidHeat =
      now.surfaceHeat +
      ((now.onWet * now.wetArea * (state[COOLING.wetWall] - liquid) +
        now.onDry * now.dryArea * (state[COOLING.dryWall] - liquid)) /
        latent) *
        LIQUID_SPECIFIC_HEAT
    if (this.cooled && this.throughBase > 0) liquidHeat -= this.throughBase * (liquid - this.coolantTemperature)
    if (this.sprayFlow > 0 && this.cooled) {
      const spray = this.plan.spray!
      jet = this.sprayFlow * spraySteam(spray.temperature, dewPoint, now.pressure, spray.contact, steam)
      liquidHeat += jet * latent + this.sprayFlow * LIQUID_SPECIFIC_HEAT * (spray.temperature - liquid)
    }
    now.jet = jet
    slope[COOLING.liquid] = liquidHeat / (now.liquidMass * LIQUID_SPECIFIC_HEAT + this.baseCapacity)
  }

  /** Air in, or gas out. */
  private leak(state: Float64Array, slope: Float64Array): void {
    const { now } = this
    let airIn = 0
    now.leakHeat = 0
    now.vapourOut = 0
    if (this.leakArea > 0) {
      const { outside } = this
      const { vapour, air, volume, pressure } = now
      const inside = (air + vapour) / volume
      if (pressure !== this.leakPressure || inside !== this.leakDensity) {
        this.leakPressure = pressure
        this.leakDensity = inside
        this.leakFlow = openingFlow(this.leakArea, outside, this.roomAirDensity, pressure, inside)
      }
      const flow = this.leakFlow
      // What passes is room air inward and the gas outward; about zero the two blend, or the integrator stops at each
      // turn.
      const across = (outside - pressure) / (2 * TURNING) + 0.5
      const inward = across <= 0 ? 0 : across >= 1 ? 1 : across * across * (3 - 2 * across)
      const gasMass = air + vapour
      airIn = flow * (inward + ((1 - inward) * air) / gasMass)
      now.vapourOut = (-flow * (1 - inward) * vapour) / gasMass
      now.leakHeat =
        flow *
        (inward *
          (AIR_CONSTANT_PRESSURE * this.roomTemperature - AIR_SPECIFIC_HEAT_CONSTANT_VOLUME * state[COOLING.gas]) +
          ((1 - inward) * pressure * volume) / gasMass)
    }
    slope[COOLING.air] = airIn
  }

  /** The gas, of which supercooled vapour turns to fog and gives its heat back; and the wall pushed in on it. */
  private gas(state: Float64Array, slope: Float64Array): void {
    const { now, density, capacity: full, dewPoint } = this
    const { latent } = this.steam
    const { vapour, air, pressure, surface, wallRate, jet, wetArea, dryArea } = now
    const gas = state[COOLING.gas]
    const liquid = state[COOLING.liquid]
    const drawnIn = state[COOLING.drawnIn]
    // A wall that creeps has no inertia to speak of: it goes in as fast as it is pushed, and never out again. A skin
    // goes both ways.
    const push = this.wall === 'standing' ? 0 : this.outside - pressure - this.held(state)
    const losing =
      this.wall === 'moving'
        ? state[COOLING.losing]
        : this.wall === 'creeping'
          ? (this.skin ? push : beyond(push, CREEP_EDGE)) / this.resistance
          : 0
    const capacity = vapour * VAPOUR_CONSTANT_VOLUME + air * AIR_SPECIFIC_HEAT_CONSTANT_VOLUME
    const below = dewPoint - gas
    const supercooled =
      below >= FOG_EDGE ? below : below > -FOG_EDGE ? ((below + FOG_EDGE) * (below + FOG_EDGE)) / (4 * FOG_EDGE) : 0
    const past = supercooled - BY_ITSELF.from
    const byItself =
      past > BY_ITSELF.over ? past - BY_ITSELF.over / 2 : past > 0 ? (past * past) / (2 * BY_ITSELF.over) : 0
    const at = supercooled / FOG_TIME + byItself / AT_ONCE
    const fog = (capacity * at) / latent
    const condensing = wallRate + jet + (surface > 0 ? surface : 0)
    const evaporating = surface < 0 ? -surface : 0
    if (!this.open) slope[COOLING.drawnIn] = wallRate + jet + surface + fog + (this.cooled ? this.sprayFlow : 0)
    const volumeRate = -full * losing - slope[COOLING.drawnIn] / density
    slope[COOLING.vapour] = evaporating - condensing - fog - now.vapourOut
    slope[COOLING.gas] =
      (fog * latent -
        (condensing + fog) * WATER_GAS_CONSTANT * gas +
        evaporating * (VAPOUR_SPECIFIC_HEAT * liquid - VAPOUR_CONSTANT_VOLUME * gas) -
        pressure * volumeRate +
        now.leakHeat +
        INSIDE_GAS_CONDUCTANCE * (wetArea * (state[COOLING.wetWall] - gas) + dryArea * (state[COOLING.dryWall] - gas)) +
        (drawnIn > 0 && this.open ? SPLASH_CONDUCTANCE * this.crossSection * (liquid - gas) : 0)) /
      capacity
    slope[COOLING.lost] = losing
    slope[COOLING.losing] = this.wall === 'moving' ? (push - this.damping * losing * full) / this.inertance / full : 0
    if (this.counted > 0) {
      slope[COOLING.condensedOnWall] = wallRate
      slope[COOLING.condensedOnWater] = jet + surface
      slope[COOLING.condensedAsFog] = fog
    }
  }

  /** Height of the liquid that has gathered above mouth and stem, m. */
  private rise(drawnIn: number): number {
    const above = this.stemMass > 0 ? drawnIn - Math.min(drawnIn, this.stemMass) : drawnIn
    return (above + this.pool) / (this.density * this.crossSection)
  }
}

/** Share of the stream that has left the mouth: none before the mouth is nearly full. */
function outOfMouth(filled: number): number {
  const x = (filled - 0.7) / 0.3
  return x <= 0 ? 0 : x >= 1 ? 1 : x * x * (3 - 2 * x)
}

/**
 * Share of the flow that spills over the top of a stem: none until it is nearly full, all once it is; soft for the
 * integrator.
 */
function overTheTop(filled: number): number {
  const x = (filled - 0.97) / 0.03
  return x <= 0 ? 0 : x >= 1 ? 1 : x * x * (3 - 2 * x)
}
