/** From validated inputs to what happens: heat, transfer, plunge, crush. */
import { outerSurface, crossSection } from '../../vessels/cylinder'
import { vonMisesBuckling } from '../../vessels/buckling'
import { bathAfter } from '../../mechanisms/bath'
import { roomLoss } from '../../mechanisms/convection'
import { heat, HEATING, type HeatingPlan } from '../../mechanisms/heating'
import { plunge, PLUNGE, PLUNGE_SIZE, PlungeSystem, type PlungePlan } from '../../mechanisms/plunge'
import { transfer, TRANSFER } from '../../mechanisms/transfer'
import type { Room, SteamVessel } from '../../mechanisms/steam-vessel'
import { AIR_GAS_CONSTANT, AIR_MOLAR_MASS, GAS_CONSTANT, humidAirDensity } from '../../substances/air'
import { SOLIDS, type SolidName } from '../../substances/solids'
import { quickLiquidDensity, quickSaturationPressure, quickSaturationTemperature } from '../../substances/steam-tables'
import { saturationTemperature, WATER_GAS_CONSTANT } from '../../substances/water'
import type { Simulation, TimedEvent, Values } from '../face'
import { outcomeOf } from './outcomes'
import { TraceRecorder } from './trace-recorder'

/** Tolerance of one step: a forecast needs events to a per cent, a shown trace a smooth curve. */
const TOLERANCE = { summary: 1e-2, trace: 5e-4 } as const

/** Vessel, room and the plan of the heating, worked out from the inputs. */
export function heatingPlan(values: Values): HeatingPlan {
  const n = values.numbers as Record<string, number>
  const solid = SOLIDS[values.choices.wallMaterial as SolidName]
  const pressure = n.stationPressure!
  const temperature = n.airTemperature!
  const boilingPoint = saturationTemperature(pressure)
  const end = crossSection(n.vesselDiameter!)
  const vessel: SteamVessel = {
    capacity: n.vesselVolume!, crossSection: end, upperArea: Math.PI * n.vesselDiameter! * n.vesselHeight! + end,
    diameter: n.vesselDiameter!, height: n.vesselHeight!, wallThickness: n.wallThickness!, mouthDiameter: n.mouthDiameter!, solid,
  }
  const room: Room = {
    pressure, temperature, boilingPoint,
    vapourFraction: n.relativeHumidity! * quickSaturationPressure(temperature) / pressure,
    airDensity: humidAirDensity(Math.max(temperature, 273.16), pressure, n.relativeHumidity!),
    loss: roomLoss(n.vesselHeight!, temperature, pressure, solid.emissivity),
  }
  // A drawn sample may lie a little above the boiling point; water can't.
  const chargeTemperature = Math.min(n.chargeTemperature!, boilingPoint - 0.05)
  return {
    vessel, room, power: n.heaterPower! * n.heatingEfficiency!, heaterLimit: n.heaterLimit!,
    charge: n.waterCharge! * quickLiquidDensity(chargeTemperature), chargeTemperature,
    mixing: n.purgeMixing!, plumeFraction: n.plumeVapourFraction!, purgeTime: n.purgeTime!, airLayerFactor: n.airLayerFactor!,
  }
}

const heating = new Float64Array(5)
const carried = new Float64Array(4)
const plungedWithTotals = new Float64Array(PLUNGE_SIZE)
const plungedAlone = plungedWithTotals.subarray(0, PLUNGE.condensedOnWall)

/** Bath temperature, K, held below the boiling point where a drawn sample lies above it. */
const heldBath = (values: Values, boilingPoint: number): number => Math.min(values.numbers.bathTemperature!, boilingPoint - 0.05)

