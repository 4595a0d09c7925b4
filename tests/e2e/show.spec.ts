import AxeBuilder from '@axe-core/playwright'
import { ask, choose, complete, expect, NUMBERS, test, watched, type Browser, type Page } from './page'
import { setPassphrase } from '../../scripts/access/passphrase'
import type { Application } from '../application'

/** An application of its own: its server is killed in the middle. */
test.use({ database: 'show', serviceWorkers: 'allow' })
let app: Application
test.beforeAll(({ application }) => {
  app = application
})
test.describe.configure({ mode: 'serial', timeout: 300_000 })

const clean = async (page: Page) =>
  expect(
    (await new AxeBuilder({ page }).setLegacyMode().withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']).analyze())
      .violations,
  ).toEqual([])
const big = (page: Page) => page.getByTestId('big-button')
const line = (page: Page) => page.getByTestId('line')
interface Kept {
  id: string
  act: string
  kind: string
  at: number
  value?: string
}
const showOf = async (page: Page, at = app.url) =>
  (await page.request.get(`${at}/api/live/${page.url().split('/live/')[1]!.split('/')[0]}`)).json() as Promise<{
    marks: Kept[]
    show: { document: { acts: { id: string; run: string }[] } }
  }>

/** Goes on with Enter, whatever the big button says, until the hush of the act in focus. */
async function toTheHush(page: Page) {
  for (let i = 0; i < 30 && !(await page.getByTestId('hush-count').isVisible()); i++) {
    await page.keyboard.press('Enter')
    await page.waitForTimeout(120)
  }
  await expect(page.getByTestId('hush-count')).toBeVisible()
}
/** Shows the act of that name. */
const turnTo = async (page: Page, title: string) =>
  page.getByRole('list', { name: 'Acts' }).getByRole('button', { name: title }).click()
async function begin(page: Page, what: string, speed?: string) {
  await page.goto(`${app.url}/live`)
  await choose(page, 'What', what)
  if (speed) {
    await page.getByLabel(/Rehearsal/).check()
    await choose(page, 'clock', `× ${speed}`)
  }
  await page.getByRole('button', { name: 'Go on stage' }).click()
  await expect(page.getByTestId('cue')).toBeVisible()
}
async function vote(browser: Browser, code: string, outcome: RegExp) {
  const phone = watched(await (await browser.newContext({ viewport: { width: 390, height: 800 } })).newPage())
  await phone.goto(`${app.url}/join`)
  await phone.getByLabel('Code from the screen').fill(code.toLowerCase())
  await phone.getByRole('button', { name: 'Join' }).click()
  await phone.getByRole('radio', { name: outcome }).check()
  await expect(phone.getByRole('status')).toContainText('Your vote counts')
  return phone
}

test(
  'a whole show: planned on two plates, run with keys, the server lost and back, voted on, a ' +
    'failure logged, read and mended',
  async ({ page, browser }) => {
    await page.goto(`${app.url}/order`)
    await page.getByRole('button', { name: 'New running order' }).click()
    await page.getByLabel('Title of the running order').fill('Three in a row')
    await page.getByLabel('Title of the running order').press('Enter')
    await page.getByLabel('Heaters', { exact: true }).fill('2')
    await page.getByLabel('Heaters', { exact: true }).press('Enter')
    const titles = ['Slim can, tap water, in a hurry', 'Tall can for the back row', 'Oil tin, poured']
    for (const [i, label] of titles.entries()) {
      await choose(page, 'Add a staging', label)
      await expect(page.getByRole('slider')).toHaveCount(i + 1)
    }
    await expect(page.getByTestId('plan-state')).toHaveText('It fits')
    // The kit list grows until all spares are known, and the link moves with it.
    await expect(page.getByTestId('spares')).toContainText(/Oil tin, poured:\s+\d/)
    await page.getByRole('link', { name: 'Go live' }).click()
    await expect(page.getByLabel('What')).not.toHaveText('choose…')
    await page.getByLabel(/Rehearsal/).check()
    await choose(page, 'clock', '× 20')
    await page.getByRole('button', { name: 'Go on stage' }).click()
    await expect(page.getByTestId('cue')).toBeVisible()

    // Five phones vote on the first one, and one of them thinks again.
    await turnTo(page, titles[0]!)
    await page.keyboard.press('v')
    await page.getByRole('button', { name: 'Open the vote' }).click()
    const code = (await page.getByTestId('vote-code').textContent())!
    const phones = []
    for (const outcome of [
      /squashed flat/,
      /squashed flat/,
      /stays dented/,
      /keeps its shape and is mostly full of water/,
      /Nothing to see/,
    ])
      phones.push(await vote(browser, code, outcome))
    await phones[4]!.getByRole('radio', { name: /keeps its shape and is mostly full of water/ }).check()
    await clean(phones[0]!)
    await expect(page.getByTestId('vote')).toContainText('5 so far, open')
    const wall = watched(await (await browser.newContext()).newPage())
    await wall.goto(`${page.url()}/wall`)
    await expect(wall.getByText('5 votes')).toBeVisible()
    await expect(wall.getByRole('img', { name: /QR code/ })).toBeVisible()
    await clean(wall)
    await expect(wall.getByTestId('wall')).toHaveAttribute('data-page', 'vote')
    await page.keyboard.press('v')

    // Readings come in while it heats.
    await page.keyboard.press('r')
    await page.getByRole('button', { name: 'Connect the simulated logger' }).click()
    await expect(page.getByTestId('logger-state')).toContainText(/[1-9]\d* readings/)
    await expect(page.getByTestId('readings-chart')).toBeVisible()
    await page.keyboard.press('r')

    // Nothing may be marked past a gate that nobody has confirmed.
    await page.keyboard.press('l')
    await expect(page.getByRole('alert')).toContainText('First confirm:')
    for (
      let i = 0;
      i < 12 &&
      (await big(page)
        .innerText()
        .then(t => !/Plume/.test(t)));
      i++
    )
      await page.keyboard.press('Enter')
    await expect(page.locator('[data-countdown=dry]')).toBeVisible()
    await page.keyboard.press('p')
    await expect(page.getByTestId('heat-word')).toBeVisible()
    await clean(page)

    // The server goes; the show goes on, a reload included.
    await expect(line(page)).toContainText('All marks sent')
    await app.kill()
    await page.keyboard.press('Enter')
    await expect(line(page)).toContainText('Offline. 1 mark kept on this device.')
    await page.keyboard.press('Enter')
    await page.reload()
    await expect(page.getByTestId('cue')).toBeVisible()
    await turnTo(page, titles[0]!)
    await toTheHush(page)
    await expect(line(page)).toContainText(/Offline\. \d marks kept on this device\./)
    await app.restart()
    await expect(line(page)).toContainText('All marks sent')
    const { marks } = await showOf(page)
    const first = marks.filter(m => m.act === marks.find(k => k.kind === 'sealed')!.act)
    for (const kind of ['heat-on', 'plume', 'lifted', 'sealed'])
      expect(
        first.filter(m => m.kind === kind),
        kind,
      ).toHaveLength(1)
    expect(marks.filter(m => m.kind === 'start')).toHaveLength(1)
    expect(first.map(m => m.at)).toEqual([...first.map(m => m.at)].sort((a, b) => a - b))
    await expect(phones[0]!.getByRole('status')).toContainText('Closed. You expected: crushes')
    await expect(wall.getByTestId('wall')).toHaveAttribute('data-page', 'hush')
    await expect(wall.getByTestId('hush-band')).toBeVisible()

    // It fails: the can fills. Logged with what the room expected.
    await page.keyboard.press('n')
    await expect(page.getByTestId('outcome-screen')).toBeVisible()
    await page.keyboard.press('4')
    await expect(page.getByRole('radio', { name: /keeps its shape and is mostly full of water/ })).toHaveAttribute(
      'aria-checked',
      'true',
    )
    // As one does with a phone in hand: by its button.
    await page.getByRole('button', { name: /^Reveal the vote: / }).click()
    await expect(page.getByTestId('reveal-bar')).toHaveCount(0)
    await expect(wall.getByText('It happened:')).toBeVisible()
    // What happened, and why, at the level of the class, in type that the last row reads; arrows turn to another level.
    await expect(wall.getByRole('heading', { level: 1 })).toContainText('mostly full of water')
    const why = wall.locator('p.wall-words')
    await expect(why).toContainText('pushes water up through the mouth')
    await expect(why).not.toContainText('gives way')
    expect(await why.evaluate(p => parseFloat(getComputedStyle(p).fontSize) / innerHeight)).toBeGreaterThanOrEqual(0.04)
    await wall.keyboard.press('ArrowLeft')
    await expect(why).toContainText('the water took the place of the steam')
    await clean(wall)
    await expect(phones[2]!.getByRole('heading', { name: /mostly full of water/ })).toBeVisible()
    await expect(phones[2]!.getByText(/pushes water up through the mouth/)).toBeVisible()
    // As it stood then, drawn by the server.
    await expect(phones[2]!.getByRole('img')).toBeVisible()
    await clean(phones[2]!)
    await expect(phones[2]!.getByRole('row', { name: 'fills 2' })).toBeVisible()
    await page.getByLabel(/What would you tell/).fill('It drank.')
    await page.getByRole('button', { name: 'Log it' }).click()
    const { show } = await showOf(page)
    await expect
      .poll(async () => (await page.request.get(`${app.url}/api/runs/${show.document.acts[0]!.run}`)).status())
      .toBe(200)

    // The other two, as far as they go.
    for (const title of titles.slice(1)) {
      await turnTo(page, title)
      await toTheHush(page)
      await page.keyboard.press('g')
      await page.getByRole('button', { name: 'Log it' }).click()
      await expect(page.getByTestId('outcome-screen')).toHaveCount(0)
    }
    await expect(page.getByTestId('show-over')).toBeVisible()

    // The failure says why, and becomes the next staging.
    await page.goto(`${app.url}/logbook`)
    await choose(page, 'Ended', 'rehearsals')
    await expect(page.getByRole('listitem').filter({ hasText: 'It drank.' })).toContainText('rehearsal')
    await page.getByText('It drank.').click()
    await expect(page.getByTestId('outcome')).toHaveText('fills')
    await expect(page.getByTestId('run-marks')).toContainText(/heat on.*plume.*off the heat.*sealed.*nothing/s)
    await expect(page.getByTestId('run-vote')).toContainText('2 fills (it happened)')
    await expect(page.getByTestId('readings-chart')).toBeVisible()
    await expect(page.getByTestId('why')).toContainText(/\d of 10|cannot tell/, { timeout: 120_000 })
    await clean(page)
    const next = page
      .getByTestId('next')
      .getByRole('listitem')
      .filter({ has: page.getByRole('button') })
      .first()
    await expect(next).toContainText(/\d+ → \d+ of 100/)
    await next.getByRole('button', { name: 'Make it the next staging' }).click()
    await expect(page).toHaveURL(/\/bench\/[0-9a-f-]{36}/)
    await expect(page.getByTestId('verdict')).toContainText(/\d+ stagings computed/, { timeout: 120_000 })
    await expect(page.getByRole('heading', { level: 1 }).getByRole('textbox'))
      .toHaveValue('Slim can, tap water, in a hurry (next)')
      .catch(() => expect(page.locator('body')).toContainText('(next)'))
  },
)

test('two devices on one run: every mark on both, none doubled; taking one back takes it back for both', async ({
  page,
  browser,
}) => {
  await begin(page, 'Bottle that folds, for the little ones', '1')
  const other = watched(await (await browser.newContext()).newPage())
  // Its clock is forty minutes fast.
  await other.clock.install({ time: Date.now() + 40 * 60_000 })
  await other.goto(page.url())
  await expect(other.getByTestId('cue')).toBeVisible()
  await toTheHush(page)
  await expect(other.getByTestId('hush-count')).toBeVisible()
  await Promise.all([page.keyboard.press('g'), other.keyboard.press('g')])
  await expect(page.getByTestId('outcome-screen')).toBeVisible()
  await expect(other.getByTestId('outcome-screen')).toBeVisible()
  const gone = (await showOf(page)).marks.filter(m => m.kind === 'gone').map(m => m.at)
  for (const at of gone) expect(Math.abs(at - Date.now())).toBeLessThan(20_000)
  await other.getByRole('button', { name: 'Log it' }).click()
  await expect(page.getByTestId('show-over')).toBeVisible()
  const { show } = await showOf(page)
  const { document } = (await (await page.request.get(`${app.url}/api/runs/${show.document.acts[0]!.run}`)).json()) as {
    document: { marks: { kind: string }[] }
  }
  expect(document.marks.filter(m => m.kind === 'sealed')).toHaveLength(1)
  // The count of runs that the forecasts are judged by leaves rehearsals out.
  await page.goto(`${app.url}/logbook/record`)
  await expect(page.getByTestId('score')).toContainText(/Of 12 runs, [^]* Brier score 0\.\d+ /, { timeout: 120_000 })
  await expect(page.getByTestId('few')).toContainText('12 runs are few')
  await clean(page)
})

test('past runs shape the next forecast, and can be switched off', async ({ page }) => {
  await page.goto(`${app.url}/bench/5a1d0000-0000-4000-8000-000000000001`)
  const past = page.getByTestId('past-runs')
  // Below the first screen things stand as they came until one is near.
  await page.getByRole('heading', { name: 'Why', exact: true }).scrollIntoViewIfNeeded()
  await expect(past).toContainText('share of the heat that gets into the can', { timeout: 120_000 })
  await complete(page)
  await ask(page, NUMBERS)
  const spread = page.locator('[data-spread=timeToPlume]')
  const taught = await spread.innerText()
  await past.getByRole('checkbox').uncheck()
  await expect.poll(() => spread.innerText().catch(() => '')).not.toBe(taught)
  await complete(page)
  expect(await spread.innerText()).not.toBe(taught)
  await past.getByRole('checkbox').check()
})

test('the logbook goes out as JSON and CSV and comes in again; a bad row is named and nothing is taken', async ({
  page,
}) => {
  await page.goto(`${app.url}/logbook`)
  await expect(page.getByText('Everybody jumped, me too.')).toBeVisible()
  await page.getByLabel('Search').fill('hiss november')
  await expect(page.getByRole('listitem').filter({ hasText: 'Drum in the yard' })).toHaveCount(1)
  await expect(page.getByText('Everybody jumped')).toHaveCount(0)
  await page.getByLabel('Search').fill('')
  const [json] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Whole logbook (JSON)' }).click(),
  ])
  await page.getByLabel('Read runs from a file').setInputFiles(
    await json
      .path()
      .then(path => ({ name: 'logbook.json', mimeType: 'application/json', path }))
      .then(async f => ({
        name: f.name,
        mimeType: f.mimeType,
        buffer: await (await import('node:fs/promises')).readFile(f.path),
      })),
  )
  await expect(page.getByText(/^0 runs taken from logbook\.json; \d+ were here already\.$/)).toBeVisible()
  const csv = (rows: string) => ({
    name: 'runs.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(`performedAt,staging,outcome,note,seen.hush\n${rows}`),
  })
  await page
    .getByLabel('Read runs from a file')
    .setInputFiles(
      csv('2026-11-02T10:00,"Oil tin, poured",crush,fine,3.1 s\n2026-11-03T10:00,"Oil tin, poured",flies,odd,soon\n'),
    )
  await expect(page.getByRole('alert')).toContainText('Line 3, outcome: given "flies"; accepted: crush, dent, stand')
  await expect(page.getByRole('alert')).toContainText('Line 3, seen.hush')
  await page
    .getByLabel('Read runs from a file')
    .setInputFiles(csv('2026-11-02T10:00,"Oil tin, poured",crush,From a table,3.1 s\n'))
  await expect(page.getByText('1 run taken from runs.csv.')).toBeVisible()
  await expect(page.getByText('From a table')).toBeVisible()
})

