import type { H3Event } from 'h3'
import { pool, transaction } from '../database/pool'
import { addressOf } from './address'

const MINUTES = 15
/** Wrong passphrases in that time from one address; others are not kept out by them. */
const MOST = 8
/** Any number; attempts are counted one after the other, so that many at once are no way round the limit. */
const LOCK = 7_203_116

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
      `select count(*)::int as wrong,
         ceil(extract(epoch from min(at) + make_interval(mins => $2) - now()))::int as wait
       from sign_in_failure where address = $1`,
      [addressOf(event), MINUTES],
    )
    if (row.wrong >= MOST) return Math.max(1, row.wait)
    await client.query('insert into sign_in_failure (address) values ($1)', [addressOf(event)])
    return 0
  })
}

/** After the right passphrase: that address starts afresh. */
export async function forgetFailures(event: H3Event): Promise<void> {
  await pool().query('delete from sign_in_failure where address = $1', [addressOf(event)])
}
