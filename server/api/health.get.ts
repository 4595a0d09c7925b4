import { setResponseHeader } from 'h3'
import { pool } from '../database/pool'

/** Answers once the database does, and says whose port this is. */
export default defineEventHandler(async event => {
  // The page that says how to trust this copy asks it from plain http whether that succeeds.
  setResponseHeader(event, 'cross-origin-resource-policy', 'cross-origin')
  await pool().query('select 1')
  return { ok: true, application: 'zealous-hush' }
})
