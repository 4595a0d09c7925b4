import { randomBytes } from 'node:crypto'
import { setResponseHeader } from 'h3'
import { inTurn } from '../http/scripts-in-turn'

/**
 * Scripts run only from this application, the page's own ones by a fresh nonce; nothing is fetched from anywhere
 * else.
 */
export default defineNitroPlugin(nitro => {
  nitro.hooks.hook('render:html', (html, { event }) => {
    const nonce = randomBytes(16).toString('base64')
    const sign = (parts: string[]) => parts.map(part => part.replaceAll('<script', `<script nonce="${nonce}"`))
    const { head, bodyAppend } = inTurn(html.head, html.bodyAppend)
    html.head = sign(head)
    html.bodyPrepend = sign(html.bodyPrepend)
    html.body = sign(html.body)
    html.bodyAppend = sign(bodyAppend)
    // Records stand in it: a proxy keeps none, and a browser asks again.
    setResponseHeader(event, 'cache-control', 'private, no-cache')
    setResponseHeader(
      event,
      'content-security-policy',
      [
        "default-src 'self'",
        `script-src 'self' 'nonce-${nonce}'`,
        "style-src 'self' 'unsafe-inline'",
        "img-src 'self' data: blob:",
        // A clip of this device, that is looked at here.
        "media-src 'self' blob:",
        "font-src 'self'",
        "connect-src 'self'",
        "worker-src 'self'",
        "object-src 'none'",
        "base-uri 'none'",
        "form-action 'self'",
        "frame-ancestors 'none'",
      ].join('; '),
    )
  })
})
