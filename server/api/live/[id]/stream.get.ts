import { createEventStream } from 'h3'
import { hear } from '../../../live/announcements'
import { showOf } from '../../../live/show-of'

const BEAT = 15_000

/** Says that something changed, as it changes; the page then asks what. A beat shows that the line is alive. */
export default defineEventHandler(async event => {
  const show = await showOf(event)
  const stream = createEventStream(event)
  const beat = setInterval(() => {
    stream.push({ event: 'beat', data: String(Date.now()) }).catch(() => {})
  }, BEAT)
  const stop = await hear(show.id, what => {
    stream.push({ event: 'changed', data: what }).catch(() => {})
  })
  stream.onClosed(() => {
    clearInterval(beat)
    stop()
  })
  void stream.push({ event: 'changed', data: 'connection' })
  return stream.send()
})
