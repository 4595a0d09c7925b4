import { availableParallelism } from 'node:os'
import { defineConfig } from '@playwright/test'
import { testBrowser } from './tests/e2e/test-browser'

export default defineConfig({
  testDir: 'tests/e2e',
  // Server, page and its workers keep more than one core busy: on two, two of them took as long as one after the other.
  workers: Math.max(1, Math.floor(availableParallelism() / 2)),
  // Of the longest test on a machine that others use, too: what a test waits for has its own.
  timeout: 240_000,
  expect: { timeout: 30_000 },
  reporter: process.env.HUSH_TEST_REPORT ? [['json', { outputFile: process.env.HUSH_TEST_REPORT }]] : [['list']],
  outputDir: 'test-results',
  use: {
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    // What the worker answers no test can hold up; those of it allow it.
    serviceWorkers: 'block',
    // What moves is drawn anew sixty times a second, without a graphics card: tests of motion ask for it.
    contextOptions: { reducedMotion: 'reduce' },
    screenshot: 'only-on-failure',
    launchOptions: testBrowser(),
  },
})
