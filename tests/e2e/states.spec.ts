import { ask, blank, choose, complete, expect, inTab, odds, stage, test, type Page } from './page'

/** The first of the demo's stagings. */
const CAN = '/bench/5a1d0000-0000-4000-8000-000000000001'

/** A staging of the test's own, with a slow transfer: poor odds. */
async function slowStaging(page: Page) {
  const id = crypto.randomUUID()
  const document = {
    demonstration: 'can-plunge',
    title: `Slow ${id.slice(0, 4)}`,
    inputs: { transferTime: { value: 9, unit: 's' }, bathTemperature: { value: 12, unit: 'degC' } },
  }
  expect((await page.request.post('/api/stagings', { data: { id, writeId: id, document } })).ok()).toBe(true)
  await page.goto(`/bench/${id}`)
  await complete(page)
  return id
}

inTab('a lever can be pulled, and everything be undone', async ({ page }) => {
  await slowStaging(page)
  const before = await odds(page)
  const levers = page.getByTestId('levers')
  await levers.scrollIntoViewIfNeeded()
  await levers.getByRole('button', { name: /Do it from the heat into the water/ }).click()
  await expect(blank(page, 'transferTime')).not.toHaveText('9 s')
  await complete(page)
  await expect.poll(() => odds(page)).toBeGreaterThan(before)
  await page.getByRole('button', { name: 'Undo all' }).click()
  await expect(blank(page, 'transferTime')).toHaveText('9 s')
  await expect(page.getByTestId('save-state')).toContainText('Saved, version 1')
})

inTab('how sure one is changes the odds, and a spread that is none is refused', async ({ page }) => {
  await slowStaging(page)
  await blank(page, 'transferTime').click()
  const sure = page.getByLabel('How sure')
  await sure.fill('plenty')
  await sure.press('Tab')
  await expect(page.getByRole('alert')).toContainText('"plenty" is not a spread')
  const before = await odds(page)
  await sure.fill('± 90 %')
  await sure.press('Tab')
  await expect(page.getByRole('alert')).toHaveCount(0)
  await complete(page)
  await expect.poll(() => odds(page)).not.toBe(before)
  await page.keyboard.press('Escape')
  await page.reload()
  await blank(page, 'transferTime').click()
  await expect(page.getByLabel('How sure')).toHaveValue('± 90 %')
})

inTab('what is begun is in no list until something of it is changed or saved', async ({ page }) => {
  const listed = async (address: string) => {
    await page.goto('/bench')
    await expect(page.getByRole('heading', { name: 'Bench' })).toBeVisible()
    await expect(page.locator('main li').first()).toBeVisible()
    return page.locator(`main a[href="${new URL(address).pathname}"]`)
  }
  await stage(page, 'Cloud in a bottle')
  await expect(page.getByTestId('save-state')).toHaveText('Only begun: in your lists once you change or save it')
  const begun = page.url()
  await expect(await listed(begun)).toHaveCount(0)
  // It is there all the same, and Live takes it.
  await page.goto(`/live?staging=${begun.split('/').pop()}`)
  await expect(page.getByLabel('What', { exact: true })).toContainText('Cloud in a bottle')
  await page.goto(begun)
  await complete(page)
  const kept = page.waitForResponse(/\/keep$/)
  await page.getByLabel('Title of the staging').fill('A cloud, changed')
  await expect(page.getByTestId('save-state')).toContainText('Unsaved changes')
  expect((await kept).ok()).toBe(true)
  await expect(await listed(begun)).toHaveCount(1)

  await stage(page, 'Cloud in a bottle')
  const saved = page.url()
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByTestId('save-state')).toHaveText('Saved, version 1')
  await expect(await listed(saved)).toHaveCount(1)
})

inTab('the drawing follows the scrubber from the heat to the bath', async ({ page }) => {
  await slowStaging(page)
  const slider = page.getByRole('slider', { name: 'Time scrubber' })
  const drawing = page.getByRole('img', { name: /^Bench drawing/ })
  await slider.fill('0')
  await expect(drawing).toHaveAccessibleName(/Warming up/)
  await slider.fill('0.5')
  await expect(drawing).toHaveAccessibleName(/steady plume/)
  await slider.fill('0.95')
  await expect(drawing).toHaveAccessibleName(/turning over/)
  await slider.fill('2')
  await expect(drawing).toHaveAccessibleName(/drawn in|gone/)
})

