/**
 * An upturned steam-filled vessel with its open mouth under cold water: the hush and what ends it.
 *
 * The wall under water cools, steam condenses on it, the pressure falls. The outside air pushes water up into the mouth
 * and presses on the wall. Water that gets in condenses more steam, so either the wall gives way first or the vessel
 * fills, or both. All of it is one set of equations; only the wall's two modes (standing, moving) differ.
 */
import { AIR_GAS_CONSTANT, AIR_SPECIFIC_HEAT_CONSTANT_VOLUME } from '../substances/air'
import { WATER_GAS_CONSTANT } from '../substances/water'
import { GRAVITY, LIQUID_SPECIFIC_HEAT, VAPOUR_SPECIFIC_HEAT } from '../substances/water-transport'
import { quickLatentHeat, quickLiquidDensity, quickSaturationTemperature } from '../substances/steam-tables'
import { Integrator, type Occurrence, type OdeEvent, type OdeSystem } from '../solver'
import { bathConductance, roomLossFlux } from './convection'
import { airLayerConductance, condensingFlux, nusseltFilm } from './condensation'
import { heldFraction, wallInertance } from './collapse'
import { jetCondensation, type Jet, slugAcceleration, slugLength } from './inflow'
import type { Room, SteamVessel } from './steam-vessel'

/**
 * Unknowns of the stage, by place in the state. The walls and the liquid come first, since they touch little else and
 * leave the factors of the Jacobian mostly zero; then what stands still while the wall does; then running totals.
 */
export const PLUNGE = {
  /** wall under water, K */
  wetWall: 0,
  /** wall in air, K */
  dryWall: 1,
  /** liquid inside, K */
  liquid: 2,
  /** kg */
  vapour: 3,
  /** K */
  gas: 4,
  /** water drawn in, kg */
  drawnIn: 5,
  /** m/s */
  speed: 6,
  /** fraction */
  lost: 7,
  /** 1/s */
  losing: 8,
  /** kg */
  condensedOnWall: 9,
  /** kg */
  condensedOnWater: 10,
  /** kg */
  condensedAsFog: 11,
} as const
export const PLUNGE_SIZE = 12

/** Specific heat of vapour at constant volume, J/(kg K). */
const VAPOUR_CONSTANT_VOLUME = VAPOUR_SPECIFIC_HEAT - WATER_GAS_CONSTANT
/** Time in which supercooled vapour turns to fog, s; short against a hush, long against the solver's least step. */
const FOG_TIME = 3e-3
/** Natural convection of the gas inside, W/(m2 K). */
const INSIDE_GAS_CONDUCTANCE = 8
/** Gas to water that splashes about below it, W/(m2 K of cross-section): forced convection and drops. Assumption. */
const SPLASH_CONDUCTANCE = 150
/** Damping of the moving wall against its gas spring, fraction of critical: folding metal and splashing water. Assumption. */
const WALL_DAMPING = 0.7
/** Water that clings inside whatever was poured out, kg. */
const CLINGING_WATER = 2e-5
/** Explicit steps tried in each part of the plunge: the collapse needs fewer, a long slow fill more. */
const EXPLICIT_STEPS = 30
/** How long the vessel is watched after the seal, s. */
export const LONGEST_PLUNGE = 15

export interface PlungePlan {
  vessel: SteamVessel
  room: Room
  /** mouth under the surface in the end, m */ mouthDepth: number
  /** m/s */ plungeSpeed: number
  /** K */ bathTemperature: number
  /** kg */ air: number
  /** liquid left inside at the seal, kg */ pool: number
  /** buckling pressure difference of the real vessel, Pa */ criticalDifference: number
  /** see `collapse.ts` */ residualLoad: number
  stiffening: number
  packing: number
  jet: Jet
  /** see `inflow.ts` */ entryLoss: number
  /** length of the mouth's rim, m */ mouthPassage: number
  airLayerFactor: number
  bathTransferFactor: number
  /** W/(m2 K) */ surfaceConductance: number
}

const SCALE = Float64Array.of(10, 10, 10, 1e-5, 10, 1e-3, 1, 2e-2, 1, 1e-4, 1e-4, 1e-4)

export class PlungeSystem implements OdeSystem {
  readonly size: number
  private readonly counted: number
  /** true while the vessel is still going down */
  dependsOnTime = true
  readonly scale: Float64Array
  wallMoves = false

