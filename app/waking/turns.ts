import { whenever } from '@vueuse/core'
import { ref, type HydrationStrategy } from 'vue'

/** Parts of a page that came drawn from the server, in the order in which they stand on it. */
const waiting = new Set<() => void>()
const heard = new Set<() => void>()
let going = false

/** ms for which parts are woken one after the other, before the browser has its turn: to paint, and to hear a click */
const TURN = 8

function wake() {
  // Parts of a part that was woken have come to wait by now.
  if (waiting.size === 0) {
    going = false
    for (const hear of heard) hear()
    heard.clear()
    return
  }
  const until = performance.now() + TURN
  for (const part of waiting) {
    waiting.delete(part)
    part()
    if (performance.now() > until) break
  }
  setTimeout(wake)
}

/** Wakes a part in its turn, in a task of its own: the browser is never kept from whoever uses it for long. */
export const inTurn: HydrationStrategy = hydrate => {
  waiting.add(hydrate)
  if (!going) setTimeout(wake)
  going = true
  return () => waiting.delete(hydrate)
}

/** Resolves once no part waits. */
const noneWaits = () => new Promise<void>(resolve => void (going ? heard.add(resolve) : resolve()))

/** In the browser true once the whole page answers: what works beside it (a forecast, say) begins then. */
export const awake = ref(false)

/** Does what changes the page once all of it has taken over what came: before that, an attribute would not follow. */
export function whenAwake(act: () => void) {
  if (import.meta.client) whenever(awake, act, { immediate: true, once: true })
}

/** To be called when the page itself is awake, and its parts wait for their turns. */
export async function wakeAll() {
  await noneWaits()
  awake.value = true
}
