import AxeBuilder from '@axe-core/playwright'
import { spawnSync } from 'node:child_process'
import { SAMPLES } from '../application'
import {
  ask,
  blank,
  choose,
  complete,
  copyOf,
  expect,
  FILES,
  inTab,
  odds,
  test,
  verdict,
  warmBathAndTakeBack,
  type Page,
} from './page'

const STAGING = '/bench/5a1d0000-0000-4000-8000-000000000001'

/** Text of the file that a button hands over. */
async function downloaded(page: Page, button: string): Promise<string> {
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: button }).click(),
  ])
  const parts: Buffer[] = []
  for await (const part of await download.createReadStream()) parts.push(part as Buffer)
  return Buffer.concat(parts).toString()
}

test('change, forecast, save, reload; what is refused changes nothing', async ({ page }) => {
  await copyOf(page, STAGING.split('/').pop()!, 'Slim can, for changing')
  await page.goto('/')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('What could we show?')
  await page.getByRole('link', { name: 'all stagings' }).click()
  // A page that is gone to begins at its heading.
  await expect(page.getByRole('heading', { name: 'Bench' })).toBeFocused()
  await page.getByRole('link', { name: /Slim can, for changing/ }).click()
  await complete(page)
  const before = await odds(page)
  expect(before).toBeGreaterThan(85)

  await blank(page, 'bathTemperature').click()
  const editor = page.getByRole('group', { name: 'bath' })
  await editor.getByLabel('bath, with any unit').fill('10 °C')
  await expect(blank(page, 'bathTemperature')).toHaveText('10 °C')
  await expect(page.getByTestId('save-state')).toContainText('Unsaved changes')

  const slider = editor.getByLabel('bath, slider')
  await slider.fill('70')
  await expect(blank(page, 'bathTemperature')).toHaveText('70 °C')
  await complete(page)
  await expect.poll(() => odds(page)).toBeLessThan(before - 20)
  await expect(editor.locator('figcaption')).toContainText('crushes')

  // What is not a temperature is refused beside the field and stays as typed.
  await editor.getByLabel('bath, with any unit').fill('3 kg')
  await expect(editor.getByRole('alert')).toContainText('"kg" is not a unit of temperature; accepted: °C')
  await editor.getByLabel('bath, with any unit').fill('300 °C')
  await expect(editor.getByRole('alert')).toContainText('accepted: 0.1 °C to 99 °C')
  await expect(blank(page, 'bathTemperature')).toHaveText('70 °C')
  await editor.getByLabel('bath, with any unit').fill('158 °F')
  await page.keyboard.press('Escape')

  // Unsaved changes survive a reload; saving makes a version.
  await page.reload()
  await expect(blank(page, 'bathTemperature')).toHaveText('70 °C')
  await page.keyboard.press('Control+s')
  await expect(page.getByTestId('save-state')).toHaveText('Saved, version 2')
  await page.reload()
  await expect(page.getByTestId('save-state')).toHaveText('Saved, version 2')
  await page.getByRole('button', { name: /Log a run/ }).click()
  await expect(page).toHaveURL(/\/logbook\/new\?staging=/)
})

inTab('a failure is logged, a reload on the way loses nothing, and it is read in the Logbook', async ({ page }) => {
  await page.goto(`/logbook/new?staging=${STAGING.split('/').pop()}`)
  await page.getByRole('button', { name: 'Log it' }).click()
  await expect(page.getByRole('alert')).toContainText('Outcome: choose what the room saw')
  await page.getByRole('radio', { name: /^fills/i }).check()
  await page.getByLabel('water drawn in').fill('9 fl oz')
  await page.getByLabel('from the heat into the water').fill('7 s')
  await page.getByLabel('Note').fill('Somebody used the hot tap.')
  await page.reload()
  await expect(page.getByLabel('Note')).toHaveValue('Somebody used the hot tap.')
  await page.getByRole('button', { name: 'Log it' }).click()

  await expect(page.getByTestId('outcome')).toHaveText('fills')
  await expect(page.getByText(/of 100\s+stagings like this end so/)).toBeVisible()
  await expect(page.getByRole('row', { name: /water drawn in/ })).toContainText(/266/)
  await page.getByRole('link', { name: 'Logbook', exact: true }).first().click()
  await expect(page.getByText('Somebody used the hot tap.')).toHaveCount(1)
})

