import { createHash } from 'node:crypto'
import { getRequestHeader, useSession, type H3Event, type SessionConfig } from 'h3'
import { isHttps } from '../https/is-https'
import { closeSession, isOpenSession, openSession, SESSION_HOURS } from './desk'
import { readAccess, type Access } from './passphrase'

const config = (event: H3Event, { sealingKey }: Access): SessionConfig => ({
  password: sealingKey,
  name: 'hush-session',
  maxAge: SESSION_HOURS * 3600,
  sessionHeader: false,
  cookie: { httpOnly: true, sameSite: 'strict', path: '/', secure: isHttps(event) },
})

/** Ends all sessions when the passphrase is changed. */
const mark = ({ passphrase }: Access): string =>
  createHash('sha256')
    .update(passphrase ?? '')
    .digest('base64')
    .slice(0, 16)

const sessionOf = async (event: H3Event, access: Access) => useSession<{ mark?: string }>(event, config(event, access))

export async function signIn(event: H3Event): Promise<void> {
  const access = await readAccess()
  const session = await sessionOf(event, access)
  await session.update({ mark: mark(access) })
  await openSession(event, session.id!)
}

export async function signOut(event: H3Event): Promise<void> {
  const session = await sessionOf(event, await readAccess())
  if (session.id) await closeSession(session.id)
  await session.clear()
}

export async function isSignedIn(event: H3Event): Promise<boolean> {
  const access = await readAccess()
  if (access.passphrase === null || !getRequestHeader(event, 'cookie')?.includes('hush-session=')) return false
  const session = await sessionOf(event, access)
  return session.data.mark === mark(access) && session.id !== undefined && isOpenSession(session.id)
}
