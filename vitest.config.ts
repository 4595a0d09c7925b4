import { fileURLToPath } from 'node:url'
import { defineVitestProject } from '@nuxt/test-utils/config'
import { defineConfig } from 'vitest/config'
import { compiledCore } from './tests/compiled-core'

const root = fileURLToPath(new URL('.', import.meta.url)).replace(/\/$/, '')

/** What was compiled is run by Node itself. */
const server = { deps: { external: [/\/\.builds\/core-of-tests-/] } }
// Watching, one changes core, and its tests are run as it is written.
const core = process.argv.includes('run') ? await compiledCore(root, /\/catalogue\/known\.test\.ts$/) : undefined

export default defineConfig({
  plugins: [core],
  resolve: { alias: { '~~': root, '~': `${root}/app` } },
  test: {
    // All cores: by default one is left idle, which is half of the machine that this is meant for.
    maxWorkers: '100%',
    server,
    projects: [
      {
        extends: true,
        test: {
          name: 'unit',
          isolate: false,
          include: ['{core,app,server,scripts}/**/*.test.ts'],
          exclude: ['**/node_modules/**', '.builds/**', '**/*.thorough.test.ts', '**/*.component.test.ts'],
          testTimeout: 60_000,
        },
      },
      {
        // Hundreds of draws of every demonstration: minutes, so that a quick check leaves them out.
        extends: true,
        test: { name: 'thorough', isolate: false, include: ['core/**/*.thorough.test.ts'], testTimeout: 120_000 },
      },
      // Parts of the interface, mounted in a document without a browser.
      await defineVitestProject({
        plugins: [core],
        test: {
          server,
          name: 'component',
          include: ['app/**/*.component.test.ts'],
          environment: 'nuxt',
          setupFiles: ['tests/component-setup.ts'],
          isolate: false,
          testTimeout: 30_000,
          hookTimeout: 60_000,
        },
      }),
      {
        extends: true,
        test: {
          name: 'integration',
          include: ['tests/integration/**/*.test.ts'],
          testTimeout: 120_000,
          hookTimeout: 180_000,
          fileParallelism: false,
        },
      },
    ],
  },
})
