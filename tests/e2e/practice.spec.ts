import { begin, blank, expect, inTab as test, type Page } from './page'

/** A choice that is refused: its words are read, and the old one stays in force. */
async function refused(page: Page, input: string, choice: string, words: RegExp) {
  const before = await blank(page, input).innerText()
  await blank(page, input).click()
  await page.getByRole('radio', { name: choice }).check()
  await expect(page.getByRole('alert').filter({ hasText: words })).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(blank(page, input)).toHaveText(before)
}

test('a microwave is offered for the glass bottle and never for metal', async ({ page }) => {
  const offered = async () => {
    await page.getByLabel('Take a heater from the Shelf').click()
    await expect(page.getByRole('option').first()).toBeVisible()
    const lines = await page.getByRole('option').allInnerTexts()
    await page.keyboard.press('Escape')
    return lines.join(' ')
  }
  await begin(page, 'Bottle that drinks')
  await expect.poll(offered).toContain('microwave')
  for (const metal of ['Can plunge', 'Sealed tin', 'Sealed drum']) {
    await begin(page, metal)
    await expect.poll(offered).toContain('plate')
    expect(await offered(), metal).not.toContain('microwave')
  }
})

test(
  'what would hurt is refused with words: oxygen, free flight, smoke with spirits, a bath too cold ' +
    'for glass, a scratched jar',
  async ({ page }) => {
    await begin(page, 'Bottle on a line')
    await refused(page, 'burnsIn', 'oxygen', /refused: with oxygen it detonates/)
    await refused(page, 'guide', 'freely', /refused: a burning bottle that flies freely/)
    await begin(page, 'Cloud in a bottle')
    await refused(page, 'liquid', 'ethanol', /refused: smoke means a match/)
    await begin(page, 'Balloon in a bell jar')
    await refused(page, 'jarKind', 'jar with a scratch or a chip', /implodes without warning/)
    await begin(page, 'Bottle that drinks')
    await blank(page, 'bathTemperature').click()
    const field = page.getByRole('dialog').getByLabel(/, with any unit$/)
    await field.fill('5 °C')
    await expect(
      page.getByRole('alert').filter({ hasText: /refused: glass at .* more than 2 of 100 glasses of this kind crack/ }),
    ).toBeVisible()
    await expect(field).toHaveValue('5 °C')
  },
)

test('a thermometer that somebody reads is interpreted for this room; gates stand before what they guard', async ({
  page,
}) => {
  await page.goto('/bench/5a1d0000-0000-4000-8000-000000000001')
  const word = page.getByTestId('thermometer-word')
  await word.getByText('Somebody reads a thermometer').click()
  const reads = word.getByLabel('It reads')
  await reads.fill('60 °C')
  await expect(word.getByRole('status')).toContainText('far from boiling')
  // Where it boils depends on the room, which other tests change.
  const boiling = Number(/boils at ([\d.]+)/.exec(await word.getByRole('status').innerText())![1])
  await reads.fill(`${boiling} °C`)
  await expect(word.getByRole('status')).toContainText('is boiling, here')
  await reads.fill(`${boiling + 8} °C`)
  await expect(word.getByRole('status')).toContainText('superheated, or the probe touches the bottom')
  await word.getByRole('combobox').click()
  await page.getByRole('option', { name: 'on the outside of the wall' }).click()
  await expect(word.getByRole('status')).toContainText('usual for a wall just over the heat')
  await reads.fill('250 °C')
  await expect(word.getByRole('status')).toContainText('it is dry. Heat off now')
  await reads.fill('9000')
  await expect(word).toContainText('Reading: given 9000; accepted:')
  const items = await page.getByRole('list', { name: 'Procedure' }).getByRole('listitem').allInnerTexts()
  const heat = items.find(t => t.includes('heater'))!
  expect(heat.indexOf('Goggles on')).toBeGreaterThanOrEqual(0)
  expect(heat.indexOf('Goggles on')).toBeLessThan(heat.indexOf('Stand it on the hot'))
})
