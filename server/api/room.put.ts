import { changedRoomSchema, readRoom } from '../../core'
import { saveRoom } from '../database/room'
import { readJson } from '../http/body'
import { accepted } from '../http/faults'
import { savedOrRefused } from '../http/saved'

export default defineEventHandler(async event => {
  const { document, ...write } = await readJson(event, changedRoomSchema)
  accepted(() => readRoom(document))
  return savedOrRefused(await saveRoom(write, document), 'room')
})
