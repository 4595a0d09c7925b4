import { statfsSync } from 'node:fs'
import { setResponseHeader } from 'h3'
import { pool } from '../database/pool'

/** MB that are left where the data is; undefined where nobody said where that is. */
function roomLeft(): number | undefined {
  const { HUSH_ROOM_OF } = process.env
  if (!HUSH_ROOM_OF) return undefined
  try {
    const { bavail, bsize } = statfsSync(HUSH_ROOM_OF)
    return Math.round((bavail * bsize) / 2 ** 20)
  } catch {
    return undefined
  }
}

/** Answers once the database does, and says whose port this is. */
export default defineEventHandler(async event => {
  // The page that says how to trust this copy asks it from plain http whether that succeeds.
  setResponseHeader(event, 'cross-origin-resource-policy', 'cross-origin')
  const began = performance.now()
  const { rows } = await pool().query<{ now: Date; version: string }>(
    `select clock_timestamp() as now, current_setting('server_version') as version`,
  )
  const answered = performance.now() - began
  const [database] = rows
  return {
    ok: true,
    application: 'zealous-hush',
    // Version and build of the computation.
    version: useRuntimeConfig().public.model,
    database: { version: database.version, answersIn: Math.round(answered) },
    // MB
    disk: { left: roomLeft() ?? null },
    // The database's clock against this one's, s
    clock: { now: new Date().toISOString(), apart: Math.round((database.now.getTime() - Date.now()) / 100) / 10 },
  }
})
