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
  type Traced,
} from '~~/core'

export interface OrderAct {
  read: ReadStaging
  simulation: Traced
  act: Act
}

/** @throws StagingFaults where one of them can't be staged so */
export const orderActs = (acts: RunningOrderDocument['acts'], room: RoomDocument): OrderAct[] =>
  acts.map(({ id, staging, talk, target }) => {
    const read = resolveStaging(withRoom(staging, room, findDemonstration(staging.demonstration)!))
    const { demonstration, values } = read
    const simulation = demonstration.simulate(values, 'trace')
    const act = actOf(id, staging.title || demonstration.name, demonstration, values, simulation, talk)
    return { read, simulation, act: { ...act, ...(target !== undefined && { target }) } }
  })
