/** Practice without a vessel: courses done with one mistake each, dangers, trouble, and the record of it. */
import { choose, expect, test, type Page } from './page'

const [CAN, TIN, FLASK, JAR] = ['01', '06', '07', '12'].map(n => `5a1d0000-0000-4000-8000-0000000000${n}`)

/**
 * Opens an exercise with a clock that only the test turns, and begins it. What the attempt has in store is always the
 * same: one can in six would go even as this learner does it.
 */
async function begin(page: Page, id: string | undefined, exercise: string) {
  await page.addInitScript(() => (Math.random = () => 0.5))
  await page.clock.install()
  await page.clock.resume()
  await page.goto(`/practice/${id}?exercise=${exercise}`)
  await page.clock.pauseAt((await page.evaluate(() => Date.now())) + 1000)
  await page.getByRole('button', { name: 'Begin' }).click()
}
const act = (page: Page) => page.getByTestId('bench-act')
/** Does what is next, with what stands there, until an act of that name is. */
async function upTo(page: Page, name: RegExp) {
  await expect(async () => {
    if (!name.test(await act(page).innerText())) await act(page).click()
    expect(await act(page).innerText()).toMatch(name)
  }).toPass({ intervals: [50] })
}
const press = (page: Page, name: string | RegExp) => page.getByRole('button', { name }).first().click()
/** What is done when it is not as wanted, in this order. */
async function answer(page: Page, ...acts: readonly RegExp[]) {
  const now = page.getByRole('region', { name: 'What now' })
  for (const words of acts) await now.getByRole('button', { name: words }).click()
  await expect(now).toBeHidden()
}
const better = (page: Page) => page.getByTestId('debrief-better')
const end = (page: Page) => page.getByTestId('debrief-end')
/** Time passes until something is to be heard or seen. */
async function until(page: Page, words: RegExp) {
  const heard = page.getByRole('list', { name: 'What you hear and see' })
  await press(page, '× 4')
  await expect(async () => {
    await page.clock.runFor(400)
    expect(await heard.innerText()).toMatch(words)
  }).toPass({ intervals: [1] })
  await press(page, '× 1')
}

test('the plan to be practised warns as the Bench does, and a guided act of what is next', async ({ page }) => {
  await page.goto(`/practice/${CAN}?exercise=as-planned`)
  const plan = page.getByRole('list', { name: 'The plan' })
  await expect(plan).toContainText('Before this step: Everyone behind the line')
  const raised = await plan.getByRole('button', { name: /Raised caution/ }).allInnerTexts()
  expect(raised.length).toBeGreaterThan(0)
  await page.getByRole('button', { name: 'Begin' }).click()
  await expect(act(page)).toBeVisible()
  const warned = page.getByRole('list', { name: 'Cautions' })
  await expect(warned.getByRole('listitem').first()).toContainText(/on the floor.*\./s)
  await page.goto(`/bench/${CAN}`)
  const procedure = page.getByRole('list', { name: 'Procedure' })
  for (const words of raised) await expect(procedure).toContainText(words.replace(/^.*caution: /is, ''))
})

test('a can that was carried too slowly: what decided it, and what to do better', async ({ page }) => {
  await begin(page, CAN, 'as-planned')
  await upTo(page, /^Plume/)
  // What a bench does not show is not shown.
  await expect(page.getByRole('img', { name: /^Bench drawing/ })).not.toContainText(/kPa|°C/)
  await until(page, /dense white plume/)
  await page.keyboard.press('p')
  await upTo(page, /^Off the heat/)
  await page.clock.runFor(20_000)
  // A page that is read again goes on where it was, once whoever practises says so.
  const since = page.getByRole('timer')
  const before = await since.innerText()
  await page.reload()
  await expect(page.getByText(`${before} into this attempt the page was left.`)).toBeVisible()
  await press(page, 'Go on')
  await expect(since).toHaveText(before)
  await expect(act(page)).toContainText('Off the heat')
  await page.keyboard.press('l')
  await page.clock.runFor(18_000)
  await page.keyboard.press('s')
  await page.keyboard.press('n')
  await answer(page, /^Leave it/, /^Heater off/, /^Tilt it/, /^Let it cool/, /^Then tip/)
  await expect(better(page)).toContainText(/from the heat into the water: 1[89]\ss; planned: /)
  await expect(page.getByTestId('debrief-decided')).toContainText('air got in between heat and seal')
  await expect(page.getByTestId('debrief-window')).toContainText('ready from')
})

