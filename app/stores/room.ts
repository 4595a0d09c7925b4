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

  /** @throws the refusal of the server */
  async function save(next: RoomDocument) {
    take(await sendWrite('PUT', '/api/room', { baseVersion: version.value, document: next }))
  }

  return { version, document, glance, loaded, failure, load, save, take }
})
