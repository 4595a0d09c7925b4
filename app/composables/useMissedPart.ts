import { useTimeoutFn } from '@vueuse/core'

/** As long as it takes to read it, and to have looked elsewhere first, ms. */
const TOLD = 12_000

/** True for a while after a part of the page that one reached for could not be fetched. */
export function useMissedPart(): Readonly<Ref<boolean>> {
  const missed = ref(false)
  const told = useTimeoutFn(
    () => {
      missed.value = false
    },
    TOLD,
    { immediate: false },
  )
  useNuxtApp().hook('app:chunkError', () => {
    missed.value = true
    told.start()
  })
  return missed
}
