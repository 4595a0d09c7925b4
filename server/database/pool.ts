import { createHash } from 'node:crypto'
import pg from 'pg'
import { refusal } from '../http/faults'

/**
 * ms: nothing may hold what others wait for, not even a server that stopped in the middle of a write; work that takes
 * longer sets its own.
 */
const LIMITS = { statement_timeout: 15_000, lock_timeout: 5000, idle_in_transaction_session_timeout: 10_000 }
/** PostgreSQL's codes for work that did nothing and may be tried again: deadlock, conflict. */
const AGAIN = ['40P01', '40001']
const TRIES = 4
/** PostgreSQL's codes for no room left. */
const FULL = ['53100', '58030']

let shared: pg.Pool | undefined

/** The server's connections. The address comes from the environment, set by the start command. */
export function pool(): pg.Pool {
  if (!shared) {
    const connectionString = process.env.HUSH_DATABASE_URL
    if (!connectionString) throw new Error('HUSH_DATABASE_URL is not set; start the application with "npm start"')
    shared = new pg.Pool({ connectionString, max: 10, connectionTimeoutMillis: 5000, ...LIMITS })
    // A connection that the database closes while idle must not end the server.
    shared.on('error', () => {})
  }
  return shared
}

/** Runs `work` in one transaction; where others were in the way it is done again, from its beginning. */
export async function transaction<T>(work: (client: pg.PoolClient) => Promise<T>): Promise<T> {
  for (let left = TRIES; ;) {
    try {
      return await once(work)
    } catch (error) {
      if (FULL.includes((error as { code?: string }).code ?? ''))
        throw refusal([{ input: '', message: "the server's disk is full: nothing was saved; make room first" }], 507)
      if (--left === 0 || !AGAIN.includes((error as { code?: string }).code ?? '')) throw error
    }
  }
}

async function once<T>(work: (client: pg.PoolClient) => Promise<T>): Promise<T> {
  const client = await pool().connect()
  let broken: Error | undefined
  try {
    await client.query('begin')
    const result = await work(client)
    await client.query('commit')
    return result
  } catch (error) {
    await client.query('rollback').catch((lost: Error) => {
      broken = lost
    })
    throw error
  } finally {
    // A connection that can't even be rolled back is not given to the next one.
    client.release(broken)
  }
}

/**
 * Takes the receipt of a write.
 * @param content what it brings
 * @returns false if this write was done before, so that its effect must not be repeated
 * @throws a refusal, 409, if the id belongs to a write that brought something else
 */
export async function takeReceipt(client: pg.PoolClient, writeId: string, content: unknown): Promise<boolean> {
  const digest = createHash('sha256').update(JSON.stringify(content)).digest('base64')
  const { rowCount } = await client.query(
    'insert into write_receipt (id, digest) values ($1, $2) on conflict do nothing',
    [writeId, digest],
  )
  if (rowCount === 1) return true
  const { rowCount: other } = await client.query('select 1 from write_receipt where id = $1 and digest <> $2', [
    writeId,
    digest,
  ])
  if (other)
    throw refusal([{ input: 'writeId', message: 'belongs to another write already; accepted: a new id for each' }], 409)
  return false
}
