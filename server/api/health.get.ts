import { pool } from '../database/pool'

/** Answers once the database does, and says whose port this is. */
export default defineEventHandler(async () => {
  await pool().query('select 1')
  return { ok: true, application: 'zealous-hush' }
})
