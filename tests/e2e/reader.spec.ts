/** Who reads: units by region, marks by language, and a second language. */
import { ask, blank, expect, FILES, test } from './page'

const CAN = '/bench/5a1d0000-0000-4000-8000-000000000001'
const DRUM = '/bench/5a1d0000-0000-4000-8000-000000000004'

test.describe('a visitor from where customary units are used', () => {
  test.use({ locale: 'en-US' })
  test('reads them from the first page on, and types a fraction', async ({ page }) => {
    await page.goto(CAN)
    await expect(page.getByRole('button', { name: 'US', exact: true })).toHaveAttribute('aria-pressed', 'true')
    await expect(page.getByTestId('verdict')).toContainText('stagings computed')
    await expect(page.getByRole('region', { name: 'Why' })).toContainText(/wall holds about [\d.]+\spsi/)
    await blank(page, 'bathVolume').click()
    const field = page.getByLabel('water in the bath, with any unit')
    await field.fill('1 ½ gal')
    await field.press('Enter')
    await expect(blank(page, 'bathVolume')).toHaveText(/1\.5\sgal/)
    await expect(page.getByLabel('Procedure')).toContainText(/1\.5\sgal of water may end on the floor/)
    // Things on the Shelf keep the names that somebody gave them; what the application says has no other unit.
    const words = await page.getByLabel('Procedure').locator('[data-folded]').allTextContents()
    expect(words.join(' ')).not.toMatch(/\d\s?(kPa|hPa|mL|°C|cm|mm|kg)\b/)
  })
})

test('a sheet for pupils is one page and its answers the next, in the units of whoever prints it', async ({ page }) => {
  for (const [units, pressure, other] of [
    ['SI', /presses with \d+\skPa/, /\bpsi\b|°F/],
    ['US', /presses with [\d.]+\spsi/, /\bkPa\b|°C/],
  ] as const) {
    await page.goto('/bench/5a1d0000-0000-4000-8000-000000000010')
    await page.getByRole('button', { name: units, exact: true }).click()
    await ask(page, FILES)
    await page.getByRole('link', { name: 'Sheet for pupils' }).click()
    await expect(page.getByRole('heading', { name: '1 Predict' })).toBeVisible()
    const text = await page.locator('.pupils').innerText()
    expect(text).toMatch(pressure)
    expect(text).not.toMatch(other)
    // What it ends like stands with the answers only.
    expect(text.indexOf('It ends so')).toBeGreaterThan(text.indexOf('For the teacher'))
    for (const format of ['A4', 'Letter']) {
      const pdf = (await page.pdf({ format, preferCSSPageSize: false })).toString('latin1')
      expect(pdf.match(/\/Type\s*\/Page\b/g), `${units}, ${format}`).toHaveLength(2)
    }
  }
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as a page (HTML)' }).click(),
  ])
  expect(saved.suggestedFilename()).toMatch(/-sheet\.html$/)
})

test('units that an earlier version kept on the device still hold', async ({ page }) => {
  await page.addInitScript(() => localStorage.setItem('hush-units', 'us'))
  await page.goto('/bench')
  const us = page.getByRole('button', { name: 'US', exact: true })
  await expect(us).toHaveAttribute('aria-pressed', 'true')
  // What is chosen since counts for more.
  await page.getByRole('button', { name: 'SI', exact: true }).click()
  await page.reload()
  await expect(us).toHaveAttribute('aria-pressed', 'false')
})

test.describe('a visitor who writes a decimal comma', () => {
  test.use({ locale: 'de-DE' })
  test('reads and types it, is asked where a number has two meanings, and can have German', async ({ page }) => {
    await page.goto(CAN)
    await expect(page.getByTestId('verdict')).toContainText('stagings computed')
    await blank(page, 'iceMass').click()
    const field = page.getByLabel('ice in the bath, with any unit')
    await field.fill('0,75 kg')
    await expect(blank(page, 'iceMass')).toHaveText(/0,75\skg/)
    await field.fill('1.250 g')
    await expect(page.getByRole('alert')).toContainText('can be read in two ways; write 1250 or 1,25')
    await expect(blank(page, 'iceMass')).toHaveText(/0,75\skg/)
    await field.fill('1 250 g')
    await expect(blank(page, 'iceMass')).toHaveText(/1250\sg|1,25\skg/)
    await field.press('Enter')

    await page.getByRole('button', { name: 'Deutsch' }).click()
    await expect(page.locator('html')).toHaveAttribute('lang', 'de')
    await expect(page.getByRole('region', { name: 'Urteil' })).toContainText('von 100')
    await expect(page.getByRole('region', { name: 'Warum' })).toContainText(/die Wand hält etwa [\d,]+\skPa/i)
    await expect(page.getByText('Alle hinter der Linie, Schutzbrillen auf')).toBeVisible()
    await expect(page.getByTestId('language-note')).toHaveCount(0)
    // One that has no German says so, and stays in one language.
    await page.goto(DRUM)
    await expect(page.getByTestId('language-note')).toContainText('noch nicht übersetzt')
    await expect(page.getByRole('region', { name: 'Warum' })).toContainText(/shell holds about/i)
    await expect(page.getByRole('button', { name: 'Deutsch' })).toHaveAttribute('aria-pressed', 'true')
  })
  test('joins a vote in German', async ({ page }) => {
    await page.goto('/join')
    await expect(page.getByRole('heading')).toHaveText('Was wird geschehen?')
    await page.getByLabel('Code vom Bildschirm').fill('QQQQQ')
    await page.getByRole('button', { name: 'Mitmachen' }).click()
    await expect(page.getByRole('alert')).toContainText('Keine Abstimmung hat diesen Code')
  })
})
