/** `npm run screenshots -- ADDRESS`: takes the pictures in docs/screenshots/ of a running copy with the demo data. */
import { join } from 'node:path'
import { chromium, type Page } from '@playwright/test'
import { launchOptions } from '../browser/chromium'
import { makeSound, wavOf } from '../../tests/made-sounds'
import { film } from '../../tests/made-clip'
import { root } from '../root'

const address = process.argv[2]
if (!address) {
  console.error('address: given nothing; accepted: the address that npm start prints')
  process.exit(2)
}
const folder = join(root, 'docs', 'screenshots')
const demo = (number: number) => `5a1d0000-0000-4000-8000-${String(number).padStart(12, '0')}`
const staging = `/bench/${demo(1)}`
const browser = await chromium.launch(launchOptions())

interface View {
  width?: number
  height?: number
  motion?: 'reduce' | 'no-preference'
  /** what is done before the picture */ act?: (page: Page) => Promise<unknown>
}

async function take(name: string, path: string, { width = 1280, height = 800, motion = 'reduce', act }: View = {}) {
  const page = await browser.newPage({ viewport: { width, height }, locale: 'en-GB', reducedMotion: motion })
  // The loader names functions for their stacks, with a helper that a page does not have.
  await page.addInitScript('globalThis.__name = f => f')
  await page.goto(`${address}${path}`)
  await page.locator('h1').waitFor()
  await page.waitForLoadState('networkidle')
  if (path.startsWith('/bench/5a')) {
    await page.getByText('2000 stagings computed').waitFor()
    // What lies below stands as it came until it is near.
    await page.getByRole('heading', { name: 'Why', exact: true }).scrollIntoViewIfNeeded()
    await page.getByTestId('levers').filter({ hasNotText: 'Trying' }).waitFor({ timeout: 120_000 })
    await page.evaluate(() => scrollTo(0, 0))
  }
  await act?.(page)
  await page.screenshot({ path: join(folder, `${name}.png`) })
  await page.close()
}

await take('bench', staging)
await take('bench-drum', `/bench/${demo(4)}`)
await take('particle-board', staging, {
  motion: 'no-preference',
  act: async page => {
    await page.getByLabel('Time scrubber').fill('1.4')
    await page.getByRole('button', { name: 'What do the particles do?' }).click()
    await page.getByRole('button', { name: 'Fill the screen' }).click()
    // Long enough for the counted hits to settle.
    await page.waitForTimeout(8000)
  },
})
await take('gallery', '/bench/choose')
await take('bench-narrow', staging, { width: 390, height: 844 })
await take('shelf', '/shelf', {
  // Buttons come when there is a moment.
  act: page => page.waitForFunction(() => !document.querySelector('li p.min-h-12[aria-hidden]')),
})
await take('lesson', '/order/lesson', {
  act: async page => {
    await page.getByTestId('lesson').waitFor()
    await page.getByRole('table', { name: 'In the lesson' }).getByText('End').waitFor()
    // With the odds of its demonstrations.
    await page.getByText('Print: once the odds are computed').waitFor({ state: 'hidden', timeout: 120_000 })
  },
})
// As it is printed on A4, at 96 dots an inch.
await take('pupils-sheet', `/bench/sheet?staging=${demo(1)}`, {
  width: 794,
  height: 1123,
  act: page => page.emulateMedia({ media: 'print' }),
})
await take('running-order', `/order/${demo(301)}`, {
  // Until every spare is known.
  act: page => page.getByTestId('spares').filter({ hasNotText: '…' }).waitFor(),
})
await take('logbook', '/logbook')
await take('run', `/logbook/${demo(206)}`, { height: 1120, act: page => page.getByTestId('why').waitFor() })

await take('hearing', `/logbook/new?staging=${demo(1)}`, {
  height: 1150,
  act: async page => {
    const events = [
      { kind: 'splash', time: 1.3 },
      { kind: 'bang', time: 1.412 },
    ] as const
    await page
      .locator('input[type=file][accept*=audio]')
      .setInputFiles({ name: 'can.wav', mimeType: 'audio/wav', buffer: wavOf(makeSound(events, 3, 'talk', 25, 4)) })
    const hush = page.getByTestId('heard-hush')
    await hush.waitFor()
    const { clip } = await film(page)
    await page
      .locator('input[type=file][accept*=video]')
      .setInputFiles({ name: 'can.webm', mimeType: 'video/webm', buffer: clip })
    await page.getByTestId('clip-at').waitFor()
    for (let i = 0; i < 20; i++) await page.getByRole('group', { name: /^The clip/ }).press('ArrowRight')
    await page.getByRole('button', { name: 'hush begins', exact: true }).click()
    await page
      .getByText('What was measured?')
      .evaluate(e => window.scrollTo(0, e.getBoundingClientRect().top + window.scrollY - 20))
  },
})
await take('school', '/school')

