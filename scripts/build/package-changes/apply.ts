import type { Plugin } from 'vite'
import { ICONS } from './icons'
import { NUXT_UI } from './nuxt-ui'
import { REKA_UI } from './reka-ui'
import { STDLIB } from './stdlib'
import { VUE_AND_NUXT } from './vue-and-nuxt'
import type { Change } from './change'

/** What packages would bring to every page, or do for each of its parts or beside its first picture, for nobody. */
export const CHANGES: readonly Change[] = [...VUE_AND_NUXT, ...ICONS, ...NUXT_UI, ...REKA_UI, ...STDLIB]

/**
 * Changes what is built for browsers, or what draws pages on the server. A package that says it in other words by now
 * stops the build: the change is looked at anew, not lost unseen.
 */
export function packageChanges(where: 'browser' | 'server'): Plugin {
  const changes = CHANGES.filter(c => where === 'browser' || c.drawing)
  const seen = new Set<Change>()
  return {
    name: `package-changes-${where}`,
    enforce: 'pre',
    apply: 'build',
    transform(code, id) {
      const here = changes.filter(c => id.endsWith(c.file))
      if (here.length === 0) return
      for (const change of here) {
        if (!code.includes(change.from)) throw new Error(`${change.file} no longer says ${change.from}`)
        seen.add(change)
      }
      return { code: here.reduce((said, { from, to }) => said.replace(from, () => to), code), map: null }
    },
    buildEnd(error) {
      const unseen = changes.filter(c => !seen.has(c))
      if (!error && unseen.length > 0) throw new Error(`not built any more: ${unseen.map(c => c.file).join(', ')}`)
    },
  }
}
