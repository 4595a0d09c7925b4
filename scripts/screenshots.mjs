/** `node scripts/screenshots.mjs ADDRESS`: takes the pictures in docs/screenshots/ of a running copy with the demo data. */
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { chromium } from '@playwright/test'
import { chromiumProgram } from './install/debian-packages.mjs'

const address = process.argv[2]
if (!address) {
  console.error('address: given nothing; accepted: the address that npm start prints')
  process.exit(2)
}
const folder = join(dirname(dirname(fileURLToPath(import.meta.url))), 'docs', 'screenshots')
const demo = number => `5a1d0000-0000-4000-8000-${String(number).padStart(12, '0')}`
const staging = `/bench/${demo(1)}`
const browser = await chromium.launch({ executablePath: chromiumProgram(), args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'] })

async function take(name, path, { width = 1280, height = 800, motion = 'reduce', act } = {}) {
  const page = await browser.newPage({ viewport: { width, height }, reducedMotion: motion })
  await page.goto(`${address}${path}`)
  await page.locator('h1').waitFor()
  await page.waitForLoadState('networkidle')
  if (path.startsWith('/bench/5a')) {
    await page.getByText('2000 stagings computed').waitFor()
    await page.getByText('Each tried on the same').waitFor()
  }
  await act?.(page)
  await page.screenshot({ path: join(folder, `${name}.png`) })
  await page.close()
}

await take('bench', staging)
await take('bench-drum', `/bench/${demo(4)}`)
await take('bench-flask', `/bench/${demo(7)}`)
await take('bench-egg', `/bench/${demo(9)}`)
await take('bench-balloon', `/bench/${demo(10)}`)
await take('bench-cloud', `/bench/${demo(11)}`)
await take('bench-cannon', `/bench/${demo(13)}`)
await take('particle-board', staging, {
  motion: 'no-preference',
  act: async (page) => {
    await page.getByLabel('Time scrubber').fill('1.4')
    await page.getByRole('button', { name: 'Fill the screen' }).click()
    // Long enough for the counted hits to settle.
    await page.waitForTimeout(8000)
  },
})
await take('gallery', '/bench/choose')
await take('compare', `/bench/compare?a=${demo(4)}&b=${demo(5)}`, { act: page => page.getByTestId('odds-gap').filter({ hasText: /of 100|odds/ }).waitFor() })
await take('bench-editor', staging, {
  act: async (page) => {
    await page.locator('[data-input="bathTemperature"]').click()
    await page.locator('figcaption', { hasText: 'crushes' }).waitFor()
  },
})
await take('bench-causes', staging, { act: page => page.getByRole('heading', { name: 'Why' }).evaluate(e => window.scrollTo(0, e.getBoundingClientRect().top + window.scrollY - 20)) })
await take('bench-narrow', staging, { width: 390, height: 844 })
await take('shelf', '/shelf')
await take('measure-heater', '/shelf', {
  act: async (page) => {
    await page.getByRole('button', { name: 'Change Double plate, large ring, 1.8 kW' }).click()
    for (const [label, text] of [['Water, weighed', '500 g'], ['From', '20 °C'], ['To', '60 °C'], ['Took', '150 s']]) await page.getByLabel(label, { exact: true }).fill(text)
    await page.getByText('got in:').waitFor()
  },
})
await take('running-order', `/order/${demo(301)}`, { act: page => page.getByTestId('plan-state').filter({ hasText: 'fits' }).waitFor() })
await take('logbook', '/logbook')
await take('run', '/logbook/5a1d0000-0000-4000-8000-000000000202', { act: page => page.getByText('The same 2000 computed stagings').waitFor() })
await take('log-a-run', '/logbook/new?staging=5a1d0000-0000-4000-8000-000000000001')
await browser.close()
