/** Languages, settings, fetching and heads: what they bring unused, or do beside the first picture. */
import type { Change } from './change'

export const VUE_AND_NUXT: readonly Change[] = [
  // Vue is asked by name at run time, so that nothing of it could be left out.
  {
    file: '/petite-vue-i18n/dist/petite-vue-i18n.mjs',
    from: `import * as Vue from 'vue';`,
    to: `import { getCurrentInstance as asked } from 'vue'; const Vue = { getCurrentInstance: asked };`,
  },
  // What came drawn says already what a part would say: said once more, each of a hundred attributes has the page laid
  // out and painted anew. What somebody may have changed meanwhile (what is typed, chosen, ticked) is put right.
  {
    file: '/@vue/runtime-core/dist/runtime-core.esm-bundler.js',
    from: `  if (!resourceProps.has(key)) {
    return false;
  }
  return el.getAttribute(key) === (`,
    to: `  if (key === "innerHTML") return el.innerHTML === clientValue;
  if (typeof clientValue === "function" || typeof clientValue === "object" && clientValue) return false;
  if (/^[^a-z]|value$|^(checked|selected|indeterminate|muted|textContent)$/i.test(key)) return false;
  return el.getAttribute(key) === (`,
  },
  // The settings are what they were built with: nobody watches for another, at each button, nor takes a copy.
  {
    file: '/nuxt/dist/app/config.js',
    from: 'import.meta.server ? klona(__appConfig) : reactive(__appConfig)',
    to: '__appConfig',
    drawing: true,
  },
  // What is fetched is known by what it is, in full: a digest of it is shorter, but brings what works it out.
  ...['fetch', 'asyncData'].map((name): Change => ({
    file: `/nuxt/dist/app/composables/${name}.js`,
    from: 'import { hash } from "ohash";',
    to: 'import { serialize as hash } from "ohash";',
    drawing: true,
  })),
  // A page's title and tags are looked through in a task of their own, after what its parts do once they are there.
  {
    file: '/nuxt/dist/head/runtime/plugins/unhead.js',
    from: 'import { defineNuxtPlugin } from "#app/nuxt";',
    to: 'import { defineNuxtPlugin } from "#app/nuxt"; import { nextTurn } from "~/waking/next-turn";',
  },
  {
    file: '/nuxt/dist/head/runtime/plugins/unhead.js',
    from: 'hook("app:suspense:resolve", syncHead)',
    to: 'hook("app:suspense:resolve", () => nextTurn().then(syncHead))',
  },
]
