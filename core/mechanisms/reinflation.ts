/** Heating a crushed vessel that still holds water, with a way out for the steam: does it pop back? */
import { AIR_GAS_CONSTANT } from '../substances/air'
import { quickLatentHeat, quickSaturationPressure } from '../substances/steam-tables'
import { WATER_GAS_CONSTANT } from '../substances/water'
import { LIQUID_SPECIFIC_HEAT } from '../substances/water-transport'
import { integratorOf, type OdeSystem } from '../solver'
import { beyond } from './collapse'
import { roomLossFlux } from './convection'
import { gasThroughNozzle, openingFlow } from './nozzle-flow'
import type { Room, SteamVessel } from './steam-vessel'

/** Unknowns, by place in the state. */
export const REINFLATION = {
  /** water, steam and wall, K */ temperature: 0,
  /** kg */ air: 1,
  /** kg of liquid */ water: 2,
  /** fraction of the volume */ lost: 3,
} as const

/** Longest time on the heat that is followed, s. */
export const LONGEST_REINFLATION = 3600
/**
 * Time in which a wall that is past its popping pressure moves by its whole travel, s: a snap slowed by what steam
 * there is.
 */
const SNAP_TIME = 0.3
/**
 * Sharp folds do not come out: as the last of the volume returns, the pressure asked for rises to this multiple.
 * Assumption.
 */
const LAST_FOLDS = 3

export interface ReinflationPlan {
  vessel: SteamVessel
  room: Room
  /** W that get in */ power: number
  /** share of the volume lost before */ lostBefore: number
  /** kg */ water: number
  /** Pa inside over outside at which the crushed wall begins to move back */ popDifference: number
  /** m2 with contraction */ reliefArea: number
  /** Pa over the room at which the relief opens; 0: an open hole */ reliefSetting: number
}

/**
 * A relief lifts with what is over its setting, softly at both ends, and is wide open this share of the setting above
 * it; common for spring-loaded ones.
 */
const LIFT = 0.25
function opened(gauge: number, setting: number): number {
  const x = (gauge - setting) / (LIFT * setting)
  return x <= 0 ? 0 : x >= 1 ? 1 : x * x * (3 - 2 * x)
}
/** Push over which the wall begins to move, Pa: small against any popping pressure. */
const EDGE = 20

class ReinflationSystem implements OdeSystem {
  readonly size = 4
  readonly scale: Float64Array
  readonly reference = new Float64Array(4)
  readonly amounts = [REINFLATION.air]
  private readonly wallCapacity: number
  private readonly area: number

  constructor(private readonly plan: ReinflationPlan) {
    const { solid, wallThickness, upperArea, crossSection, capacity } = plan.vessel
    this.scale = Float64Array.of(2, 0.02 * capacity, 0.02 * plan.water, 0.02)
    // Close to boiling, a tenth of a kelvin is a long time.
    this.reference[REINFLATION.temperature] = plan.room.boilingPoint
    this.wallCapacity = solid.density * solid.specificHeat * wallThickness * (upperArea + crossSection)
    this.area = upperArea
  }

  volume(state: Float64Array): number {
    return Math.max(
      this.plan.vessel.capacity * (1 - state[REINFLATION.lost]) - state[REINFLATION.water] / 960,
      this.plan.vessel.capacity * 0.01,
    )
  }

  /** Over the room, Pa: saturated steam and the air left. */
  gauge(state: Float64Array): number {
    const temperature = state[REINFLATION.temperature]
    return (
      quickSaturationPressure(temperature) +
      (Math.max(0, state[REINFLATION.air]) * AIR_GAS_CONSTANT * temperature) / this.volume(state) -
      this.plan.room.pressure
    )
  }

  /** Pressure over the room that the wall asks for at its present shape, Pa. */
  asked(state: Float64Array): number {
    const { popDifference, lostBefore } = this.plan
    const back = Math.min(1, Math.max(0, 1 - state[REINFLATION.lost] / lostBefore))
    const square = back * back
    return popDifference * (1 + (LAST_FOLDS - 1) * square * square)
  }

