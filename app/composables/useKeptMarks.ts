/**
 * Marks on this device until the server has them: one entry each, so that tabs and reloads never write over one
 * another.
 */
import type { Mark } from '~~/core'

const PREFIX = 'hush-mark'

export function useKeptMarks(showId: string) {
  const prefix = `${PREFIX}:${showId}:`
  const read = (): Mark[] =>
    Object.keys(localStorage)
      .filter(k => k.startsWith(prefix))
      .flatMap(key => {
        try {
          return [JSON.parse(localStorage.getItem(key)!) as Mark]
        } catch {
          return []
        }
      })
  const kept = shallowRef<Mark[]>(read())
  return {
    kept,
    keep(mark: Mark) {
      localStorage.setItem(prefix + mark.id, JSON.stringify(mark))
      kept.value = read()
    },
    drop(ids: readonly string[]) {
      for (const id of ids) localStorage.removeItem(prefix + id)
      kept.value = read()
    },
    /** another tab wrote */ look: () => {
      kept.value = read()
    },
  }
}
