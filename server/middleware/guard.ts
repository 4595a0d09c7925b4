import { getRequestHeader, getRequestURL, sendRedirect, setResponseHeaders, type H3Event } from 'h3'
import { isLoopbackHost, isOpenToNetwork, isRelayed } from '../access/network'
import { isSignedIn } from '../access/session'
import { cameInPlain } from '../https/front'
import { isHttps } from '../https/is-https'
import { refusal } from '../http/faults'

/** What can be reached without the passphrase: joining a vote, signing in, and files that hold no record. */
const FREE = [
  /^\/join(\/|$)/,
  /^\/api\/join\//,
  /^\/sign-in$/,
  /^\/api\/sign-in$/,
  /^\/api\/health$/,
  /^\/(_nuxt|fonts|early)\//,
  /^\/mark\.svg$/,
  /^\/favicon\.ico$/,
  /^\/trust$/,
  /^\/authority\.crt$/,
]
/** Of these, what a phone may open that does not trust this copy's certificate yet. */
const FREE_IN_PLAIN = [/^\/join(\/|$)/, /^\/api\/join\//, /^\/api\/health$/, /^\/trust$/, /^\/authority\.crt$/]

/** Whether a request's path reads the same to the guard, which normalises it, and to the router, which does not. */
function isPlainPath(path: string): boolean {
  const [raw] = path.split('?', 1)
  const base = 'http://here'
  return URL.canParse(path, base) && new URL(path, base).origin === base && new URL(path, base).pathname === raw
}

/** A state-changing request must come from this application's own page, not from another site's. */
function refuseForged(event: H3Event, host: string, open: boolean) {
  const origin = getRequestHeader(event, 'origin')
  const site = getRequestHeader(event, 'sec-fetch-site')
  const foreign =
    origin !== undefined
      ? !URL.canParse(origin) ||
        new URL(origin).host !== host ||
        (isHttps(event) && new URL(origin).protocol !== 'https:')
      : site !== undefined && site !== 'same-origin' && site !== 'none'
  // A browser always says where a write comes from; beyond loopback one that says nothing is not taken.
  if (foreign || (open && origin === undefined && site === undefined))
    throw refusal([{ input: 'origin', message: 'requests from other sites are not accepted' }], 403)
  // A form of another site can send neither.
  const accepted = getRequestURL(event).pathname === '/api/restore' ? 'application/gzip' : 'application/json'
  if (
    getRequestURL(event).pathname.startsWith('/api/') &&
    !getRequestHeader(event, 'content-type')?.startsWith(accepted)
  )
    throw refusal([{ input: 'content-type', message: `accepted: ${accepted}` }], 415)
}

/**
 * Headers for every answer, and what is refused: on loopback a foreign host name (a page elsewhere that resolves to
 * this machine), beyond it whoever has not signed in, and everywhere a write that another site's page sent.
 */
export default defineEventHandler(async event => {
  setResponseHeaders(event, {
    'x-frame-options': 'DENY',
    'referrer-policy': 'no-referrer',
    'cross-origin-opener-policy': 'same-origin',
    'cross-origin-resource-policy': 'same-origin',
    'permissions-policy': 'camera=(), microphone=(self), serial=(self), geolocation=()',
  })
  const host = getRequestHeader(event, 'host') ?? ''
  // What is guarded and what is routed are one path: a spelling that reads as another one is not taken.
  if (!isPlainPath(event.path))
    throw refusal([{ input: 'address', message: 'accepted: a path as a browser asks it' }], 400)
  const open = isOpenToNetwork()
  if (!open && !isLoopbackHost(host))
    throw refusal([{ input: 'host', message: `"${host}" is not this application's address` }], 421)
  // A proxy may write any host, this machine's too: what it did not announce is not let in without the passphrase.
  if (!open && isRelayed(event))
    throw refusal(
      [
        {
          input: 'host',
          message:
            'this copy serves its own machine only, and the request came through a proxy; accepted: start it with ' +
            'HUSH_PROXY=1 (how many proxies stand before it), and it asks for the passphrase',
        },
      ],
      421,
    )
  const { pathname } = getRequestURL(event)
  const reads = event.method === 'GET' || event.method === 'HEAD'
  // Who watches this machine from itself needs neither.
  if (pathname === '/metrics' && reads && isLoopbackHost(host) && !isRelayed(event)) return
  if (cameInPlain(event.node.req.socket) && !FREE_IN_PLAIN.some(pattern => pattern.test(pathname))) {
    // Not for ever: a browser that kept it would not come back once https is off.
    if (reads) return sendRedirect(event, `https://${host}${event.path}`, 307)
    throw refusal([{ input: 'address', message: 'accepted over https only' }], 403)
  }
  if (!reads) refuseForged(event, host, open)
  if (!open || FREE.some(pattern => pattern.test(pathname)) || (await isSignedIn(event))) return
  if (pathname.startsWith('/api/') || event.method !== 'GET')
    throw refusal([{ input: '', message: 'sign in first' }], 401)
  return sendRedirect(event, `/sign-in?to=${encodeURIComponent(event.path)}`, 302)
})
