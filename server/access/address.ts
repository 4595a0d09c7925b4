import { getRequestHeader, type H3Event } from 'h3'

/** How many proxies stand before this server and are believed: `HUSH_PROXY`; 0: none, whatever a request says. */
export const trustedProxies = (): number => Math.max(0, Math.floor(Number(process.env.HUSH_PROXY ?? 0)) || 0)

/** An IPv6 household has as many addresses as it likes, but one first half. */
function household(address: string): string {
  const plain = address.replace(/^::ffff:(?=\d+\.)/, '')
  if (!plain.includes(':')) return plain
  const [head, tail] = plain.split('::')
  const left = head.split(':').filter(Boolean)
  const right = (tail ?? '').split(':').filter(Boolean)
  const zeros = tail === undefined ? 0 : Math.max(0, 8 - left.length - right.length)
  return [...left, ...new Array<string>(zeros).fill('0'), ...right].slice(0, 4).join(':')
}

/**
 * Where a request comes from, as the outermost trusted proxy saw it: each appends whom it heard from, so that what a
 * caller wrote himself stands further left and is not looked at.
 */
export function addressOf(event: H3Event): string {
  const proxies = trustedProxies()
  const told = proxies > 0 ? (getRequestHeader(event, 'x-forwarded-for') ?? '').split(',').map(part => part.trim()) : []
  const seen = told.filter(Boolean).at(-proxies)
  return household(seen ?? event.node.req.socket.remoteAddress ?? 'unknown')
}
