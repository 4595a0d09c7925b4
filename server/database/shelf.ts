import type { ShelfItemDocument } from '../../core'
import { pool, takeReceipt, transaction } from './pool'

export interface StoredItem { id: string, version: number, document: ShelfItemDocument, retired: boolean }

const COLUMNS = 'id, version, document, retired_at is not null as retired'

export async function listShelf(): Promise<StoredItem[]> {
  const { rows } = await pool().query(`select ${COLUMNS} from shelf_item order by kind desc, name, id`)
  return rows
}

export async function addShelfItem(id: string, writeId: string, document: ShelfItemDocument): Promise<StoredItem> {
  return transaction(async (client) => {
    if (await takeReceipt(client, writeId)) {
      await client.query('insert into shelf_item (id, kind, name, document) values ($1, $2, $3, $4)', [id, document.kind, document.name, document])
    }
    const { rows } = await client.query(`select ${COLUMNS} from shelf_item where id = $1`, [id])
    return rows[0]
  })
}

/** Changes an item; `saved: false` with the newer one if somebody changed it since `baseVersion`. */
export async function saveShelfItem(
  id: string, writeId: string, baseVersion: number, document: ShelfItemDocument, retired: boolean,
): Promise<{ saved: boolean, item: StoredItem } | undefined> {
  return transaction(async (client) => {
    const { rows } = await client.query(`select ${COLUMNS} from shelf_item where id = $1 for update`, [id])
    if (rows.length === 0) return undefined
    const { rowCount: done } = await client.query('select 1 from write_receipt where id = $1', [writeId])
    if (done) return { saved: true, item: rows[0] }
    if (rows[0].version !== baseVersion) return { saved: false, item: rows[0] }
    await takeReceipt(client, writeId)
    const saved = await client.query(
      `update shelf_item set version = version + 1, kind = $2, name = $3, document = $4,
         retired_at = case when $5 then coalesce(retired_at, now()) end, updated_at = now()
       where id = $1 returning ${COLUMNS}`,
      [id, document.kind, document.name, document, retired])
    return { saved: true, item: saved.rows[0] }
  })
}
