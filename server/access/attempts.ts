import { getRequestIP, type H3Event } from 'h3'
import { pool } from '../database/pool'

const MINUTES = 15
/** Wrong passphrases in that time, from one address and from all together. */
const MOST_OF_ONE = 8
const MOST_OF_ALL = 60

/** Behind a load balancer that sets X-Forwarded-For, HUSH_PROXY=1 says so; without it that header is not believed. */
export const addressOf = (event: H3Event): string => getRequestIP(event, { xForwardedFor: process.env.HUSH_PROXY === '1' }) ?? 'unknown'

/** s until another attempt is taken from this address; 0: now */
export async function mustWait(event: H3Event): Promise<number> {
  await pool().query('delete from sign_in_failure where at < now() - make_interval(mins => $1)', [MINUTES])
  const { rows: [row] } = await pool().query(
    `select count(*)::int as all, count(*) filter (where address = $1)::int as own,
       ceil(extract(epoch from min(at) + make_interval(mins => $2) - now()))::int as wait from sign_in_failure`,
    [addressOf(event), MINUTES])
  return row.own >= MOST_OF_ONE || row.all >= MOST_OF_ALL ? Math.max(1, row.wait) : 0
}

export async function countFailure(event: H3Event): Promise<void> {
  await pool().query('insert into sign_in_failure (address) values ($1)', [addressOf(event)])
}

/** After the right passphrase: that address starts afresh. */
export async function forgetFailures(event: H3Event): Promise<void> {
  await pool().query('delete from sign_in_failure where address = $1', [addressOf(event)])
}
