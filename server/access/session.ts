import { createHash } from 'node:crypto'
import { getRequestHeader, useSession, type H3Event, type SessionConfig } from 'h3'
import { readAccess, type Access } from './passphrase'

const HOURS = 12

const config = (event: H3Event, { sealingKey }: Access): SessionConfig => ({
  password: sealingKey,
  name: 'hush-session',
  maxAge: HOURS * 3600,
  sessionHeader: false,
  cookie: {
    httpOnly: true,
    sameSite: 'strict',
    path: '/',
    secure: getRequestHeader(event, 'x-forwarded-proto') === 'https',
  },
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
  const session = await useSession(event, config(event, await readAccess()))
  await session.clear()
}

export async function isSignedIn(event: H3Event): Promise<boolean> {
  const access = await readAccess()
  if (access.passphrase === null || !getRequestHeader(event, 'cookie')?.includes('hush-session=')) return false
  const session = await useSession<{ mark?: string }>(event, config(event, access))
  return session.data.mark === mark(access)
}