/** A can practised: the bench while it steams, and the debrief of a slow hand. */
const bench = await browser.newPage({
  viewport: { width: 1280, height: 800 },
  locale: 'en-GB',
  reducedMotion: 'reduce',
})
// One draw: by chance, some slow hands have a can that crushes all the same.
await bench.addInitScript('Math.random = () => 0.5')
await bench.goto(`${address}/practice/${demo(1)}?exercise=as-planned`)
await bench.waitForLoadState('networkidle')
await bench.getByRole('button', { name: 'Begin' }).click()
const act = bench.getByTestId('bench-act')
while (!/^Plume/.test(await act.innerText())) await act.click()
await bench.getByRole('button', { name: '× 4', exact: true }).click()
await bench.getByText('A dense white plume').waitFor()
await bench.screenshot({ path: join(folder, 'practice.png') })
while (!/^Off the heat/.test(await act.innerText())) await act.click()
await bench.waitForTimeout(6000)
await act.click()
await bench.waitForTimeout(16_000)
await bench.keyboard.press('s')
await bench.keyboard.press('n')
for (const words of [/^Leave it/, /^Heater off/, /^Tilt it/, /^Let it cool/, /^Then tip/])
  await bench.getByRole('button', { name: words }).click()
await bench.getByTestId('debrief-end').waitFor()
await bench.setViewportSize({ width: 1280, height: 1100 })
await bench.screenshot({ path: join(folder, 'debrief.png') })

/** A show of the demo's running order, rehearsed: the picture of a cue while it heats, of the projector, of a hush. */
const live = await browser.newPage({ viewport: { width: 1280, height: 800 }, locale: 'en-GB', reducedMotion: 'reduce' })
await live.goto(`${address}/live`)
async function choose(label: string, option: string) {
  await live.getByLabel(label, { exact: true }).click()
  await live
    .getByRole('option')
    .filter({ has: live.getByText(option, { exact: true }) })
    .first()
    .click()
}
await choose('What', 'Winter open evening, first half')
await live.getByLabel(/Rehearsal/).check()
await choose('clock', '× 1')
await live.getByRole('button', { name: 'Go on stage' }).click()
await live.getByTestId('cue').waitFor()
/** Does what the big button says until something is there. */
async function until(there: () => Promise<boolean>) {
  for (let i = 0; i < 12 && !(await there()); i++) await live.keyboard.press('Enter')
}
await until(async () => /Plume/.test(await live.getByTestId('big-button').innerText()))
await live.keyboard.press('v')
await live.getByRole('button', { name: 'Open the vote' }).click()
const code = await live.getByTestId('vote-code').innerText()
await live.keyboard.press('v')
const wall = await browser.newPage({ viewport: { width: 1280, height: 800 }, locale: 'en-GB' })
await wall.goto(`${live.url()}/wall`)
await wall.getByRole('img', { name: /QR code/ }).waitFor()
const phone = await browser.newPage({ viewport: { width: 390, height: 844 }, locale: 'en-GB' })
await phone.goto(`${address}/join/${code}`)
await phone.getByRole('radio').first().check()
await phone.getByText('Your vote counts').waitFor()
await live.waitForTimeout(15_000)
await live.keyboard.press('p')
await live.getByTestId('heat-word').waitFor()
await live.screenshot({ path: join(folder, 'live.png') })
await until(() => live.getByTestId('hush-count').isVisible())
await live.getByTestId('still').waitFor()
await live.waitForTimeout(1200)
await live.screenshot({ path: join(folder, 'hush.png') })
await live.keyboard.press('g')
await live.getByTestId('outcome-screen').waitFor()
await live.getByRole('button', { name: /^Reveal the vote/ }).click()
await wall.getByText('What the room expected:').waitFor()
await wall.locator('p.wall-words').waitFor()
await wall.screenshot({ path: join(folder, 'projector.png') })
await phone.getByRole('img').waitFor()
await phone.screenshot({ path: join(folder, 'phone.png') })
await browser.close()
