/** How a record is written: with an id of the write, so that a retry changes nothing, on the version that was read. */
import * as z from 'zod'

/** The largest whole number that the database keeps. */
const LARGEST = 2147483647

/** Counts up with every save. @param least of a record that is there; 0 where none need be */
export const versionOf = (least: number) => z.int().min(least).max(LARGEST)

export const writeId = z.uuid().describe('made by the client, the same for every retry of one write')

/** A record that is added under an id which the client made. */
export const newRecord = <D extends z.ZodType>(document: D) => z.object({ id: z.uuid(), writeId, document })

/** A record that is changed. @param leastVersion of a record that is there; 0 where none need be */
export const changedRecord = <D extends z.ZodType>(document: D, leastVersion = 1) =>
  z.object({ writeId, baseVersion: versionOf(leastVersion), document })
