/**
 * `npm run vitals -- ADDRESS [ROUNDS]`: how soon the pages of a running copy with the demo data are there, in real
 * Chromium with a processor four times slower and nothing cached; one JSON object a line, each with its limits. Middle
 * of several visits each, in turns, and all times that a page was blocked. A visit in which something else took the
 * machine is made again, a few times at most; `quiet` tells how many were left alone, and only those count where there
 * are any. `blockedOwn` leaves out what others take. And how soon the Bench answers a change, by a processor as fast as
 * it is: first odds, painted; levers, from the whole odds on.
 */
import { chromium, type Page } from '@playwright/test'
import { launchOptions } from '../browser/chromium'
import { quietly, type Measuring } from '../vitals/quiet'

const [address, asked = '3'] = process.argv.slice(2)
if (!address) {
  console.error('address: given nothing; accepted: the address that npm start prints')
  process.exit(2)
}
const rounds = Number(asked)
if (!Number.isInteger(rounds) || rounds < 1) {
  console.error(`rounds: given ${asked}; accepted: a whole number from 1`)
  process.exit(2)
}
const SLOWER = 4
/** ms, ms, kB compressed, ms; and what moves by itself, as a share of the screen */
const LIMITS = { largest: 2000, shift: 0.02, blocked: 300, blockedOwn: 300, script: 250, odds: 1500 }
/** ms */
const LIMITS_OF_CHANGE = { odds: 100, levers: 1000 }
const CHANGES = 5
/** One on which the heating of the draws does not hang, and one on which all of it does. */
const CHANGED = [
  { input: 'bathTemperature', label: 'bath, with any unit', from: 4, unit: '°C' },
  { input: 'waterCharge', label: 'water in the can, with any unit', from: 15, unit: 'mL' },
] as const
type Changed = (typeof CHANGED)[number]
const FIGURES = ['largest', 'shift', 'blocked', 'blockedOwn', 'script', 'odds'] as const
/** A task of more keeps a click waiting, ms. */
const LONG = 50
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
    /** moments */ change: { typed: number; first: number; whole: number; levers: number }
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

/** What the browser writes of its own work: µs. */
interface Traced {
  name: string
  pid: number
  tid: number
  ts: number
  dur?: number
  /** of the processor, without what other programs did meanwhile */ tdur?: number
}

/** @returns ms blocked after the first paint by what the page has the processor do, were that so much slower */
async function measureOwn(page: Page, path: string): Promise<number> {
  const session = await page.context().newCDPSession(page)
  const events: Traced[] = []
  session.on('Tracing.dataCollected', ({ value }) => void events.push(...(value as unknown as Traced[])))
  const includedCategories = ['toplevel', 'loading']
  await session.send('Tracing.start', { transferMode: 'ReportEvents', traceConfig: { includedCategories } })
  await page.goto(`${address}${path}`, { waitUntil: 'load' })
  await page.waitForLoadState('networkidle')
  await page.waitForTimeout(1500)
  const whole = new Promise<void>(resolve => session.once('Tracing.tracingComplete', () => resolve()))
  await session.send('Tracing.end')
  await whole
  const first = events.find(e => e.name === 'firstContentfulPaint')
  if (!first) throw new Error(`${path}: nothing was painted`)
  return events
    .filter(e => e.pid === first.pid && e.tid === first.pid && e.name === 'ThreadControllerImpl::RunTask')
    .filter(e => e.ts + (e.dur ?? 0) > first.ts)
    .map(e => ((e.tdur ?? 0) / 1000) * SLOWER)
    .reduce((sum, duration) => sum + Math.max(0, duration - LONG), 0)
}

/** Watches what the next change of a blank does to the Bench. */
const observeChange = () => {
  const moments: Partial<typeof window.change> = (window.change = {} as typeof window.change)
  const now = () => performance.now()
  addEventListener('input', () => void (moments.typed ??= now()), { capture: true, once: true })
  const told = (part: string) => document.querySelector(`[data-testid=${part}]`)?.textContent ?? ''
  const painted = () => {
    const { port1, port2 } = new MessageChannel()
    port1.onmessage = () => void (moments.first ??= now())
    requestAnimationFrame(() => port2.postMessage(0))
  }
  const observer = new MutationObserver(() => {
    if (!moments.typed) return
    if (!moments.first && told('verdict').includes('so far')) painted()
    if (moments.first && told('verdict').includes('stagings computed')) moments.whole ??= now()
    if (!moments.whole || told('levers').includes('Trying')) return
    moments.levers = now()
    observer.disconnect()
  })
  observer.observe(document.body, { subtree: true, childList: true, characterData: true })
}

type Answered = Record<keyof typeof LIMITS_OF_CHANGE | 'leversSinceTyped', number>

