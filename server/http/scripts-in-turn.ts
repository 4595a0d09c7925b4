import { order, reading } from '#page-scripts'

/** In a page's head a script that is fetched early, and the one that begins. */
const FETCHED = /rel="modulepreload"[^>]* href="([^"]+)"/g
/** What the page may reach for later; asked for beside its own, it would hold up the first picture. */
const FOR_LATER = /<link rel="prefetch"[^>]* href="([^"]+)"[^>]*>/g
const BEGUN = /<script type="module" src="([^"]+)"[^>]*><\/script>/

const placeOf = (src: string) => order.indexOf(src.slice(src.lastIndexOf('/') + 1))

/**
 * The parts of a page in which its scripts are read one by one instead of in one go, see app/early/turns.js. What may
 * be reached for later is only named: whoever keeps the page fetches it in quiet (app/files/keep-page.ts).
 */
export function inTurn(head: string[], bodyAppend: string[]): { head: string[]; bodyAppend: string[] } {
  const fetched = [...head.join('').matchAll(FETCHED)].map(([, src]) => src)
  const begin = (part: string) =>
    part.replace(BEGUN, (_, begun: string) => {
      const scripts = [...new Set([...fetched, begun])].sort((a, b) => placeOf(a) - placeOf(b))
      return (
        `<script id="scripts-in-order" type="application/json">${JSON.stringify(scripts)}</script>` +
        `<script type="module">${reading}</script>`
      )
    })
  const later = [...head.join('').matchAll(FOR_LATER)].map(([, file]) => file)
  const named = `<script id="files-for-later" type="application/json">${JSON.stringify(later)}</script>`
  return { head: [...head.map(part => begin(part.replace(FOR_LATER, ''))), named], bodyAppend: bodyAppend.map(begin) }
}
