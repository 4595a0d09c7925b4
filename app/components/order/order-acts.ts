/** Acts of a running order or a lesson, read and simulated in this room. */
import {
  findDemonstration,
  fitsOf,
  ofThing,
  resolveStaging,
  withRoom,
  timesOf,
  type Act,
  type ActTimes,
  type ReadStaging,
  type RoomDocument,
  type RunningOrderDocument,
  type Sentence,
  type ShelfItemDocument,
  type ShelfPlace,
  type StagingDocument,
  type Traced,
} from '~~/core'

export interface OrderAct {
  read: ReadStaging
  /** simulated once it is asked for */ readonly simulation: Traced
  act: Act
}

interface Known {
  read: ReadStaging
  simulation: () => Traced
  times: ActTimes
}
/** Stagings as they go in their room, by what they are: one that stays as it is needs not be simulated again. */
export type Simulated = Map<string, Known>

function knownOf(staging: StagingDocument, simulated: Simulated, times: Record<string, ActTimes>): Known {
  const key = JSON.stringify(staging)
  let known = simulated.get(key)
  if (!known) {
    const read = resolveStaging(staging)
    const { demonstration, values } = read
    let made: Traced | undefined
    const simulation = () => (made ??= demonstration.simulate(values, 'trace'))
    const is = JSON.stringify([demonstration.id, values])
    known = { read, simulation, times: (times[is] ??= timesOf(demonstration, values, simulation())) }
    simulated.set(key, known)
  }
  return known
}

/**
 * @param simulated is read and added to
 * @param times what is known of stagings without simulating them, by demonstration and values; read and added to
 * @throws StagingFaults where one of them can't be staged so
 */
export const orderActs = (
  acts: RunningOrderDocument['acts'],
  room: RoomDocument,
  simulated: Simulated = new Map(),
  times: Record<string, ActTimes> = {},
): OrderAct[] =>
  acts.map(({ id, staging, talk, target }) => {
    const there = withRoom(staging, room, findDemonstration(staging.demonstration)!)
    const { read, simulation, times: its } = knownOf(there, simulated, times)
    const title = staging.title || read.demonstration.name
    return {
      read,
      get simulation() {
        return simulation()
      },
      act: { id, title, talk, ...its, ...(target !== undefined && { target }) },
    }
  })

/** What lists say of an act: plain data, which a page brings along instead of what it follows from. */
export interface ActListed {
  act: Act
  demonstration: string
  /** one of what it takes, and several */ noun: readonly [string, string]
  /** the outcome that is hoped for */ wanted: string
  /** with the room's conditions in it */ staging: StagingDocument
  kit: readonly Sentence[]
  /** kg */ ice: number
  /** places that nothing on the Shelf can fill */ lacking: readonly ShelfPlace['kind'][]
}

/** @param items what is on the Shelf; undefined where nobody asks what it lacks */
export function listAct({ read, act }: OrderAct, items?: readonly ShelfItemDocument[]): ActListed {
  const { demonstration, document, values } = read
  return {
    act,
    demonstration: demonstration.id,
    noun: demonstration.noun,
    wanted: demonstration.wanted,
    staging: { ...document, title: '' },
    kit: demonstration.kit(values),
    ice: (demonstration.standsInBath?.(values) !== false && ofThing(demonstration, values, 'ice')) || 0,
    lacking: items ? fitsOf(demonstration, items).missing.map(place => place.kind) : [],
  }
}
