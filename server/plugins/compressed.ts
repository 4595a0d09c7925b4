import { appendResponseHeader, getResponseHeader, getRequestURL, setResponseHeader, type H3Event } from 'h3'
import { useGZipCompression } from 'h3-compression'

/** Below this an answer fits one packet anyway, bytes. */
const LEAST = 1200

/** Pages and answers leave compressed; gzip, since the best of brotli takes longer than the bytes that it saves. */
async function compress(event: H3Event, body: string) {
  if (body.length < LEAST || getResponseHeader(event, 'content-encoding') || event.node.res.headersSent) return
  await useGZipCompression(event, { body })
}

export default defineNitroPlugin(nitro => {
  nitro.hooks.hook('render:response', async (response, { event }) => {
    appendResponseHeader(event, 'vary', 'accept-encoding')
    // An error's page is asked for by the server itself, which sends it on.
    if (typeof response.body === 'string' && !getRequestURL(event).pathname.startsWith('/__nuxt'))
      await compress(event, response.body)
  })
  nitro.hooks.hook('beforeResponse', async (event, response) => {
    if (!getRequestURL(event).pathname.startsWith('/api/')) return
    const { body } = response
    // What is bytes or a stream already goes as it is.
    const isJson = Array.isArray(body) || (typeof body === 'object' && Object.getPrototypeOf(body) === Object.prototype)
    if (!isJson) return
    appendResponseHeader(event, 'vary', 'accept-encoding')
    const text = JSON.stringify(body)
    setResponseHeader(event, 'content-type', 'application/json')
    await compress(event, text)
  })
})
