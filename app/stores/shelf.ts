import { newId } from '~/api/new-id'
import { refusalOf, sendWrite } from '~/api/sending'
import { defineStore } from 'pinia'
import type { ShelfItemDocument, StoredItem } from '~~/core'

type State = Pick<StoredItem, 'id' | 'document' | 'retired'>
/** What was done to one thing, or to many at once. */
type Step = readonly { before?: State; after: State }[]
/** Steps that are kept. */
const MOST_STEPS = 50

/** What the prep room has. */
export const useShelfStore = defineStore('shelf', () => {
  const items = ref<StoredItem[]>([])
  const loaded = ref(false)
  const failure = ref('')

  const inUse = computed(() => items.value.filter(i => !i.retired))
  const ofKind = (kind: ShelfItemDocument['kind']) => inUse.value.filter(i => i.document.kind === kind)

  const ask = useFromServer()
  async function load() {
    try {
      items.value = await ask<StoredItem[]>('/api/shelf')
      loaded.value = true
      failure.value = ''
    } catch (error) {
      failure.value = refusalOf(error).message
    }
  }

  const app = useNuxtApp()
  /** counts what was saved from here: what was read before that is old */ let saved = 0
  /**
   * Waits for it where it is not known yet. It is looked at again wherever it is used: a tab stays open for days, and
   * what somebody else has found unfit is not to be used here either.
   */
  async function ready() {
    if (!loaded.value) return load()
    if (app.isHydrating) return
    const before = saved
    void $fetch<StoredItem[]>('/api/shelf').then(
      found => {
        if (saved === before && JSON.stringify(found) !== JSON.stringify(items.value)) takeAll(found)
      },
      // Away: it stays as it was known last.
      () => undefined,
    )
  }
  /** Steps over what somebody else has changed meanwhile can't be gone back. */
  function takeAll(found: StoredItem[]) {
    const versions = new Map(items.value.map(({ id, version }) => [id, version]))
    const changed = new Set(found.filter(({ id, version }) => versions.get(id) !== version).map(({ id }) => id))
    const untouched = (step: Step) => step.every(({ after }) => !changed.has(after.id))
    done.value = done.value.filter(untouched)
    undone.value = undone.value.filter(untouched)
    items.value = found
  }

  function replace(item: StoredItem) {
    saved++
    const index = items.value.findIndex(i => i.id === item.id)
    if (index >= 0) items.value.splice(index, 1, item)
    else items.value.push(item)
  }

  /** What has been done here, and undone, since the page was opened; what is new has nothing before it. */
  const done = shallowRef<readonly Step[]>([])
  const undone = shallowRef<readonly Step[]>([])
  const stateOf = ({ id, document, retired }: StoredItem): State => ({ id, document, retired })
  function keep(step: Step) {
    done.value = [...done.value, step].slice(-MOST_STEPS)
    undone.value = []
  }
  const put = async ({ id, document, retired }: State, baseVersion: number) =>
    replace(await sendWrite<StoredItem>('PUT', `/api/shelf/${id}`, { baseVersion, document, retired }))
  /** As it stands here now: what another window changed since is refused, not overwritten. */
  async function putBack(states: readonly State[]) {
    for (const state of states) {
      const item = items.value.find(i => i.id === state.id)
      if (item) await put(state, item.version)
    }
  }
  /** @throws the refusal of the server; then the step is still to be undone */
  async function undo() {
    const step = done.value.at(-1)
    if (!step) return
    // A thing that was new is retired: a staging may have been made with it meanwhile.
    await putBack(step.map(({ before, after }) => before ?? { ...after, retired: true }))
    done.value = done.value.slice(0, -1)
    undone.value = [...undone.value, step]
  }
  /** @throws the refusal of the server; then the step is still to be done again */
  async function redo() {
    const step = undone.value.at(-1)
    if (!step) return
    await putBack(step.map(({ after }) => after))
    undone.value = undone.value.slice(0, -1)
    done.value = [...done.value, step]
  }

  /** @throws the refusal of the server */
  async function add(id: string, document: ShelfItemDocument) {
    const added = await sendWrite<StoredItem>('POST', '/api/shelf', { id, document }, id)
    replace(added)
    keep([{ after: stateOf(added) }])
  }

  /** @throws the refusal of the server */
  async function save(item: StoredItem, document: ShelfItemDocument, retired = item.retired) {
    const before = stateOf(item)
    await put({ id: item.id, document, retired }, item.version)
    keep([{ before, after: { id: item.id, document, retired } }])
  }

  /** Adds many in one write. @throws the refusal of the server */
  async function addAll(documents: readonly ShelfItemDocument[], writeId: string) {
    const items = documents.map(document => ({ id: newId(), document }))
    const added = await sendWrite<StoredItem[]>('POST', '/api/shelf/import', { items }, writeId)
    for (const item of added) replace(item)
    keep(added.map(item => ({ after: stateOf(item) })))
  }

  /** Sets, or with null removes, the photo of an item. @throws the refusal of the server */
  async function savePhoto(id: string, photo: string | null) {
    replace(await sendWrite<StoredItem>('PUT', `/api/shelf/${id}/photo`, { photo }))
  }

  return {
    items,
    inUse,
    ofKind,
    loaded,
    failure,
    load,
    ready,
    add,
    addAll,
    save,
    savePhoto,
    replace,
    undo,
    redo,
    canUndo: computed(() => done.value.length > 0),
    canRedo: computed(() => undone.value.length > 0),
  }
})
