/** Icons: all come with the scripts that draw them. */
import type { Change } from './change'

export const ICONS: readonly Change[] = [
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
]

/**
 * Icons that Nuxt UI brings for parts of its own that no page here has: each page would fetch their drawings with those
 * it shows. One that is shown all the same would stay empty, as none is asked for later.
 */
export const NOT_SHOWN = [
  ...['copy', 'copy-check', 'eye', 'eye-off', 'folder', 'folder-open', 'hash', 'lightbulb', 'monitor', 'moon', 'sun'],
  ...['panel-left-close', 'panel-left-open', 'rotate-ccw', 'star', 'grip-vertical'],
]