inTab('a room in which a staging no longer goes together is told, not hidden', async ({ page }) => {
  const id = crypto.randomUUID()
  const document = {
    demonstration: 'can-plunge',
    title: 'Hot bath',
    inputs: { bathTemperature: { value: 93, unit: 'degC' } },
  }
  expect((await page.request.post('/api/stagings', { data: { id, writeId: id, document } })).ok()).toBe(true)
  const room = await (await page.request.get('/api/room')).json()
  const set = async (conditions: unknown) => {
    const { version } = await (await page.request.get('/api/room')).json()
    expect(
      (
        await page.request.put('/api/room', {
          data: { writeId: crypto.randomUUID(), baseVersion: version, document: conditions },
        })
      ).ok(),
    ).toBe(true)
  }
  await page.goto(`/bench/${id}`)
  await complete(page)
  await page.getByRole('button', { name: /Room conditions/ }).click()
  await page.getByLabel('a barometer in the room').check()
  await page.getByLabel('Station pressure').fill('650 hPa')
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByRole('alert')).toContainText('bath: given 93 °C; accepted: below')
  await set(room.document)
})

test('empty places say what to do first', async ({ page }) => {
  for (const path of ['stagings', 'shelf']) await page.route(`**/api/${path}`, route => route.fulfill({ json: [] }))
  const none = { runs: [], found: 0, real: 0, wanted: 0, demonstrations: [] }
  await page.route('**/api/runs?*', route => route.fulfill({ json: none }))
  // Gone to from a page that is there: what the server draws is not what is faked here.
  await page.goto('/backup')
  const place = (name: string) => page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name })
  await place('Bench').click()
  await expect(page.getByText('Nothing is planned yet.')).toBeVisible()
  await place('Logbook').click()
  await expect(page.getByText('No run is logged yet.')).toBeVisible()
  await place('Shelf').click()
  await expect(page.getByText('None yet. Add a vessel')).toBeVisible()
})

test('pages come drawn with what is on them, each with its title and what it is about', async ({ request }) => {
  const pages: [path: string, words: string][] = [
    ['/bench', 'Slim can, ice bath'],
    ['/bench/choose', 'Stage it'],
    [CAN, 'Fill the bowl with'],
    ['/shelf', 'What have I got?'],
    ['/order/5a1d0000-0000-4000-8000-000000000301', 'In this order'],
    ['/live', 'Shows begun'],
    ['/practice', 'Record of practice'],
    ['/logbook', 'ended as wanted'],
  ]
  const titles = new Set<string>()
  const descriptions = new Set<string>()
  for (const [path, words] of pages) {
    const answer = await request.get(path)
    expect(answer.status()).toBe(200)
    const html = await answer.text()
    expect(html).toContain(words)
    titles.add(/<title>([^<]+)/.exec(html)![1]!)
    descriptions.add(/<meta name="description" content="([^"]+)/.exec(html)![1]!)
    expect(answer.headers()['content-encoding']).toBe('gzip')
  }
  expect(titles.size).toBe(pages.length)
  expect(descriptions.size).toBe(pages.length)
  for (const path of ['/nowhere', '/bench/5a1d0000-0000-4000-8000-00000000dead'])
    expect((await request.get(path, { headers: { accept: 'text/html' } })).status()).toBe(404)
})

test('what does not exist is said plainly', async ({ page }) => {
  await page.goto('/logbook/5a1d0000-0000-4000-8000-00000000dead')
  await expect(page.getByRole('alert')).toContainText('There is no such run')
  await page.goto('/bench/5a1d0000-0000-4000-8000-00000000dead')
  await expect(page.getByRole('alert')).toContainText('there is no such staging')
  await page.goto('/nowhere')
  await expect(page.getByText('There is nothing at this address')).toBeVisible()
  await page.getByRole('button', { name: 'Go to the Bench' }).click()
  await expect(page.getByRole('heading', { name: 'Bench' })).toBeVisible()
})

test('an item changed in two windows is not overwritten unseen', async ({ page, context }) => {
  const other = await context.newPage()
  await page.goto('/shelf')
  await other.goto('/shelf')
  for (const tab of [page, other]) await tab.getByRole('button', { name: 'Change Camp burner' }).click()
  await page.getByLabel('Where it is kept').fill('first place')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('first place')).toBeVisible()
  await other.getByLabel('Where it is kept').fill('second place')
  await other.getByRole('button', { name: 'Save' }).click()
  await expect(other.getByRole('alert')).toContainText('changed in another window')
  await expect(other.getByLabel('Where it is kept')).toHaveValue('second place')
  await other.getByRole('button', { name: 'Save' }).click()
  await expect(other.getByText('second place')).toBeVisible()
})

