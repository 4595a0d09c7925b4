import { setTimeout as sleep } from 'node:timers/promises'
import { ensureCertificate, ownCertificate } from './certificate'
import { lanAddresses } from '../../server/https/lan-addresses'
import type { Secure } from '../application'
import { messageOf, type Say } from '../root'

/** How often it looks whether this machine is reached by other names, or the certificate grows old, ms. */
const LOOK = 60_000

/** Whether https is asked for: `HTTPS=1`, or a certificate of the school's. @throws Error that names what is wrong */
export function isHttpsAskedFor({ HTTPS, HUSH_CERT, HUSH_KEY, HUSH_PROXY } = process.env): boolean {
  if (HTTPS && HTTPS !== '0' && HTTPS !== '1') throw new Error(`HTTPS: given "${HTTPS}"; accepted: 1 or 0`)
  const asked = HTTPS === '1' || (HTTPS !== '0' && Boolean(HUSH_CERT || HUSH_KEY))
  if (asked && Number(HUSH_PROXY ?? 0) > 0)
    throw new Error('HTTPS and HUSH_PROXY: both are given; accepted: one of them, the proxy speaks https itself')
  return asked
}

/**
 * What the server shows: the school's certificate or one of the authority in the folder.
 * @param host that is listened on
 */
export async function secureWith(folder: string, host: string, say: Say): Promise<Secure> {
  const shown = ownCertificate() ?? (await ensureCertificate(folder, say))
  const best = host === '0.0.0.0' || host === '::' ? lanAddresses() : [host]
  const named = (process.env.HUSH_NAMES ?? '').split(',').map(name => name.trim())
  return { ...shown, names: [...named.filter(Boolean), ...best] }
}

/**
 * Looks again and again, and calls with what is to be shown from now on; never ends.
 * @param first what `secureWith` said at the start
 */
export async function watchSecure(
  folder: string,
  host: string,
  say: Say,
  first: Secure,
  changed: (secure: Secure) => Promise<void>,
): Promise<never> {
  let shown = JSON.stringify(first)
  let told = ''
  for (;;) {
    await sleep(LOOK, undefined, { ref: false })
    try {
      const now = await secureWith(folder, host, say)
      if (JSON.stringify(now) === shown) continue
      await changed(now)
      shown = JSON.stringify(now)
      told = ''
    } catch (error) {
      // What is shown stays; the school's file may be half written just now.
      if (told !== messageOf(error)) say(`The certificate was not renewed: ${messageOf(error)}`)
      told = messageOf(error)
    }
  }
}
