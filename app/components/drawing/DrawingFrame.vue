<script setup lang="ts">
/** What every bench drawing has: its size, the hatching of air, the bench and the caption. */
defineProps<{ width: number; height: number; uid: string; bench: number; caption: string }>()
</script>

<template>
  <figure class="m-0">
    <svg
      :viewBox="`0 0 ${width} ${height}`"
      class="w-full block max-h-[275px]"
      role="img"
      :aria-label="`Bench drawing: ${caption}`"
    >
      <defs>
        <pattern :id="`${uid}-air`" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="1.6" height="6" fill="var(--outside-air)" />
        </pattern>
      </defs>
      <line x1="0" :x2="width" :y1="bench" :y2="bench" stroke="var(--hairline)" stroke-width="2" />
      <slot />
    </svg>
    <figcaption class="text-sm soft">
      {{ caption }}
    </figcaption>
  </figure>
</template>
