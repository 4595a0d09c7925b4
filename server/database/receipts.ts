import { pool } from './pool'

/** A browser that comes back from a holiday still sends what it kept; nobody retries a write after a year. */
const KEPT_DAYS = 400

/** Forgets receipts of writes that nobody will retry. @returns how many */
export async function pruneReceipts(): Promise<number> {
  const { rowCount } = await pool().query('delete from write_receipt where at < now() - make_interval(days => $1)', [
    KEPT_DAYS,
  ])
  return rowCount ?? 0
}