  private readonly film: number
  private readonly bathSide: number
  private readonly wallCapacity: number
  private readonly density: number
  private readonly mouthArea: number
  private readonly slug: number
  private readonly inertance: number
  private readonly damping: number
  private readonly pool: number
  readonly plungeTime: number
  private readonly perimeter: number
  private readonly wholeWall: number

  /** `withTotals`: also count where the vapour condensed, as a ledger needs */
  constructor(readonly plan: PlungePlan, withTotals: boolean) {
    this.counted = withTotals ? PLUNGE_SIZE - PLUNGE.condensedOnWall : 0
    this.size = PLUNGE.condensedOnWall + this.counted
    this.scale = SCALE.subarray(0, this.size)
    const { vessel, room } = plan
    this.film = nusseltFilm(Math.max(plan.mouthDepth, 0.01), quickLatentHeat(room.boilingPoint))
    this.bathSide = plan.bathTransferFactor
      * bathConductance(plan.mouthDepth, plan.plungeSpeed, room.boilingPoint - plan.bathTemperature)
    this.wallCapacity = vessel.solid.density * vessel.solid.specificHeat * vessel.wallThickness
    this.density = quickLiquidDensity(plan.bathTemperature)
    this.mouthArea = Math.PI * vessel.mouthDiameter * vessel.mouthDiameter / 4
    this.slug = slugLength(plan.mouthPassage, vessel.mouthDiameter)
    this.perimeter = Math.PI * vessel.diameter
    this.wholeWall = vessel.upperArea + vessel.crossSection
    const sideArea = this.perimeter * vessel.height
    const wallMass = vessel.solid.density * vessel.wallThickness * sideArea
    // Water within a quarter of a diameter of the wetted side moves with it.
    const water = this.density * this.perimeter * plan.mouthDepth * vessel.diameter / 4
    this.inertance = wallInertance(wallMass + water, sideArea)
    this.damping = 2 * WALL_DAMPING * Math.sqrt(this.inertance * 1.3 * room.pressure / vessel.capacity)
    this.pool = Math.max(plan.pool, CLINGING_WATER)
    this.plungeTime = plan.mouthDepth / plan.plungeSpeed
  }

  /** While the wall stands, the volume lost and its rate do not change, so nothing can come of them. */
  get totals(): number {
    return this.wallMoves ? this.counted : this.size - PLUNGE.lost
  }

  /** Water that fills the mouth itself, kg. */
  get slugMass(): number {
    return this.density * this.mouthArea * this.plan.mouthPassage
  }

  gasVolume(state: Float64Array): number {
    const { capacity } = this.plan.vessel
    const volume = capacity * (1 - state[PLUNGE.lost]!) - (state[PLUNGE.drawnIn]! + this.pool) / this.density
    const least = capacity * 2e-3
    return volume > least ? volume : least
  }

  pressure(state: Float64Array): number {
    return (state[PLUNGE.vapour]! * WATER_GAS_CONSTANT + this.plan.air * AIR_GAS_CONSTANT) * state[PLUNGE.gas]! / this.gasVolume(state)
  }

  /** Pressure difference that pushes on the wall in air, Pa. */
  difference(state: Float64Array): number {
    return this.plan.room.pressure - this.pressure(state)
  }

  /** Difference the wall holds just now, Pa. */
  held(state: Float64Array): number {
    const { criticalDifference, residualLoad, stiffening, packing } = this.plan
    return criticalDifference * heldFraction(state[PLUNGE.lost]!, residualLoad, stiffening, packing)
  }

  /**
   * Below zero once nothing more will be seen: the mouth's water at rest, in balance, and no steam left to condense.
   */
  unrest(state: Float64Array): number {
    const { room, bathTemperature } = this.plan
    const speed = Math.abs(state[PLUNGE.speed]!) / 0.05
    const imbalance = Math.abs(this.difference(state)) / (0.02 * room.pressure)
    const vapourPressure = state[PLUNGE.vapour]! * WATER_GAS_CONSTANT * state[PLUNGE.gas]! / this.gasVolume(state)
    const steam = (quickSaturationTemperature(vapourPressure) - Math.max(state[PLUNGE.liquid]!, bathTemperature)) / 3
    const most = speed > imbalance ? speed : imbalance
    return (most > steam ? most : steam) - 1
  }

