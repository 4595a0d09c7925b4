import { randomUUID } from 'node:crypto'
import type { H3Event } from 'h3'
import { RateLimiterMemory } from 'rate-limiter-flexible'
import { addressOf } from '../access/address'
import { sealedId, setSealedId } from '../access/sealed-cookie'

const NAME = 'hush-device'
/** New devices from one address, which a whole school may share, in so many seconds. */
const NEWCOMERS = new RateLimiterMemory({ points: 400, duration: 600 })

/** A random number in a cookie tells one phone from another; nothing else is known of it. */
export const deviceOf = (event: H3Event): Promise<string | undefined> => sealedId(event, NAME)

/** Gives a phone its number, unless its address has had very many lately. */
export async function knowDevice(event: H3Event): Promise<void> {
  if (await deviceOf(event)) return
  try {
    await NEWCOMERS.consume(addressOf(event))
  } catch {
    return
  }
  // Over plain http too, where guests vote.
  await setSealedId(event, NAME, randomUUID(), { seconds: 24 * 3600, secure: false })
}
