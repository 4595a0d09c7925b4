import type { ListedDemonstration } from '~~/core'

/** What lists say of each demonstration, by its id; fetched once. */
export async function useCatalogue() {
  const { data } = await useFetch<ListedDemonstration[]>('/api/catalogue', {
    key: 'catalogue',
    getCachedData: (key, app) => (app.payload.data[key] ?? app.static.data[key]) as ListedDemonstration[] | undefined,
  })
  const listed = computed(() => data.value ?? [])
  const byId = computed(() => new Map(listed.value.map(d => [d.id, d])))
  return { listed, of: (id: string) => byId.value.get(id) }
}
