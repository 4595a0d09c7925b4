import { z } from 'zod'
import { readRoom, roomSchema } from '../../core'
import { saveRoom } from '../database/room'
import { readJson, writeId } from '../http/body'
import { conflict } from '../http/conflict'
import { accepted } from '../http/faults'

const body = z.object({ writeId, baseVersion: z.int().min(0), document: roomSchema })

export default defineEventHandler(async event => {
  const { writeId, baseVersion, document } = await readJson(event, body)
  accepted(() => readRoom(document))
  const result = await saveRoom(writeId, baseVersion, document)
  if (!result.saved) throw conflict(result.room)
  return result.room
})
