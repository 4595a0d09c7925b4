<script setup lang="ts">
/** A demonstration's own drawing, running through its stages as it would with usual values in this room. */
import { usePreferredReducedMotion } from '@vueuse/core'
import type { Demonstration, Simulation, Values } from '~~/core'
import SceneDrawing from '~/components/drawing/SceneDrawing.vue'

const props = defineProps<{ demonstration: Demonstration; values: Values; simulation: Simulation; running: boolean }>()
const motion = usePreferredReducedMotion()
const stages = computed(() => props.simulation.trace!.stages)
/** Stages passed, as a number: 1.5 is the middle of the second. */
const still = computed(() => showingPosition(props.simulation))
const position = ref(still.value)
const time = computed(() => {
  const index = Math.min(stages.value.length - 1, Math.floor(position.value))
  const stage = stages.value[index]!
  return stage.start + (stage.end - stage.start) * Math.min(1, position.value - index)
})
const state = computed(() => props.demonstration.drawing(props.values, props.simulation, time.value))

let frame = 0
let last = 0
function step(now: number) {
  // Two seconds a stage, and one at the end. A frame's time may lie a little before the clock's.
  position.value += Math.min(0.1, Math.max(0, now - last) / 2000)
  if (position.value > stages.value.length + 0.5) position.value = 0
  last = now
  frame = requestAnimationFrame(step)
}
watch(
  () => props.running && motion.value !== 'reduce',
  run => {
    cancelAnimationFrame(frame)
    if (run) {
      position.value = 0
      last = performance.now()
      frame = requestAnimationFrame(step)
    } else position.value = still.value
  },
)
onBeforeUnmount(() => cancelAnimationFrame(frame))
</script>

<template>
  <SceneDrawing :scene="state" />
</template>
