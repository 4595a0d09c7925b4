import { refusalOf, sendWrite } from '~/api/sending'
import { defineStore } from 'pinia'
import { readRoom, saturationTemperature, type RoomDocument } from '~~/core'

/** Conditions that hold for every staging that does not state its own. */
export const useRoomStore = defineStore('room', () => {
  const version = ref(0)
  const document = ref<RoomDocument>({})
  const loaded = ref(false)
  const failure = ref('')

  // The server has checked what it stores, so this can be read as it is.
  const values = computed(() => readRoom(document.value))
  const boilingPoint = computed(() => saturationTemperature(values.value.stationPressure!))

  function take(room: { version: number; document: RoomDocument }) {
    version.value = room.version
    document.value = room.document
    loaded.value = true
  }

  const ask = useFromServer()
  async function load() {
    try {
      take(await ask<{ version: number; document: RoomDocument }>('/api/room'))
      failure.value = ''
    } catch (error) {
      failure.value = refusalOf(error).message
    }
  }

  /** @throws the refusal of the server */
  async function save(next: RoomDocument) {
    take(await sendWrite('PUT', '/api/room', { baseVersion: version.value, document: next }))
  }

  return { version, document, loaded, failure, values, boilingPoint, load, save, take }
})