/** Everything up to the seal. */
function untilSealed(values: Values, tolerance: number, recorder?: TraceRecorder) {
  const n = values.numbers as Record<string, number>
  const plan = heatingPlan(values)
  const { vessel, room } = plan
  const bathTemperature = heldBath(values, room.boilingPoint)

  const heated = heat(plan, heating, tolerance, recorder?.heating)
  const waterAtLifting = heating[HEATING.waterMass]!
  const overheat = Math.max(heating[HEATING.base]!, heating[HEATING.wall]!)

  carried[TRANSFER.wall] = heating[HEATING.wall]!
  carried[TRANSFER.pool] = heated.boiledDry ? Math.min(heating[HEATING.base]!, 440) : Math.max(heating[HEATING.water]!, 273.2)
  carried[TRANSFER.waterMass] = waterAtLifting
  carried[TRANSFER.airMoles] = heating[HEATING.airMoles]!
  recorder?.beginTransfer(heated.timeOfLifting)
  transfer({
    vessel, room, duration: n.transferTime!, uprightShare: n.uprightShare!, airLayerFactor: plan.airLayerFactor,
    surfaceConductance: n.surfaceConductance!,
  }, carried, tolerance, recorder?.transfer)

  const sealing = heated.timeOfLifting + n.transferTime!
  const waterLeft = carried[TRANSFER.waterMass]!
  const pool = waterLeft * n.poolRetained!
  const gas = (carried[TRANSFER.wall]! + carried[TRANSFER.pool]!) / 2
  const perfect = vonMisesBuckling({ diameter: vessel.diameter, height: vessel.height, wallThickness: vessel.wallThickness }, vessel.solid)
  const criticalDifference = n.knockDown! * perfect.pressure

  // What leaves on turning over is replaced by vapour flashed from it: the gas fills the vessel at room pressure.
  const density = quickLiquidDensity(bathTemperature)
  const gasVolume = vessel.capacity - Math.max(pool, 2e-5) / density
  const gasMoles = room.pressure * gasVolume / (GAS_CONSTANT * gas)
  const airMoles = Math.min(carried[TRANSFER.airMoles]!, gasMoles)
  const air = airMoles * AIR_MOLAR_MASS
  const steamMass = (room.pressure * gasVolume / gas - air * AIR_GAS_CONSTANT) / WATER_GAS_CONSTANT
  const residualAirFraction = airMoles / gasMoles

  const plungePlan: PlungePlan = {
    vessel, room, mouthDepth: n.mouthDepth!, plungeSpeed: n.plungeSpeed!, bathTemperature, air, pool,
    criticalDifference, residualLoad: n.residualLoad!, stiffening: n.packingStiffness!, packing: 0.92,
    jet: { water: bathTemperature, diameter: vessel.mouthDiameter, stanton: n.jetStanton!, sprayContact: n.sprayContact! },
    entryLoss: n.entryLoss!, mouthPassage: n.mouthPassage!,
    airLayerFactor: plan.airLayerFactor, bathTransferFactor: n.bathTransferFactor!, surfaceConductance: n.surfaceConductance!,
  }
  return { plan, heated, overheat, sealing, waterLeft, pool, gas, perfect, criticalDifference, density, air, steamMass, residualAirFraction, plungePlan }
}

/** Fills in the state with which the plunge begins. */
function beginPlunge(state: Float64Array, { steamMass, gas, plan }: ReturnType<typeof untilSealed>): void {
  state.fill(0)
  state[PLUNGE.vapour] = Math.max(steamMass, 1e-8)
  state[PLUNGE.gas] = gas
  state[PLUNGE.wetWall] = carried[TRANSFER.wall]!
  state[PLUNGE.dryWall] = carried[TRANSFER.wall]!
  state[PLUNGE.liquid] = Math.min(carried[TRANSFER.pool]!, plan.room.boilingPoint)
}

/** Plan and first state of the plunge, for measuring the integrator on it. */
export function plungeStart(values: Values): { plan: PlungePlan, state: Float64Array } {
  const sealed = untilSealed(values, TOLERANCE.trace)
  const state = new Float64Array(PLUNGE_SIZE)
  beginPlunge(state, sealed)
  return { plan: sealed.plungePlan, state }
}

