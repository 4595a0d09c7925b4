import colors from 'tailwindcss/colors'
import type { Plugin } from 'vite'

/** A file of a package, and what is said otherwise in it. */
interface Change {
  readonly file: string
  readonly from: string
  readonly to: string
  /** where the server draws pages, too */ drawing?: true
}

/** Scales of colour that the application's theme names. */
export const SCALES = ['violet', 'stone', 'red'] as const
const ours = Object.fromEntries(SCALES.map(scale => [scale, colors[scale]]))

/** What packages would bring to every page, or do for each of its parts, though nothing here uses it. */
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
  // All icons come with the scripts, and none is asked for later.
  {
    file: '/@nuxt/icon/dist/runtime/plugin.js',
    from: 'import { addAPIProvider, _api, setCustomIconsLoader } from "@iconify/vue";',
    to: 'const addAPIProvider = () => {}, _api = { setFetch() {} }, setCustomIconsLoader = () => {};',
  },
  {
    file: '/@nuxt/icon/dist/runtime/components/shared.js',
    from: 'import { getIcon as _getIcon, addIcon as _addIcon, loadIcon as _loadIcon } from "@iconify/vue";',
    to: `import { addIcon as _addIcon } from "@iconify/vue/offline";
const _getIcon = () => null, _loadIcon = async () => null;`,
  },
  {
    file: '/@nuxt/icon/dist/runtime/components/svg.js',
    from: 'import { Icon as Iconify, addIcon } from "@iconify/vue";',
    to: 'import { Icon as Iconify, addIcon } from "@iconify/vue/offline";',
  },
  // Of a hundred scales of colour three are in use. Both sides say the same of the others: where the browser's style is
  // not the server's it is put in its place, and every element is styled and laid out once more.
  {
    file: '/@nuxt/ui/dist/runtime/plugins/colors.js',
    from: 'import colors from "tailwindcss/colors";',
    to: `const colors = ${JSON.stringify(ours)};`,
    drawing: true,
  },
  // What tells an unwritable property of a function has every browser; what stands in for it brings texts of errors.
  {
    file: '/@stdlib/utils-define-property/lib/index.js',
    from: `var polyfill = require( './polyfill.js' );`,
    to: 'var polyfill = builtin;',
  },
  // What is folded away has no height; to be told so, the browser would lay out the page for each.
  {
    file: '/reka-ui/dist/Collapsible/CollapsibleContent.js',
    from: `const rect = node.getBoundingClientRect();`,
    to: `const rect = isOpen.value || height.value > 0 ? node.getBoundingClientRect() : { height: 0, width: 0 };`,
  },
  // The settings are what they were built with: nobody watches for another, at each button, nor takes a copy.
  {
    file: '/nuxt/dist/app/config.js',
    from: 'import.meta.server ? klona(__appConfig) : reactive(__appConfig)',
    to: '__appConfig',
    drawing: true,
  },
  // So the looks of a part are worked out once, not for each that is drawn.
  {
    file: '/@nuxt/ui/dist/runtime/utils/tv.js',
    from: 'export const tv = ((componentConfig) => {',
    to: `const made = new Map();
const alike = (a, b) => {
  const keys = Object.keys(a);
  return keys.length === Object.keys(b).length && keys.every((key) => a[key] === b[key]);
};
export const tv = (config2) => {
  const before = made.get(config2.extend) ?? [];
  let look = before.find((m) => alike(m.config, config2));
  if (look === void 0) {
    look = { config: config2, look: lookOf(config2) };
    made.set(config2.extend, [look, ...before].slice(0, 4));
  }
  return look.look;
};
const lookOf = ((componentConfig) => {`,
    drawing: true,
  },
  {
    file: '/@nuxt/ui/dist/runtime/components/Button.vue',
    from: 'const ui = computed(() => tv({\n  extend: theme,',
    to: 'const ui = computed(() => lookOf(props.activeClass, props.inactiveClass, () => tv({\n  extend: theme,',
    drawing: true,
  },
  {
    file: '/@nuxt/ui/dist/runtime/components/Button.vue',
    from: '}, appConfig.ui?.button || {})\n})({',
    to: '}, appConfig.ui?.button || {})\n}))({',
    drawing: true,
  },
  {
    file: '/@nuxt/ui/dist/runtime/components/Button.vue',
    from: 'import theme from "#build/ui/button";',
    to: `import theme from "#build/ui/button";
const looks = new Map();
const lookOf = (active, inactive, make) => {
  const key = JSON.stringify([active, inactive]);
  if (!looks.has(key)) looks.set(key, make());
  return looks.get(key);
};`,
    drawing: true,
  },
  // A button that leads nowhere has all that a link could have looked for, each behind three watchers.
  {
    file: '/@nuxt/ui/dist/runtime/components/Button.vue',
    from: 'const linkProps = useForwardProps(pickLinkProps(props));',
    to: `const linkProps = computed(() => {
  const given = {};
  for (const key of linkKeys) {
    const value = props[key];
    if (value !== void 0) given[key] = value;
  }
  return given;
});`,
    drawing: true,
  },
  {
    file: '/@nuxt/ui/dist/runtime/components/Button.vue',
    from: 'import { pickLinkProps } from "../utils/link";',
    to: 'import { linkKeys } from "../utils/link";',
    drawing: true,
  },
  {
    file: '/@nuxt/ui/dist/runtime/components/Link.vue',
    from: 'const nuxtLinkProps = useForwardProps(reactiveOmit(',
    to: 'let forwarded;\nconst nuxtLinkProps = computed(() => (forwarded ??= useForwardProps(reactiveOmit(',
    drawing: true,
  },
  {
    file: '/@nuxt/ui/dist/runtime/components/Link.vue',
    from: '"to", "href", "raw", "custom", "locale", "class"));',
    to: '"to", "href", "raw", "custom", "locale", "class"))).value);',
    drawing: true,
  },
  {
    file: '/@nuxt/ui/dist/runtime/components/Icon.vue',
    from: 'const iconProps = useForwardProps(reactivePick(props, "mode", "size", "customize"));',
    to: `const iconProps = computed(() => {
  const given = {};
  for (const key of ["mode", "size", "customize"]) if (props[key]) given[key] = props[key];
  return given;
});`,
    drawing: true,
  },
  {
    file: '/@nuxt/ui/dist/runtime/components/Icon.vue',
    from: 'import { useForwardProps } from "reka-ui";',
    to: 'import { computed } from "vue";',
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
  // What is closed and was never open is measured as it opens: measured before, each would have the page laid out anew.
  {
    file: '/reka-ui/dist/Collapsible/CollapsibleContent.js',
    from: 'if (!node) return;',
    to: 'if (!node || (!isOpen.value && height.value === 0)) return;',
  },
  // What a part was given is looked up hundreds of times, by Vue too, in two ways of writing.
  {
    file: '/@nuxt/ui/dist/runtime/composables/useComponentProps.js',
    from: 'if (typeof prop !== "string") return raw;',
    to: 'if (typeof prop !== "string" || prop.startsWith("__v_")) return raw;',
    drawing: true,
  },
  {
    file: '/@nuxt/ui/dist/runtime/composables/useComponentProps.js',
    from: 'function camelCase(str) {\n  return str.replace(',
    to: 'const camels = Object.create(null);\nfunction camelCase(str) {\n  return camels[str] ??= str.replace(',
    drawing: true,
  },
  {
    file: '/@nuxt/ui/dist/runtime/composables/useComponentProps.js',
    from: 'function kebabCase(str) {\n  return str.replace(',
    to: 'const kebabs = Object.create(null);\nfunction kebabCase(str) {\n  return kebabs[str] ??= str.replace(',
    drawing: true,
  },
]

/**
 * Leaves it out of what is built for browsers, or of what draws pages on the server. A package that says it in other
 * words by now stops the build: the change is looked at anew, not lost unseen.
 */
export function leftOut(where: 'browser' | 'server'): Plugin {
  const changes = CHANGES.filter(c => where === 'browser' || c.drawing)
  const seen = new Set<Change>()
  return {
    name: `left-out-${where}`,
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