/** @returns ms that each of some changes in turn took */
async function measureChanges(page: Page, path: string, what: Changed): Promise<Measuring<Answered>[]> {
  await page.addInitScript('globalThis.__name = f => f')
  await page.goto(`${address}${path}`, { waitUntil: 'networkidle' })
  const levers = page.getByTestId('levers')
  // The details come as one scrolls towards them.
  while (!(await levers.count())) {
    await page.mouse.wheel(0, 400)
    await page.waitForTimeout(100)
  }
  await levers.scrollIntoViewIfNeeded()
  await levers.getByRole('list').first().waitFor()
  await page.locator(`[data-input="${what.input}"]`).first().click()
  let value: number = what.from
  const change = async () => {
    // Nobody has typed sooner.
    await page.waitForTimeout(1000)
    await page.evaluate(observeChange)
    value = Number((value + 0.1).toFixed(1))
    await page.getByLabel(what.label).fill(`${value} ${what.unit}`)
    await page.waitForFunction(() => window.change.levers, null, { timeout: 120_000 })
    const { typed, first, whole, levers } = await page.evaluate(() => window.change)
    return { odds: first - typed, levers: levers - whole, leversSinceTyped: levers - typed }
  }
  const found = []
  for (let k = 0; k < CHANGES; k++) found.push(await quietly('a change on the Bench', change))
  return found
}

const browser = await chromium.launch(launchOptions())
/** In a window of its own, with nothing cached. */
async function visitOnce<T>(measuring: (page: Page, path: string) => Promise<T>, path: string): Promise<T> {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, locale: 'en-GB' })
  const measured = await measuring(await context.newPage(), path)
  await context.close()
  return measured
}
const visit = <T>(measuring: (page: Page, path: string) => Promise<T>, path: string) =>
  quietly(path, () => visitOnce(measuring, path))
// The browser's own beginning is not the first page's.
const beginning = await browser.newPage()
await beginning.goto(`${address}/api/health`)
await beginning.close()

type Measured = Awaited<ReturnType<typeof measure>> & { blockedOwn: number }
const visits = Object.keys(PAGES).map((): Measuring<Measured>[] => [])
for (let round = 0; round < rounds; round++)
  for (const [i, path] of Object.values(PAGES).entries()) {
    const seen = await visit(measure, path)
    const own = await visit(measureOwn, path)
    visits[i].push(Object.assign(seen, { measured: { ...seen.measured, blockedOwn: own.measured } }))
  }
const changes = CHANGED.map((): Measuring<Answered>[] => [])
for (let round = 0; round < rounds; round++)
  for (const [i, what] of CHANGED.entries())
    changes[i].push(...(await visitOnce((page, path) => measureChanges(page, path, what), PAGES.bench)))
await browser.close()

const middle = (numbers: readonly number[]) => numbers.toSorted((a, b) => a - b)[numbers.length >> 1]
const rounded = (value: number) => Number(value.toPrecision(3))
const quietOf = <T>(all: readonly Measuring<T>[]) => all.filter(m => m.quiet)
/** What was measured in quiet, or all where there was none. */
const counted = <T>(all: readonly Measuring<T>[]) =>
  (all.some(m => m.quiet) ? quietOf(all) : all).map(({ measured }) => measured)
Object.keys(PAGES).forEach((page, i) => {
  const measured = FIGURES.map(what => [what, counted(visits[i]).flatMap(m => m[what] ?? [])] as const)
    .filter(([, values]) => values.length > 0)
    .map(([what, values]) => [what, middle(values)] as const)
  const meets = measured.every(([what, value]) => value <= LIMITS[what])
  const figures = Object.fromEntries(measured.map(([what, value]) => [what, rounded(value)]))
  const blockedEach = visits[i].map(({ measured }) => rounded(measured.blocked))
  const quiet = quietOf(visits[i]).length
  console.log(JSON.stringify({ page, ...figures, blockedEach, quiet, limits: LIMITS, meets }))
})

CHANGED.forEach(({ input }, i) => {
  const all = changes[i]
  const middleOf = (what: keyof Answered) => rounded(middle(counted(all).map(c => c[what])))
  const each = (what: keyof Answered) => all.map(({ measured }) => rounded(measured[what]))
  const [odds, levers] = [middleOf('odds'), middleOf('levers')]
  console.log(
    JSON.stringify({
      page: `bench, ${input} changed`,
      odds,
      levers,
      leversSinceTyped: middleOf('leversSinceTyped'),
      oddsEach: each('odds'),
      leversEach: each('levers'),
      quiet: quietOf(all).length,
      limits: LIMITS_OF_CHANGE,
      meets: odds <= LIMITS_OF_CHANGE.odds && levers <= LIMITS_OF_CHANGE.levers,
    }),
  )
})
