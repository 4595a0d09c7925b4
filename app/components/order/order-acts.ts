/** Acts of a running order or a lesson, read and simulated in this room. */
import {
  actOf,
  findDemonstration,
  resolveStaging,
  withRoom,
  type Act,
  type ReadStaging,
  type RoomDocument,
  type RunningOrderDocument,
  type StagingDocument,
  type Traced,
} from '~~/core'

export interface OrderAct {
  read: ReadStaging
  simulation: Traced
  act: Act
}

/** Stagings as they go in their room, by what they are: one that stays as it is needs not be simulated again. */
export type Simulated = Map<string, Pick<OrderAct, 'read' | 'simulation'>>

function simulatedOf(staging: StagingDocument, simulated: Simulated) {
  const key = JSON.stringify(staging)
  let known = simulated.get(key)
  if (!known) {
    const read = resolveStaging(staging)
    known = { read, simulation: read.demonstration.simulate(read.values, 'trace') }
    simulated.set(key, known)
  }
  return known
}

/**
 * @param simulated is read and added to
 * @throws StagingFaults where one of them can't be staged so
 */
export const orderActs = (
  acts: RunningOrderDocument['acts'],
  room: RoomDocument,
  simulated: Simulated = new Map(),
): OrderAct[] =>
  acts.map(({ id, staging, talk, target }) => {
    const there = withRoom(staging, room, findDemonstration(staging.demonstration)!)
    const { read, simulation } = simulatedOf(there, simulated)
    const { demonstration, values } = read
    const act = actOf(id, staging.title || demonstration.name, demonstration, values, simulation, talk)
    return { read, simulation, act: { ...act, ...(target !== undefined && { target }) } }
  })
