import type { Fault } from '../demonstration'
import { StagingFaults } from './staging-reading'
import { readRoom } from './room-reading'
import { checkShelfItem, ShelfFaults } from './shelf-values'
import type { SchoolDocument } from './school'

/** @throws StagingFaults where a typical thing or the room holds what a Shelf or a room would refuse */
export function checkSchool(school: SchoolDocument): void {
  const faults: Fault[] = []
  const under = (place: string, check: () => void) => {
    try {
      check()
    } catch (error) {
      if (!(error instanceof ShelfFaults || error instanceof StagingFaults)) throw error
      faults.push(...error.faults.map(f => ({ ...f, input: `${place}.${f.input}` })))
    }
  }
  school.typical.forEach((thing, i) => under(`typical.${i}`, () => checkShelfItem(thing)))
  const { room } = school
  if (room) under('room', () => readRoom(room))
  if (faults.length > 0) throw new StagingFaults(faults)
}
