/** A data logger at a serial port, read in Live; the simulated logger stands in for it behind the browser's port. */
import { choose, expect, test } from './page'

test('a logger at a serial port is read line by line, and one that can’t be opened is told', async ({ page }) => {
  await page.addInitScript(() => {
    let stream: ReadableStream<Uint8Array> | undefined
    let chosen = 0
    const port = {
      get readable() {
        return stream ?? null
      },
      open: async ({ baudRate }: { baudRate: number }) => {
        if (baudRate !== 9600) throw new Error('The port is at another rate.')
        const show = location.pathname.split('/').at(-1)
        stream = (await fetch(`/api/live/${show}/logger?act=only`)).body!
      },
      close: async () => {
        document.documentElement.dataset.port = 'closed'
      },
    }
    const serial = {
      // The first time nobody chooses one.
      requestPort: async () => {
        if (chosen++ === 0) throw new DOMException('No port selected by the user.', 'NotFoundError')
        return port
      },
    }
    Object.defineProperty(navigator, 'serial', { value: serial })
  })
  await page.goto('/live')
  await choose(page, 'What', 'Slim can, ice bath')
  await page.getByRole('button', { name: 'Go on stage' }).click()
  await expect(page.getByTestId('cue')).toBeVisible()
  await page.keyboard.press('r')
  const connect = page.getByRole('button', { name: 'Connect a logger at a serial port' })
  await connect.click()
  await expect(page.getByTestId('logger-state')).toContainText('No readings')
  await connect.click()
  await expect(page.getByRole('alert')).toContainText('The port is at another rate.')
  await choose(page, 'bits a second', '9600')
  await connect.click()
  await expect(page.getByTestId('logger-state')).toContainText(/[1-9]\d* readings/)
  await expect(page.getByTestId('readings-chart')).toBeVisible()
  await page.getByRole('button', { name: 'Disconnect' }).click()
  await expect(page.locator('html')).toHaveAttribute('data-port', 'closed')
  await expect(page.getByTestId('logger-state')).not.toContainText('line broke')
})
