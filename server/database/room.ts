import { roomAtAGlance, type RoomDocument, type StoredRoom } from '../../core'
import type { Saved, Write } from './saving'
import { singleDocument, type Single } from './single-document'

const stored = singleDocument<RoomDocument>('room', {})
/** Every page says it at its head: worked out here, none of them has to fetch what it takes to do so. */
const atAGlance = (room: Single<RoomDocument>): StoredRoom => ({ ...room, glance: roomAtAGlance(room.document) })

export const currentRoom = async (): Promise<StoredRoom> => atAGlance(await stored.current())

/** Changes it; see `saveIfUnchanged`. */
export async function saveRoom(write: Write, document: RoomDocument): Promise<Saved<StoredRoom> | undefined> {
  const saved = await stored.save(write, document)
  return saved && { ...saved, record: atAGlance(saved.record) }
}