/** Runs the whole staging. Times in events and trace are seconds from heat on. */
export function simulate(values: Values, detail: 'summary' | 'trace'): Simulation {
  const n = values.numbers as Record<string, number>
  const tolerance = TOLERANCE[detail]
  const recorder = detail === 'trace' ? new TraceRecorder(heatingPlan(values)) : undefined
  const sealed = untilSealed(values, tolerance, recorder)
  const { plan, heated, overheat, sealing, waterLeft, pool, gas, perfect, criticalDifference, density, steamMass, residualAirFraction } = sealed
  const { vessel, room } = plan
  const { bathTemperature } = sealed.plungePlan
  const system = new PlungeSystem(sealed.plungePlan, detail === 'trace')
  const plunged = detail === 'trace' ? plungedWithTotals : plungedAlone
  beginPlunge(plunged, sealed)
  recorder?.beginPlunge(sealing, system)
  const ended = plunge(system, plunged, tolerance, recorder?.plunge)

  const surface = outerSurface({ diameter: vessel.diameter, height: vessel.height, wallThickness: vessel.wallThickness })
  const peak = ended.peakDifference
  const bath = bathAfter({
    temperature: bathTemperature, water: n.bathVolume! * density, ice: n.iceMass!,
    hotMetal: vessel.solid.density * vessel.solid.specificHeat * vessel.wallThickness * (vessel.upperArea + vessel.crossSection),
    metalTemperature: carried[TRANSFER.wall]!, hotWater: waterLeft, waterTemperature: carried[TRANSFER.pool]!,
    steam: steamMass, steamTemperature: quickSaturationTemperature(room.pressure),
  })

  const results: Record<string, number> = {
    boilingTemperature: room.boilingPoint,
    waterLeft, residualAirFraction, steamMass,
    criticalPressureDifference: criticalDifference,
    peakPressureDifference: peak,
    // Residual air cooled to the bath, and the vapour over water as cold as the bath.
    floorPressure: residualAirFraction * room.pressure * bathTemperature / gas + quickSaturationPressure(bathTemperature),
    outsideForce: room.pressure * surface,
    peakNetForce: peak * surface,
    waterDrawnIn: plunged[PLUNGE.drawnIn]! / density,
    volumeLost: Math.max(0, plunged[PLUNGE.lost]!),
    bathTemperatureAfter: bath.temperature,
  }
  if (heated.timeToBoil !== undefined) results.timeToBoil = heated.timeToBoil
  if (heated.timeToPlume !== undefined) results.timeToPlume = heated.timeToPlume
  if (heated.timeToDry !== undefined) results.timeToDry = heated.timeToDry
  if (ended.hush !== undefined) results.hush = ended.hush

  const events: TimedEvent[] = []
  const add = (id: string, name: string, time: number | undefined) => { if (time !== undefined) events.push({ id, name, time }) }
  add('boil', 'boils', heated.timeToBoil)
  add('plume', 'steady plume', heated.timeToPlume)
  if (heated.boiledDry) add('dry', 'boils dry', heated.timeToDry)
  add('lift', 'off the heat', heated.timeOfLifting)
  add('seal', 'mouth under water', sealing)
  const names: Record<string, string> = { 'critical': 'wall gives way', 'mouth-full': 'water through the mouth', 'full': 'full of water' }
  for (const o of ended.occurrences) add(o.id, names[o.id]!, sealing + o.time)
  add('peak', 'greatest difference', sealing + ended.timeOfPeak)
  events.sort((a, b) => a.time - b.time)

  const simulation: Simulation = {
    results, events,
    outcome: outcomeOf(results.volumeLost!, results.waterDrawnIn!, vessel.capacity),
    details: {
      timeOfLifting: heated.timeOfLifting, sealing, boiledDry: heated.boiledDry ? 1 : 0, steamRate: heated.steamRate, overheat,
      lobes: perfect.lobes, perfectPressure: perfect.pressure, iceLeft: bath.ice, timeOfPeak: sealing + ended.timeOfPeak,
      stationPressure: room.pressure, capacity: vessel.capacity, pool,
    },
  }
  if (recorder) simulation.trace = recorder.finish(simulation)
  return simulation
}

