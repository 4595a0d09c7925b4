import { randomUUID, timingSafeEqual } from 'node:crypto'
import { getCookie, setCookie, type H3Event } from 'h3'
import { RateLimiterMemory } from 'rate-limiter-flexible'
import * as z from 'zod'
import { addressOf } from '../access/address'
import { sealOf } from '../access/passphrase'

const NAME = 'hush-device'
/** New devices from one address, which a whole school may share, in so many seconds. */
const NEWCOMERS = new RateLimiterMemory({ points: 400, duration: 600 })

/**
 * A random number in a cookie tells one phone from another; nothing else is known of it. It bears this application's
 * seal: nobody makes a thousand of them up.
 */
export async function deviceOf(event: H3Event): Promise<string | undefined> {
  const [id, seal = ''] = (getCookie(event, NAME) ?? '').split('.')
  if (!z.uuid().safeParse(id).success) return undefined
  const own = Buffer.from(await sealOf(id))
  const given = Buffer.from(seal)
  return given.length === own.length && timingSafeEqual(given, own) ? id : undefined
}

/** Gives a phone its number, unless its address has had very many lately. */
export async function knowDevice(event: H3Event): Promise<void> {
  if (await deviceOf(event)) return
  try {
    await NEWCOMERS.consume(addressOf(event))
  } catch {
    return
  }
  const id = randomUUID()
  setCookie(event, NAME, `${id}.${await sealOf(id)}`, {
    httpOnly: true,
    sameSite: 'strict',
    path: '/',
    maxAge: 24 * 3600,
  })
}
