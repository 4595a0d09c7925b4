import { nextTurn } from '~/waking/next-turn'

declare global {
  interface Window {
    /** of early/turns.js, which stands in the page: resolves once all its scripts are read */ hushRead?: Promise<void>
  }
}

/** Before anything else: the application begins once all scripts of its page are read. */
export default defineNuxtPlugin({
  order: -100,
  async setup() {
    await window.hushRead
    // Where a worker could not do so (early/turns.js), it takes as long as a part of the page: a task of its own.
    new Intl.NumberFormat(navigator.language).format(1)
    await nextTurn()
  },
})
