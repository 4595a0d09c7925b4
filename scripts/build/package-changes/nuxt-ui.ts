/** Nuxt UI: what it brings unused, and what it works out anew for each of its parts. */
import colors from 'tailwindcss/colors'
import type { Change } from './change'

/** Scales of colour that the application's theme names. */
export const SCALES = ['violet', 'stone', 'red'] as const
const ours = Object.fromEntries(SCALES.map(scale => [scale, colors[scale]]))

export const NUXT_UI: readonly Change[] = [
  // Toasts are fetched with the first one (app.vue).
  {
    file: '/@nuxt/ui/dist/runtime/components/App.vue',
    from: `import UToaster from "./Toaster.vue";`,
    to: `const UToaster = null;`,
  },
  // Of a hundred scales of colour three are in use. Both sides say the same of the others: where the browser's style is
  // not the server's it is put in its place, and every element is styled and laid out once more.
  {
    file: '/@nuxt/ui/dist/runtime/plugins/colors.js',
    from: 'import colors from "tailwindcss/colors";',
    to: `const colors = ${JSON.stringify(ours)};`,
    drawing: true,
  },
  // As the settings stay what they are, the looks of a part are worked out once, not for each that is drawn.
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
