/** The room's conditions as SI numbers, whatever demonstration they will serve. */
import { ROOM_INPUTS, resolve } from '../demonstration'
import type { RoomDocument } from './shelf'
import { StagingFaults, readInputs } from './staging'

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
