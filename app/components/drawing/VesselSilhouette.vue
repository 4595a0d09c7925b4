<script setup lang="ts">
/** A vessel drawn to scale from its numbers, upright, with its mouth. */
const props = defineProps<{ diameter: number, height: number, mouth: number, scale: number, dented?: boolean, label: string }>()
const w = computed(() => props.diameter * props.scale)
const h = computed(() => props.height * props.scale)
const m = computed(() => Math.min(props.mouth, props.diameter) * props.scale)
</script>

<template>
  <svg :viewBox="`-3 -6 ${w + 6} ${h + 9}`" :width="w + 6" :height="h + 9" role="img" :aria-label="label">
    <path :d="`M0 ${h}V6q0 -4 4 -6H${w - 4}q4 2 4 6${dented ? `V${h * 0.35}q-${w * 0.2} ${h * 0.12} 0 ${h * 0.24}` : ''}V${h}Z`" fill="var(--sheet)" stroke="var(--vessel)" stroke-width="2" />
    <line :x1="(w - m) / 2" :x2="(w + m) / 2" y1="0" y2="0" stroke="var(--paper)" stroke-width="4" />
    <line :x1="(w - m) / 2" :x2="(w - m) / 2" y1="-3" y2="3" stroke="var(--vessel)" stroke-width="1.5" /><line :x1="(w + m) / 2" :x2="(w + m) / 2" y1="-3" y2="3" stroke="var(--vessel)" stroke-width="1.5" />
  </svg>
</template>
