<script setup lang="ts">
/** A vessel drawn to scale from its numbers, upright, with its mouth. */
import { vesselOutline, type VesselValues } from '~~/core'

const props = defineProps<{ vessel: VesselValues; scale: number; dented?: boolean; label: string }>()
const w = computed(() => props.vessel.diameter * props.scale)
const h = computed(() => props.vessel.height * props.scale)
const m = computed(() => Math.min(props.vessel.mouthDiameter, props.vessel.diameter) * props.scale)
const path = computed(() => {
  const points = vesselOutline({
    shape: props.vessel.shape,
    width: w.value,
    height: h.value,
    mouth: m.value,
    neck: props.vessel.neckLength * props.scale,
    lost: 0,
  })
  // Its mouth is up, and the middle of it at the origin.
  return `M${points.map(([x, y]) => `${x.toFixed(1)},${(h.value / 2 - y).toFixed(1)}`).join('L')}Z`
})
</script>

<template>
  <svg
    :viewBox="`${-w / 2 - 3} ${-h / 2 - 4} ${w + 6} ${h + 8}`"
    :width="w + 6"
    :height="h + 8"
    role="img"
    :aria-label="label"
  >
    <path :d="path" fill="var(--sheet)" stroke="var(--vessel)" stroke-width="2" stroke-linejoin="round" />
    <path
      v-if="dented"
      :d="`M${w / 2} ${-h * 0.12}q${-w * 0.22} ${h * 0.11} 0 ${h * 0.22}`"
      fill="var(--paper)"
      stroke="var(--vessel)"
      stroke-width="2"
    />
    <line
      v-if="vessel.shape !== 'bell-jar'"
      :x1="-m / 2 + 1"
      :x2="m / 2 - 1"
      :y1="-h / 2"
      :y2="-h / 2"
      stroke="var(--paper)"
      stroke-width="4"
    />
  </svg>
</template>
