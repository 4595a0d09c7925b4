import type { ListedOrder, RunningOrderDocument, StoredOrder } from '../../core'
import { pool, takeReceipt, transaction } from './pool'
import { here } from './put-away'
import { saveIfUnchanged, type Write } from './saving'

const COLUMNS = 'id, version, document, updated_at as "updatedAt", saved_by as by'

export async function listOrders(): Promise<ListedOrder[]> {
  const { rows } = await pool().query<ListedOrder>(
    `select ${COLUMNS}, away is not null as archived, made_by as "madeBy" from running_order o
     where ${here('o')} order by starts desc, id`,
  )
  return rows
}

export async function findOrder(id: string): Promise<StoredOrder | undefined> {
  const { rows } = await pool().query<StoredOrder>(
    `select ${COLUMNS} from running_order o where id = $1 and ${here('o')}`,
    [id],
  )
  return rows[0]
}

/** Adds a running order; a retry with the same write id changes nothing. @param who a person's id */
export async function addOrder(
  id: string,
  writeId: string,
  document: RunningOrderDocument,
  who: string | null,
): Promise<StoredOrder> {
  return transaction(async client => {
    if (await takeReceipt(client, writeId, [id, document])) {
      await client.query(
        'insert into running_order (id, title, starts, document, made_by, saved_by) values ($1, $2, $3, $4, $5, $5)',
        [id, document.title, document.start, document, who],
      )
    }
    const { rows } = await client.query<StoredOrder>(`select ${COLUMNS} from running_order where id = $1`, [id])
    return rows[0]
  })
}

/** Changes a running order; see `saveIfUnchanged`. */
export const saveOrder = (id: string, write: Write, document: RunningOrderDocument, who: string | null) =>
  saveIfUnchanged<StoredOrder>(
    write,
    document,
    async client =>
      (
        await client.query<StoredOrder>(
          `select ${COLUMNS} from running_order o where id = $1 and ${here('o')} for update`,
          [id],
        )
      ).rows[0],
    async client =>
      (
        await client.query<StoredOrder>(
          `update running_order set version = version + 1, title = $2, starts = $3, document = $4, saved_by = $5,
              updated_at = now()
            where id = $1 returning ${COLUMNS}`,
          [id, document.title, document.start, document, who],
        )
      ).rows[0],
  )
