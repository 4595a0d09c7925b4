import { getRequestHeader, type H3Event } from 'h3'
import { trustedProxies } from './address'

const LOOPBACK = new Set(['localhost', '127.0.0.1', '[::1]', '::1'])

export const isLoopback = (name: string): boolean => LOOPBACK.has(name)
/** Whether a request's `Host`, with or without its port, is this machine's own name for itself. */
export const isLoopbackHost = (host: string): boolean => isLoopback(host.replace(/:\d+$/, ''))

/**
 * Whether others than this machine can reach it: then every page but the join page asks for the passphrase. Only a copy
 * that was told to listen on loopback, with no proxy before it, is not open; one that was told nothing listens to all.
 * With https, `HUSH_HOST` is what the port for it listens on.
 */
export function isOpenToNetwork(): boolean {
  const own = process.env.HUSH_HOST ?? process.env.NITRO_HOST ?? process.env.HOST
  return own === undefined || !isLoopback(own) || trustedProxies() > 0
}

/** Headers that only something between the browser and this server writes. */
const RELAYED = ['x-forwarded-for', 'x-forwarded-host', 'x-forwarded-proto', 'x-real-ip', 'forwarded', 'via']

/**
 * Whether a request came through something that was not announced, or from another machine. One with no address is the
 * application's own, such as that of the page for an error.
 */
export const isRelayed = (event: H3Event): boolean =>
  RELAYED.some(name => getRequestHeader(event, name) !== undefined) ||
  !/^(::1|(::ffff:)?127\.)/.test(event.node.req.socket.remoteAddress || '127.')
