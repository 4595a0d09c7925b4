import { nextTurn } from '~/waking/next-turn'
import { awake } from '~/waking/turns'

declare global {
  interface Window {
    /** of early/acts.js, which stands in the page */ hushAlive?: () => void
  }
}

/** Says that the whole page answers from now on, and does what was done on it before (early/acts.js). */
export default defineNuxtPlugin(nuxt => {
  nuxt.hooks.hookOnce('app:suspense:resolve', async () => {
    // What `onMounted` changes first, and a click is heard, before forecasts are asked for.
    await nextTurn()
    awake.value = true
    window.hushAlive?.()
  })
})
