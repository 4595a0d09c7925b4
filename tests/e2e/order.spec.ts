import { choose, expect, inTab, test } from './page'

const SHOW = '/order/5a1d0000-0000-4000-8000-000000000301'

test('a show fits; a bar is moved by keys; one that would break the order stays where it is, and says why', async ({
  page,
}) => {
  // It comes with its plan: nobody waits for scripts to read it. The first plan of a server takes it longer.
  await expect.poll(async () => (await page.request.get(SHOW)).text()).toContain('It fits')
  await page.goto(SHOW)
  const state = page.getByTestId('plan-state')
  await expect(state).toHaveText('It fits')
  const tin = page.getByRole('slider', { name: 'Moment of Oil tin, poured' })
  const before = Number(await tin.getAttribute('aria-valuenow'))
  // What it came with of its acts is what is found once something is changed.
  const listed = page.getByRole('region', { name: 'Kit' }).getByRole('list').last()
  const kit = await listed.innerText()
  expect(kit).toContain('heat-proof gloves')
  await expect(tin).toHaveAttribute('aria-valuetext', /on heater [12] at 18:\d\d.*ready.*no later than.*lifted 18:42/)
  await tin.focus()
  await page.keyboard.press('PageDown')
  await expect.poll(async () => Number(await tin.getAttribute('aria-valuenow'))).toBe(before + 60)
  expect(await listed.innerText()).toBe(kit)
  // Dragged onto the can: the presenter is busy.
  const box = (await tin.locator('rect').boundingBox())!
  await page.mouse.move(box.x + 5, box.y + 10)
  await page.mouse.down()
  await page.mouse.move(box.x - 430, box.y + 10, { steps: 6 })
  await page.mouse.up()
  await expect(page.getByRole('alert')).toContainText('Not moved: it would break the order.')
  await expect(page.getByRole('alert')).toContainText(/clashes with|early|wait for a heater/)
  expect(Number(await tin.getAttribute('aria-valuenow'))).toBe(before + 60)
  await page.reload()
  await expect
    .poll(async () =>
      Number(await page.getByRole('slider', { name: 'Moment of Oil tin, poured' }).getAttribute('aria-valuenow')),
    )
    .toBe(before + 60)
})

inTab('what does not fit names who clashes and ways to fix it; without a heater there is no plan', async ({ page }) => {
  await page.goto('/order')
  await page.getByRole('button', { name: 'New running order' }).click()
  await page.getByLabel('Title of the running order').fill('Two drums')
  await page.getByLabel('Title of the running order').press('Enter')
  for (const label of ['Drum in the yard, ice pool', 'Oil tin, poured']) {
    const count = await page.getByRole('slider').count()
    await choose(page, 'Add a staging', label)
    await expect(page.getByRole('slider')).toHaveCount(count + 1)
  }
  await expect(page.getByTestId('plan-state')).toHaveText('It fits')
  const minute = page.getByLabel('at minute')
  await minute.nth(0).fill('soon')
  await minute.nth(0).press('Enter')
  await expect(page.getByRole('alert')).toContainText(
    'given "soon"; accepted: minutes from the start, such as 12 or 12:30, or nothing',
  )
  await minute.nth(0).fill('12')
  await minute.nth(0).press('Enter')
  await expect(page.getByRole('alert')).toHaveCount(0)
  await minute.nth(1).fill('14:30')
  await minute.nth(1).press('Enter')
  await expect(page.getByTestId('clashes')).toContainText(/heater|clashes|early/)
  await expect(page.getByTestId('clashes')).toContainText('one more heater: then it fits')
  await page.getByLabel('Heaters', { exact: true }).fill('2')
  await page.getByLabel('Heaters', { exact: true }).press('Enter')
  await expect(page.getByTestId('plan-state')).toHaveText('It fits')
  const which = page.getByLabel('Which heaters')
  await which.fill('two big ones')
  await which.press('Enter')
  await expect(page.getByRole('alert')).toContainText('Which heaters: given "two big ones"')
  await expect(which).toHaveValue('two big ones')
  await which.fill('1.8 kW, 1800 W')
  await which.press('Enter')
  await expect(page.getByTestId('clashes')).toContainText(
    /Drum in the yard, ice pool needs a heater of 6\.5\skW, and there is none/,
  )
  await expect(page.getByTestId('clashes')).toContainText(/one more heater of 6\.5\skW/)
  await which.fill('1.8 kW, 6.5 kW')
  await which.press('Enter')
  await expect(page.getByTestId('plan-state')).toHaveText('It fits')
  await page.getByLabel('Heaters', { exact: true }).fill('0')
  await page.getByLabel('Heaters', { exact: true }).press('Enter')
  await expect(page.getByTestId('clashes')).toContainText('needs a heater, and there is none')
})

