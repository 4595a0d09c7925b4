import type { PoolClient } from 'pg'
import type { RoomDocument, StoredRoom } from '../../core'
import { pool } from './pool'
import { saveIfUnchanged, type Write } from './saving'

export async function currentRoom(client: Pick<PoolClient, 'query'> = pool()): Promise<StoredRoom> {
  const { rows } = await client.query<StoredRoom>('select version, document from room')
  return rows[0] ?? { version: 0, document: {} }
}

/** Changes the room's conditions; see `saveIfUnchanged`. */
export const saveRoom = (write: Write, document: RoomDocument) =>
  saveIfUnchanged<StoredRoom>(
    write,
    document,
    async client => {
      await client.query('lock table room in share row exclusive mode')
      return currentRoom(client)
    },
    async client =>
      (
        await client.query<StoredRoom>(
          `insert into room (version, document) values (1, $1)
           on conflict (single) do update
           set version = room.version + 1, document = excluded.document, updated_at = now()
           returning version, document`,
          [document],
        )
      ).rows[0],
  )
