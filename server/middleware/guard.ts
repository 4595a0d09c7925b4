import { getRequestHeader, getRequestURL, setResponseHeaders } from 'h3'
import { refusal } from '../http/faults'

const LOOPBACK = new Set(['localhost', '127.0.0.1', '[::1]', '::1'])

/**
 * Headers for every answer, and two refusals: a foreign host name (a page elsewhere that resolves to this machine) and
 * a state-changing request that another site's page sent.
 */
export default defineEventHandler((event) => {
  setResponseHeaders(event, {
    'x-content-type-options': 'nosniff',
    'x-frame-options': 'DENY',
    'referrer-policy': 'no-referrer',
    'cross-origin-opener-policy': 'same-origin',
    'cross-origin-resource-policy': 'same-origin',
    'permissions-policy': 'camera=(), microphone=(), geolocation=()',
  })
  const host = getRequestHeader(event, 'host') ?? ''
  const name = host.replace(/:\d+$/, '')
  const own = process.env.NITRO_HOST ?? process.env.HOST
  const open = own !== undefined && !LOOPBACK.has(own)
  if (!open && !LOOPBACK.has(name)) throw refusal([{ input: 'host', message: `"${host}" is not this application's address` }], 421)
  if (event.method !== 'GET' && event.method !== 'HEAD') {
    const origin = getRequestHeader(event, 'origin')
    if (origin !== undefined && new URL(origin === 'null' ? 'null://' : origin).host !== host) {
      throw refusal([{ input: 'origin', message: 'requests from other sites are not accepted' }], 403)
    }
    if (getRequestURL(event).pathname.startsWith('/api/') && !getRequestHeader(event, 'content-type')?.startsWith('application/json')) {
      throw refusal([{ input: 'content-type', message: 'accepted: application/json' }], 415)
    }
  }
})
