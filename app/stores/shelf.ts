import { newId } from '~/api/new-id'
import { refusalOf, sendWrite } from '~/api/sending'
import { defineStore } from 'pinia'
import type { ShelfItemDocument, StoredItem } from '~~/core'

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

  function replace(item: StoredItem) {
    const index = items.value.findIndex(i => i.id === item.id)
    if (index >= 0) items.value.splice(index, 1, item)
    else items.value.push(item)
  }

  /** @throws the refusal of the server */
  async function add(id: string, document: ShelfItemDocument) {
    replace(await sendWrite<StoredItem>('POST', '/api/shelf', { id, document }, id))
  }

  /** @throws the refusal of the server */
  async function save(item: StoredItem, document: ShelfItemDocument, retired = item.retired) {
    replace(
      await sendWrite<StoredItem>('PUT', `/api/shelf/${item.id}`, { baseVersion: item.version, document, retired }),
    )
  }

  /** Adds many in one write. @throws the refusal of the server */
  async function addAll(documents: readonly ShelfItemDocument[], writeId: string) {
    const items = documents.map(document => ({ id: newId(), document }))
    for (const item of await sendWrite<StoredItem[]>('POST', '/api/shelf/import', { items }, writeId)) replace(item)
  }

  /** Sets, or with null removes, the photo of an item. @throws the refusal of the server */
  async function savePhoto(id: string, photo: string | null) {
    replace(await sendWrite<StoredItem>('PUT', `/api/shelf/${id}/photo`, { photo }))
  }

  return { items, inUse, ofKind, loaded, failure, load, add, addAll, save, savePhoto, replace }
})
