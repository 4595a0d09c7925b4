/** A clip of a run, stepped frame by frame: dark, then red for the hush, then blue. */
import { film } from '../made-clip'
import { expect, inTab as test, type Page } from './page'

const CAN = '5a1d0000-0000-4000-8000-000000000001'

/** What the frame that is shown is: dark, red or blue. */
const colour = (page: Page) =>
  page.evaluate(() => {
    const canvas = Object.assign(document.createElement('canvas'), { width: 8, height: 8 })
    const pen = canvas.getContext('2d')!
    pen.drawImage(document.querySelector('video')!, 0, 0, 8, 6)
    const [r = 0, , b = 0] = pen.getImageData(3, 2, 1, 1).data
    return r > 120 ? 'red' : b > 120 ? 'blue' : 'dark'
  })

test('a clip is stepped to where the hush begins and ends, slowed down or not, and the run says it', async ({
  page,
}) => {
  await page.goto(`/logbook/new?staging=${CAN}`)
  const file = page.locator('input[type=file][accept*=video]')
  await file.setInputFiles({ name: 'notes.mp4', mimeType: 'video/mp4', buffer: Buffer.from('no clip at all') })
  await expect(page.getByRole('alert')).toContainText('notes.mp4 can’t be read as a clip; accepted: MP4, WebM')
  const { clip, red } = await film(page)
  await file.setInputFiles({ name: 'can.webm', mimeType: 'video/webm', buffer: clip })
  const at = page.getByTestId('clip-at')
  await expect(at).toBeVisible()
  const box = page.getByRole('group', { name: /^The clip/ })
  for (const [wanted, mark] of [
    ['red', 'hush begins'],
    ['blue', 'hush ends'],
  ] as const) {
    for (let i = 0; i < 120 && (await colour(page)) !== wanted; i++) {
      const before = await at.innerText()
      await box.press('ArrowRight')
      await expect(at).not.toHaveText(before)
    }
    await page.getByRole('button', { name: mark, exact: true }).click()
  }
  const line = page.getByRole('status').filter({ hasText: /^hush: / })
  const hush = async () => Number(/hush: ([\d.]+) s/.exec(await line.innerText())![1])
  expect(await hush()).toBeCloseTo(red, 2)
  const ordinary = await hush()
  await page.getByLabel('Times slower than it was').fill('4')
  await page.getByLabel('Times slower than it was').press('Tab')
  await expect.poll(hush).toBeCloseTo(ordinary / 4, 3)
  await line.getByRole('button', { name: 'Use it' }).click()
  expect(Number.parseFloat(await page.getByLabel('hush', { exact: true }).inputValue())).toBeCloseTo(ordinary / 4, 3)
})

test('a photo with a scale in it gives a length with its spread, by clicks and by keys', async ({ page }) => {
  await page.goto('/logbook/new?staging=5a1d0000-0000-4000-8000-000000000010')
  await page.getByRole('button', { name: 'Measure it in a photo' }).click()
  const file = page.getByLabel('A photo with a scale in it')
  await file.setInputFiles({ name: 'a.png', mimeType: 'image/png', buffer: Buffer.from('no picture') })
  await expect(page.getByRole('alert').filter({ hasText: 'can’t be read as a picture; accepted: JPEG' })).toBeVisible()
  const png = await page.evaluate(() => {
    const canvas = Object.assign(document.createElement('canvas'), { width: 800, height: 600 })
    const pen = canvas.getContext('2d')!
    pen.fillStyle = '#dde'
    pen.fillRect(0, 0, 800, 600)
    return canvas.toDataURL('image/png').split(',')[1]!
  })
  await file.setInputFiles({ name: 'jar.png', mimeType: 'image/png', buffer: Buffer.from(png, 'base64') })
  await page.getByLabel('Length of the scale').fill('10 cm')
  const board = page.locator('.photo-board')
  await page.getByRole('slider', { name: 'Thing, other end' }).waitFor()
  const box = (await board.boundingBox())!
  // Ten centimetres are half of the picture, the balloon a quarter of it.
  for (const [x, y] of [
    [0.25, 0.9],
    [0.75, 0.9],
    [0.4, 0.3],
    [0.65, 0.3],
  ] as const)
    await board.click({ position: { x: x * box.width, y: y * box.height } })
  const said = page.getByRole('status').filter({ hasText: 'cm' }).filter({ hasText: '±' })
  const length = async () => Number.parseFloat((await said.innerText()).split(': ')[1]!)
  await expect.poll(length).toBeCloseTo(5, 1)
  await page.getByRole('slider', { name: 'Thing, other end' }).focus()
  for (let i = 0; i < 2; i++) await page.keyboard.press('Shift+ArrowRight')
  await expect.poll(length).toBeCloseTo(6, 1)
  await said.getByRole('button', { name: 'Use it' }).click()
  await expect(page.getByLabel('balloon across at the end', { exact: true })).toHaveValue(/^6(\.0\d)?\scm$/)
})
