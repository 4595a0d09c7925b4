import { order, reading } from '#page-scripts'

/** In a page's head a script that is fetched early, and the one that begins. */
const FETCHED = /rel="modulepreload"[^>]* href="([^"]+)"/g
const BEGUN = /<script type="module" src="([^"]+)"[^>]*><\/script>/

const placeOf = (src: string) => order.indexOf(src.slice(src.lastIndexOf('/') + 1))

/** The parts of a page in which its scripts are read one by one instead of in one go, see app/early/turns.js. */
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
  return { head: head.map(begin), bodyAppend: bodyAppend.map(begin) }
}
