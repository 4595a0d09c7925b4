import pg from 'pg'

let shared: pg.Pool | undefined

/** The server's connections. The address comes from the environment, set by the start command. */
export function pool(): pg.Pool {
  if (!shared) {
    const connectionString = process.env.HUSH_DATABASE_URL
    if (!connectionString) throw new Error('HUSH_DATABASE_URL is not set; start the application with "npm start"')
    shared = new pg.Pool({ connectionString, max: 10, connectionTimeoutMillis: 5000 })
    // A connection that the database closes while idle must not end the server.
    shared.on('error', () => {})
  }
  return shared
}

/** Runs `work` in one transaction. */
export async function transaction<T>(work: (client: pg.PoolClient) => Promise<T>): Promise<T> {
  const client = await pool().connect()
  try {
    await client.query('begin')
    const result = await work(client)
    await client.query('commit')
    return result
  } catch (error) {
    await client.query('rollback').catch(() => {})
    throw error
  } finally {
    client.release()
  }
}

/**
 * Takes the receipt of a write.
 * @returns false if this write was done before, so that its effect must not be repeated
 */
export async function takeReceipt(client: pg.PoolClient, writeId: string): Promise<boolean> {
  const { rowCount } = await client.query('insert into write_receipt (id) values ($1) on conflict do nothing', [
    writeId,
  ])
  return rowCount === 1
}
