import { defineStore } from 'pinia'
import type { ShelfItemDocument } from '~~/core'

export interface ShelfItem { id: string, version: number, document: ShelfItemDocument, retired: boolean }

/** What the prep room has. */
export const useShelfStore = defineStore('shelf', () => {
  const items = ref<ShelfItem[]>([])
  const loaded = ref(false)
  const failure = ref('')

  const inUse = computed(() => items.value.filter(i => !i.retired))
  const ofKind = (kind: ShelfItemDocument['kind']) => inUse.value.filter(i => i.document.kind === kind)

  async function load() {
    try {
      items.value = await $fetch<ShelfItem[]>('/api/shelf')
      loaded.value = true
      failure.value = ''
    } catch (error) {
      failure.value = refusalOf(error).message
    }
  }

  function replace(item: ShelfItem) {
    const index = items.value.findIndex(i => i.id === item.id)
    if (index >= 0) items.value.splice(index, 1, item)
    else items.value.push(item)
  }

  /** @throws the refusal of the server */
  async function add(id: string, document: ShelfItemDocument) {
    replace(await sendWrite<ShelfItem>('POST', '/api/shelf', { id, document }, id))
  }

  /** @throws the refusal of the server */
  async function save(item: ShelfItem, document: ShelfItemDocument, retired = item.retired) {
    replace(await sendWrite<ShelfItem>('PUT', `/api/shelf/${item.id}`, { baseVersion: item.version, document, retired }))
  }

  return { items, inUse, ofKind, loaded, failure, load, add, save, replace }
})
