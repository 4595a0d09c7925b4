/**
 * Keeps the Live pages on this device, so that they open while the server is away. Browsers allow it on this
 * machine's own address and over https only; elsewhere the open page goes on, but a reload needs the server.
 */
const SHELL = 'hush-shell-1'

export async function keepLivePages(): Promise<void> {
  if (!('serviceWorker' in navigator) || !('caches' in window)) return
  try {
    await navigator.serviceWorker.register('/live-worker.js')
    await navigator.serviceWorker.ready
    const cache = await caches.open(SHELL)
    // What was loaded before the worker was there.
    const files = performance
      .getEntriesByType('resource')
      .map(e => e.name)
      .filter(name => /^\/(_nuxt|fonts)\//.test(new URL(name).pathname))
    await Promise.all(
      [...new Set(files)].map(async file => {
        if (!(await cache.match(file))) await cache.add(file)
      }),
    )
    const page = await fetch(location.pathname)
    if (!page.ok || page.redirected) return
    await cache.put('/live/', page)
    // Files of an earlier build, which the server has no more, are of no page that is kept.
    for (const { url } of await cache.keys()) {
      if (!/^\/_nuxt\//.test(new URL(url).pathname) || files.includes(url)) continue
      if ((await fetch(url, { method: 'HEAD', cache: 'no-store' })).status === 404) await cache.delete(url)
    }
  } catch {
    /* then a reload needs the server */
  }
}
