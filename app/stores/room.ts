import { refusalOf, sendWrite } from '~/api/sending'
import { defineStore } from 'pinia'
import type { RoomDocument, StoredRoom } from '~~/core'

/** Conditions that hold for every staging that does not state its own. */
export const useRoomStore = defineStore('room', () => {
  const version = ref(0)
  const document = ref<RoomDocument>({})
  /** what the server works out of them */
  const glance = ref<StoredRoom['glance']>()
  const loaded = ref(false)
  const failure = ref('')

  function take(room: StoredRoom) {
    version.value = room.version
    document.value = room.document
    glance.value = room.glance
    loaded.value = true
  }

  const ask = useFromServer()
  async function load() {
    try {
      take(await ask<StoredRoom>('/api/room'))
      failure.value = ''
    } catch (error) {
      failure.value = refusalOf(error).message
    }
  }

  const app = useNuxtApp()
  /**
   * Waits for it where it is not known yet. It is looked at again on every other page: a tab stays open for days, and
   * others read the barometer.
   */
  async function ready() {
    if (!loaded.value) return load()
    if (app.isHydrating) return
    void $fetch<StoredRoom>('/api/room').then(
      room => {
        if (room.version > version.value) take(room)
      },
      // Away: it stays as it was known last.
      () => undefined,
    )
  }

  /** @param base version that it was made from @throws the refusal of the server */
  async function save(next: RoomDocument, base: number) {
    take(await sendWrite('PUT', '/api/room', { baseVersion: base, document: next }))
  }

  return { version, document, glance, loaded, failure, load, ready, save, take }
})
