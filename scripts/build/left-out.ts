import type { Plugin } from 'vite'

/** A file of a package, and what is said otherwise in it. */
interface Change {
  readonly file: string
  readonly from: string
  readonly to: string
}

/** What packages would bring to every page, or do on it, though nothing here uses it. */
export const CHANGES: readonly Change[] = [
  // Vue is asked by name at run time, so that nothing of it could be left out.
  {
    file: '/petite-vue-i18n/dist/petite-vue-i18n.mjs',
    from: `import * as Vue from 'vue';`,
    to: `import { getCurrentInstance as asked } from 'vue'; const Vue = { getCurrentInstance: asked };`,
  },
  // Toasts are fetched with the first one (app.vue).
  {
    file: '/@nuxt/ui/dist/runtime/components/App.vue',
    from: `import UToaster from "./Toaster.vue";`,
    to: `const UToaster = null;`,
  },
  // Icons are drawn into the page, not into its style.
  {
    file: '/@nuxt/icon/dist/runtime/components/index.js',
    from: `import { NuxtIconCss } from "./css.js";`,
    to: `const NuxtIconCss = null;`,
  },
  // What is folded away has no height; to be told so, the browser would lay out the page for each.
  {
    file: '/reka-ui/dist/Collapsible/CollapsibleContent.js',
    from: `const rect = node.getBoundingClientRect();`,
    to: `const rect = isOpen.value || height.value > 0 ? node.getBoundingClientRect() : { height: 0, width: 0 };`,
  },
]

/**
 * Leaves it out of the client. A package that says it in other words by now stops the build: the change is looked at
 * anew, not lost unseen.
 */
export function leftOut(): Plugin {
  const seen = new Set<Change>()
  return {
    name: 'left-out',
    enforce: 'pre',
    apply: 'build',
    transform(code, id) {
      const change = CHANGES.find(c => id.endsWith(c.file))
      if (change === undefined) return
      if (!code.includes(change.from)) throw new Error(`${change.file} no longer says ${change.from}`)
      seen.add(change)
      return { code: code.replace(change.from, change.to), map: null }
    },
    buildEnd(error) {
      const unseen = CHANGES.filter(c => !seen.has(c))
      if (!error && unseen.length > 0) throw new Error(`not built any more: ${unseen.map(c => c.file).join(', ')}`)
    },
  }
}
