/** Vessel, room and heat of a steam demonstration from its inputs, and the gas that is inside when it is sealed. */
import type { Has, Performed } from '../../demonstration'
import { roomLoss } from '../../mechanisms/convection'
import { type CoolingVessel } from '../../mechanisms/cooling-vessel'
import { COOLING, COOLING_SIZE } from '../../mechanisms/cooling-plan'
import { dryBaseAfter } from '../../mechanisms/dry-base'
import { heat, HEATING, type Heated, type HeatingPlan } from '../../mechanisms/heating'
import { heatOnce } from '../../mechanisms/kept-heating'
import { transfer, TRANSFER } from '../../mechanisms/transfer'
import type { Room, SteamVessel } from '../../mechanisms/steam-vessel'
import { AIR_GAS_CONSTANT, AIR_MOLAR_MASS, GAS_CONSTANT, humidAirDensity } from '../../substances/air'
import { quickLiquidDensity, quickSaturationPressure } from '../../substances/steam-tables'
import { saturationTemperature, WATER_GAS_CONSTANT } from '../../substances/water'
import type { TraceRecorder } from './trace-recorder'

type RoomNumber = 'stationPressure' | 'airTemperature' | 'relativeHumidity'
/** What is stated of the room. */
export type RoomValues = Has<RoomNumber>
/** What is stated of the room, the water and the heat. */
export type HeatedValues = Performed &
  Has<
    | RoomNumber
    | 'heaterPower'
    | 'heatingEfficiency'
    | 'heaterLimit'
    | 'waterCharge'
    | 'chargeTemperature'
    | 'purgeMixing'
    | 'plumeVapourFraction'
    | 'purgeTime'
    | 'airLayerFactor'
  >

/** The room's air round a vessel. */
export function roomOf({ numbers: n }: RoomValues, vessel: SteamVessel): Room {
  const pressure = n.stationPressure
  const temperature = n.airTemperature
  return {
    pressure,
    temperature,
    boilingPoint: saturationTemperature(pressure),
    vapourFraction: (n.relativeHumidity * quickSaturationPressure(temperature)) / pressure,
    airDensity: humidAirDensity(temperature, pressure, n.relativeHumidity),
    loss: roomLoss(vessel.height, temperature, pressure, vessel.solid.emissivity),
  }
}

/** A temperature held below the boiling point, K: a drawn sample may lie a little above it, water can't. */
export const heldBelowBoiling = (temperature: number, room: Room): number =>
  Math.min(temperature, room.boilingPoint - 0.05)

/** The heating that the inputs describe. */
export function heatingPlan(
  values: HeatedValues,
  vessel: SteamVessel,
  room: Room = roomOf(values, vessel),
): HeatingPlan {
  const n = values.numbers
  const chargeTemperature = heldBelowBoiling(n.chargeTemperature, room)
  return {
    vessel,
    room,
    power: n.heaterPower * n.heatingEfficiency,
    heaterLimit: n.heaterLimit,
    charge: n.waterCharge * quickLiquidDensity(chargeTemperature),
    chargeTemperature,
    mixing: n.purgeMixing,
    plumeFraction: n.plumeVapourFraction,
    purgeTime: n.purgeTime,
    liftedAfter: n.liftedAfter,
    airLayerFactor: n.airLayerFactor,
  }
}

/** A vessel of hot gas, about to be sealed. */
export interface Filled {
  /** K */ wall: number
  /** liquid inside, K */ liquid: number
  /** kg */ waterMass: number
  airMoles: number
  /** s on the staging's clock */ timeOfLifting: number
  sealing: number
  /** hottest metal on the way, K */ overheat: number
  /** its base at the seal, K, where it has boiled dry: hotter than the wall by far */ dryBase?: number
  heated?: Heated
}

/** From the heat to the seal. */
export interface Carrying {
  /** s */ duration: number
  /** share of it with the mouth still on top */ uprightShare: number
  /** true: carried through the air and turned, false: stood still */ moved: boolean
}

const heating = new Float64Array(5)
const carried = new Float64Array(4)

