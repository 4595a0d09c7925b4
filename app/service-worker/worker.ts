/// <reference lib="WebWorker" />
/**
 * Keeps on this device what was opened last, so that it opens while the server is away: built files, pages, and the
 * records that pages ask for. Marks of a show go their own way (stores/kept-marks).
 */
import { ExpirationPlugin } from 'workbox-expiration'
import { registerRoute } from 'workbox-routing'
import { CacheFirst, NetworkFirst } from 'workbox-strategies'
import { BUILT, cacheKeyOf, FROM_KEPT, isKeptPage, isKeptRecord, PAGES, RECORDS } from './kept'

declare const self: ServiceWorkerGlobalScope & { __WB_MANIFEST: { url: string }[] }

/** Files of this build. In the next one the list is another, so that the worker is too, and takes the old ones away. */
const files = new Set(self.__WB_MANIFEST.map(({ url }) => new URL(url, self.location.origin).pathname))

self.addEventListener('install', () => void self.skipWaiting())
self.addEventListener('activate', event => {
  async function takeOver() {
    const built = await caches.open(BUILT)
    for (const request of await built.keys()) {
      const { pathname } = new URL(request.url)
      if (pathname.startsWith('/_nuxt/') && !files.has(pathname)) await built.delete(request)
    }
    await self.clients.claim()
  }
  event.waitUntil(takeOver())
})

// Built files carry their content in their name: what is kept is what would come. Fonts never change, nor what is done
// early.
registerRoute(({ url }) => /^\/(_nuxt|fonts|early)\//.test(url.pathname), new CacheFirst({ cacheName: BUILT }))

/** Says where a page came from: the style sheet shows it. */
const MARK = '<html data-kept="" '
registerRoute(
  ({ request, url }) => request.mode === 'navigate' && isKeptPage(url.pathname),
  new NetworkFirst({
    cacheName: PAGES,
    plugins: [
      new ExpirationPlugin({ maxEntries: 40, purgeOnQuotaError: true }),
      {
        cacheKeyWillBeUsed: ({ request }) => Promise.resolve(cacheKeyOf(request.url)),
        // A page that asks for the passphrase is not the one that was asked for.
        cacheWillUpdate: ({ response }) => Promise.resolve(response.ok && !response.redirected ? response : null),
        async cachedResponseWillBeUsed({ cachedResponse }) {
          if (!cachedResponse) return undefined
          const { headers } = cachedResponse
          return new Response((await cachedResponse.text()).replace('<html ', MARK), { headers })
        },
      },
    ],
  }),
)
registerRoute(
  ({ url }) => isKeptRecord(url.pathname),
  new NetworkFirst({
    cacheName: RECORDS,
    plugins: [
      new ExpirationPlugin({ maxEntries: 120, purgeOnQuotaError: true }),
      {
        // Never in silence: what is shown may be older than what is stored.
        async cachedResponseWillBeUsed({ cachedResponse }) {
          if (cachedResponse) for (const page of await self.clients.matchAll()) page.postMessage(FROM_KEPT)
          return cachedResponse
        },
      },
    ],
  }),
)