test('readings of any logger are taken with columns matched and units asked', async ({ page }) => {
  await page.goto(`${app.url}/logbook/new?staging=5a1d0000-0000-4000-8000-000000000006`)
  const rows = Array.from({ length: 60 }, (_, i) => `${i * 0.5},${(877 - Math.max(0, i - 10) * 2).toFixed(1)},95`).join(
    '\n',
  )
  await page
    .getByLabel('Choose a file')
    .setInputFiles({
      name: 'lab.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from(`Seconds,Sensor A,Sensor B\n${rows}\n`),
    })
  await expect(page.getByText('No column is a pressure or a temperature; choose which one is.')).toBeVisible()
  await choose(page, 'What Sensor A holds', 'absolute pressure inside')
  await choose(page, 'Unit of Sensor A', 'hPa')
  await expect(page.getByText('60 readings.')).toBeVisible()
  await page.getByLabel(/Sealed at/).fill('5')
  await page.getByRole('radio').first().check()
  await page.getByRole('button', { name: 'Log it' }).click()
  await expect(page.getByRole('img', { name: /60 readings of pressure over the computed trace/ })).toBeVisible()
  // A photo goes with it.
  await page.getByLabel('Add a photo').setInputFiles('docs/screenshots/shelf.png')
  await expect(page.getByRole('img', { name: 'Photo of this run' })).toBeVisible()
  await page.reload()
  await expect(page.getByRole('img', { name: 'Photo of this run' })).toBeVisible()
})

