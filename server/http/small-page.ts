/** A page by itself for a phone that comes from outside: small, with nothing of the application in it. */
import { randomBytes } from 'node:crypto'
import { setResponseHeaders, type H3Event } from 'h3'
import { escaped } from '../../core'

export interface SmallPage {
  language: 'en' | 'de'
  title: string
  /** markup of what stands in `main` */ body: string
  /** JSON for the script by the id of the element that it stands in */ data: Readonly<Record<string, string>>
  script: string
  /** another origin that the script may ask */ asks?: string
}

/** The whole page, with the headers that allow its own style and script and nothing else. */
export async function smallPage(
  event: H3Event,
  { language, title, body, data, script, asks = '' }: SmallPage,
): Promise<string> {
  const text = async (name: string) => (await useStorage<string>('assets').getItem(name)) ?? ''
  const style = (await Promise.all(['style:colours.css', 'phone:phone.css'].map(text))).join('')
  const nonce = randomBytes(16).toString('base64')
  setResponseHeaders(event, {
    'content-type': 'text/html; charset=utf-8',
    'cache-control': 'no-store',
    'content-security-policy':
      `default-src 'none'; script-src 'nonce-${nonce}'; style-src 'nonce-${nonce}'; connect-src 'self' ${asks}; ` +
      `form-action 'self'; base-uri 'none'; frame-ancestors 'none'`,
  })
  const given = Object.entries(data)
    .map(([id, json]) => `<script id="${id}" type="application/json" nonce="${nonce}">${json}</script>`)
    .join('')
  return (
    `<!doctype html><html lang="${language}"><head><meta charset="utf-8"><meta name="viewport" ` +
    `content="width=device-width, initial-scale=1"><title>${escaped(title)}</title>` +
    `<style nonce="${nonce}">${style}</style></head><body><main>${body}</main>` +
    `${given}<script nonce="${nonce}">${script}</script></body></html>`
  )
}
