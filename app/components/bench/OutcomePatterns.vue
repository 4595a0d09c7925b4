<script setup lang="ts">
/** Fills of the outcomes: each has a pattern of its own besides its colour. */
defineProps<{ prefix: string }>()
</script>

<template>
  <defs>
    <pattern :id="`${prefix}-gone`" width="8" height="8" patternUnits="userSpaceOnUse">
      <rect width="8" height="8" fill="var(--gap)" />
    </pattern>
    <pattern :id="`${prefix}-partly`" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
      <rect width="7" height="7" fill="var(--gap-ground)" /><rect width="3" height="7" fill="var(--gap)" />
    </pattern>
    <pattern :id="`${prefix}-filled`" width="8" height="6" patternUnits="userSpaceOnUse">
      <rect width="8" height="6" fill="var(--water-wash)" /><path
        d="M0 3q2-2 4 0t4 0"
        fill="none"
        stroke="var(--water)"
        stroke-width="1.2"
      />
    </pattern>
    <pattern :id="`${prefix}-part-filled`" width="12" height="10" patternUnits="userSpaceOnUse">
      <rect width="12" height="10" fill="var(--sheet)" /><path
        d="M0 5q3-3 6 0t6 0"
        fill="none"
        stroke="var(--water)"
        stroke-width="1.2"
      />
    </pattern>
    <pattern :id="`${prefix}-harm`" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
      <rect width="7" height="7" fill="var(--danger-ground)" /><rect width="2" height="7" fill="var(--danger)" />
    </pattern>
    <pattern :id="`${prefix}-nothing`" width="6" height="6" patternUnits="userSpaceOnUse">
      <rect width="6" height="6" fill="var(--sheet)" /><circle cx="3" cy="3" r="0.8" fill="var(--vessel)" />
    </pattern>
  </defs>
</template>
