<script setup lang="ts">
/** A small can in the shape of an outcome, 10 by 14 units, for use inside a drawing. */
defineProps<{ outcome: string }>()
</script>

<template>
  <path v-if="outcome === 'crush'" d="M1 1h8l-2.5 5.500 2.500 6.500h-8l2.500-5z" fill="var(--gap)" />
  <path v-else-if="outcome === 'dent'" d="M1.500 1h7v12h-7V9q3-2 0-4z" fill="#e6dcf3" stroke="var(--gap)" stroke-width="1.200" />
  <g v-else-if="outcome === 'fill'">
    <rect x="1.500" y="1" width="7" height="12" fill="#fff" stroke="var(--water)" stroke-width="1.200" /><rect x="2" y="5" width="6" height="7.500" fill="var(--water)" />
  </g>
  <rect v-else x="1.500" y="1" width="7" height="12" fill="#fff" stroke="var(--vessel)" stroke-width="1.200" stroke-dasharray="2 1.200" />
</template>
