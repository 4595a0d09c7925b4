/** Everything that is kept, as the server answers it and the screens read it. */
import * as z from 'zod'
import {
  roomSchema,
  runningOrderSchema,
  runSchema,
  shelfItemSchema,
  showSchema,
  markSchema,
  stagingSchema,
} from '../formats'

const version = z.int().min(0)
const moment = z.string().describe('ISO 8601')
const photo = z.string().nullable().describe('when it was last changed, which tells a browser’s cache apart')

export const storedStagingSchema = z.object({ id: z.uuid(), version, document: stagingSchema, updatedAt: moment })
export type StoredStaging = z.output<typeof storedStagingSchema>
/** One of a list, with how many runs it has. */
export type ListedStaging = StoredStaging & { runs: number }

export const storedOrderSchema = z.object({ id: z.uuid(), version, document: runningOrderSchema, updatedAt: moment })
export type StoredOrder = z.output<typeof storedOrderSchema>

export const storedItemSchema = z.object({
  id: z.uuid(),
  version,
  document: shelfItemSchema,
  retired: z.boolean(),
  photo,
})
export type StoredItem = z.output<typeof storedItemSchema>

export const storedRoomSchema = z.object({ version, document: roomSchema })
export type StoredRoom = z.output<typeof storedRoomSchema>

export const storedRunSchema = z.object({
  id: z.uuid(),
  stagingId: z.uuid(),
  stagingVersion: z.int().min(1),
  title: z.string(),
  demonstration: z.string(),
  document: runSchema,
  staging: stagingSchema.describe('as it was when the run used it'),
  photo,
})
export type StoredRun = z.output<typeof storedRunSchema>

export const storedShowSchema = z.object({ id: z.uuid(), document: showSchema, createdAt: moment })
export type StoredShow = z.output<typeof storedShowSchema>

const counts = z.record(z.string(), z.int().min(0))
export const voteRoundSchema = z.object({
  showId: z.uuid(),
  act: z.string(),
  code: z.string(),
  document: z.object({
    title: z.string(),
    outcomes: z.array(z.object({ id: z.string(), name: z.string(), sentence: z.string() })),
  }),
  openedAt: moment,
  closedAt: moment.nullable(),
  revealedAt: moment.nullable(),
  hands: counts.describe('counted in the room, by outcome'),
  votes: counts.describe('by outcome; devices only'),
})
export type VoteRound = z.output<typeof voteRoundSchema>

/** All of a show but its readings, and the server's clock, ms. */
export const liveShowSchema = z.object({
  show: storedShowSchema,
  marks: z.array(markSchema),
  rounds: z.array(voteRoundSchema),
  now: z.number(),
})
export type LiveShow = z.output<typeof liveShowSchema>
