import { BUILT, cacheKeyOf, isKeptPage, PAGES, RECORDS } from '~/service-worker/kept'

/**
 * Keeps the open page on this device, so that it opens while the server is away. Browsers allow it on this machine's
 * own address and over https only; elsewhere the open page goes on, but a reload needs the server.
 */
export async function keepPage(): Promise<void> {
  if (!('serviceWorker' in navigator) || !('caches' in window) || !isKeptPage(location.pathname)) return
  try {
    await navigator.serviceWorker.register('/worker.js')
    await navigator.serviceWorker.ready
    const built = await caches.open(BUILT)
    // What was loaded before the worker was there.
    const files = performance
      .getEntriesByType('resource')
      .map(({ name }) => name)
      .filter(name => new URL(name).origin === location.origin && /^\/(_nuxt|fonts)\//.test(new URL(name).pathname))
    for (const file of new Set(files)) if (!(await built.match(file))) await built.add(file)
    const { href } = location
    const page = await fetch(href)
    if (page.ok && !page.redirected) await (await caches.open(PAGES)).put(cacheKeyOf(href), page)
  } catch {
    /* then a reload needs the server */
  }
}

/** Forgets all records on this device, as whoever signs out expects. */
export async function forgetKept(): Promise<void> {
  if ('caches' in window) await Promise.all([PAGES, RECORDS].map(name => caches.delete(name)))
}
