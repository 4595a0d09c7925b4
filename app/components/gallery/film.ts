/** How a demonstration goes with usual values in this room, as its drawing: fetched once a preview runs. */
import { findDemonstration, loadDemonstrations, timeAt, usualStaging, type RoomDocument, type Scene } from '~~/core'

export interface Film {
  stages: number
  /** @param position how many stages have passed */ at: (position: number) => Scene
}

export async function filmOf(id: string, room: RoomDocument): Promise<Film> {
  await loadDemonstrations([id])
  const { demonstration, values } = usualStaging(findDemonstration(id)!, room)
  const simulation = demonstration.simulate(values, 'trace')
  const { stages } = simulation.trace
  return { stages: stages.length, at: passed => demonstration.drawing(values, simulation, timeAt(stages, passed)) }
}