inTab('run sheet, kit list, safety sheet and calendar come out of it', async ({ page }) => {
  await page.goto(SHOW)
  await expect(page.getByTestId('plan-state')).toHaveText('It fits')
  await expect(page.getByTestId('spares')).toContainText(/Oil tin, poured:\s+\d tins? for 99 in 100 to see one/)
  await expect(page.getByTestId('spares')).toContainText('Cloud for the foyer: unlikely as planned')
  await expect(page.getByTestId('spares')).toContainText(/Ice in all: [\d.]+\skg/)
  const [calendar] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Calendar (iCal)' }).click(),
  ])
  const text = await (await calendar.createReadStream()).toArray().then(parts => Buffer.concat(parts).toString())
  expect(text).toMatch(/^BEGIN:VCALENDAR/)
  expect(text.replace(/\r?\n[ \t]/g, '')).toContain('SUMMARY:Heat on: Oil tin\\, poured')
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Running order (JSON)' }).click(),
  ])
  await page.getByRole('link', { name: /Run sheet, kit list and safety sheet/ }).click()
  await expect(page.getByRole('heading', { name: 'Run sheet' })).toBeVisible()
  const rows = page.getByRole('region', { name: 'Run sheet' }).getByRole('row')
  // There once it is planned.
  await expect(rows.filter({ hasText: 'Only now it is closed' }).first()).toBeVisible()
  const times = (await rows.allInnerTexts()).map(t => /\d\d:\d\d(:\d\d)?/.exec(t)?.[0]).filter(Boolean)
  expect(times).toEqual([...times].sort())
  // What must be confirmed is read before the act, never after it.
  const acts = (await rows.allInnerTexts()).filter(t => /\bGo\b|lift, go|heat on\./.test(t))
  expect(acts.length).toBeGreaterThan(2)
  for (const text of acts.filter(t => /confirmed|goggles|Goggles|line/.test(t)))
    expect(text, text).toMatch(/First: .*Then: .*(Go\.|lift, go|heat on\.)/s)
  expect(acts.some(t => /First: .*Only now it is closed/s.test(t))).toBe(true)
  await expect(page.getByRole('region', { name: 'Safety sheet' })).toContainText('Risk assessment, number and date')
  // It is printed once its cautions go by all draws.
  await expect(page.getByRole('button', { name: 'Print' })).toBeEnabled({ timeout: 60_000 })
  await expect(page.getByText('cautions may become stricter')).toBeHidden()
  await expect(page.getByRole('region', { name: 'Safety sheet' })).toContainText('A closed vessel on the heat bursts.')
  const pdf = await page.pdf({ format: 'A4' })
  expect(pdf.length).toBeGreaterThan(20000)
  // What was exported can be read again.
  await page.goto('/order')
  await page.getByLabel('Read one from a file').setInputFiles(await file.path())
  await expect(page.getByTestId('plan-state')).toHaveText('It fits')
})

test('a day is typed part by part, in the reader’s order, and kept once one leaves it', async ({ page }) => {
  await page.goto(SHOW)
  const begins = page.getByRole('group', { name: 'Begins' })
  const parts = async () => (await begins.getByRole('spinbutton').allTextContents()).map(text => text.trim())
  const reach = () => page.getByRole('button', { name: /^Begins:/ }).focus()
  await reach()
  await expect(begins.getByRole('spinbutton', { name: 'day' })).toBeFocused()
  const [day, ...others] = await parts()
  await begins.getByRole('spinbutton', { name: 'day' }).click()
  const next = day === '05' ? '06' : '05'
  await page.keyboard.type(next)
  const saved = page.waitForResponse(answer => answer.request().method() === 'PUT')
  await page.getByLabel('Length, min').focus()
  expect((await saved).ok()).toBe(true)
  await page.reload()
  await reach()
  await expect.poll(parts).toEqual([next, ...others])
})
