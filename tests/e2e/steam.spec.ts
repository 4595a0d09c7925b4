import { ask, begin, blank, choose, complete, expect, NUMBERS, inTab as test, type Page } from './page'
import { DEMONSTRATIONS } from '../../core/catalogue/everything'

const POOL = '5a1d0000-0000-4000-8000-000000000004'
const SPRINKLED = '5a1d0000-0000-4000-8000-000000000005'

/** P10 and P90 of the hush in seconds, as the verdict says it. */
async function hush(page: Page): Promise<[number, number]> {
  const [, low, high] = /Hush ([\d.]+) to ([\d.]+) s/.exec(await page.getByTestId('verdict').first().innerText())!
  return [Number(low), Number(high)]
}

test(
  'a drum in an ice pool and the same one sprinkled: the hush changes, and the comparison says what ' + 'differs',
  async ({ page }) => {
    await page.goto(`/bench/${POOL}`)
    await complete(page)
    const pool = await hush(page)
    await blank(page, 'coolingMethod').click()
    await page.getByRole('radio', { name: 'waiting in still air' }).check()
    await page.keyboard.press('Escape')
    await expect(blank(page, 'coolingMethod')).toHaveText('waiting in still air')
    await complete(page)
    await expect.poll(async () => (await hush(page))[0]).toBeGreaterThan(2 * pool[0])
    await blank(page, 'coolingMethod').click()
    await page.getByRole('radio', { name: 'sprinkling' }).check()
    await page.keyboard.press('Escape')
    await complete(page)
    await expect.poll(async () => (await hush(page)).join()).not.toBe(pool.join())
    // Gates stand before the steps that must not come too early.
    await expect(page.getByRole('list', { name: 'Procedure' })).toContainText(
      'Only now it is closed; a drum is never heated closed.',
    )
    await page.getByRole('button', { name: 'Undo all' }).click()

    await page.goto(`/bench/compare?a=${POOL}&b=${SPRINKLED}`)
    await expect(page.getByTestId('differences')).toContainText('standing in an ice pool')
    await expect(page.getByTestId('differences')).toContainText('sprinkling')
    await expect(page.getByTestId('odds-gap')).toContainText(/of 100 more|same odds/)
  },
)

test('re-inflation without a way out for the steam is refused, with the reason', async ({ page }) => {
  await begin(page, 'Drum that pops back')
  await blank(page, 'reliefPath').click()
  await page.getByRole('radio', { name: 'none, the bung in' }).check()
  await expect(page.getByRole('alert')).toContainText('refused: a closed vessel is never heated')
  await page.keyboard.press('Escape')
  await expect(blank(page, 'reliefPath')).toHaveText('a relief valve in the bung hole')
})

test('a heater that is measured narrows the forecast', async ({ page }) => {
  await page.goto('/bench/choose')
  await page.getByRole('button', { name: 'Stage it Sealed tin' }).click()
  await complete(page)
  const spread = async () => {
    await ask(page, NUMBERS)
    const [, low, high] = /([\d.]+) s to ([\d.]+) s/.exec(
      (await page.locator('[data-spread="timeToPlume"]').innerText({ timeout: 5000 })).replaceAll('\u00a0', ' '),
    )!
    return Number(high) / Number(low)
  }
  await choose(page, 'Take a heater from the Shelf', 'Double plate, large ring, 1.8 kW')
  // Before that the odds of the plan without it are complete.
  await expect(blank(page, 'heaterPower')).toHaveText('1.8 kW')
  await page.keyboard.press('Control+s')
  await complete(page)
  const before = await spread()
  const staging = page.url()

  await page.goto('/shelf')
  await page.getByRole('button', { name: 'Change Double plate, large ring, 1.8 kW' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Water, weighed').fill('500 g')
  await dialog.getByLabel('From').fill('20 °C')
  await dialog.getByLabel('To', { exact: true }).fill('20.5 °C')
  await dialog.getByLabel('Took').fill('150 s')
  await expect(dialog.getByRole('status')).toContainText('last temperature')
  await dialog.getByLabel('To', { exact: true }).fill('60 °C')
  // 500 g warmed by 40 K take 83.7 kJ: 558 W of 1800 W.
  await expect(dialog.getByRole('status')).toContainText(/: 31 % of the label/)
  await dialog.getByRole('button', { name: 'Use it' }).click()
  await expect(dialog.getByLabel('Share that gets into a vessel')).toHaveValue('31 %')
  await dialog.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText(/31\s% ± 5\.\d\s?% of it gets in/)).toBeVisible()

  await page.goto(staging)
  await complete(page)
  await choose(page, 'Take a heater from the Shelf', 'Double plate, large ring, 1.8 kW')
  await expect(blank(page, 'heatingEfficiency')).toHaveText('31 %')
  await complete(page)
  // The question is opened anew where the page closed it meanwhile.
  await expect(async () => expect(await spread()).toBeLessThan(1 + (before - 1) * 0.8)).toPass()
})

test('a shelf of rows with one bad one: the bad cell is told by line and column, the good ones come in once', async ({
  page,
}) => {
  await page.goto('/shelf')
  const rows = [
    'kind,name,place,diameter (mm),height (mm),mouthDiameter (mm),wallThickness (mm),capacity (mL),count',
    'vessel,Row can A,rack 9,57.5,145,22,0.1,331,4',
    'vessel,Row can B,rack 9,57.5,tall,22,0.1,331,1',
    'consumable,Row towels,rack 9,,,,,,12',
  ].join('\n')
  await page
    .getByTestId('shelf-import')
    .setInputFiles({ name: 'rows.csv', mimeType: 'text/csv', buffer: Buffer.from(rows) })
  const result = page.getByTestId('import-result')
  await expect(result).toContainText('2 good, 1 fault')
  await expect(result).toContainText('line 3, height (mm): given "tall"; accepted: a number in mm')
  await result.getByRole('button', { name: 'Add the 2 good ones' }).click()
  await expect(page.getByText('2 added from rows.csv.')).toBeVisible()
  await page.reload()
  await page.getByLabel('Search the shelf').fill('rack 9')
  await expect(page.getByRole('heading', { level: 3 })).toHaveText(['Row can A', 'Row towels'])
  // What is exported can be read again, every row of it: it is here already, in the very same words.
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Export CSV' }).click(),
  ])
  await page.getByTestId('shelf-import').setInputFiles(await download.path())
  await expect(page.getByTestId('import-result')).toContainText(/: 0 good, 0 faults; \d{2,} here already/)
})

