import { randomUUID } from 'node:crypto'
import { getCookie, setCookie, type H3Event } from 'h3'
import * as z from 'zod'

const NAME = 'hush-device'

/** A random number in a cookie tells one phone from another; nothing else is known of it. */
export function deviceOf(event: H3Event): string | undefined {
  const parsed = z.uuid().safeParse(getCookie(event, NAME))
  return parsed.success ? parsed.data : undefined
}

export function knowDevice(event: H3Event): void {
  if (!deviceOf(event))
    setCookie(event, NAME, randomUUID(), { httpOnly: true, sameSite: 'strict', path: '/', maxAge: 24 * 3600 })
}
