import type { RoomDocument } from '../../core'
import { pool, takeReceipt, transaction } from './pool'

export interface StoredRoom {
  version: number
  document: RoomDocument
}

export async function currentRoom(): Promise<StoredRoom> {
  const { rows } = await pool().query('select version, document from room')
  return rows[0] ?? { version: 0, document: {} }
}

/** `saved: false` with the newer conditions if somebody changed them since `baseVersion`. */
export async function saveRoom(
  writeId: string,
  baseVersion: number,
  document: RoomDocument,
): Promise<{ saved: boolean; room: StoredRoom }> {
  return transaction(async client => {
    await client.query('lock table room in share row exclusive mode')
    const { rows } = await client.query('select version, document from room')
    const room: StoredRoom = rows[0] ?? { version: 0, document: {} }
    const { rowCount: done } = await client.query('select 1 from write_receipt where id = $1', [writeId])
    if (done) return { saved: true, room }
    if (room.version !== baseVersion) return { saved: false, room }
    await takeReceipt(client, writeId)
    const saved = await client.query(
      `insert into room (version, document) values (1, $1)
       on conflict (single) do update set version = room.version + 1, document = excluded.document, updated_at = now()
       returning version, document`,
      [document],
    )
    return { saved: true, room: saved.rows[0] }
  })
}