test('a demonstration is found from what is on the shelf, by effect and by age', async ({ page }) => {
  await page.goto('/bench/choose')
  const list = page.getByRole('heading', { level: 3 })
  await expect(list).toHaveCount(DEMONSTRATIONS.length)
  await page.getByLabel('with what is on the Shelf').check()
  await expect(list).not.toContainText(['Tank with its vent shut'])
  await page.getByLabel('Effect, or any word').fill('fountain')
  await expect(list).toHaveText(['Flask fountain'])
  await expect(page.getByText('On the Shelf: Round flask, 1 L, with its long tube')).toBeVisible()
  await choose(page, 'Age', '7')
  await expect(page.getByText('Nothing fits all of that.')).toBeVisible()
  // What was asked for stands in the address: a reload asks the same.
  await expect(page).toHaveURL(/words=fountain/)
  await page.reload()
  await expect(page.getByText('Nothing fits all of that.')).toBeVisible()
  await page.getByRole('button', { name: 'Show everything' }).click()
  // By what is in the cupboard, and by what people call it.
  await page.getByText('I have…').click()
  await page.getByRole('checkbox', { name: 'eggs, boiled and shelled' }).check()
  await page.getByRole('checkbox', { name: 'sound glass bottle' }).check()
  await expect(list).toHaveText(['Egg out again'])
  await page.getByRole('checkbox', { name: 'matches or a lighter' }).check()
  await expect(list).toHaveText(['Egg in a bottle', 'Egg out again'])
  await page.goto('/bench/choose?words=barrel')
  await expect(list.first()).toContainText('drum')
  await page.goto('/bench/choose')
  await page.getByRole('button', { name: 'Stage it Flask fountain' }).click()
  await expect(blank(page, 'vesselVolume')).toHaveText('1060 mL')
  await complete(page)
  await expect(page.getByTestId('ready')).toContainText('Earliest ready')
})

test('a photo is scaled, kept and removed; what is no picture is refused', async ({ page }) => {
  await page.goto('/shelf')
  const png = Buffer.from(
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNkYPhfDwAChwGA60e6kgAAAABJRU5ErkJggg==',
    'base64',
  )
  const field = page.getByLabel('photo of Bell jar, 6.5 L')
  await field.setInputFiles({ name: 'notes.png', mimeType: 'image/png', buffer: Buffer.from('not a picture') })
  await expect(page.getByRole('alert')).toContainText("notes.png can't be read as a picture")
  await field.setInputFiles({ name: 'jar.png', mimeType: 'image/png', buffer: png })
  await expect(page.getByAltText('Photo of Bell jar, 6.5 L')).toBeVisible()
  await page.reload()
  await expect(page.getByAltText('Photo of Bell jar, 6.5 L')).toBeVisible()
  await page.getByRole('button', { name: 'Remove photo of Bell jar, 6.5 L' }).click()
  await expect(page.getByAltText('Photo of Bell jar, 6.5 L')).toHaveCount(0)
})

test('thousands of things stay quick: the page shows them by and by', async ({ page }) => {
  const items = Array.from({ length: 2000 }, (_, i) => ({
    id: crypto.randomUUID(),
    document: { kind: 'consumable', name: `Lot ${String(i).padStart(4, '0')}`, place: 'lot store', count: i },
  }))
  const writeId = crypto.randomUUID()
  const send = () => page.request.post('/api/shelf/import', { data: { writeId, items } })
  expect((await (await send()).json()).length).toBe(2000)
  expect((await (await send()).json()).length).toBe(2000)
  await page.goto('/shelf')
  await page.getByLabel('Search the shelf').fill('lot store')
  await expect(page.getByRole('heading', { level: 3 })).toHaveCount(12)
  await page.getByRole('button', { name: /Show 12 more of 1988/ }).click()
  await expect(page.getByRole('heading', { level: 3 })).toHaveCount(24)
  await page.getByLabel('Search the shelf').fill('lot 1999')
  await expect(page.getByRole('heading', { level: 3 })).toHaveText(['Lot 1999'])
})