inTab('retired things leave the Shelf but are not lost', async ({ page }) => {
  await page.goto('/shelf')
  await page.getByRole('button', { name: 'Retire Squat can, 250 mL' }).click()
  await expect(page.getByRole('heading', { name: 'Squat can, 250 mL' })).toHaveCount(0)
  await page.getByLabel('show what is retired').check()
  await page.getByRole('button', { name: 'Bring back Squat can, 250 mL' }).click()
  await expect(page.getByRole('button', { name: 'Retire Squat can, 250 mL' })).toBeVisible()
})

inTab(
  'half a number is no number: refused, it leaves the one before it, and nothing is saved behind its back',
  async ({ page }) => {
    await slowStaging(page)
    const inForce = await blank(page, 'waterCharge').innerText()
    await blank(page, 'waterCharge').click()
    const field = page.getByLabel(/, with any unit$/)
    await field.fill('')
    await field.pressSequentially('5000 mL')
    await expect(page.getByRole('alert')).toContainText('accepted')
    await expect(blank(page, 'waterCharge')).toHaveText(inForce)
    await page.keyboard.press('Escape')
    await page.getByLabel('Title of the staging').fill('Typed just now')
    await page.keyboard.press('Control+s')
    await expect(page.getByRole('alert')).toContainText('“5000 mL”')
    await expect(page.getByTestId('save-state')).toContainText('Unsaved changes')
    await blank(page, 'waterCharge').click()
    await expect(field).toHaveValue('5000 mL')
    await page.getByRole('button', { name: /^Keep / }).click()
    await page.keyboard.press('Escape')
    // The title is still being typed.
    await page.getByLabel('Title of the staging').fill('Typed just now, and saved')
    await page.keyboard.press('Control+s')
    await expect(page.getByTestId('save-state')).toContainText('Saved, version')
    await page.reload()
    await expect(page.getByLabel('Title of the staging')).toHaveValue('Typed just now, and saved')
  },
)

test('Ctrl K finds a staging, a page and an act by typing', async ({ page }) => {
  await page.goto('/shelf')
  await expect(page.getByRole('button', { name: 'Find anything' })).toBeVisible()
  const find = async (words: string) => {
    await page.keyboard.press('Control+k')
    await page.getByPlaceholder('Type what you are looking for…').fill(words)
    await expect(page.getByRole('option').first()).toContainText(words)
    await page.keyboard.press('Enter')
  }
  await find('US units')
  await expect(page.getByRole('button', { name: 'US', exact: true })).toHaveAttribute('aria-pressed', 'true')
  await find('How good are')
  await expect(page).toHaveURL(/\/logbook\/record$/)
  await find('Slim can, ice bath')
  await expect(page).toHaveURL(/\/bench\/[0-9a-f-]{36}$/)
  await expect(page.getByTestId('verdict')).toContainText('of 100')
})

test('what is clicked and typed before the page is alive is done once it is', async ({ page }) => {
  let release = () => {}
  const held = new Promise<void>(resolve => {
    release = resolve
  })
  await page.route('**/_nuxt/*.js', async route => {
    await held
    await route.continue()
  })
  const going = page.goto(CAN)
  const us = page.getByRole('button', { name: 'US', exact: true })
  await us.click()
  await page.getByLabel('Title of the staging').fill('Typed early')
  await expect(us).toHaveAttribute('aria-pressed', 'false')
  release()
  await going
  await expect(us).toHaveAttribute('aria-pressed', 'true')
  await expect(page.getByLabel('Title of the staging')).toHaveValue('Typed early')
  await expect(page.getByTestId('save-state')).toContainText('Unsaved changes')
})

test('a part that can’t be fetched as one reaches for it is told', async ({ page }) => {
  await page.goto('/bench/choose')
  await page.route('**/_nuxt/*.js', route => route.abort())
  await page.getByLabel('Age', { exact: true }).click()
  await expect(page.getByRole('alert')).toContainText('A part of this page could not be fetched')
  await expect(page.getByLabel('Age', { exact: true })).toHaveText('any')
})

