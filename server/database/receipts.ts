import { pool } from './pool'

/** A browser that comes back from a holiday still sends what it kept; nobody retries a write after a year. */
const KEPT_DAYS = 400

/** Forgets receipts of writes that nobody will retry. @returns how many */
export async function pruneReceipts(): Promise<number> {
  const { rowCount } = await pool().query('delete from write_receipt where at < now() - $1 * interval $2', [
    KEPT_DAYS,
    '1 day',
  ])
  return rowCount ?? 0
}
