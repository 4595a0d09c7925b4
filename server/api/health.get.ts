import { pool } from '../database/pool'

/** Answers once the database does. */
export default defineEventHandler(async () => {
  await pool().query('select 1')
  return { ok: true }
})