test('from the network one signs in first; joining a vote needs no passphrase', async ({ browser }) => {
  await setPassphrase(app.databaseUrl, 'wet gloves 7')
  const open = await app.another('0.0.0.0')
  const page = watched(await (await browser.newContext()).newPage())
  // Over plain http from another machine a browser has no randomUUID.
  await page.addInitScript(() => {
    Reflect.deleteProperty(Crypto.prototype, 'randomUUID')
  })
  await page.goto(`${open.url}/logbook`)
  await expect(page).toHaveURL(/\/sign-in\?to=/)
  await clean(page)
  await page.getByLabel('Passphrase of this prep room').fill('dry gloves')
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page.getByRole('alert')).toContainText('passphrase: that is not it')
  await expect(page.getByLabel('Passphrase of this prep room')).toHaveValue('dry gloves')
  await page.getByLabel('Passphrase of this prep room').fill('wet gloves 7')
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page.getByRole('heading', { name: 'Logbook' })).toBeVisible()
  await page.goto(`${open.url}/live`)
  expect(await page.evaluate(() => 'randomUUID' in Crypto.prototype)).toBe(false)
  await choose(page, 'What', 'Bottle that folds, for the little ones')
  await page.getByRole('button', { name: 'Go on stage' }).click()
  await expect(page.getByTestId('cue')).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(line(page)).toContainText('All marks sent')
  expect((await showOf(page, open.url)).marks.map(m => m.kind)).toContainEqual(expect.stringMatching(/^(step|gate)$/))
  const phone = watched(await (await browser.newContext({ viewport: { width: 390, height: 800 } })).newPage())
  await phone.goto(`${open.url}/join`)
  await phone.getByLabel('Code from the screen').fill('ZZZZZ')
  await phone.getByRole('button', { name: 'Join' }).click()
  await expect(phone.getByRole('alert')).toContainText('No vote has that code')
  await open.stop()
})
