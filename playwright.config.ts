import { defineConfig } from '@playwright/test'
import { launchOptions } from './scripts/browser/chromium'

const LONG = ['show.spec.ts', 'bench.spec.ts']

export default defineConfig({
  testDir: 'tests/e2e',
  workers: 2,
  // The files that take longest, one test after the other, come first: no core waits for them at the end.
  projects: [
    { name: 'long', testMatch: LONG },
    { name: 'others', testIgnore: LONG },
  ],
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
    launchOptions: launchOptions(),
  },
})