/** Heats the vessel, lifts it and carries it to the seal. */
export function fillByBoiling(
  plan: HeatingPlan,
  carrying: Carrying,
  surfaceConductance: number,
  tolerance: number,
  recorder?: TraceRecorder,
): Filled {
  const heated = recorder ? heat(plan, heating, tolerance, recorder.heating) : heatOnce(plan, heating, tolerance)
  carried[TRANSFER.wall] = heating[HEATING.wall]!
  carried[TRANSFER.pool] = heated.boiledDry
    ? Math.min(heating[HEATING.base], 440)
    : Math.max(heating[HEATING.water], 273.2)
  carried[TRANSFER.waterMass] = heating[HEATING.waterMass]!
  carried[TRANSFER.airMoles] = heating[HEATING.airMoles]!
  const overheat = Math.max(heating[HEATING.base], heating[HEATING.wall])
  recorder?.beginTransfer(heated.timeOfLifting)
  transfer(
    {
      vessel: plan.vessel,
      room: plan.room,
      duration: carrying.duration,
      uprightShare: carrying.uprightShare,
      moved: carrying.moved,
      airLayerFactor: plan.airLayerFactor,
      surfaceConductance,
    },
    carried,
    tolerance,
    recorder?.transfer,
  )
  const filled: Filled = {
    wall: carried[TRANSFER.wall],
    liquid: carried[TRANSFER.pool],
    waterMass: carried[TRANSFER.waterMass],
    airMoles: carried[TRANSFER.airMoles],
    timeOfLifting: heated.timeOfLifting,
    sealing: heated.timeOfLifting + carrying.duration,
    overheat,
    heated,
  }
  if (heated.boiledDry)
    filled.dryBase = dryBaseAfter(heating[HEATING.base], carrying.duration, plan.vessel, plan.room, tolerance)
  return filled
}

/** Hottest part of it at the seal, K: what water wets as it comes in or is poured over it. */
export const hottestPart = ({ wall, liquid, dryBase }: Filled): number => Math.max(wall, dryBase ?? liquid)

/** The gas in a vessel at room pressure. */
export interface GasAtSeal {
  /** K */ temperature: number
  /** kg */ air: number
  /** kg */ steam: number
  residualAirFraction: number
}

/**
 * The gas inside at the seal, at room pressure above `pool` kg of liquid. What water leaves on turning over is made
 * up by vapour flashed from it; where more air was counted than there is room for, the vessel holds air alone.
 */
export function gasAtSeal(plan: Pick<HeatingPlan, 'vessel' | 'room'>, filled: Filled, pool: number): GasAtSeal {
  const { vessel, room } = plan
  const temperature = (filled.wall + filled.liquid) / 2
  const volume = vessel.capacity - Math.max(pool, 2e-5) / quickLiquidDensity(Math.min(filled.liquid, 372))
  const moles = (room.pressure * volume) / (GAS_CONSTANT * temperature)
  const airMoles = Math.min(filled.airMoles, moles)
  const air = airMoles * AIR_MOLAR_MASS
  return {
    temperature,
    air,
    steam: ((room.pressure * volume) / temperature - air * AIR_GAS_CONSTANT) / WATER_GAS_CONSTANT,
    residualAirFraction: airMoles / moles,
  }
}

const withTotals = new Float64Array(COOLING_SIZE)
const alone = withTotals.subarray(0, COOLING.condensedOnWall)

/** The state with which cooling begins; the array is reused. */
export function coolingStart(system: CoolingVessel, filled: Filled, gas: GasAtSeal): Float64Array {
  const state = system.size === COOLING_SIZE ? withTotals : alone
  withTotals.fill(0)
  state[COOLING.air] = gas.air
  state[COOLING.gas] = gas.temperature
  // Vapour makes up whatever pressure the air leaves, in the volume as the stage counts it (its water is as dense as
  // the bath's).
  const { pressure } = system.plan.room
  state[COOLING.vapour] = Math.max(
    ((pressure * system.gasVolume(state)) / gas.temperature - gas.air * AIR_GAS_CONSTANT) / WATER_GAS_CONSTANT,
    1e-8,
  )
  state[COOLING.wetWall] = filled.wall
  state[COOLING.dryWall] = filled.wall
  state[COOLING.liquid] = Math.min(filled.liquid, system.plan.room.boilingPoint)
  return state
}

/**
 * Lowest pressure that can come, Pa: the air sealed in, cooled, and the vapour over water as cold as what cools it: the
 * coolant or, where that is warmer, the room. What warms it takes nothing off.
 * @param coolant K
 */
export function floorPressure(gas: GasAtSeal, room: Room, coolant: number): number {
  const coldest = Math.min(coolant, room.temperature)
  const left = (gas.residualAirFraction * room.pressure * coldest) / gas.temperature + quickSaturationPressure(coldest)
  return Math.min(room.pressure, left)
}
