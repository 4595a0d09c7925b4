/** A staging within an address: whoever opens it has all of it, without a server that keeps it. */
import { deflateSync, inflateSync, strFromU8, strToU8 } from 'fflate'
import type { StagingDocument } from '~~/core'

const PAGE = '/bench/shared'

/** Letters that stand in any address as they are. */
const toAddress = (bytes: Uint8Array): string =>
  btoa(String.fromCharCode(...bytes))
    .replaceAll('+', '-')
    .replaceAll('/', '_')
    .replace(/=+$/, '')
const fromAddress = (text: string): Uint8Array =>
  Uint8Array.from(atob(text.replaceAll('-', '+').replaceAll('_', '/')), letter => letter.charCodeAt(0))

/** @param origin of this application, "https://…" */
export function addressOf({ things: _, ...document }: StagingDocument, origin: string): string {
  // What stands on this Shelf is on no other.
  return `${origin}${PAGE}#${toAddress(deflateSync(strToU8(JSON.stringify(document)), { level: 9 }))}`
}

/** @returns what the address carries, unread; undefined where it carries nothing that can be unpacked */
export function carriedBy(hash: string): unknown {
  try {
    return JSON.parse(strFromU8(inflateSync(fromAddress(hash.replace(/^#/, '')))))
  } catch {
    return undefined
  }
}
