import { getRequestURL } from 'h3'
import { requests, routeOf } from '../watching/metrics'

/** Times every request from its first byte to its last. */
export default defineNitroPlugin(nitro => {
  nitro.hooks.hook('request', event => {
    const began = performance.now()
    event.node.res.once('close', () => {
      const { pathname } = getRequestURL(event)
      // One that is open all day says nothing of how soon an answer comes.
      if (/\/(stream|logger)$/.test(pathname)) return
      const labels = { method: event.method, route: routeOf(pathname), status: String(event.node.res.statusCode) }
      requests.observe(labels, (performance.now() - began) / 1000)
    })
  })
})