test('two tabs cannot silently overwrite each other', async ({ page, context }) => {
  const other = await context.newPage()
  const copy = await copyOf(page, '5a1d0000-0000-4000-8000-000000000003', 'Two tabs')
  for (const tab of [page, other]) await tab.goto(copy)
  for (const [tab, value] of [
    [page, '50 s'],
    [other, '55 s'],
  ] as const) {
    await blank(tab, 'purgeTime').click()
    await tab.getByLabel('boiling on after the plume, with any unit').fill(value)
    await tab.keyboard.press('Escape')
  }
  await page.keyboard.press('Control+s')
  await expect(page.getByTestId('save-state')).toContainText('Saved, version 2')
  await other.keyboard.press('Control+s')
  await expect(other.getByRole('alert')).toContainText('saved elsewhere since you opened it')
  await expect(blank(other, 'purgeTime')).toHaveText('55 s')
  await other.getByRole('button', { name: 'Save mine as the next version' }).click()
  await expect(other.getByTestId('save-state')).toContainText('Saved, version 3')
})

test('a page that comes with all its draws works nothing out until something is changed', async ({ page }) => {
  const path = await copyOf(page, STAGING.split('/').pop()!, 'Comes whole')
  const first = async () => (await page.request.get(`/api/stagings/${path.split('/').pop()}/odds`)).json()
  await expect.poll(async () => 'whole' in (await first())).toBe(true)
  const forecasting: string[] = []
  page.on('worker', worker => {
    if (worker.url().includes('/forecast.worker')) forecasting.push(worker.url())
  })
  await page.goto(path)
  await complete(page)
  expect(forecasting).toEqual([])
  const before = await odds(page)

  // Taken back, it is what the page came with, and what was being worked out no longer counts.
  await warmBathAndTakeBack(page, before)
  expect(forecasting).not.toEqual([])
  await complete(page)

  // What computes is fetched once something is changed: while it can't be, that is said, and nothing typed is lost.
  await page.route('**/forecast.worker*', route => route.abort())
  await page.reload()
  await complete(page)
  // Gone to within the application, they come from the server all the same.
  await page.getByRole('link', { name: /^Shelf/ }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Shelf' })).toBeVisible()
  await page.goBack()
  await complete(page)
  await expect(page.getByRole('alert')).toHaveCount(0)
  await blank(page, 'bathTemperature').click()
  await page.getByLabel('bath, with any unit').fill('60 °C')
  await page.keyboard.press('Escape')
  await expect(page.getByRole('alert')).toContainText('the part that computes could not be fetched')
  await expect(blank(page, 'bathTemperature')).toHaveText('60 °C')
  await page.unroute('**/forecast.worker*')
  await blank(page, 'bathTemperature').click()
  await page.getByLabel('bath, with any unit').fill('61 °C')
  await complete(page)
  expect(await odds(page)).toBeLessThan(before)
})

test("the same seed gives the same numbers in the browser's worker and in Node", async ({ page, baseURL }) => {
  // The command line knows no past runs.
  await page.context().addCookies([{ name: 'hush-taught', value: 'no', url: baseURL! }])
  await page.goto('/bench/choose')
  await page.getByRole('button', { name: 'Stage it Can plunge' }).click()
  await complete(page)
  await ask(page, FILES)
  const staging = await downloaded(page, 'Staging (JSON)')
  const prediction = await downloaded(page, 'Prediction (JSON)')
  const inBrowser = JSON.parse(prediction)
  const command = ['run', '-s', 'predict', '--', '-', '--samples', String(SAMPLES)]
  const node = spawnSync('npm', command, { input: staging, encoding: 'utf8' })
  const inNode = JSON.parse(node.stdout)
  expect(inBrowser.forecast.samples).toBe(SAMPLES)
  expect(inBrowser).toEqual(inNode)

  // Both can be read again: the prediction beside what is predicted now, the staging as a new one.
  const file = (name: string, text: string) => ({ name, mimeType: 'application/json', buffer: Buffer.from(text) })
  await page.getByLabel('Set a saved prediction beside this').setInputFiles(file('now.json', prediction))
  await expect(page.getByText('now.json says the same as now.')).toBeVisible()
  await page
    .getByLabel('Set a saved prediction beside this')
    .setInputFiles(file('bad.json', '{"format":"zealous-hush/prediction"}'))
  await expect(page.getByRole('alert')).toContainText('bad.json: version')
  await page.goto('/bench')
  await page
    .getByLabel('Import a staging (JSON)')
    .setInputFiles(file('bad.json', staging.replace('"inputs": {', '"inputs": { "colour": "red",')))
  await expect(page.getByRole('alert')).toContainText('colour: is not an input of can-plunge')
  await page.getByLabel('Import a staging (JSON)').setInputFiles(file('good.json', staging))
  await expect(page.getByTestId('save-state')).toHaveText('Saved, version 1')
})

inTab('the room can be changed from anywhere and every number follows', async ({ page }) => {
  await page.goto('/shelf')
  const button = page.getByRole('button', { name: /Room conditions/ })
  await expect(button).toContainText('877.8')
  const { document } = await (await page.request.get('/api/room')).json()
  await button.click()
  await page.getByLabel('Height above sea level').fill('0 ft')
  await page.getByLabel('Reported pressure').fill('29.92 inHg')
  await expect(page.getByRole('dialog')).toContainText('boils at 99.97')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(button).toContainText('1013')
  await page.getByRole('button', { name: 'US', exact: true }).click()
  await expect(button).toContainText('29.92')
  await expect(button).toContainText('212')
  await page.getByRole('button', { name: 'SI', exact: true }).click()
  // As it was, for the tests that come after.
  const { version } = await (await page.request.get('/api/room')).json()
  const data = { writeId: crypto.randomUUID(), baseVersion: version, document }
  expect((await page.request.put('/api/room', { data })).ok()).toBe(true)
})

inTab('a weighed vessel goes on the Shelf and into a staging', async ({ page }) => {
  await page.goto('/shelf')
  await page.getByRole('button', { name: 'Add a vessel' }).click()
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByRole('dialog')).toContainText('Name: a name of 1 to 120 characters')
  await page.getByLabel('Name').fill('Trial can')
  await page.getByLabel('Diameter').fill('2.6 in')
  await page.getByLabel('Height', { exact: true }).fill('120 mm')
  await page.getByLabel('Mouth').fill('24 mm')
  await page.getByLabel('Brim-full of water').fill('380 g')
  await page.getByLabel('Empty and dry').fill('12 g')
  await expect(page.getByRole('status').filter({ hasText: 'Holds' })).toContainText(/369.mL \(weighed\)/)
  await page.getByRole('button', { name: 'Save' }).click()
  await choose(page, 'Stage Trial can in', 'Can plunge')
  await expect(blank(page, 'vesselVolume')).toHaveText('369 mL')
  const staged = page.url()
  await choose(page, 'Take a bath from the Shelf', 'Deep crate, ice slush')
  await expect(blank(page, 'bathTemperature')).toHaveText('1 °C')
  await page.getByRole('button', { name: 'Save', exact: false }).first().click()
  await expect(page.getByTestId('save-state')).toHaveText('Saved, version 2')

  // Measured anew, it is told, and the new numbers are taken; unfit, nothing is forecast with it any more.
  const change = async (label: string, set: (form: ReturnType<typeof page.getByRole>) => Promise<void>) => {
    await page.goto('/shelf')
    await page.getByLabel('Search the shelf').fill('Trial can')
    await page.getByRole('button', { name: 'Change Trial can' }).click()
    await set(page.getByRole('dialog'))
    await page.getByRole('dialog').getByRole('button', { name: 'Save' }).click()
    await expect(page.getByRole('dialog'), label).toHaveCount(0)
    await page.goto(staged)
  }
  await change('weighed again', form => form.getByLabel('Brim-full of water').fill('372 g'))
  await expect(page.getByTestId('thing-notice')).toContainText('“Trial can” has other numbers on the Shelf now')
  await page.getByRole('button', { name: 'Take the new numbers' }).click()
  await expect(blank(page, 'vesselVolume')).toHaveText('361 mL')
  await expect(page.getByTestId('thing-notice')).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo', exact: true }).click()
  await expect(blank(page, 'vesselVolume')).toHaveText('369 mL')
  await page.getByRole('button', { name: 'Redo', exact: true }).click()
  await expect(blank(page, 'vesselVolume')).toHaveText('361 mL')
  await change('unfit', async () => choose(page, 'Condition', 'unfit for a pressure difference'))
  await expect(page.getByRole('alert')).toContainText('“Trial can” is not to be used for this any more')
  await expect(verdict(page)).toHaveCount(0)
  await page.getByRole('button', { name: 'Another one is used here' }).click()
  await expect(verdict(page)).toContainText('of 100')
})

