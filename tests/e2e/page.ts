/** What the browser tests share: an application of each worker's own, pages that are alive, and the Bench's parts. */
import { expect, test as base, type Page } from '@playwright/test'
import { SAMPLES, openApplication, type Application } from '../application'

/** Goes on once the page answers to what is done on it, as a person does who sees that nothing happens yet. */
const alive = (page: Page) =>
  page.waitForFunction(
    () => document.documentElement.dataset.alive !== undefined || document.getElementById('__nuxt') === null,
    undefined,
    // Asked at each frame, it would have every frame drawn.
    { polling: 50 },
  )

/** Its errors fail the test; gone to or read again, it is waited for until it is alive. */
export function watched(page: Page): Page {
  page.on('pageerror', error => {
    throw error
  })
  const { goto, reload } = page
  page.goto = async (...given) => {
    const answer = await goto.apply(page, given)
    await alive(page)
    return answer
  }
  page.reload = async (...given) => {
    const answer = await reload.apply(page, given)
    await alive(page)
    return answer
  }
  return page
}

/** Goes to another page of the application as a link does. */
async function follow(page: Page, to: string): Promise<null> {
  await page.evaluate(async path => {
    const { hooks, $router } = (window as unknown as { useNuxtApp: () => NuxtApp }).useNuxtApp()
    const finished = new Promise<void>(resolve => hooks.hookOnce('page:finish', resolve))
    if (!(await $router.push(path))) await finished
  }, to)
  return null
}
/** What is asked of Nuxt's. */
interface NuxtApp {
  hooks: { hookOnce: (name: string, done: () => void) => void }
  /** with what came between */ $router: { push: (to: string) => Promise<unknown> }
}

/** One page after the other in this tab: what was fetched and compiled for one stays for the next. */
function staying(page: Page): Page {
  const { goto } = page
  page.goto = async (path, options) => {
    const here = new URL(page.url())
    const there = path.startsWith('/') && here.protocol === 'http:' ? new URL(path, here) : undefined
    // Another question at the same place is a page read anew, as somebody has it who types it into the address bar.
    return there && there.pathname !== here.pathname ? follow(page, path) : goto.call(page, path, options)
  }
  return page
}

/** A page with hardly anything on it. */
const RESTING = '/backup'

interface OfWorker {
  /** database of the application that its tests share; the worker's number is added */ database: string
  application: Application
  /** for tests that stay in one tab */ tab: Page
}
/** Tests of one worker share a server and a database with the demo data; two workers share nothing. */
export const test = base.extend<object, OfWorker>({
  database: ['browser', { scope: 'worker', option: true }],
  application: [
    async ({ database }, use, { parallelIndex }) => {
      const application = await openApplication(`${database}_${parallelIndex}`)
      await use(application)
      await application.close()
    },
    { scope: 'worker', timeout: 120_000 },
  ],
  tab: [
    async ({ browser, application }, use, { project }) => {
      const { viewport, locale, serviceWorkers, contextOptions } = project.use
      const context = await browser.newContext({
        ...{ ...contextOptions, viewport, locale, serviceWorkers, baseURL: application.url },
      })
      await use(staying(watched(await context.newPage())))
      await context.close()
    },
    { scope: 'worker' },
  ],
  baseURL: ({ application }, use) => use(application.url),
  context: async ({ context }, use) => {
    context.on('page', watched)
    await use(context)
    // What a page still asks for as its test ends is nobody's fault.
    await Promise.all(context.pages().map(page => page.unrouteAll({ behavior: 'ignoreErrors' })))
  },
})
/**
 * For tests that a person would do one after the other in one tab: a third cheaper than a browser's window of their own
 * for each. Whoever changes units, language or clock has a window of its own.
 */
export const inTab = test.extend({
  page: async ({ tab, viewport }, use) => {
    await use(tab)
    await tab.unrouteAll({ behavior: 'ignoreErrors' })
    await tab.setViewportSize(viewport!)
    await tab.emulateMedia({ colorScheme: null })
    // A page that is left computes nothing more.
    if (new URL(tab.url()).pathname !== RESTING) await tab.goto(RESTING)
  },
})
export { expect, type Browser, type Page } from '@playwright/test'

/** Chooses from a list as a person does: opens it and takes a line. */
export async function choose(page: Page, label: string, option: string): Promise<void> {
  await page.getByLabel(label, { exact: true }).click()
  // By its label alone: what tells it from another of the same name stands under it.
  await page
    .getByRole('option')
    .filter({ has: page.getByText(option, { exact: true }) })
    .first()
    .click()
}

/**
 * Address of a copy of a staging: what a test saves is its own, as others of the same worker rely on the demo data.
 */
export async function copyOf(page: Page, staging: string, title: string): Promise<string> {
  const { document } = await (await page.request.get(`/api/stagings/${staging}`)).json()
  const id = crypto.randomUUID()
  const data = { id, writeId: id, document: { ...document, title } }
  expect((await page.request.post('/api/stagings', { data })).ok()).toBe(true)
  return `/bench/${id}`
}

/** The place in a sentence of the Bench where an input stands. */
export const blank = (page: Page, input: string) => page.locator(`[data-input="${input}"]`)
export const verdict = (page: Page) => page.getByTestId('verdict')
/** Asks one of the Bench's questions, unless it is open already. @returns the part that answers it */
export async function ask(page: Page, question: string) {
  const part = page.getByRole('region', { name: question })
  const button = part.getByRole('button', { name: question })
  if ((await button.getAttribute('aria-expanded')) === 'false') await button.click()
  await expect(button).toHaveAttribute('aria-expanded', 'true')
  return part
}
export const FILES = 'How do I print, share or copy it?'
export const NUMBERS = 'What are all its numbers?'
/** How many of 100 end as wanted, as the verdict says. */
export const odds = async (page: Page) => Number(await page.getByTestId('odds').textContent())
/** Waits for the whole forecast. */
export const complete = (page: Page) => expect(verdict(page).last()).toContainText(`${SAMPLES} stagings computed`)
/** Warms the bath, with which fewer crush, and takes that back. @param before of 100, as the page came */
export async function warmBathAndTakeBack(page: Page, before: number): Promise<void> {
  await blank(page, 'bathTemperature').click()
  await page.getByLabel('bath, with any unit').fill('70 °C')
  await page.keyboard.press('Escape')
  await expect.poll(() => odds(page)).toBeLessThan(before - 20)
  await complete(page)
  await page.keyboard.press('Control+z')
  await expect.poll(() => odds(page)).toBe(before)
}
/** Opens the Bench with a demonstration as it usually is, without the way through the gallery. */
export async function begin(page: Page, name: string): Promise<void> {
  const listed = (await (await page.request.get('/api/catalogue')).json()) as { id: string; name: string }[]
  const id = crypto.randomUUID()
  const document = {
    ...{ format: 'zealous-hush/staging', version: 1 },
    ...{ demonstration: listed.find(d => d.name === name)!.id, title: name, inputs: {} },
  }
  const answer = await page.request.post('/api/stagings', { data: { id, writeId: id, document, begun: true } })
  expect(answer.ok()).toBe(true)
  await page.goto(`/bench/${id}`)
  await expect(verdict(page).last()).toBeVisible()
}
/** Stages a demonstration from the list, and waits for its forecast. */
export async function stage(page: Page, name: string): Promise<void> {
  await page.goto('/bench/choose')
  await page.getByRole('button', { name: `Stage it ${name}` }).click()
  await complete(page)
}
