/** The gas at one moment as amounts, for the particle board: read off the columns that every trace has. */
import { AIR_GAS_CONSTANT, AIR_MOLAR_MASS, GAS_CONSTANT } from '../substances/air'
import { WATER_MOLAR_MASS } from '../substances/water-transport'
import type { Traced } from './simulation'
import { valueAt } from './trace-reading'

export interface GasState {
  /** mol */ air: number
  vapour: number
  /** K */ temperature: number
  /** Pa */ pressure: number
  /** that the amounts take up, m3 */ volume: number
}

export interface ParticleState {
  inside: GasState
  /** the room's air in as much space as the inside has at most */ outside: GasState
}

/** Amounts inside at a time of the trace. */
function insideAt({ trace }: Traced, time: number): GasState {
  const [pressure, temperature, airMass, steamMass] = ['pressure', 'gasTemperature', 'airMass', 'steamMass'].map(id =>
    valueAt(trace, id, time),
  ) as [number, number, number, number]
  const air = Math.max(0, airMass) / AIR_MOLAR_MASS
  const vapour = Math.max(0, steamMass) / WATER_MOLAR_MASS
  return {
    air,
    vapour,
    temperature,
    pressure,
    volume: pressure > 0 ? ((air + vapour) * GAS_CONSTANT * temperature) / pressure : 0,
  }
}

/** Largest volume that the gas inside has at any row, m3. */
export function largestVolume(simulation: Traced): number {
  let most = 0
  for (const t of simulation.trace.time) most = Math.max(most, insideAt(simulation, t).volume)
  return most
}

/**
 * Inside and outside at a moment.
 * @param space m3 that the board's halves stand for: `largestVolume` of the simulation
 * @param room K
 */
export function particlesAt(simulation: Traced, time: number, space: number, room: number): ParticleState {
  const pressure = simulation.details.stationPressure!
  return {
    inside: insideAt(simulation, time),
    outside: {
      air: (pressure * space) / (AIR_GAS_CONSTANT * room) / AIR_MOLAR_MASS,
      vapour: 0,
      temperature: room,
      pressure,
      volume: space,
    },
  }
}
