/** The hush by ear: from a sound file, and from the microphone while a show runs. */
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import '../../core/catalogue/everything'
import { readStaging, type StoredRun, type StoredStaging } from '../../core'
import { testBrowser } from './test-browser'
import { makeSound, wavOf } from '../made-sounds'
import { expect, test } from './page'

const CAN = '5a1d0000-0000-4000-8000-000000000001'
const [SEAL, HUSH] = [1.3, 0.212]
const splashAndBang = (seconds: number, decibels: number) =>
  makeSound(
    [
      { kind: 'splash', time: SEAL },
      { kind: 'bang', time: SEAL + HUSH },
    ],
    seconds,
    'talk',
    decibels,
    4,
  )
// The browser plays it again and again, as if it were in front of the microphone.
const folder = mkdtempSync(join(tmpdir(), 'hush-ear-'))
const played = join(folder, 'can.wav')
writeFileSync(played, wavOf(splashAndBang(3, 30)))
test.use({
  permissions: ['microphone'],
  launchOptions: testBrowser(
    '--use-fake-device-for-media-stream',
    '--use-fake-ui-for-media-stream',
    `--use-file-for-fake-audio-capture=${played}`,
  ),
})

test('a sound file gives the hush to 15 ms, is put right by hand, and the run keeps what began in it', async ({
  page,
}) => {
  await page.goto(`/logbook/new?staging=${CAN}`)
  await page.getByRole('radio', { name: /^crushes/i }).check()
  const file = page.locator('input[type=file][accept*=audio]')
  await file.setInputFiles({ name: 'notes.wav', mimeType: 'audio/wav', buffer: Buffer.from('no sound at all') })
  await expect(page.getByRole('alert')).toContainText('notes.wav can’t be read as a sound; accepted: WAV')
  await file.setInputFiles({ name: 'can.wav', mimeType: 'audio/wav', buffer: wavOf(splashAndBang(3, 25)) })
  const hush = page.getByTestId('heard-hush')
  const heard = async () => Number(/Hush ([\d.]+) s/.exec(await hush.innerText())![1])
  await expect(hush).toBeVisible()
  expect(Math.abs((await heard()) - HUSH)).toBeLessThan(0.015)
  const before = await heard()
  // One millisecond a key; and it is the number of the form.
  await page.getByRole('slider', { name: 'Hush ends' }).press('ArrowRight')
  await expect.poll(heard).toBeCloseTo(before + 0.001, 3)
  await expect
    .poll(async () => Number.parseFloat(await page.getByLabel('hush', { exact: true }).inputValue()))
    .toBeCloseTo(before + 0.001, 3)
  await page.getByRole('button', { name: 'Log it' }).click()
  await expect(page).toHaveURL(/\/logbook\/[0-9a-f-]{36}$/)
  const id = page.url().split('/').pop()
  const run = (await (await page.request.get(`/api/runs/${id}`)).json()) as StoredRun
  expect(run.document.seen.hush).toMatchObject({ unit: 's', spread: { unit: 's' } })
  expect(run.document.heard!.onsets.some(o => Math.abs(o.time - HUSH) < 0.015)).toBe(true)
})

test('in Live the microphone finds the hush that two keys only mark, and it goes into the run', async ({ page }) => {
  await page.goto(`/live?staging=${CAN}`)
  await page.getByRole('button', { name: 'Go on stage' }).click()
  await page.waitForURL(/\/live\/[0-9a-f-]{36}$/)
  await page.getByRole('button', { name: 'Listen', exact: true }).click()
  await expect(page.getByRole('button', { name: 'Listening' })).toHaveAttribute('aria-pressed', 'true')
  // Each step confirmed, each moment marked, by the one big button.
  const big = page.getByTestId('big-button')
  for (let i = 0; i < 30 && !/^Gone/.test(await big.innerText()); i++) await page.keyboard.press('Enter')
  await page.keyboard.press('g')
  // Whoever logs at once does not leave the ear behind: what it has heard is waited for.
  await page.getByRole('button', { name: 'Log it' }).click()
  await expect(page.getByTestId('show-over')).toBeVisible()
  const { runs } = (await (await page.request.get('/api/runs?limit=1')).json()) as { runs: StoredRun[] }
  const [run] = runs
  expect(Math.abs((run!.document.seen.hush as { value: number }).value - HUSH)).toBeLessThan(0.015)
  expect(run!.document.heard!.onsets.length).toBeGreaterThanOrEqual(2)
  // It is no thumb: the run says how sure it is.
  expect((run!.document.seen.hush as { spread: { value: number } }).spread.value).toBeLessThan(0.02)
})

test('a tin’s first pop is heard between lid and bang, and stands in the form beside the hush', async ({ page }) => {
  const tin = '5a1d0000-0000-4000-8000-000000000006'
  const { document } = (await (await page.request.get(`/api/stagings/${tin}`)).json()) as StoredStaging
  const { demonstration, values } = readStaging(document)
  // As forecast, with a pop where the forecast has the panels talk.
  const { hush = 0, talkTime = 0 } = demonstration.simulate(values, 'summary').results
  expect(talkTime).toBeGreaterThan(0.1)
  expect(hush - talkTime).toBeGreaterThan(0.1)
  const sound = makeSound(
    [
      { kind: 'splash', time: 1 },
      { kind: 'pop', time: 1 + talkTime },
      { kind: 'bang', time: 1 + hush },
    ],
    hush + 3,
    'still',
    30,
    4,
  )
  await page.goto(`/logbook/new?staging=${tin}`)
  await page
    .locator('input[type=file][accept*=audio]')
    .setInputFiles({ name: 'tin.wav', mimeType: 'audio/wav', buffer: wavOf(sound) })
  // A pop is nearly as loud as the lid: which of them begins the hush is for a hand to say.
  await expect(page.getByTestId('not-sure')).toBeVisible()
  await page.getByRole('button', { name: '3 sounds begin' }).click()
  await page.getByRole('button', { name: 'ends the hush' }).last().click()
  await page.getByRole('button', { name: 'begins the hush' }).first().click()
  const measured = async (label: string) =>
    Number.parseFloat(await page.getByLabel(label, { exact: true }).inputValue())
  await expect.poll(() => measured('hush')).toBeCloseTo(hush, 2)
  expect(await measured('panels talk after')).toBeCloseTo(talkTime, 2)
})
