/** Over https with this copy's own authority, in a browser that trusts it as a person lets a device trust it. */
import { execFileSync } from 'node:child_process'
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium, type BrowserContext } from '@playwright/test'
import { setPassphrase } from '../../scripts/access/passphrase'
import type { RunningServer } from '../../scripts/application'
import { ensureCertificate } from '../../scripts/https/certificate'
import { openApplication, type Application } from '../application'
import { complete, expect, odds, test, warmBathAndTakeBack, watched } from './page'

const PASSPHRASE = 'wet gloves over https'
const STAGING = '5a1d0000-0000-4000-8000-000000000001'
const folder = mkdtempSync(join(tmpdir(), 'zealous-hush-trust-'))
let app: Application
let server: RunningServer
test.beforeAll(async () => {
  app = await openApplication('browser_https')
  await setPassphrase(app.databaseUrl, PASSPHRASE)
  const shown = await ensureCertificate(join(folder, 'certificates'), () => {})
  server = await app.another('0.0.0.0', {}, { ...shown, names: ['127.0.0.1'] })
})
test.afterAll(async () => {
  await app.close()
  // A browser that a test left behind still writes there.
  rmSync(folder, { recursive: true, force: true, maxRetries: 10, retryDelay: 200 })
})

/** A browser of a person of its own, who keeps what he trusts in a folder. */
function device(
  name: string,
  options: Parameters<typeof chromium.launchPersistentContext>[1] = {},
): Promise<BrowserContext> {
  const home = join(folder, name)
  mkdirSync(home, { recursive: true })
  const { executablePath, args } = test.info().project.use.launchOptions ?? {}
  return chromium.launchPersistentContext(join(home, 'profile'), {
    ...{ executablePath, args, env: { ...process.env, HOME: home } as Record<string, string> },
    ...{ viewport: { width: 1280, height: 800 }, serviceWorkers: 'allow', reducedMotion: 'reduce', ...options },
  })
}
/** As the steps of the page say: the authority is imported, for websites. */
function trust(name: string) {
  const store = join(folder, name, '.pki', 'nssdb')
  mkdirSync(store, { recursive: true })
  const authority = join(folder, 'certificates', 'authority.crt')
  const run = (...args: string[]) => execFileSync('certutil', ['-d', `sql:${store}`, ...args])
  run('-N', '--empty-password')
  run('-A', '-n', 'Zealous Hush', '-t', 'C,,', '-i', authority)
}

test('a phone is told how to trust it, and is told whether it does', async () => {
  const plain = server.url.replace('https', 'http')
  const stranger = await device('stranger', { viewport: { width: 390, height: 844 } })
  const page = await stranger.newPage()
  await page.goto(`${plain}/trust`)
  await expect(page.getByRole('status')).toHaveText('This device does not trust it yet.')
  await expect(page.getByRole('link', { name: 'Open it over https' })).toBeHidden()
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
  await stranger.close()

  trust('guest')
  const guest = await device('guest')
  const opened = await guest.newPage()
  await opened.goto(`${plain}/trust`)
  await expect(opened.getByRole('status')).toContainText('This device trusts it')
  await opened.getByRole('link', { name: 'Open it over https' }).click()
  await expect(opened).toHaveURL(new RegExp(`^${server.url}/sign-in`))
  await guest.close()
})

test('it installs, opens without the server what was opened last, and sends marks later', async () => {
  trust('phone')
  const phone = await device('phone')
  const page = watched(await phone.newPage())
  await page.goto(server.url.replace('https', 'http'))
  await expect(page).toHaveURL(new RegExp(`^${server.url}/sign-in`))
  await page.getByLabel('Passphrase of this prep room').fill(PASSPHRASE)
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page).not.toHaveURL(/sign-in/)
  expect(await page.evaluate(() => window.isSecureContext)).toBe(true)

  // What a browser asks of an application before it offers to install it.
  const { manifest, sizes } = await page.evaluate(async () => {
    const manifest = (await (await fetch('/manifest.webmanifest')).json()) as { icons: { src: string }[] }
    const images = manifest.icons.map(({ src }) => Object.assign(new Image(), { src }))
    await Promise.all(images.map(image => image.decode()))
    return { manifest, sizes: images.map(image => image.naturalWidth) }
  })
  expect(manifest).toMatchObject({ display: 'standalone', start_url: '/' })
  expect(sizes).toEqual([192, 512, 512])
  const protocol = await phone.newCDPSession(page)
  const { installabilityErrors } = await protocol.send('Page.getInstallabilityErrors')
  expect(installabilityErrors.filter(({ errorId }) => errorId !== 'in-incognito')).toEqual([])

  const kept = (path: string) =>
    expect
      .poll(() => page.evaluate(async at => Boolean(await (await caches.open('hush-pages')).match(at)), path))
      .toBe(true)
  await page.goto(`${server.url}/bench/${STAGING}`)
  await complete(page)
  await kept(`/bench/${STAGING}`)
  await page.goto(`${server.url}/live`)
  await page.getByRole('combobox', { name: 'What' }).click()
  await page.getByRole('option').filter({ hasText: 'Bottle that folds' }).first().click()
  await page.getByRole('button', { name: 'Go on stage' }).click()
  await expect(page.getByTestId('cue')).toBeVisible()
  await kept('/live/')
  const live = page.url()
  await page.evaluate(async () =>
    (await caches.open('hush-built')).put('/_nuxt/of-an-earlier-build.js', new Response('')),
  )

  await server.stop()
  await page.goto(`${server.url}/bench/${STAGING}`)
  await expect(page.getByText('No connection to the server')).toBeVisible()
  await complete(page)
  // What is asked anew is worked out there.
  await warmBathAndTakeBack(page, await odds(page))
  await page.goto(live)
  await expect(page.getByTestId('cue')).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(page.getByText(/Offline\. \d marks? kept on this device\./)).toBeVisible()

  const { port } = new URL(server.url)
  server = await app.another(
    '0.0.0.0',
    {},
    { ...(await ensureCertificate(join(folder, 'certificates'), () => {})), names: ['127.0.0.1'] },
    Number(port),
  )
  await expect(page.getByText('All marks sent')).toBeVisible()
  // A worker that is new takes away what no page of this build asks for.
  await page.evaluate(async () => (await navigator.serviceWorker.getRegistration())?.unregister())
  // The old one is gone once no page of it is open.
  await page.close()
  const next = watched(await phone.newPage())
  await next.goto(`${server.url}/bench/${STAGING}`)
  await expect(next.getByText('No connection to the server')).toBeHidden()
  await expect
    .poll(() =>
      next.evaluate(async () =>
        Boolean(await (await caches.open('hush-built')).match('/_nuxt/of-an-earlier-build.js')),
      ),
    )
    .toBe(false)

  // Whoever signs out leaves nothing to read.
  await next.goto(`${server.url}/school`)
  await next.getByRole('button', { name: 'Sign out', exact: true }).click()
  await expect(next).toHaveURL(/\/sign-in$/)
  await expect.poll(() => next.evaluate(() => caches.keys())).toEqual(['hush-built'])
  await next.goto(`${server.url}/shelf`)
  await expect(next).toHaveURL(/\/sign-in\?to=/)
  await phone.close()
})