  derivatives(time: number, state: Float64Array, slope: Float64Array): void {
    const { plan, density } = this
    const { vessel, room } = plan
    const vapour = state[PLUNGE.vapour]! > 1e-9 ? state[PLUNGE.vapour]! : 1e-9
    const gas = state[PLUNGE.gas]!
    const wetWall = state[PLUNGE.wetWall]!
    const dryWall = state[PLUNGE.dryWall]!
    const liquid = state[PLUNGE.liquid]!
    const drawnIn = state[PLUNGE.drawnIn]!
    const speed = state[PLUNGE.speed]!
    const losing = this.wallMoves ? state[PLUNGE.losing]! : 0

    const volume = this.gasVolume(state)
    const pressure = (vapour * WATER_GAS_CONSTANT + plan.air * AIR_GAS_CONSTANT) * gas / volume
    const dewPoint = quickSaturationTemperature(vapour * WATER_GAS_CONSTANT * gas / volume)
    const latent = quickLatentHeat(dewPoint)
    const layer = plan.airLayerFactor * airLayerConductance(plan.air / vapour)

    // Walls.
    const goingDown = this.dependsOnTime
    const depth = goingDown ? plan.plungeSpeed * time : plan.mouthDepth
    const wetArea = vessel.crossSection + this.perimeter * depth
    const dryArea = this.wholeWall - wetArea
    const onWet = condensingFlux(this.film, dewPoint - wetWall, layer)
    const onDry = condensingFlux(this.film, dewPoint - dryWall, layer)
    slope[PLUNGE.wetWall] = (onWet - this.bathSide * (wetWall - plan.bathTemperature)) / this.wallCapacity
      + (goingDown ? (dryWall - wetWall) * this.perimeter * plan.plungeSpeed / wetArea : 0)
    slope[PLUNGE.dryWall] = (onDry - roomLossFlux(room.loss, dryWall)) / this.wallCapacity
    const wallRate = (onWet * wetArea + onDry * dryArea) / latent

    // The slug in the mouth; with none left inside, no more can fall out.
    const rise = (drawnIn + this.pool) / (density * vessel.crossSection)
    const drive = room.pressure + density * GRAVITY * (depth - rise) - pressure
    const emptying = drawnIn <= 0 && speed <= 0
    const inflow = emptying ? 0 : density * this.mouthArea * speed
    slope[PLUNGE.speed] = emptying && drive < 0
      ? -speed * 1e3
      : slugAcceleration(drive, speed, density, this.slug, plan.entryLoss)
    slope[PLUNGE.drawnIn] = inflow

    // Steam on the jet, and on or from the liquid that has gathered.
    const jet = inflow > 0
      ? inflow * jetCondensation(plan.jet, dewPoint, layer, speed, vessel.height - rise)
      : 0
    const toSurface = dewPoint - liquid
    const surfaceConductance = toSurface > 0
      ? plan.surfaceConductance * layer / (plan.surfaceConductance + layer)
      : plan.surfaceConductance
    const surfaceHeat = surfaceConductance * vessel.crossSection * toSurface
    const surface = surfaceHeat / latent
    const liquidMass = this.pool + (drawnIn > 0 ? drawnIn : 0)
    slope[PLUNGE.liquid] = (surfaceHeat + jet * latent) / (liquidMass * LIQUID_SPECIFIC_HEAT)
      + (inflow > 0 ? inflow * (plan.bathTemperature - liquid) / liquidMass : 0)

    // The gas: supercooled vapour turns to fog and gives its heat back.
    const capacity = vapour * VAPOUR_CONSTANT_VOLUME + plan.air * AIR_SPECIFIC_HEAT_CONSTANT_VOLUME
    const fog = gas < dewPoint ? capacity * (dewPoint - gas) / (FOG_TIME * latent) : 0
    const condensing = wallRate + jet + (surface > 0 ? surface : 0)
    const evaporating = surface < 0 ? -surface : 0
    const volumeRate = -vessel.capacity * losing - inflow / density
    slope[PLUNGE.vapour] = evaporating - condensing - fog
    slope[PLUNGE.gas] = (fog * latent - (condensing + fog) * WATER_GAS_CONSTANT * gas
      + evaporating * (VAPOUR_SPECIFIC_HEAT * liquid - VAPOUR_CONSTANT_VOLUME * gas)
      - pressure * volumeRate
      + INSIDE_GAS_CONDUCTANCE * (wetArea * (wetWall - gas) + dryArea * (dryWall - gas))
      + (drawnIn > 0 ? SPLASH_CONDUCTANCE * vessel.crossSection * (liquid - gas) : 0)) / capacity

    // The wall.
    slope[PLUNGE.lost] = losing
    slope[PLUNGE.losing] = this.wallMoves
      ? ((room.pressure - pressure - this.held(state)) / this.inertance - this.damping / this.inertance * losing * vessel.capacity) / vessel.capacity
      : 0

    if (this.counted > 0) {
      slope[PLUNGE.condensedOnWall] = wallRate
      slope[PLUNGE.condensedOnWater] = jet + surface
      slope[PLUNGE.condensedAsFog] = fog
    }
  }
}