inTab('works from the keyboard and lists its keys', async ({ page }) => {
  await page.goto('/shelf')
  await page.getByRole('heading', { name: 'Shelf' }).waitFor()
  await page.keyboard.press('2')
  await expect(page).toHaveURL(/\/bench$/)
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog', { name: 'Keys' })).toContainText('move along the time scrubber')
  await page.keyboard.press('Escape')
  await page.goto(STAGING)
  await complete(page)
  await blank(page, 'purgeTime').focus()
  await page.keyboard.press('Enter')
  await page.getByLabel('boiling on after the plume, with any unit').fill('41 s')
  await page.keyboard.press('Enter')
  await expect(blank(page, 'purgeTime')).toHaveText('41 s')
  await page.getByRole('slider', { name: 'Time scrubber' }).focus()
  await page.keyboard.press('Home')
  await expect(page.getByText('Warming up.')).toBeVisible()
  await page.getByRole('button', { name: 'Undo all' }).click()
})

test('says when the server does not answer, and keeps what was typed', async ({ page }) => {
  await page.goto(STAGING)
  await complete(page)
  await page.route('**/api/**', route => route.abort())
  await blank(page, 'transferTime').click()
  await page.getByLabel('from the heat into the water, with any unit').fill('3 s')
  await page.keyboard.press('Escape')
  await page.keyboard.press('Control+s')
  await expect(page.getByRole('alert')).toContainText('Nothing you typed is lost')
  await expect(blank(page, 'transferTime')).toHaveText('3 s')
  await page.unroute('**/api/**')
  await page.reload()
  await expect(blank(page, 'transferTime')).toHaveText('3 s')
  await page.getByRole('button', { name: 'Undo all' }).click()
})

