import { fileURLToPath } from 'node:url'
import { defineVitestProject } from '@nuxt/test-utils/config'
import { defineConfig } from 'vitest/config'
import { compiledCore } from './tests/compiled-core'

const root = fileURLToPath(new URL('.', import.meta.url)).replace(/\/$/, '')

/** What was compiled is run by Node itself. */
const server = { deps: { external: [/\/\.builds\/core-of-tests-/] } }
// Watching, one changes core, and its tests are run as it is written.
const core = process.argv.includes('run') ? await compiledCore(root, /\/catalogue\/known\.test\.ts$/) : undefined

/** The settings of Nuxt take ten seconds to load: they are left out where only these are asked for. */
const WITHOUT_NUXT = ['unit', 'thorough', 'integration']
const asked = process.argv.flatMap((word, i, all) =>
  word.startsWith('--project=') ? [word.slice(10)] : all[i - 1] === '--project' ? [word] : [],
)
const withNuxt = asked.length === 0 || asked.some(project => !WITHOUT_NUXT.includes(project))

/** They are run in the gaps that the browser's tests leave, on machines that others use, too. */
const PATIENCE = 300_000
const expect = { poll: { timeout: 60_000 } }

export default defineConfig({
  plugins: [core],
  resolve: { alias: { '~~': root, '~': `${root}/app` } },
  test: {
    // All cores: by default one is left idle, which is half of the machine that this is meant for.
    maxWorkers: '100%',
    server,
    expect,
    projects: [
      {
        extends: true,
        test: {
          name: 'unit',
          isolate: false,
          include: ['{core,app,server,scripts}/**/*.test.ts'],
          exclude: ['**/node_modules/**', '.builds/**', '**/*.thorough.test.ts', '**/*.component.test.ts'],
          testTimeout: PATIENCE,
        },
      },
      {
        // Hundreds of draws of every demonstration: minutes, so that a quick check leaves them out.
        extends: true,
        test: { name: 'thorough', isolate: false, include: ['core/**/*.thorough.test.ts'], testTimeout: PATIENCE },
      },
      // Parts of the interface, mounted in a document without a browser.
      ...(withNuxt
        ? [
            await defineVitestProject({
              plugins: [core],
              test: {
                server,
                expect,
                name: 'component',
                include: ['app/**/*.component.test.ts'],
                environment: 'nuxt',
                setupFiles: ['tests/component-setup.ts'],
                isolate: false,
                testTimeout: PATIENCE,
                hookTimeout: PATIENCE,
              },
            }),
          ]
        : []),
      {
        extends: true,
        test: {
          name: 'integration',
          include: ['tests/integration/**/*.test.ts'],
          setupFiles: ['tests/own-connections.ts'],
          testTimeout: PATIENCE,
          hookTimeout: PATIENCE,
          fileParallelism: false,
        },
      },
    ],
  },
})