test('every page is opened without an error or a warning', async ({ page }) => {
  const said: string[] = []
  page.on('console', message => {
    // A page that stays for a while asks for its worker, which is held back here.
    if (/Service Worker registration blocked/.test(message.text())) return
    if (['error', 'warning'].includes(message.type())) said.push(`${page.url()}: ${message.text()}`)
  })
  page.on('pageerror', error => said.push(`${page.url()}: ${error.message}`))
  // A style that is written anew once the page is read has every element styled and laid out once more.
  await page.addInitScript(() => {
    new MutationObserver(changes => {
      for (const { target } of changes)
        if (target.nodeName === 'STYLE' && document.readyState !== 'loading')
          console.warn(`written anew: ${(target as Element).id || 'a style'}`)
    }).observe(document, { childList: true, subtree: true })
  })
  const show = '/live'
  for (const path of [
    '/',
    '/shelf',
    '/bench',
    '/bench/choose',
    '/bench/compare',
    CAN,
    '/order',
    '/logbook',
    '/logbook/new?staging=' + CAN.split('/').at(-1),
    '/logbook/record',
    '/backup',
    '/practice',
    '/practice/' + CAN.split('/').at(-1),
    show,
    '/sign-in',
  ]) {
    await page.goto(path)
    await expect(page.getByRole('heading').or(page.getByLabel('Title of the staging')).first()).toBeVisible()
    await page.waitForLoadState('networkidle')
  }
  expect(said).toEqual([])
})

test('everything goes out in one file and comes in again, and a file that is none is told', async ({ page }) => {
  await page.goto('/backup')
  const downloading = page.waitForEvent('download')
  await page.getByRole('link', { name: 'Download everything' }).click()
  const file = await (await downloading).path()
  const take = async (given: string | { name: string; mimeType: string; buffer: Buffer }) => {
    const choosing = page.waitForEvent('filechooser')
    await page.getByRole('button', { name: 'Take in a backup…' }).click()
    await (await choosing).setFiles(given)
  }
  await take(file)
  await expect(page.getByRole('status').filter({ hasText: 'Taken in.' })).toContainText('runs in the Logbook: 0 new')
  await take({ name: 'shopping.gz', mimeType: 'application/gzip', buffer: Buffer.from('milk') })
  await expect(page.getByRole('alert')).toContainText('the file is not a backup')
})

test('tabs of one browser share one event stream, and the next one takes it over', async ({ context }) => {
  let streams = 0
  context.on('request', request => {
    if (request.url().endsWith('/stream')) streams++
  })
  const staging = await (await context.request.get(`/api/stagings/${CAN.split('/').at(-1)}`)).json()
  const id = crypto.randomUUID()
  const stated = { stagingId: staging.id, stagingVersion: staging.version, staging: staging.document }
  const begun = await context.request.post('/api/live', {
    data: {
      ...{ id, writeId: crypto.randomUUID() },
      document: { title: 'Two tabs', acts: [{ id: 'can', run: crypto.randomUUID(), ...stated }] },
    },
  })
  expect(begun.ok()).toBe(true)
  const tab = async () => {
    const page = await context.newPage()
    await page.goto(`/live/${id}`)
    await expect(page.getByTestId('line')).toContainText('All marks sent')
    return page
  }
  const first = await tab()
  await expect.poll(() => streams).toBe(1)
  const second = await tab()
  const cue = second.getByTestId('cue')
  const before = await cue.textContent()
  await first.keyboard.press('Enter')
  await expect(cue).not.toHaveText(before!)
  expect(streams).toBe(1)
  await first.close()
  await expect.poll(() => streams).toBe(2)
  const after = await cue.textContent()
  await second.keyboard.press('Enter')
  await expect(cue).not.toHaveText(after!)
})

test('an order with a staging that is no longer accepted says which, and lets one take it out', async ({ page }) => {
  const order = '/order/5a1d0000-0000-4000-8000-000000000301'
  // As it may lie in a database from before a limit was drawn.
  await page.route('**/api/stagings', async route => {
    const answer = await route.fetch()
    const list = (await answer.json()) as { document: { inputs: Record<string, unknown> } }[]
    for (const { document } of list)
      if ('bathTemperature' in document.inputs) document.inputs.bathTemperature = { value: 300, unit: 'degC' }
    await route.fulfill({ json: list })
  })
  await page.goto('/order')
  await page.locator(`a[href="${order}"]`).click()
  const broken = page.getByTestId('broken')
  await expect(broken).toContainText('given 300 °C')
  await expect(page.getByTestId('plan-state')).toHaveText('No plan yet')
  await expect(broken.getByRole('button', { name: /^Take .* out$/ }).first()).toBeVisible()
})