for (const [name, path] of [
  ['Bench', STAGING],
  ['Bench of a balloon in a jar', '/bench/5a1d0000-0000-4000-8000-000000000010'],
  ['sheet for pupils', '/bench/sheet?staging=5a1d0000-0000-4000-8000-000000000001'],
  ['projector pages', '/bench/projector?staging=5a1d0000-0000-4000-8000-000000000001'],
  ['list of stagings', '/bench'],
  ['gallery', '/bench/choose'],
  ['comparison', '/bench/compare?a=5a1d0000-0000-4000-8000-000000000004&b=5a1d0000-0000-4000-8000-000000000005'],
  ['Shelf', '/shelf'],
  ['running orders', '/order'],
  ['a running order', '/order/5a1d0000-0000-4000-8000-000000000301'],
  ['its sheets', '/order/5a1d0000-0000-4000-8000-000000000301/sheets'],
  ['lesson plan', '/order/lesson'],
  ['Logbook', '/logbook'],
  ['run', '/logbook/5a1d0000-0000-4000-8000-000000000202'],
  ['backup', '/backup'],
  ['school', '/school'],
  ['practice', '/practice?staging=5a1d0000-0000-4000-8000-000000000001'],
  ['a practised can', '/practice/5a1d0000-0000-4000-8000-000000000001'],
  ['form for a run', '/logbook/new?staging=5a1d0000-0000-4000-8000-000000000001'],
] as const) {
  inTab(`${name} passes axe and fits a narrow screen`, async ({ page }) => {
    await page.goto(path)
    await page.locator('h1').waitFor()
    await page.waitForLoadState('networkidle')
    if (name.startsWith('Bench')) await complete(page)
    const faults = async () => {
      // What is still turning from one colour to another has neither.
      await page.evaluate(() => {
        const ending = document.getAnimations().filter(a => a.effect?.getComputedTiming().endTime !== Infinity)
        return Promise.allSettled(ending.map(({ finished }) => finished))
      })
      // In the page itself: there are no frames, for which a second page would put the results together.
      const { violations } = await new AxeBuilder({ page })
        .setLegacyMode()
        .options({ resultTypes: ['violations'] })
        .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
        .analyze()
      const ids = await page.locator('[id]').evaluateAll(all => all.map(({ id }) => id))
      const twice = ids.filter((id, i) => ids.indexOf(id) !== i)
      return [
        ...violations.map(v => `${v.id}: ${v.nodes.map(n => n.target.join(' ')).join(', ')}`),
        ...twice.map(id => `twice: ${id}`),
      ]
    }
    expect(await faults()).toEqual([])
    await page.emulateMedia({ colorScheme: 'dark' })
    await expect(page.locator('html')).toHaveClass(/dark/)
    for (const width of [390, 320]) {
      await page.setViewportSize({ width, height: 844 })
      await expect
        .poll(() => page.evaluate(() => document.documentElement.scrollWidth), `${width} px`)
        .toBeLessThanOrEqual(width)
    }
    expect(await faults(), 'dark, 320 px').toEqual([])
  })
}
