/** Keeps the pages of a running show on the device, so that they open while the server is away. Records are never kept here. */
const SHELL = 'hush-shell-1'

self.addEventListener('install', () => self.skipWaiting())
self.addEventListener('activate', event => event.waitUntil(self.clients.claim()))
self.addEventListener('fetch', (event) => {
  const { request } = event
  const { origin, pathname } = new URL(request.url)
  if (request.method !== 'GET' || origin !== self.location.origin) return
  // Built files carry their content in their name: what is kept is what would come. Fonts never change.
  if (/^\/(_nuxt|fonts)\//.test(pathname)) {
    event.respondWith(caches.open(SHELL).then(async (cache) => {
      const hit = await cache.match(request)
      if (hit) return hit
      const answer = await fetch(request)
      if (answer.ok) await cache.put(request, answer.clone())
      return answer
    }))
  } else if (request.mode === 'navigate' && pathname.startsWith('/live/')) {
    event.respondWith(caches.open(SHELL).then(async (cache) => {
      try {
        const answer = await fetch(request)
        if (answer.ok && !answer.redirected) await cache.put('/live/', answer.clone())
        return answer
      } catch (error) {
        const hit = await cache.match('/live/')
        if (hit) return hit
        throw error
      }
    }))
  }
})
