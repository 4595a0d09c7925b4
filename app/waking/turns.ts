import { whenever } from '@vueuse/core'
import { ref } from 'vue'
import { nextTurn } from './next-turn'

let last = Promise.resolve()
/** Resolves once all that asked before had a turn, in a task of its own; at once on the server, which keeps nobody. */
export const itsTurn = (): Promise<void> => (import.meta.server ? Promise.resolve() : (last = last.then(nextTurn)))

/** In the browser true once the whole page answers: what works beside it (a forecast, say) begins then. */
export const awake = ref(false)

/** Does what changes the page once all of it has taken over what came: before that, an attribute would not follow. */
export function whenAwake(act: () => void) {
  if (!import.meta.server) whenever(awake, act, { immediate: true, once: true })
}
