<script setup lang="ts">
/**
 * A demonstration's own drawing; looked at, it runs through its stages as it would with usual values in this room.
 * What that takes is fetched then.
 */
import { usePreferredReducedMotion } from '@vueuse/core'
import type { Scene } from '~~/core'
import SceneDrawing from '~/components/drawing/SceneDrawing.vue'
import type { Film } from './film'

const props = defineProps<{ id: string; still: Scene; running: boolean }>()
const motion = usePreferredReducedMotion()
const room = useRoomStore()
const film = shallowRef<Film>()
/** undefined while it stands still */
const position = ref<number>()
const scene = computed(() => (film.value && position.value !== undefined ? film.value.at(position.value) : props.still))

async function develop() {
  const { filmOf } = await import('./film')
  film.value = await filmOf(props.id, room.document)
}
watch(
  () => room.document,
  () => {
    film.value = undefined
  },
)

let frame = 0
let last = 0
function step(now: number) {
  if (!film.value || position.value === undefined) return
  // Two seconds a stage, and one at the end. A frame's time may lie a little before the clock's.
  position.value += Math.min(0.1, Math.max(0, now - last) / 2000)
  if (position.value > film.value.stages + 0.5) position.value = 0
  last = now
  frame = requestAnimationFrame(step)
}
watch(
  () => props.running && motion.value !== 'reduce',
  async run => {
    cancelAnimationFrame(frame)
    position.value = undefined
    if (!run) return
    if (!film.value) await develop()
    if (!props.running) return
    position.value = 0
    last = performance.now()
    frame = requestAnimationFrame(step)
  },
)
onBeforeUnmount(() => cancelAnimationFrame(frame))
</script>

<template>
  <SceneDrawing :scene="scene" card :moves="position !== undefined" />
</template>
