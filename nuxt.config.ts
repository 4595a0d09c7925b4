import { readdirSync, readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { dirname, join } from 'node:path'
import { build } from 'esbuild'
import { addVitePlugin } from 'nuxt/kit'
import { modelOf } from './scripts/build/fingerprint'
import { leftOut } from './scripts/build/left-out'
import { PAGE_FILES, pageFileOf } from './scripts/build/page-scripts'
import { orderOf } from './scripts/build/script-order'
import { filesFor, whoUses } from './scripts/build/who-uses'
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

const CORE = join(import.meta.dirname, 'core/')
const CHUNK_OF_PACKAGE = [
  ...[
    'math-base-special-erfc',
    'math-base-special-erfinv',
    'stats-base-dists-normal-cdf',
    'stats-base-dists-normal-quantile',
  ].map(name => [`@stdlib/${name}`, 'normal'] as const),
  ['@stdlib', 'matter'],
  ['js-quantities', 'words'],
  ['zod', 'documents'],
  ['papaparse', 'tables'],
  // What every page begins with lies in several files, each of which is read in a task of its own (early/turns.js).
  ...['vue-router', 'pinia', 'unhead', 'petite-vue-i18n', '@intlify', 'ofetch', 'ufo', 'devalue'].map(
    name => [name, 'frame'] as const,
  ),
  ...['tailwind-variants', 'tailwindcss', '@iconify'].map(name => [name, 'looks'] as const),
] as const

/** Rooms that a page fetches together; what one of these needs is of it, or of one above it. */
const CHUNK_OF_ROOM: Readonly<Record<string, string>> = {
  ...{ units: 'words', sentence: 'words' },
  ...{ elementary: 'matter', substances: 'matter', place: 'matter', vessels: 'matter' },
  ...{ cautions: 'contract', demonstration: 'contract', picture: 'contract' },
  ...{ 'forecast': 'core', 'running-order': 'order', 'live': 'live', 'lesson': 'lesson' },
  ...{ readings: 'readings', practice: 'practice', hearing: 'hearing' },
  // The rooms that read and check documents stand above all others: pages that only show something do without.
  ...{ formats: 'documents', records: 'documents' },
}
/** Of the documents, what is asked of those that were read before. */
const OF_READ = new RegExp(
  '^(formats/(document-values|same-item|typical-things|shelf-(fields|fit|things|values|words)|' +
    '(staging|room)-reading|school-words|gallery-card)|records/first-odds)\\.ts$',
)
/** Of these rooms, what only a few pages need, or none but a worker: left to the bundler, it lies beside those. */
const OF_FEW = new RegExp(
  '/core/(forecast/(scoring|why-words)|readings/(sensors|simulated-logger|what-they-say)|' +
    'vessels/(crushed-shape|weighing-afterwards|photo-scale)|mechanisms/heater-efficiency|' +
    'formats/(run-reading|shelf-words)|demonstration/(pupils-sheet|particles))\\.ts',
)
/** What draws a staging many times over; pages that show what a worker drew do without. */
const DRAWS = /\/core\/forecast\/(distributions|latin-hypercube|lessons|normal-scores)\.ts|\/pure-rand\//
/** Of the catalogue's families and of what only they rest on: the rest of those rooms is everyone's. */
const { users, all } = await whoUses(import.meta.dirname)
const FILES = filesFor(users, all)
/** Those that a few demonstrations share: what more of them rest on comes first. */
const SHARED = [...new Set(FILES.values())]
  .filter(name => name.startsWith('shared-'))
  .sort((a, b) => b.split('+').length - a.split('+').length)

/**
 * Which file of the client a module of the computation goes into: each demonstration is one, so that a page fetches
 * those that it is about; what several share, and the rest, are few. Left to itself the bundler would make a file for
 * each set of demonstrations that happen to share a module. Nothing in a file may be needed by one that it needs
 * itself, so what all of them rest on is named here too.
 */
function chunkOf(id: string): string | undefined {
  // With what the bundler adds, which all others use.
  if (/\/node_modules\/(@vue|vue)\/|preload-helper|plugin-vue:export-helper/.test(id)) return 'vue'
  // Of the first page as of all others.
  if (id.endsWith('/app/api/new-id.ts')) return 'frame'
  if (OF_FEW.test(id)) return undefined
  if (DRAWS.test(id)) return 'draws'
  if (id.includes('/node_modules/'))
    return CHUNK_OF_PACKAGE.find(([name]) => id.includes(`/node_modules/${name}/`))?.[1]
  const [, path] = /\/core\/(.*\.ts)$/.exec(id) ?? []
  if (path === undefined) return undefined
  if (OF_READ.test(path)) return 'core'
  if (path.endsWith('-csv.ts') || path === 'formats/logbook.ts') return 'tables'
  const [room, family, demonstration] = path.split('/')
  if (room === 'catalogue' && demonstration === undefined && family?.endsWith('.ts')) return 'contract'
  return CHUNK_OF_ROOM[room!] ?? FILES.get(path) ?? (room === 'catalogue' ? 'contract' : 'matter')
}

type ChunkOf = (id: string) => string | undefined
/** From what rests on nothing to what rests on all others: each takes along what it needs that none before it took. */
const groups = (chunks: readonly string[], of: ChunkOf) =>
  chunks.map((chunk, i) => ({
    name: (id: string) => {
      const own = of(id)
      return own && (chunk.endsWith('-') ? own.startsWith(chunk) : own === chunk) ? own : null
    },
    priority: chunks.length - i,
    debugName: chunk,
  }))
const CATALOGUE = ['family-', ...SHARED, 'demonstration-']
const OF_PAGES = groups(
  [
    ...['vue', 'frame', 'looks', 'words', 'matter', 'contract', 'physics', 'normal', 'core', 'draws'],
    ...['documents', 'tables'],
    ...['order', 'lesson', 'live', 'practice', 'readings', 'hearing', ...CATALOGUE],
  ],
  chunkOf,
)
/** In one file too: what three in four of all pages, and of parts that are fetched later, share. */
const COMMON = { name: 'common', minShareCount: 36 }
/** What the application begins with, apart from what pages share: no page's part takes it along. */
const BEGIN = { name: 'begin', tags: ['$initial' as const] }
const OF_CLIENT = [...OF_PAGES, COMMON, BEGIN, ...groups(PAGE_FILES, pageFileOf)].map((group, i, { length }) => ({
  ...group,
  priority: length - i,
}))
/** A worker is one file, but for the demonstrations: it reads those that it is asked about. */
const OF_WORKERS = groups(['computing', ...CATALOGUE], id => {
  const own = chunkOf(id)
  return CATALOGUE.some(part => own?.startsWith(part)) ? own : 'computing'
})
/** A module of the computation does nothing by being read: what is not used of it is not fetched. */
const treeshake = { moduleSideEffects: (id: string) => !id.startsWith(CORE) }

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
  addVitePlugin(leftOut('browser'), { server: false })
  addVitePlugin(leftOut('server'), { client: false })
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
    worker: { format: 'es', rolldownOptions: { output: { codeSplitting: { groups: OF_WORKERS } }, treeshake } },
    build: { chunkSizeWarningLimit: 1500, reportCompressedSize: false },
    $client: { build: { rolldownOptions: { output: { codeSplitting: { groups: OF_CLIENT } }, treeshake } } },
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
      if (shared.length > 0) throw new Error(`no script of its own: ${shared.join(', ')}; see chunkOf`)
    },
    // What an answer holds is said where it is asked for (core's stored records): worked out by the compiler from all
    // routes at each call it goes past what the compiler takes.
    'nitro:init'(nitro) {
      const { hooks } = nitro as unknown as Nitro
      hooks.hook('types:extend', types => void (types.routes = {}))
    },
    // An icon waits for its drawing on the server. The browser has to count it too, though it waits for nothing there,
    // or every id that is made after it is another one than the server's.
    ready({ options }) {
      const { client } = options.optimization.treeShake.composables
      client.vue = client.vue?.filter(name => name !== 'onServerPrefetch') ?? []
    },
  },
  typescript: { strict: true, tsConfig: { compilerOptions: { noUncheckedIndexedAccess: false } } },
})
