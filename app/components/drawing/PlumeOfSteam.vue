<script setup lang="ts">
/** Steam above a mouth, inside a drawing. */
defineProps<{ x: number; y: number }>()
</script>

<template>
  <g
    :transform="`translate(${x} ${y})`"
    class="plume"
    fill="none"
    stroke="var(--vapour)"
    stroke-width="3"
    stroke-linecap="round"
    opacity="0.7"
  >
    <path d="M-5 -3q-7 -12 0 -22t-2 -22" /><path d="M5 -3q7 -12 0 -24t3 -20" /><path d="M0 -6q4 -14 -1 -28" />
  </g>
</template>

<style scoped>
.plume {
  animation: sway 2.4s ease-in-out infinite alternate;
  transform-box: fill-box;
}
@keyframes sway {
  from {
    opacity: 0.45;
  }
  to {
    opacity: 0.8;
  }
}
</style>
