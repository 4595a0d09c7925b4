/**
 * `npm run vitals -- ADDRESS`: how soon the pages of a running copy with the demo data are there, in real Chromium with
 * a processor four times slower and nothing cached; one JSON object a line, each with its limits.
 */
import { chromium, type Page } from '@playwright/test'
import { launchOptions } from '../browser/chromium'

const address = process.argv[2]
if (!address) {
  console.error('address: given nothing; accepted: the address that npm start prints')
  process.exit(2)
}
const SLOWER = 4
/** ms, ms, kB compressed, ms; and what moves by itself, as a share of the screen */
const LIMITS = { largest: 2000, shift: 0.02, blocked: 300, script: 250, odds: 1500 }
const demo = (number: number) => `5a1d0000-0000-4000-8000-${String(number).padStart(12, '0')}`
const PAGES: Readonly<Record<string, string>> = {
  'home': '/',
  'shelf': '/shelf',
  'bench': `/bench/${demo(1)}`,
  'gallery': '/bench/choose',
  'running order': `/order/${demo(301)}`,
  'live': '/live',
  'logbook': '/logbook',
  'record': '/logbook/record',
}

declare global {
  interface Window {
    measured: { largest: number; shift: number; blocked: number; odds?: number }
  }
}

/**
 * What the browser itself observes: largest paint, shifts nobody caused, time that no click would have been heard
 * (TBT).
 */
const observe = () => {
  const measured: Window['measured'] = (window.measured = { largest: 0, shift: 0, blocked: 0 })
  const watch = (type: string, each: (entry: PerformanceEntry) => void) => {
    new PerformanceObserver(list => {
      list.getEntries().forEach(each)
    }).observe({ type, buffered: true })
  }
  watch('largest-contentful-paint', e => {
    measured.largest = e.startTime
  })
  // The first odds, as they are painted.
  watch('element', e => {
    if ((e as PerformanceEntry & { identifier: string }).identifier === 'odds') measured.odds ??= e.startTime
  })
  watch('layout-shift', e => {
    const shift = e as PerformanceEntry & { value: number; hadRecentInput: boolean }
    if (!shift.hadRecentInput) measured.shift += shift.value
  })
  // From when there is something that one could want to touch: before it nobody is kept waiting by a task.
  const tasks: PerformanceEntry[] = []
  let first = Infinity
  const count = () => {
    measured.blocked = tasks
      .map(e => e.startTime + e.duration - Math.max(first, e.startTime))
      .reduce((sum, duration) => sum + Math.max(0, duration - 50), 0)
  }
  watch('paint', e => {
    if (e.name === 'first-contentful-paint') first = e.startTime
    count()
  })
  watch('longtask', e => {
    tasks.push(e)
    count()
  })
}

async function measure(page: Page, path: string) {
  const session = await page.context().newCDPSession(page)
  await session.send('Network.enable')
  await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWER })
  const scripts = new Set<string>()
  let bytes = 0
  session.on('Network.responseReceived', ({ requestId, type }) => {
    if (type === 'Script') scripts.add(requestId)
  })
  session.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    if (scripts.has(requestId)) bytes += encodedDataLength
  })
  // The loader names functions for their stacks, with a helper that a page does not have.
  await page.addInitScript('globalThis.__name = f => f')
  await page.addInitScript(observe)
  const answer = await page.goto(`${address}${path}`, { waitUntil: 'load' })
  if (!answer?.ok()) throw new Error(`${path}: answered ${answer?.status()}`)
  await page.waitForLoadState('networkidle')
  // A page that the server had no time for works them out itself.
  if (path.startsWith('/bench/5a')) await page.waitForFunction(() => window.measured.odds, null, { timeout: 120_000 })
  // The time in which a page still moves, and in which the largest thing may still be painted.
  await page.waitForTimeout(4000)
  return { ...(await page.evaluate(() => window.measured)), script: bytes / 1000 }
}

const browser = await chromium.launch(launchOptions())
// The browser's own beginning is not the first page's.
const beginning = await browser.newPage()
await beginning.goto(`${address}/api/health`)
await beginning.close()
for (const [name, path] of Object.entries(PAGES)) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, locale: 'en-GB' })
  const measured = await measure(await context.newPage(), path)
  const meets = Object.entries(measured).every(([what, value]) => value <= LIMITS[what as keyof typeof LIMITS])
  const rounded = Object.fromEntries(
    Object.entries(measured).map(([what, value]) => [what, Number(value.toPrecision(3))]),
  )
  console.log(JSON.stringify({ page: name, ...rounded, limits: LIMITS, meets }))
  await context.close()
}
await browser.close()
