import type { RunningOrderDocument } from '../../core'
import { pool, takeReceipt, transaction } from './pool'

export interface StoredOrder {
  id: string
  version: number
  document: RunningOrderDocument
  updatedAt: string
}

const COLUMNS = 'id, version, document, updated_at as "updatedAt"'

export async function listOrders(): Promise<StoredOrder[]> {
  const { rows } = await pool().query(`select ${COLUMNS} from running_order order by starts desc, id`)
  return rows
}

export async function findOrder(id: string): Promise<StoredOrder | undefined> {
  const { rows } = await pool().query(`select ${COLUMNS} from running_order where id = $1`, [id])
  return rows[0]
}

/** Adds a running order; a retry with the same write id changes nothing. */
export async function addOrder(id: string, writeId: string, document: RunningOrderDocument): Promise<StoredOrder> {
  return transaction(async client => {
    if (await takeReceipt(client, writeId)) {
      await client.query('insert into running_order (id, title, starts, document) values ($1, $2, $3, $4)', [
        id,
        document.title,
        document.start,
        document,
      ])
    }
    const { rows } = await client.query(`select ${COLUMNS} from running_order where id = $1`, [id])
    return rows[0]
  })
}

/** Changes a running order; `saved: false` with the newer one if somebody changed it since `baseVersion`. */
export async function saveOrder(
  id: string,
  writeId: string,
  baseVersion: number,
  document: RunningOrderDocument,
): Promise<{ saved: boolean; order: StoredOrder } | undefined> {
  return transaction(async client => {
    const { rows } = await client.query(`select ${COLUMNS} from running_order where id = $1 for update`, [id])
    if (rows.length === 0) return undefined
    const { rowCount: done } = await client.query('select 1 from write_receipt where id = $1', [writeId])
    if (done) return { saved: true, order: rows[0] }
    if (rows[0].version !== baseVersion) return { saved: false, order: rows[0] }
    await takeReceipt(client, writeId)
    const saved = await client.query(
      'update running_order set version = version + 1, title = $2, starts = $3, document = $4, ' +
        `updated_at = now() where id = $1 returning ${COLUMNS}`,
      [id, document.title, document.start, document],
    )
    return { saved: true, order: saved.rows[0] }
  })
}
