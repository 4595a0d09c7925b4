import { BUILT, cacheKeyOf, isKeptPage, PAGES, RECORDS } from '~/service-worker/kept'

/** Files of the application that an address or a page as it is drawn names. */
const FILES = /\/(_nuxt|fonts)\/[\w./-]+\.\w+/g

/** Where no page can be kept, the open one goes on: what it may reach for is fetched while the server is there. */
function fetchForLater() {
  const named = document.getElementById('files-for-later')
  for (const href of JSON.parse(named?.textContent ?? '[]') as string[]) {
    const as = href.endsWith('.css') ? 'style' : 'script'
    document.head.append(
      Object.assign(document.createElement('link'), { rel: 'prefetch', as, crossOrigin: 'anonymous', href }),
    )
  }
  named?.remove()
}

/**
 * Keeps the open page on this device, so that it opens while the server is away. Browsers allow it on this machine's
 * own address and over https only; elsewhere the open page goes on, but a reload needs the server.
 */
export async function keepPage(): Promise<void> {
  if (!('serviceWorker' in navigator) || !('caches' in window)) return fetchForLater()
  if (!isKeptPage(location.pathname)) return
  try {
    await navigator.serviceWorker.register('/worker.js')
    await navigator.serviceWorker.ready
    const { href } = location
    const page = await fetch(href)
    const built = await caches.open(BUILT)
    // What was loaded before the worker was there, and all that the page names, for later too.
    const loaded = performance
      .getEntriesByType('resource')
      .map(({ name }) => new URL(name))
      .filter(({ origin }) => origin === location.origin)
      .map(({ pathname }) => pathname)
      .join(' ')
    const files = [loaded, await page.clone().text()].flatMap(text => text.match(FILES) ?? [])
    for (const file of new Set(files)) if (!(await built.match(file))) await built.add(file)
    if (page.ok && !page.redirected) await (await caches.open(PAGES)).put(cacheKeyOf(href), page)
  } catch {
    /* then a reload needs the server */
  }
}

/** Forgets all records on this device, as whoever signs out expects. */
export async function forgetKept(): Promise<void> {
  if ('caches' in window) await Promise.all([PAGES, RECORDS].map(name => caches.delete(name)))
}
