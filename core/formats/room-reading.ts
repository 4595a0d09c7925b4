/** The room's conditions as SI numbers, whatever demonstration they will serve. */
import { ROOM_INPUTS, resolve } from '../demonstration'
import { saturationTemperature } from '../substances/water'
import type { RoomDocument } from './shelf'
import { StagingFaults, readInputs } from './staging-reading'

const ROOM = { id: 'the room', inputs: ROOM_INPUTS, check: () => [] }

/**
 * Reads and checks the room's conditions; what is left out takes its default, the station pressure what follows.
 * @throws StagingFaults with every fault found
 */
export function readRoom(document: RoomDocument): Readonly<Partial<Record<string, number>>> {
  const stated = Object.fromEntries(Object.entries(document).filter(([, value]) => value !== undefined))
  const { given, faults } = readInputs(ROOM, stated)
  const resolved = resolve(ROOM, given)
  const named = new Set(faults.map(f => f.input))
  const all = [...faults, ...resolved.faults.filter(f => !named.has(f.input))]
  if (all.length > 0) throw new StagingFaults(all)
  return resolved.values.numbers
}

/** What the room is, for a page that computes nothing. */
export interface RoomAtAGlance {
  /** Pa */ stationPressure: number
  /** K */ airTemperature: number
  /** at which water boils here, K */ boilingPoint: number
}

/** @throws StagingFaults with every fault found */
export function roomAtAGlance(document: RoomDocument): RoomAtAGlance {
  const { stationPressure, airTemperature } = readRoom(document)
  return {
    stationPressure: stationPressure!,
    airTemperature: airTemperature!,
    boilingPoint: saturationTemperature(stationPressure!),
  }
}
