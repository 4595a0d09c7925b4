/** What this device keeps of shows: marks until the server has them, and shows as last seen. */
import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { LiveShow, Mark } from '~~/core'

export interface KeptMark {
  show: string
  mark: Mark
  /** why the server does not take it */ refused?: string
}
export interface KeptShow {
  id: string
  /** ms since 1970 when it was last open here */ at: number
  show: Omit<LiveShow, 'now'>
}

interface Device extends DBSchema {
  marks: { key: string; value: KeptMark }
  shows: { key: string; value: KeptShow; indexes: { at: number } }
}

/** Shows that are kept; older ones are on the server. */
const MOST_SHOWS = 6

let opened: Promise<IDBPDatabase<Device>> | undefined

/** @throws where the browser forbids it or has no room */
const device = (): Promise<IDBPDatabase<Device>> =>
  (opened ??= openDB<Device>('zealous-hush', 1, {
    upgrade(db) {
      db.createObjectStore('marks', { keyPath: 'mark.id' })
      db.createObjectStore('shows', { keyPath: 'id' }).createIndex('at', 'at')
    },
  }).catch((error: unknown) => {
    opened = undefined
    throw error
  }))

export const readMarks = async (): Promise<KeptMark[]> => (await device()).getAll('marks')

export async function writeMark(kept: KeptMark): Promise<void> {
  await (await device()).put('marks', kept)
}

export async function dropMarks(ids: readonly string[]): Promise<void> {
  const writing = (await device()).transaction('marks', 'readwrite')
  await Promise.all([...ids.map(id => writing.store.delete(id)), writing.done])
}

export const readShow = async (id: string): Promise<KeptShow | undefined> => (await device()).get('shows', id)

/** Keeps a show, and forgets those that were not open for longest. */
export async function writeShow(kept: KeptShow): Promise<void> {
  const writing = (await device()).transaction('shows', 'readwrite')
  await writing.store.put(kept)
  const byAge = await writing.store.index('at').getAllKeys()
  await Promise.all([...byAge.slice(0, -MOST_SHOWS).map(id => writing.store.delete(id)), writing.done])
}
