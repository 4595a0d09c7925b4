/** What each write of a record brings, checked before anything else is done with it. */
import * as z from 'zod'
import {
  loggedRunSchema,
  practiceSchema,
  roomSchema,
  runningOrderSchema,
  runSchema,
  schoolSchema,
  shelfItemSchema,
  showSchema,
} from '../formats'
import { changedRecord, newRecord, versionOf, writeId } from './writing'

/** A large school's shelf. */
const MOST_ITEMS = 5000
const MOST_RUNS = 2000

/** A staging is read by `readStaging`, which names each fault better than a schema can. */
export const newStagingSchema = newRecord(z.unknown()).extend({
  begun: z.boolean().default(false).describe('nothing of it was changed yet: in no list until something is'),
})
export const changedStagingSchema = changedRecord(z.unknown())
export const newOrderSchema = newRecord(runningOrderSchema)
export const changedOrderSchema = changedRecord(runningOrderSchema)
export const newItemSchema = newRecord(shelfItemSchema)
export const changedItemSchema = changedRecord(shelfItemSchema).extend({ retired: z.boolean().default(false) })
export const importedItemsSchema = z.object({
  writeId,
  items: z
    .array(z.object({ id: z.uuid(), document: shelfItemSchema }))
    .min(1, 'at least one item')
    .max(MOST_ITEMS, `at most ${MOST_ITEMS} items`),
})
export const changedRoomSchema = changedRecord(roomSchema, 0)
export const changedSchoolSchema = changedRecord(schoolSchema, 0)
export const newRunSchema = newRecord(runSchema).extend({ stagingId: z.uuid(), stagingVersion: versionOf(1) })
export const importedRunsSchema = z.object({
  writeId,
  runs: z.array(loggedRunSchema).min(1, 'at least one run').max(MOST_RUNS, `at most ${MOST_RUNS} runs`),
})
export const newShowSchema = newRecord(showSchema)
/** @param learner whose it is; the device's person if left out, nobody's if null */
export const newPracticeSchema = newRecord(practiceSchema).extend({ learner: z.uuid().nullable().optional() })
