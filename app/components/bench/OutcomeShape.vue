<script setup lang="ts">
/** A small vessel in the shape of an ending, 10 by 14 units, for use inside a drawing. */
import type { OutcomeLook } from '~~/core'

defineProps<{ look: OutcomeLook }>()
</script>

<template>
  <path v-if="look === 'gone'" d="M1 1h8l-2.5 5.500 2.500 6.500h-8l2.500-5z" fill="var(--gap)" />
  <path
    v-else-if="look === 'partly'"
    d="M1.500 1h7v12h-7V9q3-2 0-4z"
    fill="var(--gap-ground)"
    stroke="var(--gap)"
    stroke-width="1.200"
  />
  <g v-else-if="look === 'filled'">
    <rect x="1.500" y="1" width="7" height="12" fill="var(--field)" stroke="var(--water)" stroke-width="1.200" /><rect
      x="2"
      y="3"
      width="6"
      height="9.500"
      fill="var(--water)"
    />
  </g>
  <g v-else-if="look === 'part-filled'">
    <rect x="1.500" y="1" width="7" height="12" fill="var(--field)" stroke="var(--water)" stroke-width="1.200" /><rect
      x="2"
      y="8.500"
      width="6"
      height="4"
      fill="var(--water)"
    />
  </g>
  <g v-else-if="look === 'harm'">
    <rect x="1.500" y="1" width="7" height="12" fill="var(--field)" stroke="var(--danger)" stroke-width="1.200" /><path
      d="M3 1l2.500 5-2 1.500 2.500 5.500"
      fill="none"
      stroke="var(--danger)"
      stroke-width="1.400"
    />
  </g>
  <rect
    v-else
    x="1.500"
    y="1"
    width="7"
    height="12"
    fill="var(--field)"
    stroke="var(--vessel)"
    stroke-width="1.200"
    stroke-dasharray="2 1.200"
  />
</template>
