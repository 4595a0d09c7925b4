import { readdirSync, readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { dirname, join } from 'node:path'
import { build } from 'esbuild'
import { addVitePlugin } from 'nuxt/kit'
import { modelOf } from './scripts/build/fingerprint'
import { bundles } from './scripts/build/bundles/bundles'
import { orderOf } from './scripts/build/bundles/script-order'
import { packageChanges } from './scripts/build/package-changes/apply'
import { NOT_SHOWN } from './scripts/build/package-changes/icons'
import type { Nitro } from 'nitropack'

const FONTS = ['atkinson-hyperlegible-next', 'bricolage-grotesque']
const filesOf = (font: string) =>
  join(dirname(createRequire(import.meta.url).resolve(`@fontsource-variable/${font}/package.json`)), 'files')

/** Threads of the server: each a whole of its own, since a chunk shared with the server would start a second one. */
const WORKERS = { planner: 'server/planning/worker.ts', computing: 'server/computing/worker.ts' }
const workers = {
  name: 'server-workers',
  async writeBundle({ dir }: { dir?: string }) {
    for (const [name, file] of Object.entries(WORKERS))
      await build({
        entryPoints: [join(import.meta.dirname, file)],
        outfile: join(dir!, 'workers', `${name}.mjs`),
        bundle: true,
        platform: 'node',
        format: 'esm',
        external: ['highs'],
        logLevel: 'error',
      })
  },
}

/** s */
const A_WEEK = 7 * 24 * 3600
/**
 * Fonts under names of their own; everything is compressed as it is built: a phone on the school's network waits for a
 * third of the bytes.
 */
const BUILD = {
  rollupConfig: { plugins: [workers] },
  externals: {
    traceInclude: [join(import.meta.dirname, 'node_modules/highs/build/highs.mjs')],
    // They ask for two versions of one package, of which the tracer leaves out one: a moved build would lack it.
    inline: ['pinia', 'petite-vue-i18n', 'vue-router', '@intlify', '@vue/devtools-api'],
  },
  publicAssets: [
    ...FONTS.map(font => ({ baseURL: 'fonts', dir: filesOf(font), maxAge: A_WEEK })),
    { baseURL: 'early', dir: join(import.meta.dirname, 'app/early/beside'), maxAge: A_WEEK },
  ],
  serverAssets: [
    { baseName: 'migrations', dir: join(import.meta.dirname, 'db/migrations') },
    { baseName: 'style', dir: join(import.meta.dirname, 'app/assets'), pattern: 'colours.css' },
    { baseName: 'phone', dir: join(import.meta.dirname, 'server/join/phone') },
    { baseName: 'trust', dir: join(import.meta.dirname, 'server/trust/phone') },
  ],
  compressPublicAssets: { gzip: true, brotli: true },
}

/** Scripts of the client and of its workers. */
const { OF_PAGES, OF_WORKERS } = await bundles(import.meta.dirname)

const icon = (size: number, purpose: 'any' | 'maskable') => ({
  ...{ src: `/icons/${purpose}-${size}.png`, sizes: `${size}x${size}` },
  ...{ type: 'image/png', purpose },
})
/** As it stands on a phone's home screen, and the worker that keeps pages there. */
const PWA = {
  strategies: 'injectManifest' as const,
  srcDir: 'service-worker',
  filename: 'worker.ts',
  // Pages do it themselves, when they have nothing else to do.
  injectRegister: false as const,
  client: { registerPlugin: false },
  injectManifest: { globPatterns: ['**/*.{js,css}'], maximumFileSizeToCacheInBytes: 1 << 24 },
  manifest: {
    name: 'Zealous Hush',
    short_name: 'Hush',
    description: 'Plan, forecast, run and explain gas pressure-differential demonstrations.',
    ...{ id: '/', start_url: '/', scope: '/', display: 'standalone' as const },
    ...{ background_color: '#f7f4ee', theme_color: '#1c2430' },
    icons: [icon(192, 'any'), icon(512, 'any'), icon(512, 'maskable')],
  },
}

/** Packages without what nothing here uses of them. */
const leaner = () => {
  addVitePlugin(packageChanges('browser'), { server: false })
  addVitePlugin(packageChanges('server'), { client: false })
}

/** A script that stands in the page itself. */
const early = (name: string) => readFileSync(join(import.meta.dirname, `app/early/${name}.js`), 'utf8')
/** Scripts of the client, each after all that it needs; known once the client is built. */
let order: string[] = []

export default defineNuxtConfig({
  compatibilityDate: '2026-01-01',
  telemetry: false,
  devtools: { enabled: false },
  modules: ['@nuxt/ui', '@pinia/nuxt', '@vite-pwa/nuxt', leaner],
  pwa: PWA,
  // samples: draws of a whole forecast, as many as usual at 0; NUXT_PUBLIC_SAMPLES sets them for a slow machine.
  runtimeConfig: { public: { model: modelOf(import.meta.dirname), samples: 0 } },
  sourcemap: false,
  css: ['~/assets/main.css', '~/assets/live.css'],
  components: [{ path: '~/components', pathPrefix: false }],
  app: {
    head: {
      title: 'Zealous Hush',
      htmlAttrs: { lang: 'en' },
      meta: [
        { name: 'viewport', content: 'width=device-width, initial-scale=1' },
        { name: 'description', content: 'Plan, forecast and log gas pressure-differential demonstrations.' },
        { name: 'color-scheme', content: 'light dark' },
      ],
      script: ['dark', 'acts'].map(name => ({ innerHTML: early(name) })),
      link: [
        { rel: 'icon', type: 'image/svg+xml', href: '/mark.svg' },
        { rel: 'apple-touch-icon', href: '/icons/any-192.png' },
        { rel: 'manifest', href: '/manifest.webmanifest' },
        // Fetched beside the scripts, so that no line moves when they come.
        ...FONTS.map(font => ({
          rel: 'preload' as const,
          as: 'font' as const,
          type: 'font/woff2' as const,
          crossorigin: 'anonymous' as const,
          href: `/fonts/${font}-latin-wght-normal.woff2`,
        })),
      ],
    },
  },
  // Fonts (imported in the style sheet) and icons ship with it; nothing is fetched when it is built or run.
  // Icons are drawn into the page.
  icon: {
    ...{ mode: 'svg', provider: 'server', serverBundle: 'local', fallbackToApi: false, clientBundle: { scan: true } },
    // Each icon sorts the names of all sets that it may be of.
    collections: ['lucide'],
  },
  // Only what is used of its parts has a style.
  ui: { colorMode: false, fonts: false, experimental: { componentDetection: true } },
  // Live runs from this device's own clock and store, and opens without the server.
  routeRules: { '/live/*': { ssr: false }, '/live/*/**': { ssr: false } },
  // Pages that may be gone to are fetched as one reaches for them, not beside the first one.
  experimental: { defaults: { nuxtLink: { prefetchOn: { visibility: false, interaction: true } } } },
  nitro: {
    ...BUILD,
    output: process.env.HUSH_BUILD_DIR ? { dir: process.env.HUSH_BUILD_DIR } : undefined,
    typescript: { tsConfig: { compilerOptions: { noUncheckedIndexedAccess: false } } },
    virtual: {
      '#page-scripts': () =>
        `export const order = ${JSON.stringify(order)}, reading = ${JSON.stringify(early('turns'))}`,
    },
  },
  // White space between elements is a space, wherever a line is broken: the layout of a template changes no text.
  vue: { compilerOptions: { whitespace: 'preserve' } },
  vite: {
    // Nothing is written in Vue's older way, and the interface's texts are read by `locales/message.ts`.
    define: {
      ...{ __VUE_OPTIONS_API__: false, __VUE_I18N_LEGACY_API__: false, __VUE_I18N_FULL_INSTALL__: false },
      ...{ __INTLIFY_PROD_DEVTOOLS__: false, __INTLIFY_DROP_MESSAGE_COMPILER__: true },
    },
    worker: { format: 'es', rolldownOptions: OF_WORKERS },
    build: { chunkSizeWarningLimit: 1500, reportCompressedSize: false },
    $client: { build: { rolldownOptions: OF_PAGES } },
  },
  hooks: {
    'build:manifest'(manifest) {
      order = orderOf(manifest)
      // The server names the script of a demonstration by its id (useDemonstrations), whatever the file is called.
      for (const entry of Object.values(manifest))
        if (entry.name?.startsWith('demonstration-')) manifest[entry.name] = entry
      // A worker fetches itself: asked for as a script of the page, it would come twice.
      for (const entry of Object.values(manifest)) entry.assets = entry.assets?.filter(file => !file.endsWith('.js'))
      const files = readdirSync(join(import.meta.dirname, 'app/pages'), { recursive: true, encoding: 'utf8' })
      const shared = files.filter(file => file.endsWith('.vue') && !(`pages/${file}` in manifest))
      // It would be asked for only once the application runs.
      if (shared.length > 0) throw new Error(`no script of its own: ${shared.join(', ')}; see scripts/build/bundles`)
    },
    // What an answer holds is said where it is asked for (core's stored records): worked out by the compiler from all
    // routes at each call it goes past what the compiler takes.
    'nitro:init'(nitro) {
      const { hooks } = nitro as unknown as Nitro
      hooks.hook('types:extend', types => void (types.routes = {}))
    },
    // An icon waits for its drawing on the server. The browser has to count it too, though it waits for nothing there,
    // or every id that is made after it is another one than the server's.
    ready({ options, hook }) {
      hook('icon:clientBundleIcons', icons => NOT_SHOWN.forEach(name => icons.delete(`lucide:${name}`)))
      const { client } = options.optimization.treeShake.composables
      client.vue = client.vue?.filter(name => name !== 'onServerPrefetch') ?? []
    },
  },
  typescript: { strict: true, tsConfig: { compilerOptions: { noUncheckedIndexedAccess: false } } },
})
