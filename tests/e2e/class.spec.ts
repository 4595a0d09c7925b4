/** What stands before a class: the projector's pages of a staging, its sheet as a document, a lesson planned. */
import { readFileSync } from 'node:fs'
import { strFromU8, unzipSync } from 'fflate'
import { ask, choose, complete, expect, FILES, inTab as test } from './page'

const BALLOON = '5a1d0000-0000-4000-8000-000000000010'

test('a class is told of a can that filled what happened to it, on the Bench and on the projector', async ({
  page,
  baseURL,
}) => {
  const id = crypto.randomUUID()
  const inputs = { bathTemperature: { value: 85, unit: 'degC' } }
  const { status } = await fetch(`${baseURL}/api/stagings`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({
      id,
      writeId: crypto.randomUUID(),
      document: { demonstration: 'can-plunge', title: 'Hot bath', inputs },
    }),
  })
  expect(status).toBe(200)
  await page.goto(`/bench/${id}`)
  await complete(page)
  const notes = await ask(page, 'What do I tell the class?')
  await notes.getByRole('button', { name: 'Age 7 to 11' }).click()
  await expect(notes).toContainText('pushed water in through the hole')
  await expect(notes).not.toContainText('pushed the can in')
  await notes.getByRole('button', { name: 'Questions before and after' }).click()
  await expect(notes).toContainText('Why did the can fill and keep its shape?')
  await expect(notes).toContainText('so the wall was never pressed hard enough')
  await expect(notes).not.toContainText('Why was it so fast?')

  await ask(page, FILES)
  await page.getByRole('link', { name: 'Projector pages' }).click()
  const wall = page.locator('.wall')
  const pages: string[] = []
  for (;;) {
    const kind = (await wall.getAttribute('data-page'))!
    pages.push(kind)
    if (kind === 'question' && pages.length > 6) break
    if (kind === 'told') {
      await expect(page.getByRole('heading', { level: 1 })).toContainText('mostly full of water')
      await choose(page, 'How old the class is', 'from 7 years')
      await expect(page.locator('p.wall-words')).toContainText('pushed water in through the hole')
      await page.locator('body').click({ position: { x: 5, y: 5 } })
    }
    // Read from the last row: at least a twenty-fifth of the height.
    for (const size of await page
      .locator('.wall-words:visible, .cue-words:visible')
      .evaluateAll(all => all.map(e => parseFloat(getComputedStyle(e).fontSize))))
      expect(size, kind).toBeGreaterThanOrEqual(page.viewportSize()!.height / 25)
    const told = page.getByRole('status').filter({ hasText: /\d of \d+$/ })
    const before = await told.textContent()
    await page.keyboard.press('ArrowRight')
    await expect(told).not.toHaveText(before!)
  }
  expect(pages).toEqual([
    'question',
    'question',
    'question',
    'ends',
    'drawing',
    'particles',
    'told',
    'not-crushed',
    'question',
  ])
  await page.keyboard.press('ArrowLeft')
  await expect(wall).toHaveAttribute('data-page', 'not-crushed')
  await page.getByRole('switch', { name: 'Light' }).click()
  await expect(wall).toHaveClass(/wall-light/)
})

test('the sheet of a staging is a document that can be changed, with its record table, grid and answers', async ({
  page,
}) => {
  await page.goto(`/bench/sheet?staging=${BALLOON}`)
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as a document (DOCX)' }).click(),
  ])
  expect(saved.suggestedFilename()).toMatch(/-sheet\.docx$/)
  const xml = strFromU8(unzipSync(readFileSync(await saved.path()))['word/document.xml']!)
  const text = xml.replace(/<[^>]+>/g, ' ')
  for (const words of ['1 Predict', '2 Observe', '3 Explain', 'For the teacher: answers', 'Set C, from 14 years'])
    expect(text).toContain(words)
  // Two tables: five runs and a heading; a grid.
  expect(xml.match(/<w:tbl>/g)).toHaveLength(2)
  expect(text).toMatch(/Force is pressure times area/)
})

test('a lesson is planned from a topic, an age, minutes and ticked boxes, printed, and made a running order', async ({
  page,
}) => {
  await page.goto('/order')
  await page.getByRole('link', { name: 'Plan a lesson' }).click()
  const lesson = page.getByTestId('lesson')
  await expect(lesson).toContainText('Pupils can say that air presses from all sides')
  await page.getByRole('button', { name: 'Nothing', exact: true }).click()
  await expect(page.getByText('Nothing fits: tick more of what is there')).toBeVisible()
  for (const thing of ['drinking glass and smooth card', 'balloons', 'drinks cans', 'hot plate or burner'])
    await page.getByRole('checkbox', { name: thing, exact: true }).click()
  await expect(lesson).toContainText('Can plunge')
  await expect(lesson).toContainText('of 45 minutes')
  await expect(page.getByRole('table', { name: 'In the lesson' })).toContainText('Predict: Can plunge')
  await expect(lesson).toContainText('A vacuum sucks.')
  await expect(page.getByRole('region', { name: 'Run sheet' })).toContainText('On heater 1, heat on.')
  await expect(page.getByRole('region', { name: 'Safety sheet' })).toContainText('In an emergency')
  await expect(page.getByTestId('spares')).toContainText('for 99 in 100 to see one')
  await page.getByRole('button', { name: 'Leave out Can plunge' }).click()
  await expect(lesson).not.toContainText('Can plunge')
  await page.getByText('Not in it, and why').click()
  await expect(page.getByText('Can plunge: left out by you')).toBeVisible()
  await page.getByRole('button', { name: 'Take it back' }).click()
  await expect(lesson).toContainText('Can plunge')
  // What is chosen is kept on this device.
  await page.reload()
  await expect(lesson).toContainText('Can plunge')
  const acts = await lesson.getByRole('button', { name: /^Leave out/ }).count()
  await expect(page.locator('.pupils')).toHaveCount(acts)
  const pdf = (await page.pdf({ format: 'A4' })).toString('latin1')
  // The plan, its run sheet and safety, and two pages of each sheet for pupils.
  expect(pdf.match(/\/Type\s*\/Page\b/g)!.length).toBeGreaterThanOrEqual(2 + 2 * acts)

  await page.getByRole('button', { name: 'Make it a running order' }).click()
  await expect(page).toHaveURL(/\/order\/[0-9a-f-]{36}$/)
  const title = page.getByRole('textbox', { name: 'Title of the running order' })
  await expect(title).toHaveValue(/Lesson: air pressure, age 12/)
})

test('a staging travels in an address, is read and kept, and one that was cut short is told', async ({ page }) => {
  await page.goto('/bench/5a1d0000-0000-4000-8000-000000000001')
  await ask(page, FILES)
  await page.getByRole('button', { name: 'Share as a link' }).click()
  const dialog = page.getByRole('dialog', { name: 'Share this staging' })
  await expect(dialog.getByRole('img', { name: 'QR code of the address' })).toBeVisible()
  const address = await dialog.getByRole('textbox', { name: 'Address' }).inputValue()
  await page.goto(address)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Slim can, ice bath')
  await expect(page.getByRole('list', { name: 'Procedure' })).toContainText('15 mL')
  await page.getByRole('button', { name: 'Keep it on this Bench' }).click()
  await expect(page.getByTestId('save-state')).toHaveText('Saved, version 1')
  await page.goto('about:blank')
  await page.goto(address.slice(0, -40))
  await expect(page.getByRole('alert')).toContainText('it may have been cut short')
})
