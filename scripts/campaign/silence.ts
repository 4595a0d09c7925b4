/** A line that goes silent without closing, between a browser and the server: it is said, and nothing is lost. */
import { createServer, connect, type Socket } from 'node:net'
import type { AddressInfo } from 'node:net'
import { chromium } from '@playwright/test'
import { launchOptions } from '../browser/chromium'
import type { Figure, Stage } from './stage'

/** A proxy that can stop passing anything on, with every connection left open. */
async function silentProxy(target: URL) {
  const pairs = new Set<[Socket, Socket]>()
  let silent = false
  const server = createServer(near => {
    const far = connect(Number(target.port), target.hostname)
    const pair: [Socket, Socket] = [near, far]
    pairs.add(pair)
    for (const [from, to] of [pair, [far, near]] as const) {
      from.on('data', bytes => void (silent || to.write(bytes)))
      from.on('close', () => {
        pairs.delete(pair)
        to.destroy()
      })
      from.on('error', () => {})
    }
  })
  await new Promise<void>(resolve => server.listen(0, '127.0.0.1', resolve))
  return {
    url: `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
    hush: (is: boolean) => {
      silent = is
      // What was held back is gone for good, as on a real line.
      if (!is) for (const pair of pairs) for (const socket of pair) socket.destroy()
    },
    close: () => {
      for (const pair of pairs) for (const socket of pair) socket.destroy()
      server.close()
    },
  }
}

export async function silence(stage: Stage): Promise<Figure[]> {
  const show = await stage.beginShow()
  const proxy = await silentProxy(new URL(stage.url))
  const browser = await chromium.launch(launchOptions())
  try {
    const page = await browser.newPage()
    await page.goto(`${proxy.url}/live/${show}`)
    const line = page.getByTestId('line')
    await line.filter({ hasText: 'All marks sent' }).waitFor({ timeout: 30_000 })
    const count = async () => ((await stage.send('GET', `/api/live/${show}`)).body as { marks: unknown[] }).marks.length
    const before = await count()
    proxy.hush(true)
    const silent = performance.now()
    await page.keyboard.press('Enter')
    const early = await line.textContent()
    await line.filter({ hasText: 'Offline' }).waitFor({ timeout: 30_000 })
    const told = (performance.now() - silent) / 1000
    proxy.hush(false)
    const back = performance.now()
    await line.filter({ hasText: 'All marks sent' }).waitFor({ timeout: 60_000 })
    const healed = (performance.now() - back) / 1000
    const part = 'a line that goes silent and comes back'
    return [
      { part, measure: 'until the page says so', value: told, unit: 's', limit: 12 },
      {
        part,
        measure: 'said to be sent while it was not',
        value: Number(early?.includes('All marks sent')),
        unit: 'times',
        limit: 0,
      },
      { part, measure: 'until all is sent again', value: healed, unit: 's', limit: 12 },
      { part, measure: 'marks lost', value: Math.max(0, before + 1 - (await count())), unit: 'marks', limit: 0 },
    ]
  } finally {
    await browser.close()
    proxy.close()
  }
}
