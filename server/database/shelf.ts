import type { ShelfItemDocument, StoredItem } from '../../core'
import type { Photo } from '../http/photo'
import { pool, takeReceipt, transaction } from './pool'
import { here } from './put-away'
import { saveIfUnchanged, type Write } from './saving'

/** `photo`: when it was last changed, which also tells a browser's cache apart. */
const COLUMNS = `id, version, document, retired_at is not null as retired,
  (select to_char(updated_at, 'YYYYMMDDHH24MISSUS') from shelf_photo where item_id = shelf_item.id) as photo`

export async function listShelf(): Promise<StoredItem[]> {
  const { rows } = await pool().query<StoredItem>(
    `select ${COLUMNS} from shelf_item where ${here('shelf_item')} order by kind desc, name, id`,
  )
  return rows
}

export async function addShelfItem(id: string, writeId: string, document: ShelfItemDocument): Promise<StoredItem> {
  return transaction(async client => {
    if (await takeReceipt(client, writeId, [id, document])) {
      await client.query('insert into shelf_item (id, kind, name, document) values ($1, $2, $3, $4)', [
        id,
        document.kind,
        document.name,
        document,
      ])
    }
    const { rows } = await client.query<StoredItem>(`select ${COLUMNS} from shelf_item where id = $1`, [id])
    return rows[0]
  })
}

/** Changes an item; see `saveIfUnchanged`. */
export const saveShelfItem = (id: string, write: Write, document: ShelfItemDocument, retired: boolean) =>
  saveIfUnchanged<StoredItem>(
    write,
    [document, retired],
    async client =>
      (await client.query<StoredItem>(`select ${COLUMNS} from shelf_item where id = $1 for update`, [id])).rows[0],
    async client =>
      (
        await client.query<StoredItem>(
          `update shelf_item set version = version + 1, kind = $2, name = $3, document = $4,
             retired_at = case when $5 then coalesce(retired_at, now()) end, updated_at = now()
           where id = $1 returning ${COLUMNS}`,
          [id, document.kind, document.name, document, retired],
        )
      ).rows[0],
  )

/** Adds many items in one go, all or none; those that a retry brings again are left as they are. */
export async function importShelf(
  items: readonly { id: string; document: ShelfItemDocument }[],
  writeId: string,
): Promise<StoredItem[]> {
  return transaction(async client => {
    if (await takeReceipt(client, writeId, items)) {
      await client.query(
        `insert into shelf_item (id, kind, name, document)
         select id, document->>'kind', document->>'name', document
         from unnest($1::uuid[], $2::jsonb[]) as row (id, document)`,
        [items.map(i => i.id), items.map(i => JSON.stringify(i.document))],
      )
    }
    const { rows } = await client.query<StoredItem>(
      `select ${COLUMNS} from shelf_item where id = any($1::uuid[]) order by kind desc, name, id`,
      [items.map(i => i.id)],
    )
    return rows
  })
}

export async function readPhoto(id: string): Promise<Photo | undefined> {
  const { rows } = await pool().query<Photo>('select type, bytes from shelf_photo where item_id = $1', [id])
  return rows[0]
}

/** Sets or, with no photo, removes it. @returns the item, or undefined if there is none */
export async function savePhoto(id: string, photo: Photo | undefined): Promise<StoredItem | undefined> {
  return transaction(async client => {
    const { rowCount } = await client.query('select 1 from shelf_item where id = $1 for update', [id])
    if (!rowCount) return undefined
    if (photo) {
      await client.query(
        `insert into shelf_photo (item_id, type, bytes) values ($1, $2, $3)
         on conflict (item_id) do update set type = excluded.type, bytes = excluded.bytes, updated_at = now()`,
        [id, photo.type, photo.bytes],
      )
    } else await client.query('delete from shelf_photo where item_id = $1', [id])
    const { rows } = await client.query<StoredItem>(`select ${COLUMNS} from shelf_item where id = $1`, [id])
    return rows[0]
  })
}
