/**
 * Unsaved work, kept on the device per browser tab, so that a reload loses nothing and two tabs do not mix theirs.
 */
import { newId } from '~/api/new-id'
export interface Draft<T> {
  baseVersion: number
  document: T
  at: number
}

const PREFIX = 'hush-draft'

function tabId(): string {
  let id = sessionStorage.getItem('hush-tab')
  if (!id) sessionStorage.setItem('hush-tab', (id = newId()))
  return id
}

/** Subjects of which something unsaved is kept here, in any tab. */
export const draftsOnDevice = (): string[] =>
  Object.keys(localStorage).flatMap(key => (key.startsWith(`${PREFIX}:`) ? [key.split(':')[1]!] : []))

/** @param subject what the draft is of, such as a staging's id */
export function useDrafts<T>(subject: string) {
  // Asked for in a browser only: the server keeps no drafts.
  const own = () => `${PREFIX}:${subject}:${tabId()}`
  const read = (key: string): Draft<T> | undefined => {
    try {
      return JSON.parse(localStorage.getItem(key) ?? '') as Draft<T>
    } catch {
      return undefined
    }
  }
  return {
    mine: () => read(own()),
    /** the newest draft that another tab left */
    others(): { key: string; draft: Draft<T> } | undefined {
      const found = Object.keys(localStorage)
        .filter(k => k.startsWith(`${PREFIX}:${subject}:`) && k !== own())
        .map(key => ({ key, draft: read(key) }))
        .filter((d): d is { key: string; draft: Draft<T> } => d.draft !== undefined)
      return found.sort((a, b) => b.draft.at - a.draft.at)[0]
    },
    keep: (baseVersion: number, document: T) =>
      localStorage.setItem(own(), JSON.stringify({ baseVersion, document, at: Date.now() })),
    drop: () => localStorage.removeItem(own()),
    dropKey: (key: string) => localStorage.removeItem(key),
  }
}
