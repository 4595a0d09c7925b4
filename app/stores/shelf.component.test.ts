/** The Shelf on this device: steps back and forth, by what the server keeps. */
import { registerEndpoint } from '@nuxt/test-utils/runtime'
import { readBody } from 'h3'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { ShelfItemDocument, StoredItem } from '~~/core'
import { until } from '~~/tests/until'

/** A server of two things: it counts versions and turns away what was not made from the last one. */
const kept = new Map<string, StoredItem>()
const can = (name: string) => ({ kind: 'consumable', name, count: 1, restockAt: 0 }) as unknown as ShelfItemDocument
const id = (n: number) => `00000000-0000-4000-8000-00000000000${n}`
registerEndpoint('/api/shelf', {
  method: 'POST',
  handler: async event => {
    const body = await readBody<{ id: string; document: ShelfItemDocument }>(event)
    const item: StoredItem = { id: body.id, version: 1, document: body.document, retired: false, photo: null }
    kept.set(item.id, item)
    return item
  },
})
/** The server does not answer. */
let away = false
/** It takes until then to answer what it has read. */
let slow: Promise<void> | undefined
registerEndpoint('/api/shelf', {
  method: 'GET',
  handler: async () => {
    if (away) throw createError({ statusCode: 503 })
    const read = [...kept.values()]
    await slow
    return read
  },
})
for (const n of [1, 2])
  registerEndpoint(`/api/shelf/${id(n)}`, {
    method: 'PUT',
    handler: async event => {
      const { baseVersion, document, retired } = await readBody<{
        baseVersion: number
        document: ShelfItemDocument
        retired: boolean
      }>(event)
      const item = kept.get(id(n))!
      if (item.version !== baseVersion) throw createError({ statusCode: 409, data: { faults: [], current: item } })
      const next = { ...item, version: item.version + 1, document, retired }
      kept.set(id(n), next)
      return next
    },
  })

describe('the Shelf', () => {
  const shelf = () => useShelfStore()
  const named = (n: number) => kept.get(id(n))!.document.name
  beforeEach(async () => {
    kept.clear()
    shelf().$dispose()
    shelf().items.splice(0)
    await shelf().add(id(1), can('first'))
  })

  it('goes back and forth over what was changed', async () => {
    const [item] = shelf().items
    await shelf().save(item!, can('renamed'))
    await shelf().save(shelf().items[0]!, can('again'))
    await shelf().undo()
    expect(named(1)).toBe('renamed')
    await shelf().undo()
    expect(named(1)).toBe('first')
    await shelf().redo()
    expect(named(1)).toBe('renamed')
    expect(shelf().items[0]!.document.name).toBe('renamed')
    // Something else that is done ends what could be done again.
    await shelf().save(shelf().items[0]!, can('other'))
    expect(shelf().canRedo).toBe(false)
  })
  it('retires what was new, and takes it out again', async () => {
    await shelf().undo()
    expect(kept.get(id(1))!.retired).toBe(true)
    await shelf().redo()
    expect(kept.get(id(1))!.retired).toBe(false)
  })
  it('overwrites nothing that another window changed since, and keeps the step', async () => {
    await shelf().save(shelf().items[0]!, can('renamed'))
    kept.set(id(1), { ...kept.get(id(1))!, version: 9, document: can('elsewhere') })
    await expect(shelf().undo()).rejects.toMatchObject({ statusCode: 409 })
    expect(named(1)).toBe('elsewhere')
    expect(shelf().canUndo).toBe(true)
  })
})

describe('the Shelf, changed by somebody else', () => {
  const shelf = () => useShelfStore()
  /** Goes to another page, and waits until what is asked there is answered. */
  async function lookAgain() {
    await shelf().ready()
    await until(() => expect(asked.at(-1)).toBe('answered'))
  }
  const asked: string[] = []
  beforeEach(async () => {
    away = false
    slow = undefined
    kept.clear()
    shelf().items.splice(0)
    await shelf().add(id(1), can('first'))
    await shelf().add(id(2), can('second'))
    shelf().loaded = true
    asked.length = 0
    const { $fetch } = globalThis
    vi.stubGlobal('$fetch', async (...given: Parameters<typeof $fetch>) => {
      asked.push('asked')
      // Its promise is heard first by whoever asked.
      return ($fetch(...given) as Promise<unknown>).finally(() => setTimeout(() => asked.push('answered')))
    })
  })
  afterEach(() => void vi.unstubAllGlobals())

  it('is seen on the next page, and what was done to that thing can’t be gone back', async () => {
    await shelf().save(shelf().items[0]!, can('renamed'))
    await shelf().save(shelf().items[1]!, can('other'))
    kept.set(id(2), { ...kept.get(id(2))!, version: 9, document: can('unfit since') })
    await lookAgain()
    expect(shelf().items.map(({ document }) => document.name)).toEqual(['renamed', 'unfit since'])
    await shelf().undo()
    expect(shelf().items.map(({ document }) => document.name)).toEqual(['first', 'unfit since'])
  })
  it('stays as it was known while the server is away', async () => {
    away = true
    await lookAgain()
    expect(shelf().items).toHaveLength(2)
    expect(shelf().failure).toBe('')
  })
  it('is not what was read before something was saved here', async () => {
    let answer = () => {}
    slow = new Promise(resolve => {
      answer = resolve
    })
    await shelf().ready()
    await new Promise(resolve => setTimeout(resolve, 5))
    await shelf().save(shelf().items[0]!, can('saved meanwhile'))
    answer()
    await until(() => expect(asked.filter(a => a === 'answered')).toHaveLength(2))
    expect(shelf().items[0]!.document.name).toBe('saved meanwhile')
  })
})
