import {
  findDemonstration,
  MOST_TEACHERS,
  teachersAmong,
  withRoom,
  type FirstOdds,
  type StagingDocument,
} from '../../core'
import { currentRoom } from '../database/room'
import { listTeachers } from '../database/runs'
import { firstOdds } from './first-odds'

/**
 * How a staging stands in the room as it is, by a few draws, or by all where they are worked out already.
 * @param taught false leaves out what past runs have taught
 * @returns nothing in it where it is not there in time
 */
export async function oddsOfStaging(document: StagingDocument, taught = true): Promise<FirstOdds> {
  const demonstration = findDemonstration(document.demonstration)
  if (!demonstration) return {}
  const [room, past] = await Promise.all([
    currentRoom(),
    taught ? listTeachers(document.demonstration, MOST_TEACHERS) : [],
  ])
  const draws = Number(useRuntimeConfig().public.samples)
  return firstOdds(withRoom(document, room.document, demonstration), teachersAmong(past), draws)
}
