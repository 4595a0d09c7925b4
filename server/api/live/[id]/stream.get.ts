import { createEventStream } from 'h3'
import { isOpenToNetwork } from '../../../access/network'
import { isSignedIn } from '../../../access/session'
import { showOf } from '../../../live/show-of'
import { watch } from '../../../live/watchers'

/** A page that hears nothing for longer than two of these knows that its line is dead, ms. */
const BEAT = 4000
/** Every so many beats it is asked whether whoever listens may still do so. */
const ASKED = 3

/** Says what changed, as it changes. A beat shows that the line is alive. */
export default defineEventHandler(async event => {
  const show = await showOf(event)
  const stream = createEventStream(event)
  let leave = () => {}
  let closed = false
  let beats = 0
  const push = (name: string, data: string) => void stream.push({ event: name, data }).catch(() => {})
  const beat = setInterval(() => {
    push('beat', String(Date.now()))
    if (++beats % ASKED !== 0 || !isOpenToNetwork()) return
    isSignedIn(event)
      .then(may => (may ? undefined : stream.close()))
      .catch(() => {})
  }, BEAT)
  const end = () => {
    closed = true
    clearInterval(beat)
    leave()
  }
  stream.onClosed(end)
  try {
    leave = await watch(show.id, push)
  } catch (error) {
    end()
    throw error
  }
  // Gone while the database was asked: nothing may go on for nobody.
  if (closed || event.node.res.destroyed) end()
  push('changed', 'connection')
  return stream.send()
})
