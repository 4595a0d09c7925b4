import type { ListedStaging } from '~~/core'

/** A staging's title has at most so many characters. */
const MOST = 200

/** A title that tells a new staging from those that are there: its own, or that with the next number. */
export async function freeTitle(title: string): Promise<string> {
  const taken = new Set((await $fetch<ListedStaging[]>('/api/stagings')).map(s => s.document.title))
  let free = title
  for (let number = 2; taken.has(free); number++) free = `${title.slice(0, MOST - 8)} ${number}`
  return free
}