  derivatives(_time: number, state: Float64Array, slope: Float64Array): void {
    const { room, power, reliefArea, reliefSetting, lostBefore, vessel, popDifference } = this.plan
    const temperature = state[REINFLATION.temperature]
    const water = Math.max(0, state[REINFLATION.water])
    const air = Math.max(0, state[REINFLATION.air])
    const volume = this.volume(state)
    const saturation = quickSaturationPressure(temperature)
    const vapour = (saturation * volume) / (WATER_GAS_CONSTANT * temperature)
    const gauge = this.gauge(state)
    const latent = quickLatentHeat(temperature)

    // Out through the relief once it lifts; in through an open hole while the inside is below the room.
    const density = (vapour + air) / volume
    const flow =
      reliefSetting > 0
        ? opened(gauge, reliefSetting) * gasThroughNozzle(reliefArea, room.pressure + gauge, density, room.pressure)
        : -openingFlow(reliefArea, room.pressure, room.airDensity, room.pressure + gauge, density)
    const airOut = flow > 0 ? (flow * air) / (vapour + air) : flow
    const vapourOut = flow > 0 ? flow - airOut : 0

    const push = beyond(gauge - this.asked(state), EDGE)
    slope[REINFLATION.lost] = state[REINFLATION.lost] > 0 ? (-lostBefore * push) / (popDifference * SNAP_TIME) : 0
    slope[REINFLATION.air] = -airOut

    // Saturated steam: what the heat makes beyond warming everything fills the growing volume and leaves.
    const clausius = (saturation * latent) / (WATER_GAS_CONSTANT * temperature * temperature)
    const vapourPerKelvin = (clausius * volume) / (WATER_GAS_CONSTANT * temperature)
    const growing = (-slope[REINFLATION.lost] * vessel.capacity * saturation) / (WATER_GAS_CONSTANT * temperature)
    const lossed = this.area * roomLossFlux(room.loss, temperature)
    slope[REINFLATION.temperature] =
      (power - lossed - latent * (vapourOut + growing)) /
      (this.wallCapacity + water * LIQUID_SPECIFIC_HEAT + latent * vapourPerKelvin)
    slope[REINFLATION.water] = -(vapourOut + growing + vapourPerKelvin * slope[REINFLATION.temperature])
  }
}

export interface ReinflationEnd {
  /** s from heat on; undefined if the wall never moves back */ pop: number | undefined
  /** s: when the relief first lets steam out, or water boils at room pressure through an open hole */ steaming:
    | number
    | undefined
  /** fraction of the volume still lost */ lost: number
  /** Pa over the room */ peakGauge: number
  /** kg */ waterLeft: number
  /** K, of water and wall in the end: heated all the time, they were never hotter */ hottest: number
  /** s */ end: number
}

const state = new Float64Array(4)

/**
 * Heats it until it has popped back, is dry, or has been watched for an hour. @param record (seconds from heat on,
 * state, Pa over the room)
 */
export function reinflate(
  plan: ReinflationPlan,
  tolerance: number,
  record?: (time: number, state: Float64Array, gauge: number) => void,
): ReinflationEnd {
  const system = new ReinflationSystem(plan)
  const { room, lostBefore, water } = plan
  state[REINFLATION.temperature] = room.temperature
  state[REINFLATION.water] = water
  state[REINFLATION.lost] = lostBefore
  // Opened before it is heated, so that the inside is at the room's pressure.
  state[REINFLATION.air] =
    (Math.max(0, room.pressure - quickSaturationPressure(room.temperature)) * system.volume(state)) /
    (AIR_GAS_CONSTANT * room.temperature)
  const steams =
    plan.reliefSetting > 0
      ? (_: number, s: Float64Array) => system.gauge(s) - plan.reliefSetting
      : (_: number, s: Float64Array) => s[REINFLATION.temperature] - (room.boilingPoint - 0.5)
  const ended = integratorOf(4).run(system, state, 0, LONGEST_REINFLATION, {
    // An open hole holds the pressure as tightly as a stiff spring, and the last kelvin before boiling is a long time.
    tolerance: tolerance / 5,
    firstStep: 0.5,
    between: record ? 1 : 0,
    onStep: record && ((time, s) => record(time, s, system.gauge(s))),
    peaks: [{ id: 'gauge', value: (_, s) => system.gauge(s) }],
    events: [
      { id: 'steams', direction: 1, stops: false, value: steams },
      { id: 'pop', direction: 1, stops: false, value: (_, s) => 0.95 * lostBefore - s[REINFLATION.lost] },
      { id: 'back', direction: -1, stops: true, value: (_, s) => s[REINFLATION.lost] - 0.08 * lostBefore },
      { id: 'dry', direction: -1, stops: true, value: (_, s) => s[REINFLATION.water] - 0.05 * water },
    ],
  })
  const at = (id: string): number | undefined => ended.occurrences.find(o => o.id === id)?.time
  return {
    pop: at('pop'),
    steaming: at('steams'),
    lost: state[REINFLATION.lost],
    peakGauge: Math.max(0, ended.peaks.gauge.value),
    waterLeft: Math.max(0, state[REINFLATION.water]),
    hottest: state[REINFLATION.temperature],
    end: ended.time,
  }
}
