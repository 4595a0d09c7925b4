import { beforeEach, describe, expect, it, vi } from 'vitest'
import { useDrafts } from './useDrafts'

/** A browser's store as an object whose own keys are the stored ones. */
function fakeStorage() {
  const store: Record<string, unknown> = {}
  const hidden = (name: string, value: unknown) => Object.defineProperty(store, name, { value, enumerable: false })
  hidden('getItem', (key: string) => store[key] ?? null)
  hidden('setItem', (key: string, value: string) => {
    store[key] = value
  })
  hidden('removeItem', (key: string) => {
    Reflect.deleteProperty(store, key)
  })
  return store as unknown as Storage
}
let shared: Storage
/** Another tab: the same local storage, a session of its own. */
const openTab = () => vi.stubGlobal('sessionStorage', fakeStorage())
beforeEach(() => {
  shared = fakeStorage()
  vi.stubGlobal('localStorage', shared)
  openTab()
})

describe('drafts', () => {
  it('are there again after a reload of the same tab, until dropped', () => {
    useDrafts('a').keep(2, { x: 1 })
    expect(useDrafts('a').mine()).toMatchObject({ baseVersion: 2, document: { x: 1 } })
    expect(useDrafts('b').mine()).toBeUndefined()
    useDrafts('a').drop()
    expect(useDrafts('a').mine()).toBeUndefined()
  })
  it('of two tabs do not mix, and one left behind is offered', () => {
    useDrafts('a').keep(2, { x: 1 })
    openTab()
    const other = useDrafts<{ x: number }>('a')
    expect(other.mine()).toBeUndefined()
    expect(other.others()!.draft.document).toEqual({ x: 1 })
    other.keep(2, { x: 2 })
    expect(other.mine()!.document).toEqual({ x: 2 })
    other.dropKey(other.others()!.key)
    expect(other.others()).toBeUndefined()
    expect(other.mine()!.document).toEqual({ x: 2 })
  })
  it('that cannot be read count as none', () => {
    useDrafts('a').keep(1, {})
    for (const key of Object.keys(shared)) shared.setItem(key, 'broken{')
    expect(useDrafts('a').mine()).toBeUndefined()
  })
})
