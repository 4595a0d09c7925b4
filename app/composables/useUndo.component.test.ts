/** Steps back and forth over a document: what is done in one go is one step, and no step is lost or doubled. */
import { mountSuspended } from '@nuxt/test-utils/runtime'
import fc from 'fast-check'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { useUndo, useUndoKeys, type Undo } from './useUndo'

interface Doc {
  n: number
}
/** Mounted, since keys are heard as long as a part is there. */
async function opened(adopt?: (step: Doc) => unknown) {
  const document = shallowRef<Doc>({ n: 0 })
  let undo!: Undo
  const part = await mountSuspended(
    defineComponent({
      setup() {
        undo = useUndo(document, adopt ?? (step => (document.value = step)))
        useUndoKeys(undo)
        undo.begin()
        return () => h('input')
      },
    }),
  )
  const set = (n: number) => {
    document.value = { n }
    void undo.keepSoon()
  }
  /** as long as it takes until what is done next is another step */
  const rest = () => vi.advanceTimersByTimeAsync(600)
  return { document, undo, set, rest, part }
}
const press = (key: string, more: KeyboardEventInit = {}, target: EventTarget = document.body) => {
  const event = new KeyboardEvent('keydown', { key, ctrlKey: true, bubbles: true, cancelable: true, ...more })
  target.dispatchEvent(event)
  return event.defaultPrevented
}

beforeEach(() => {
  // What else the document keeps going (frames, intervals) has nothing to do with it, and takes time.
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
})
afterEach(() => {
  vi.useRealTimers()
})

describe('steps back and forth', () => {
  it('take what is done in one go as one', async () => {
    const { document, undo, set, rest } = await opened()
    for (const n of [1, 2, 3]) set(n)
    await rest()
    set(9)
    await rest()
    undo.undo()
    expect(document.value.n).toBe(3)
    undo.undo()
    expect(document.value.n).toBe(0)
    expect([undo.canUndo.value, undo.canRedo.value]).toEqual([false, true])
  })
  it('can be taken at once, before what was done has come to rest', async () => {
    const { document, undo, set } = await opened()
    set(5)
    expect(undo.canUndo.value).toBe(true)
    undo.undo()
    expect(document.value.n).toBe(0)
    undo.redo()
    expect(document.value.n).toBe(5)
  })
  it('end what could be done again where something else is done', async () => {
    const { undo, set, rest } = await opened()
    set(1)
    await rest()
    undo.undo()
    set(2)
    expect(undo.canRedo.value).toBe(false)
    await rest()
    expect(undo.canRedo.value).toBe(false)
  })
  it('lead to every state and back, whatever is done', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.oneof(fc.integer({ min: 1, max: 9 }), fc.constantFrom('undo', 'redo')), { maxLength: 25 }),
        async acts => {
          const { document, undo, set, rest, part } = await opened()
          // What it should be, by a list and a place in it.
          let states = [0]
          let at = 0
          for (const act of acts) {
            if (act === 'undo') {
              undo.undo()
              at = Math.max(0, at - 1)
            } else if (act === 'redo') {
              undo.redo()
              at = Math.min(states.length - 1, at + 1)
            } else {
              set(act as number)
              await rest()
              if (act !== states[at]) {
                states = [...states.slice(0, at + 1), act as number]
                at = states.length - 1
              }
            }
            expect(document.value.n).toBe(states[at])
            expect(undo.canUndo.value).toBe(at > 0)
            expect(undo.canRedo.value).toBe(at < states.length - 1)
          }
          part.unmount()
        },
      ),
      { seed: 13, numRuns: 6 },
    )
  })
  it('go by keys, but not in a field, nor in a dialog', async () => {
    const { document: doc, undo, set, rest, part } = await opened()
    set(4)
    await rest()
    const field = part.get('input').element
    document.body.append(field)
    expect(press('z', {}, field)).toBe(false)
    expect(doc.value.n).toBe(4)
    expect(press('z', { altKey: true })).toBe(false)
    expect(press('z', { ctrlKey: false })).toBe(false)
    expect(press('Z')).toBe(true)
    expect(doc.value.n).toBe(0)
    expect(press('z', { shiftKey: true })).toBe(true)
    expect(doc.value.n).toBe(4)
    press('z', { ctrlKey: false, metaKey: true })
    expect(doc.value.n).toBe(0)
    press('y')
    expect(doc.value.n).toBe(4)
    expect(undo.canRedo.value).toBe(false)
    part.unmount()
    field.remove()
    press('z')
    expect(doc.value.n).toBe(4)
  })
})