inTab('what is archived leaves the list, what is deleted can be taken back for a while', async ({ page }) => {
  const row = page.getByRole('listitem').filter({ has: page.locator('a[href$="000000000003"]') })
  const undo = page.getByRole('listitem').filter({ hasText: 'is deleted' }).getByRole('button', { name: 'Undo' })
  await page.goto('/bench')
  await row.getByRole('button', { name: /^Archive: / }).click()
  await expect(row).toHaveCount(0)
  await page.getByLabel(/^archived ones too/).click()
  await expect(row).toContainText('archived')
  await row.getByRole('button', { name: /^Take out of the archive: / }).click()
  await expect(row).not.toContainText('archived')

  await row.getByRole('button', { name: /^Delete: / }).click()
  await expect(row).toHaveCount(0)
  await undo.click()
  await expect(row).toHaveCount(1)
  await page.reload()
  await expect(row).toHaveCount(1)

  // A run, a show and an order go the same way.
  for (const [path, things] of [
    ['/order', 'running order'],
    ['/logbook', 'run'],
  ] as const) {
    // oxfmt-ignore
    await page.goto(path)
    const all = page.getByRole('button', { name: /^Delete: / })
    await expect(all.first(), things).toBeVisible()
    const before = await all.count()
    await all.first().click()
    await expect(all).toHaveCount(before - 1)
    await undo.click()
    await expect(all).toHaveCount(before)
  }
})
inTab('a staging is printed on one page: steps, kit, cautions, odds', async ({ page }) => {
  for (const number of [1, 2, 5]) {
    await page.goto(`/bench/plan?staging=5a1d0000-0000-4000-8000-00000000000${number}`)
    await complete(page)
    await expect(page.getByRole('heading', { name: 'Cautions' })).toBeVisible()
    await expect(page.locator('.steps li').first()).toContainText('☐')
    const sheet = (await page.pdf({ format: 'A4', preferCSSPageSize: false })).toString('latin1')
    expect(sheet.match(/\/Type\s*\/Page\b/g)).toHaveLength(1)
  }
})
inTab('the crushed can is shown in three dimensions, or it is said that the device can’t', async ({ page }) => {
  await page.goto('/bench/5a1d0000-0000-4000-8000-000000000001')
  await complete(page)
  const part = await ask(page, 'What is left of it, in three dimensions?')
  await expect(part).toContainText(/\d+\s% of its volume gone: .* left, and .* high/)
  const drawn = page.getByTestId('vessel-3d')
  await expect(drawn.or(part.getByText('cannot draw in three dimensions'))).toBeVisible()
})

inTab('an everyday can is taken without measuring, and is less certain than a measured one', async ({ page }) => {
  await page.goto('/bench/5a1d0000-0000-4000-8000-000000000001')
  await complete(page)
  await choose(page, 'Take a vessel from the Shelf', 'drinks can, 330 mL')
  await expect(blank(page, 'vesselDiameter')).toHaveText('66 mm')
  await expect(blank(page, 'vesselHeight')).toHaveText('115 mm')
  await blank(page, 'wallThickness').click()
  await expect(page.getByRole('group', { name: 'wall thickness' }).getByLabel('How sure')).toHaveValue(/15/)
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Undo' }).first().click()
  await expect(blank(page, 'vesselHeight')).toHaveText('145 mm')
})
inTab('on a phone the verdict stays in sight while the procedure is read', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto('/bench/5a1d0000-0000-4000-8000-000000000001')
  await complete(page)
  // The drawing is whole: what names the outside, at its right, is in it.
  const drawing = (await page.locator('.bench-drawing').boundingBox())!
  const outside = (await page.locator('.bench-drawing text', { hasText: 'outside' }).boundingBox())!
  expect(outside.x + outside.width).toBeLessThanOrEqual(drawing.x + drawing.width)
  const line = page.locator('[data-verdict-line]')
  await blank(page, 'transferTime').scrollIntoViewIfNeeded()
  await expect(line).toBeInViewport()
  await expect(line).toContainText(`${await odds(page)} of 100`)
  await page.setViewportSize({ width: 1280, height: 800 })
  await expect(line).toBeHidden()
})