test('a fountain taken off the heat too soon', async ({ page }) => {
  await begin(page, FLASK, 'as-planned')
  await upTo(page, /^Plume/)
  await until(page, /dense white plume/)
  await page.keyboard.press('p')
  await upTo(page, /^Off the heat/)
  await page.keyboard.press('l')
  await page.clock.runFor(3000)
  await page.keyboard.press('s')
  await page.clock.runFor(60_000)
  await page.keyboard.press('n')
  await answer(page, /^Heater off/, /^Everybody stays/, /^Water halfway/, /^To end it/, /^Let it cool/)
  await expect(better(page)).toContainText(/boiling on after the plume: .* planned: /)
})

test('a pump stopped too soon', async ({ page }) => {
  await begin(page, JAR, 'as-planned')
  await upTo(page, /^Go/)
  await page.keyboard.press('s')
  await page.clock.runFor(12_000)
  await press(page, /^Stop the pump/)
  await page.keyboard.press('n')
  await answer(page, /^Stop pumping/, /^Let air in/, /^Measure the water/, /^Look for the leak/)
  await expect(better(page)).toContainText(/longest time at the pump: 1[23]\ss; planned: /)
})

test('what hurts stops the attempt and says why; the record says so, and can be taken away', async ({ page }) => {
  await page.goto('/school')
  await page.getByLabel('Another name').fill('Trainee')
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(page.getByRole('radio', { name: 'Trainee' }).or(page.getByText('Trainee')).first()).toBeVisible()

  await page.goto(`/practice/${TIN}?exercise=as-planned`)
  await choose(page, 'Who practises', 'Trainee')
  await page.getByRole('button', { name: 'Begin' }).click()
  await upTo(page, /^Plume/)
  await page.keyboard.press('s')
  await expect(end(page)).toContainText('Stopped. A closed vessel on the heat bursts.')
  await expect(page.getByText('Kept for Trainee.')).toBeVisible()
  await page.getByRole('button', { name: 'Once more' }).click()
  await page.getByRole('button', { name: 'Begin' }).click()
  await upTo(page, /^Plume/)
  // Away for a moment, the server gets it once it is there again.
  await page.route('**/api/practice', route => (route.request().method() === 'POST' ? route.abort() : route.continue()))
  await press(page, 'Take it with bare hands')
  await expect(end(page)).toContainText('Tongs or dry heat-proof gloves.')
  await expect(page.getByRole('alert')).toContainText('It could not be kept')
  await page.unroute('**/api/practice')
  await page.getByRole('button', { name: 'Try to keep it again' }).click()
  await expect(page.getByText('Kept for Trainee.')).toBeVisible()

  await page.goto('/practice')
  await choose(page, 'Whose', 'Trainee')
  const record = page.getByRole('region', { name: 'Record of practice' })
  await expect(record.getByRole('listitem')).toHaveCount(2)
  await expect(record.getByRole('listitem').first()).toContainText('stopped: it would have hurt somebody, Trainee')
  await record.getByRole('button', { name: 'Take this attempt away for good' }).first().click()
  await expect(record.getByRole('listitem')).toHaveCount(1)
  await page.getByRole('button', { name: 'Take away what Trainee practised' }).click()
  await page.getByRole('button', { name: 'Yes, take all of it away for good' }).click()
  await expect(record).toContainText('Nothing was practised yet.')
})

test('trouble asks what to do now: near too soon is stopped, in order it is met', async ({ page }) => {
  for (const rightly of [false, true]) {
    await begin(page, CAN, 'bath-over')
    // The numbers were in the head: what is measured out is asked.
    await act(page).click()
    await expect(page.getByRole('alert')).toContainText('how much?')
    await expect(async () => {
      for (const field of await page.getByRole('region', { name: 'What you do' }).getByRole('textbox').all()) {
        const label = (await field.getAttribute('id'))!
        const of = await page.locator(`label[for="${label}"]`).innerText()
        await field.fill(of.includes('bath') ? '4 °C' : '15 mL')
      }
      if (!/^Plume/.test(await act(page).innerText())) await act(page).click()
      expect(await act(page).innerText()).toMatch(/^Plume/)
    }).toPass({ intervals: [50] })
    await page.clock.runFor(30_000)
    const now = page.getByRole('region', { name: 'What now' })
    await expect(now).toContainText('Somebody knocks the bath over.')
    if (rightly) {
      await answer(page, /^Heater off/, /^Everybody stays/, /^Leave the can/, /^Dry the floor/)
      await expect(end(page)).toContainText('Met rightly: nobody was hurt.')
    } else {
      await now.getByRole('button', { name: /^Dry the floor/ }).click()
      await expect(end(page)).toContainText('Stopped. Nobody goes near before')
    }
    await expect(page.getByTestId('debrief-decided')).toContainText('The bath was knocked over.')
  }
})
