import { timingSafeEqual } from 'node:crypto'
import { getCookie, setCookie, type H3Event } from 'h3'
import * as z from 'zod'
import { sealOf } from './passphrase'

/** The seal holds for the cookie's name too: one cannot stand for another. */
const seal = (name: string, id: string): Promise<string> => sealOf(`${name}:${id}`)

/** The id in a cookie that bears this application's seal: nobody makes one up. */
export async function sealedId(event: H3Event, name: string): Promise<string | undefined> {
  const [id, given = ''] = (getCookie(event, name) ?? '').split('.')
  if (!z.uuid().safeParse(id).success) return undefined
  const own = Buffer.from(await seal(name, id))
  const sealed = Buffer.from(given)
  return sealed.length === own.length && timingSafeEqual(sealed, own) ? id : undefined
}

/** @param seconds that the browser keeps it @param secure over https only */
export async function setSealedId(
  event: H3Event,
  name: string,
  id: string,
  { seconds, secure }: { seconds: number; secure: boolean },
): Promise<void> {
  setCookie(event, name, `${id}.${await seal(name, id)}`, {
    httpOnly: true,
    sameSite: 'strict',
    path: '/',
    maxAge: seconds,
    secure,
  })
}
