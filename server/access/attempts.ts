import { getRequestIP, type H3Event } from 'h3'
import { pool, transaction } from '../database/pool'

const MINUTES = 15
/** Wrong passphrases in that time, from one address and from all together. */
const MOST_OF_ONE = 8
const MOST_OF_ALL = 60
/** Any number; attempts are counted one after the other, so that many at once are no way round the limit. */
const LOCK = 7_203_116

/** Behind a load balancer that sets X-Forwarded-For, HUSH_PROXY=1 says so; without it that header is not believed. */
const addressOf = (event: H3Event): string =>
  getRequestIP(event, { xForwardedFor: process.env.HUSH_PROXY === '1' }) ?? 'unknown'

/**
 * Counts an attempt as failed, before anybody has looked at it.
 * @returns s until another one is taken; 0: this one is
 */
export async function countAttempt(event: H3Event): Promise<number> {
  return transaction(async client => {
    await client.query('select pg_advisory_xact_lock($1)', [LOCK])
    await client.query('delete from sign_in_failure where at < now() - make_interval(mins => $1)', [MINUTES])
    const {
      rows: [row],
    } = await client.query(
      `select count(*)::int as all, count(*) filter (where address = $1)::int as own,
         ceil(extract(epoch from min(at) + make_interval(mins => $2) - now()))::int as wait from sign_in_failure`,
      [addressOf(event), MINUTES],
    )
    if (row.own >= MOST_OF_ONE || row.all >= MOST_OF_ALL) return Math.max(1, row.wait)
    await client.query('insert into sign_in_failure (address) values ($1)', [addressOf(event)])
    return 0
  })
}

/** After the right passphrase: that address starts afresh. */
export async function forgetFailures(event: H3Event): Promise<void> {
  await pool().query('delete from sign_in_failure where address = $1', [addressOf(event)])
}
