/** Changes of a show, told to every server process through the database, and from there to every open page. */
import pg from 'pg'

const CHANNEL = 'hush_show'
export type Changed = 'marks' | 'readings' | 'votes' | 'connection'

/** Tells all processes, once the transaction is done. */
export async function announce(client: pg.PoolClient, showId: string, what: Changed): Promise<void> {
  await client.query('select pg_notify($1, $2)', [CHANNEL, `${showId} ${what}`])
}

type Listener = (what: Changed) => void
const listeners = new Map<string, Set<Listener>>()
let connection: Promise<void> | undefined
let wait = 250

function tell(showId: string, what: Changed) {
  for (const listener of listeners.get(showId) ?? []) listener(what)
}

/**
 * One connection for the process; lost, it is made again, and everybody is told to look, since something may have
 * passed unheard.
 */
async function listen(): Promise<void> {
  const client = new pg.Client({ connectionString: process.env.HUSH_DATABASE_URL })
  let lost = false
  const again = () => {
    if (lost) return
    lost = true
    client.end().catch(() => {})
    wait = Math.min(10_000, wait * 2)
    setTimeout(() => {
      connection = listeners.size > 0 ? listen() : undefined
    }, wait).unref()
  }
  client.on('error', again)
  client.on('end', again)
  client.on('notification', ({ payload }) => {
    const [showId, what] = (payload ?? '').split(' ')
    tell(showId, what as Changed)
  })
  try {
    await client.connect()
    await client.query(`listen ${CHANNEL}`)
    wait = 250
    for (const showId of listeners.keys()) tell(showId, 'connection')
  } catch {
    again()
  }
}

/** @returns a function that ends it */
export async function hear(showId: string, listener: Listener): Promise<() => void> {
  const own = listeners.get(showId) ?? new Set()
  listeners.set(showId, own.add(listener))
  await (connection ??= listen())
  return () => {
    own.delete(listener)
    if (own.size === 0) listeners.delete(showId)
  }
}
