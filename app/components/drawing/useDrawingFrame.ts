import { useMediaQuery } from '@vueuse/core'

/** Height of every bench drawing, in its own units. */
export const DRAWING_HEIGHT = 258

/**
 * Size of a bench drawing, narrower on a phone so that the words in it stay readable, and an id of its own for
 * patterns and markers.
 */
export function useDrawingFrame() {
  const narrow = useMediaQuery('(max-width: 640px)')
  const width = computed(() => (narrow.value ? 430 : 700))
  const uid = useId().replace(/[^a-zA-Z0-9]/g, '')
  return { narrow, width, uid }
}
