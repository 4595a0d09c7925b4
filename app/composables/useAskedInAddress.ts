import type { LocationQueryRaw } from 'vue-router'

/** What is asked for on a page, which stands in its address as long as it is not what it is at first. */
export function useAskedInAddress<const T extends Record<string, string>>(first: T): Record<keyof T, string> {
  const route = useRoute()
  const router = useRouter()
  const here = route.path
  const names = Object.keys(first)
  /** Of several in an address the first counts. */
  const wordOf = (query: LocationQueryRaw, name: string): string =>
    [query[name]].flat()[0]?.toString() ?? first[name] ?? ''
  const read = () => Object.fromEntries(names.map(name => [name, wordOf(route.query, name)])) as Record<keyof T, string>
  const asked = reactive(read()) as Record<keyof T, string>
  const words = (query: LocationQueryRaw) => names.map(name => wordOf(query, name)).join('\n')
  /** What this page wrote into the address itself: it comes back a moment later, when more may have been typed. */
  const written = new Set<string>()
  watch(asked, () => {
    const query = { ...route.query }
    for (const name of names) {
      if (asked[name] === first[name]) delete query[name]
      else query[name] = asked[name]
    }
    written.add(words(query))
    void router.replace({ query, hash: route.hash })
  })
  // Another address of this page: a link to it, or a step back.
  watch(
    () => route.query,
    query => {
      if (route.path === here && !written.has(words(query))) Object.assign(asked, read())
    },
  )
  return asked
}
