import { createHash } from 'node:crypto'
import { getRequestHeader, useSession, type H3Event, type SessionConfig } from 'h3'
import { pool } from '../database/pool'
import { readAccess, type Access } from './passphrase'
import { isHttps } from '../https/is-https'

const HOURS = 12

const config = (event: H3Event, { sealingKey }: Access): SessionConfig => ({
  password: sealingKey,
  name: 'hush-session',
  maxAge: HOURS * 3600,
  sessionHeader: false,
  cookie: { httpOnly: true, sameSite: 'strict', path: '/', secure: isHttps(event) },
})

/** Ends all sessions when the passphrase is changed. */
const mark = ({ passphrase }: Access): string =>
  createHash('sha256')
    .update(passphrase ?? '')
    .digest('base64')
    .slice(0, 16)

export async function signIn(event: H3Event): Promise<void> {
  const access = await readAccess()
  const session = await useSession<{ mark?: string }>(event, config(event, access))
  await session.update({ mark: mark(access) })
}

export async function signOut(event: H3Event): Promise<void> {
  const session = await useSession<{ mark?: string }>(event, config(event, await readAccess()))
  if (session.id && session.data.mark !== undefined)
    await pool().query('insert into ended_session (id) values ($1) on conflict do nothing', [session.id])
  await session.clear()
}

/** Forgets sessions that would have run out by now. */
export async function pruneSessions(): Promise<void> {
  await pool().query('delete from ended_session where at < now() - make_interval(hours => $1)', [HOURS])
}

export async function isSignedIn(event: H3Event): Promise<boolean> {
  const access = await readAccess()
  if (access.passphrase === null || !getRequestHeader(event, 'cookie')?.includes('hush-session=')) return false
  const session = await useSession<{ mark?: string }>(event, config(event, access))
  if (session.data.mark !== mark(access)) return false
  const { rowCount: ended } = await pool().query('select 1 from ended_session where id = $1', [session.id])
  return !ended
}
