/**
 * Asks the server with whatever the page was asked with; what it fetched for the page's first state comes with the
 * page, and is not asked for again.
 * @returns a function that asks an address @throws the refusal of the server
 */
export function useFromServer() {
  const app = useNuxtApp()
  const request = useRequestFetch()
  return async <T>(address: string, options: { retry?: number; timeout?: number } = {}): Promise<T> => {
    const carried = app.payload.data as Record<string, unknown>
    if (app.isHydrating && address in carried) return carried[address] as T
    const answer = await request<unknown>(address, options)
    if (import.meta.server) carried[address] = answer
    return answer as T
  }
}
