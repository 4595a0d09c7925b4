/** Whose device it is, and what a school puts on its sheets. */
import { readFileSync } from 'node:fs'
import { choose, copyOf, expect, test } from './page'

const CAN = '5a1d0000-0000-4000-8000-000000000001'
const SHEETS = '/order/5a1d0000-0000-4000-8000-000000000301/sheets'

test('a school’s name, numbers, rules and cautions stand on its sheets, and its file sets up another copy', async ({
  page,
}) => {
  await page.goto('/school')
  await page.getByLabel('Name of the school').fill('Tern Bay School')
  await page.getByRole('button', { name: 'A number' }).click()
  await page.getByLabel('Who answers, 1').fill('First-aid room')
  // Bad input is told at its field, and nothing typed is lost.
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByText('a telephone number of 1 to 40 characters')).toBeVisible()
  await expect(page.getByLabel('Who answers, 1')).toHaveValue('First-aid room')
  await page.reload()
  await expect(page.getByLabel('Who answers, 1')).toHaveValue('First-aid room')
  await page.getByLabel('Number, 1').fill('4711')
  await page.getByLabel('Rules that hold here').fill('Goggles in the first two rows.\n')
  for (const [i, text] of ['Windows open.', 'Only over the long tray.'].entries()) {
    await page.getByRole('button', { name: 'A caution' }).click()
    await page.getByLabel(`Caution ${i + 1}`, { exact: true }).fill(text)
  }
  await choose(page, 'Caution 2 is shown with', 'Can plunge')
  await choose(page, 'Like one on the Shelf', 'Bell jar, 6.5 L')
  await page.getByRole('button', { name: 'As it is now' }).click()
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByText('Saved.')).toBeVisible()

  await page.goto(SHEETS)
  await expect(page.getByTestId('sheet-head')).toHaveText('Tern Bay School')
  await expect(page.getByTestId('emergency-numbers')).toHaveText(/First-aid room\s*4711/)
  await expect(page.getByText('Goggles in the first two rows.')).toBeVisible()
  await page.goto(`/bench/${CAN}`)
  await expect(page.getByTestId('school-cautions')).toHaveText(/Tern Bay School adds:\s*Windows open\.\s*Only over/)
  await page.goto('/bench/5a1d0000-0000-4000-8000-000000000004')
  await expect(page.getByTestId('school-cautions')).toHaveText(/Tern Bay School adds:\s*Windows open\.$/)

  await page.goto('/school')
  const waiting = page.waitForEvent('download')
  await page.getByRole('button', { name: 'As a file' }).click()
  const path = await (await waiting).path()
  expect(JSON.parse(readFileSync(path, 'utf8'))).toMatchObject({ format: 'zealous-hush/school', version: 1 })
  await page.getByLabel('Name of the school').fill('')
  await page.getByRole('button', { name: 'Remove number 1' }).click()
  await page.locator('input[type=file][accept*=json]').setInputFiles(path)
  await expect(page.getByLabel('Name of the school')).toHaveValue('Tern Bay School')
  await expect(page.getByLabel('Number, 1')).toHaveValue('4711')
})

test('what is made with a device says whose it is; lists are narrowed to one’s own; a name can be taken away', async ({
  page,
}) => {
  await page.goto('/school')
  await page.getByLabel('Another name').fill('Kim Bell')
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(page.getByRole('link', { name: 'Kim Bell’s device; our school' })).toHaveText('KB')
  await page.goto(await copyOf(page, CAN, 'A can of one’s own'))
  await page.getByLabel('Title of the staging').fill('Slim can, by Kim')
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByTestId('save-state')).toHaveText(/^Saved, version \d+, Kim Bell$/)
  await page.goto('/bench')
  const rows = page.locator('main li')
  await expect(rows.filter({ hasText: 'Slim can, by Kim' })).toContainText('Kim Bell')
  await page.getByLabel('only mine').check()
  await expect(rows).toHaveCount(1)

  await page.goto('/school')
  await expect(page.getByRole('list', { name: 'Devices' })).toContainText('Kim Bell')
  await page.getByRole('button', { name: 'Names (1)' }).click()
  await page.getByRole('button', { name: 'Take Kim Bell away' }).click()
  await page.getByRole('button', { name: 'Take it away' }).click()
  await expect(page.getByRole('link', { name: 'Whose device is this; our school' })).toBeVisible()
  await page.goto('/bench')
  await expect(rows.filter({ hasText: 'Slim can, by Kim' })).not.toContainText('Kim Bell')
})
