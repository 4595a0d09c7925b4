declare global {
  interface Window {
    /** of early/acts.js, which stands in the page */ hushAlive?: () => void
  }
}

/** Says that the page answers from now on, and does what was done on it before (early/acts.js). */
export default defineNuxtPlugin(nuxt => {
  nuxt.hooks.hookOnce('app:suspense:resolve', () => void nextTick(() => window.hushAlive?.()))
})