export interface PlungeEnd {
  /** s from the seal; undefined if the wall's strength is never reached */
  hush: number | undefined
  /** Pa */ peakDifference: number
  /** s from the seal */ timeOfPeak: number
  /** s from the seal */ end: number
  occurrences: Occurrence[]
}

const integrators = new Map<number, Integrator>()

function integratorOf(size: number): Integrator {
  let integrator = integrators.get(size)
  if (!integrator) integrators.set(size, integrator = new Integrator(size))
  return integrator
}

/**
 * Follows the vessel from the seal until it is full or has been watched for `LONGEST_PLUNGE`.
 *
 * @param state in and out, see `PLUNGE`; vapour, gas, walls and liquid set by the caller, the rest zero
 * @param tolerance relative, of one step
 * @param record called with (seconds since the seal, state)
 */
export function plunge(
  system: PlungeSystem, state: Float64Array, tolerance: number, record?: (time: number, state: Float64Array) => void,
): PlungeEnd {
  const { plan } = system
  const { capacity } = plan.vessel
  const critical: OdeEvent = { id: 'critical', direction: 1, stops: true, value: (_, s) => system.difference(s) - plan.criticalDifference }
  const yields: OdeEvent = { id: 'yield', direction: 1, stops: true, value: (_, s) => system.difference(s) - system.held(s) }
  const stops: OdeEvent = { id: 'wall-stops', direction: -1, stops: true, value: (_, s) => s[PLUNGE.losing]! }
  const mouthFull: OdeEvent = {
    id: 'mouth-full', direction: 1, stops: false,
    value: (_, s) => s[PLUNGE.drawnIn]! / system.slugMass - 1,
  }
  const full: OdeEvent = {
    id: 'full', direction: -1, stops: true,
    value: (_, s) => system.gasVolume(s) / (capacity * (1 - s[PLUNGE.lost]!)) - 0.02,
  }
  const settled: OdeEvent = { id: 'settled', direction: -1, stops: true, value: (_, s) => system.unrest(s) }
  let hush: number | undefined
  let peakDifference = 0
  let timeOfPeak = 0
  let time = 0
  const occurrences: Occurrence[] = []
  const onStep = (at: number, s: Float64Array) => {
    const difference = system.difference(s)
    if (difference > peakDifference) { peakDifference = difference; timeOfPeak = at }
    record?.(at, s)
  }
  const integrator = integratorOf(system.size)
  system.wallMoves = false
  system.dependsOnTime = true
  while (time < LONGEST_PLUNGE) {
    const events = system.wallMoves ? [stops, mouthFull, full] : [hush === undefined ? critical : yields, settled, mouthFull, full]
    const end = system.dependsOnTime ? system.plungeTime : LONGEST_PLUNGE
    const stage = integrator.run(system, state, time, end, { tolerance, firstStep: system.wallMoves ? 1e-5 : 1e-3, explicitSteps: EXPLICIT_STEPS, events, onStep })
    time = stage.time
    for (const o of stage.occurrences) {
      if (o.id !== 'mouth-full' || !occurrences.some(p => p.id === 'mouth-full')) {
        if (o.id !== 'yield' && o.id !== 'wall-stops' && o.id !== 'settled') occurrences.push(o)
      }
    }
    if (stage.stoppedBy === 'full' || stage.stoppedBy === 'settled') break
    if (stage.stoppedBy === undefined) {
      if (!system.dependsOnTime) break
      system.dependsOnTime = false
      continue
    }
    if (stage.stoppedBy === 'wall-stops') {
      system.wallMoves = false
      state[PLUNGE.losing] = 0
    } else {
      if (stage.stoppedBy === 'critical') hush = time
      system.wallMoves = true
      state[PLUNGE.losing] = 1e-6
    }
  }
  return { hush, peakDifference, timeOfPeak, end: time, occurrences }
}
