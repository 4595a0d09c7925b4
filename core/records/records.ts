/** Everything that is kept, as the server answers it and the screens read it. */
import * as z from 'zod'
import {
  practiceSchema,
  roomSchema,
  runningOrderSchema,
  runSchema,
  schoolSchema,
  shelfItemSchema,
  showSchema,
  markSchema,
  stagingSchema,
  type SchoolDocument,
} from '../formats'

const version = z.int().min(0)
const moment = z.string().describe('ISO 8601')
const by = z.uuid().nullable().describe('whose device it was; null where nobody said, or the name was taken away')
const photo = z.string().nullable().describe('when it was last changed, which tells a browser’s cache apart')

export const storedStagingSchema = z.object({
  id: z.uuid(),
  version,
  document: stagingSchema,
  updatedAt: moment,
  by,
  begun: z.boolean().describe('nothing of it was changed, saved, shown or logged yet'),
})
export type StoredStaging = z.output<typeof storedStagingSchema>
/** One of a list, with how many runs it has. */
export type ListedStaging = StoredStaging & { runs: number; archived: boolean; madeBy: string | null }

export const storedOrderSchema = z.object({
  id: z.uuid(),
  version,
  document: runningOrderSchema,
  updatedAt: moment,
  by,
})
export type StoredOrder = z.output<typeof storedOrderSchema>
export type ListedOrder = StoredOrder & { archived: boolean; madeBy: string | null }

export const storedItemSchema = z.object({
  id: z.uuid(),
  version,
  document: shelfItemSchema,
  retired: z.boolean(),
  photo,
})
export type StoredItem = z.output<typeof storedItemSchema>

export const storedRoomSchema = z.object({
  version,
  document: roomSchema,
  glance: z.object({ stationPressure: z.number(), airTemperature: z.number(), boilingPoint: z.number() }),
})
export type StoredRoom = z.output<typeof storedRoomSchema>

export const storedSchoolSchema = z.object({ version, document: schoolSchema })
export type StoredSchool = z.output<typeof storedSchoolSchema>
/** The same for pages that show it: the logo is a picture of its own. */
export interface ShownSchool {
  version: number
  document: Omit<SchoolDocument, 'logo'>
  hasLogo: boolean
}

export const storedRunSchema = z.object({
  id: z.uuid(),
  stagingId: z.uuid(),
  stagingVersion: z.int().min(1),
  title: z.string(),
  demonstration: z.string(),
  document: runSchema,
  staging: stagingSchema.describe('as it was when the run used it'),
  archived: z.boolean(),
  photo,
  by,
})
export type StoredRun = z.output<typeof storedRunSchema>

/** A page of runs that a search found, and how many there are in all. */
export interface FoundRuns {
  runs: StoredRun[]
  /** by this search */ found: number
  /** that are no rehearsals, whatever the search */ real: number
  /** of those, that ended as wanted */ wanted: number
  /** that any run is of */ demonstrations: string[]
}

/** How well a run was forecast. */
export interface RunScore {
  run: string
  /** of the draws that were forecast to end as wanted; null where that can't be worked out */ share: number | null
  /** of the vessel, m3 */ volume: number | null
  /** of the heater, W */ power: number | null
}
export interface ScoredRun {
  id: string
  demonstration: string
  outcome: string
  share: number
  volume: number | null
  power: number | null
}
/** How well runs were forecast, as the server knows it or has just worked out. */
export interface ScoredRuns {
  runs: ScoredRun[]
  /** of how many runs nothing is known yet */ left: number
}

export const storedShowSchema = z.object({ id: z.uuid(), document: showSchema, createdAt: moment, by })
export type StoredShow = z.output<typeof storedShowSchema>
export type ListedShow = StoredShow & { archived: boolean }

export const storedPracticeSchema = z.object({
  id: z.uuid(),
  learner: z.uuid().nullable().describe('null where nobody said'),
  document: practiceSchema.omit({ acts: true, staging: true }).extend({ title: z.string(), demonstration: z.string() }),
})
/** An attempt as lists show it. */
export type StoredPractice = z.output<typeof storedPracticeSchema>

const counts = z.record(z.string(), z.int().min(0))
export const voteRoundSchema = z.object({
  showId: z.uuid(),
  act: z.string(),
  code: z.string(),
  document: z.object({
    title: z.string(),
    outcomes: z.array(z.object({ id: z.string(), name: z.string(), sentence: z.string() })),
    age: z.int().min(5).max(18).optional().describe('of the class: the reason is told at its level'),
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
