import { loadDemonstrations } from '~~/core'

/**
 * Fetches the demonstrations that a page is about. Drawn by the server, it names their scripts among its own, so that
 * they are fetched beside those and read one by one.
 * @returns resolves once they are at hand; rejects where one can't be fetched
 */
export function useDemonstrations(): (ids: readonly string[]) => Promise<void> {
  const { ssrContext } = useNuxtApp()
  return ids => {
    // As the build names them (nuxt.config.ts).
    for (const id of ids) ssrContext?.modules?.add(`demonstration-${id}`)
    return loadDemonstrations(ids)
  }
}
