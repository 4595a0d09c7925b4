import { ask, blank, complete, expect, odds, inTab as test, verdict, type Page } from './page'

const staging = (n: number) => `/bench/5a1d0000-0000-4000-8000-0000000000${String(n).padStart(2, '0')}`

async function type(page: Page, input: string, value: string) {
  await blank(page, input).click()
  await page
    .getByRole('dialog')
    .getByLabel(/, with any unit$/)
    .fill(value)
  await page.keyboard.press('Escape')
}
async function pick(page: Page, input: string, choice: string) {
  await blank(page, input).click()
  await page.getByRole('radio', { name: choice }).check()
  await page.keyboard.press('Escape')
}

test('an egg too large tears, a smaller one goes in whole; the size it names is taken by a button', async ({
  page,
}) => {
  await page.goto(staging(9))
  await complete(page)
  await type(page, 'eggDiameter', '44.5 mm')
  await expect(verdict(page)).toContainText(/tears: [5-9]\d|tears: 100/)
  await complete(page)
  expect(await odds(page)).toBeLessThan(40)
  await type(page, 'eggDiameter', '37 mm')
  await expect.poll(() => odds(page)).toBeGreaterThan(90)
  await type(page, 'eggDiameter', '47 mm')
  await expect.poll(() => odds(page)).toBeLessThan(40)
  await page.getByRole('region', { name: 'What the numbers suggest' }).getByRole('button', { name: /^Take/ }).click()
  await expect.poll(() => odds(page)).toBeGreaterThan(80)
  // How little the oxygen does stands in the ledger.
  await ask(page, 'Where does the difference come from?')
  await expect(page.getByRole('row', { name: /the gas getting colder since the egg last sealed/ })).toBeVisible()
  await page.getByRole('button', { name: 'Undo all' }).click()
})

test('a balloon\u2019s starting size is found that fills the jar', async ({ page }) => {
  await page.goto(staging(10))
  await complete(page)
  expect(await odds(page)).toBeLessThan(10)
  await page
    .getByRole('region', { name: 'What the numbers suggest' })
    .getByRole('button', { name: /^Take 1\d(\.\d)? cm/ })
    .click()
  await expect.poll(() => odds(page)).toBeGreaterThan(60)
  await expect(blank(page, 'balloonStart')).toContainText(/^1\d/)
  // Twice as large to begin with presses on the glass or bursts.
  await type(page, 'balloonStart', '16 cm')
  await expect.poll(() => odds(page)).toBeLessThan(10)
  await expect(verdict(page)).toContainText(/presses against the glass|bursts/)
  await page.getByRole('button', { name: 'Undo all' }).click()
})

test('a cloud fails without nuclei and works with smoke', async ({ page }) => {
  await page.goto(staging(11))
  await complete(page)
  expect(await odds(page)).toBeLessThan(10)
  await expect(page.getByRole('region', { name: 'What the numbers suggest' })).toContainText(
    'A wisp of smoke makes the difference',
  )
  await pick(page, 'nuclei', 'a wisp of smoke')
  await expect.poll(() => odds(page)).toBeGreaterThan(90)
  await blank(page, 'gaugePressure').click()
  const field = page.getByRole('dialog').getByLabel(/, with any unit$/)
  await field.fill('450 kPa')
  await expect(page.getByRole('alert')).toContainText('accepted: 2 kPa to 300 kPa')
  await page.keyboard.press('Escape')
  // Closed, it is not lost.
  await expect(blank(page, 'gaugePressure')).toHaveAttribute('aria-label', /60\s?kPa\. Refused as typed: .*300\s?kPa/)
  await blank(page, 'gaugePressure').click()
  await expect(field).toHaveValue('450 kPa')
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Undo all' }).click()
})

test('warm water under a pump that cannot reach its boiling point is refused, with the reason', async ({ page }) => {
  await page.goto(staging(12))
  await complete(page)
  await blank(page, 'pump').click()
  await page.getByRole('radio', { name: 'kitchen hand pump' }).check()
  await expect(page.getByRole('alert')).toContainText(
    /accepted: at least .* because this pump gets down to .* at best and water boils there at/,
  )
  await page.keyboard.press('Escape')
  await expect(blank(page, 'pump')).toHaveText('hand piston pump')
  await blank(page, 'waterTemperature').click()
  await page
    .getByRole('dialog')
    .getByLabel(/, with any unit$/)
    .fill('30 °C')
  await expect(page.getByRole('alert').first()).toContainText('Warmer water, or a pump that reaches lower')
})

test('the particle board follows the scrubber, and the notes for the class are there', async ({ page }) => {
  await page.goto(staging(10))
  await complete(page)
  await ask(page, 'What do the particles do?')
  const particles = page.getByTestId('particles')
  const scrubber = page.getByLabel('Time scrubber')
  await scrubber.fill('0')
  await expect(particles).toContainText('against 87.8 kPa')
  const full = Number(/Inside (\d+) of air/.exec(await particles.innerText())![1])
  await scrubber.fill('1')
  await expect
    .poll(async () => Number(/Inside (\d+) of air/.exec(await particles.innerText())![1]))
    .toBeLessThan(full / 3)
  await ask(page, 'What do I tell the class?')
  await page.getByText('Wrong ideas that classes have').click()
  await expect(page.getByText('The vacuum sucks the balloon bigger.')).toBeVisible()
  await page.getByText('Questions before and after').click()
  await expect(page.getByText('Will there be more air in the balloon? How could you tell?')).toBeVisible()
  await page.getByText('Where else it happens').click()
  await expect(page.getByText('Ears pop on a plane.')).toBeVisible()
  await page.getByRole('button', { name: 'Age 16 and over' }).click()
  await expect(page.getByText(/V\(λ\) is constant/)).toBeVisible()
})

test(
  'every family stands in the gallery; a living thing under the jar is refused where one looks for ' +
    'it; a pump from the Shelf is taken',
  async ({ page }) => {
    await page.goto('/bench/choose')
    await expect(page.getByRole('heading', { level: 2 })).toHaveText([
      'Steam',
      'Hot air and flames',
      'Under a pump',
      'Held by air',
      'Clouds and floats',
      'Set in motion',
    ])
    await page.getByLabel('Effect, or any word').fill('two hamsters')
    await expect(page.getByText('No living thing goes into a vacuum: no such demonstration is offered')).toBeVisible()
    await page.getByLabel('Effect, or any word').fill('cannon')
    await page.getByRole('button', { name: 'Stage it Vacuum ball cannon' }).click()
    await complete(page)
    await expect(blank(page, 'pump')).toHaveText('small two-stage pump')
    await expect(blank(page, 'pumpSpeed')).toHaveText('42 L/min')
    await expect(page.getByRole('list', { name: 'Procedure' })).toContainText('Nobody forward of the muzzle')
  },
)
