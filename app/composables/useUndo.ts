/** Steps back and forth over what a document was: what is done in one go is one step. */
import { useDebounceFn, useEventListener, useManualRefHistory } from '@vueuse/core'

/** Steps that are kept. */
const MOST = 100
/** A slider that is pulled, a word that is typed: changes closer together than this are one step, ms. */
const ONE_GO = 500

/**
 * @param document replaced, never changed, by what is done to it
 * @param adopt puts a step in force; may refuse
 */
export function useUndo<T>(document: Readonly<Ref<T | undefined>>, adopt: (step: T) => unknown) {
  // It is put in force by `adopt` alone.
  const history = useManualRefHistory(document as Ref<T | undefined>, {
    capacity: MOST,
    setSource: (_, step) => {
      if (step !== undefined) adopt(step)
    },
  })
  const text = (of: unknown) => JSON.stringify(of)
  /** Keeps what stands there now as a step, where it is another than the last one. */
  function keep() {
    if (text(document.value) !== text(history.last.value.snapshot)) history.commit()
  }
  const keepSoon = useDebounceFn(keep, ONE_GO)
  /** What stands there now is where it all begins. */
  function begin() {
    history.commit()
    history.clear()
  }
  function undo() {
    keep()
    history.undo()
  }
  const changed = computed(() => text(document.value) !== text(history.last.value.snapshot))
  return {
    keepSoon,
    begin,
    undo,
    redo: history.redo,
    canUndo: computed(() => history.canUndo.value || changed.value),
    canRedo: computed(() => history.canRedo.value && !changed.value),
  }
}

export type Undo = ReturnType<typeof useUndo>

/** Ctrl Z and Ctrl Shift Z or Ctrl Y; in a field they are the field's own. */
export function useUndoKeys({ undo, redo }: { undo: () => unknown; redo: () => unknown }) {
  useEventListener('keydown', (event: KeyboardEvent) => {
    if (!(event.ctrlKey || event.metaKey) || event.altKey) return
    const target = event.target as HTMLElement
    if (target.closest('input:not([type=range]), textarea, [contenteditable], [role=dialog]')) return
    const key = event.key.toLowerCase()
    if (key === 'z' && !event.shiftKey) undo()
    else if (key === 'y' || (key === 'z' && event.shiftKey)) redo()
    else return
    event.preventDefault()
  })
}
