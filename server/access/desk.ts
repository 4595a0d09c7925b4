/** A browser that people work with: whose it is, and whether it is signed in. */
import { randomUUID } from 'node:crypto'
import Bowser from 'bowser'
import { getRequestHeader, type H3Event } from 'h3'
import type { ListedDevice } from '../../core'
import { pool } from '../database/pool'
import { isHttps } from '../https/is-https'
import { sealedId, setSealedId } from './sealed-cookie'

const NAME = 'hush-desk'
const DAYS = 400
/** One that nobody signed in with or called theirs for so long is not listed any more. */
const IDLE_DAYS = 30

/** How long one stays signed in. */
export const SESSION_HOURS = 12

/** Browser and system in words, as far as the browser tells. */
function labelOf(event: H3Event): string {
  const agent = getRequestHeader(event, 'user-agent')
  if (!agent) return 'unknown browser'
  const { browser, os, platform } = Bowser.parse(agent)
  const system = platform.model ?? os.name
  return [browser.name ?? 'unknown browser', system && `on ${system}`].filter(Boolean).join(' ').slice(0, 80)
}

/** The browser's id, which it gets if it has none, and its row. */
async function enlist(event: H3Event): Promise<string> {
  const id = (await sealedId(event, NAME)) ?? randomUUID()
  // Each time: a browser that is in use keeps it.
  await setSealedId(event, NAME, id, { seconds: DAYS * 24 * 3600, secure: isHttps(event) })
  await pool().query(
    `insert into device (id, label) values ($1, $2)
     on conflict (id) do update set label = excluded.label, seen_at = now()`,
    [id, labelOf(event)],
  )
  return id
}

/** The session that this browser is signed in with from now on. */
export async function openSession(event: H3Event, session: string): Promise<void> {
  const id = await enlist(event)
  // Of the same browser, before it lost its id.
  await closeSession(session)
  await pool().query('update device set session_id = $2, signed_in_at = now() where id = $1', [id, session])
}

export async function closeSession(session: string): Promise<void> {
  await pool().query('update device set session_id = null where session_id = $1', [session])
}

/** Whether a session counts; now and then it is noted that its device was seen. */
export async function isOpenSession(session: string): Promise<boolean> {
  const { rows } = await pool().query<{ stale: boolean }>(
    `select seen_at < now() - interval '5 minutes' as stale from device where session_id = $1`,
    [session],
  )
  if (rows[0]?.stale) await pool().query('update device set seen_at = now() where session_id = $1', [session])
  return rows.length > 0
}

/** The person whose device sent this; null where nobody said. */
export async function whoIs(event: H3Event): Promise<string | null> {
  const id = await sealedId(event, NAME)
  if (id === undefined) return null
  const { rows } = await pool().query<{ person: string | null }>(
    'update device set seen_at = now() where id = $1 returning person_id as person',
    [id],
  )
  return rows[0]?.person ?? null
}

/** Says whose this device is. @returns false where there is no such person */
export async function setWhose(event: H3Event, person: string | null): Promise<boolean> {
  const { rowCount } = await pool().query(
    `update device set person_id = $2
     where id = $1 and ($2::uuid is null or exists (select 1 from person where id = $2 and name is not null))`,
    [await enlist(event), person],
  )
  return rowCount === 1
}

export async function listDevices(event: H3Event): Promise<ListedDevice[]> {
  const { rows } = await pool().query<ListedDevice>(
    `select id, label, person_id as person, seen_at as "seenAt", id = $1 as here,
       session_id is not null and signed_in_at > now() - make_interval(hours => $2) as "signedIn"
     from device where session_id is not null or person_id is not null order by seen_at desc, id limit 500`,
    [(await sealedId(event, NAME)) ?? null, SESSION_HOURS],
  )
  return rows.map(row => ({ ...row, here: row.here === true }))
}

/** Signs a device out and forgets whose it is. @returns false where there is none */
export async function forgetDevice(id: string): Promise<boolean> {
  const { rowCount } = await pool().query('delete from device where id = $1', [id])
  return rowCount === 1
}

/** Forgets sessions that have run out, and devices that nobody works with any more. */
export async function pruneDevices(): Promise<void> {
  await pool().query('update device set session_id = null where signed_in_at < now() - make_interval(hours => $1)', [
    SESSION_HOURS,
  ])
  await pool().query(
    `delete from device where session_id is null and
       (seen_at < now() - make_interval(days => $1)
         or (person_id is null and seen_at < now() - make_interval(days => $2)))`,
    [DAYS, IDLE_DAYS],
  )
}
