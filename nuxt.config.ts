import { createRequire } from 'node:module'
import { dirname, join } from 'node:path'
import { build } from 'esbuild'

const FONTS = ['atkinson-hyperlegible-next', 'bricolage-grotesque']
const filesOf = (font: string) =>
  join(dirname(createRequire(import.meta.url).resolve(`@fontsource-variable/${font}/package.json`)), 'files')

/** Threads of the server: each a whole of its own, since a chunk shared with the server would start a second one. */
const WORKERS = { planner: 'server/planning/worker.ts' }
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

/**
 * Fonts under names of their own; everything is compressed as it is built: a phone on the school's network waits for a
 * third of the bytes.
 */
const BUILD = {
  rollupConfig: { plugins: [workers] },
  externals: { traceInclude: [join(import.meta.dirname, 'node_modules/highs/build/highs.mjs')] },
  publicAssets: FONTS.map(font => ({ baseURL: 'fonts', dir: filesOf(font), maxAge: 7 * 24 * 3600 })),
  serverAssets: [{ baseName: 'migrations', dir: join(import.meta.dirname, 'db/migrations') }],
  compressPublicAssets: { gzip: true, brotli: true },
}

export default defineNuxtConfig({
  compatibilityDate: '2026-01-01',
  ssr: false,
  telemetry: false,
  devtools: { enabled: false },
  modules: ['@nuxt/ui', '@pinia/nuxt'],
  css: ['~/assets/main.css', '~/assets/live.css'],
  components: [{ path: '~/components', pathPrefix: false }],
  app: {
    head: {
      title: 'Zealous Hush',
      htmlAttrs: { lang: 'en' },
      meta: [
        { name: 'viewport', content: 'width=device-width, initial-scale=1' },
        { name: 'description', content: 'Plan, forecast and log gas pressure-differential demonstrations.' },
        { name: 'color-scheme', content: 'light' },
      ],
      link: [
        { rel: 'icon', type: 'image/svg+xml', href: '/mark.svg' },
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
  icon: { provider: 'server', serverBundle: 'local', fallbackToApi: false, clientBundle: { scan: true } },
  ui: { colorMode: false, fonts: false },
  nitro: {
    ...BUILD,
    output: process.env.HUSH_BUILD_DIR ? { dir: process.env.HUSH_BUILD_DIR } : undefined,
    typescript: { tsConfig: { compilerOptions: { noUncheckedIndexedAccess: false } } },
  },
  // White space between elements is a space, wherever a line is broken: the layout of a template changes no text.
  vue: { compilerOptions: { whitespace: 'preserve' } },
  vite: { worker: { format: 'es' }, build: { chunkSizeWarningLimit: 1500 } },
  typescript: { strict: true, tsConfig: { compilerOptions: { noUncheckedIndexedAccess: false } } },
})
