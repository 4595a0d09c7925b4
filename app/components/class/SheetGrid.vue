<script setup lang="ts">
/** A grid to draw points into, with round numbers along both axes; in the colour of the text, also in a saved file. */
import type { ToldAxis } from './told-sheet'

defineProps<{ across: ToldAxis; up: ToldAxis }>()
const LEFT = 46
const TOP = 8
const WIDTH = 400
const HEIGHT = 150
const BOTTOM = TOP + HEIGHT
const x = (i: number, of: ToldAxis) => LEFT + (WIDTH * i) / (of.ticks.length - 1)
const y = (i: number, of: ToldAxis) => BOTTOM - (HEIGHT * i) / (of.ticks.length - 1)
</script>

<template>
  <svg
    :viewBox="`0 0 ${LEFT + WIDTH + 10} ${BOTTOM + 32}`"
    class="sheet-grid"
    role="img"
    :aria-label="$t('Grid: {up} over {across}', { up: up.name, across: across.name })"
    fill="currentColor"
    font-size="9"
  >
    <g stroke="currentColor" stroke-width="0.4">
      <path v-for="(tick, i) in across.ticks" :key="tick" :d="`M${x(i, across)} ${TOP}V${BOTTOM}`" />
      <path v-for="(tick, i) in up.ticks" :key="tick" :d="`M${LEFT} ${y(i, up)}h${WIDTH}`" />
    </g>
    <g text-anchor="middle">
      <text v-for="(tick, i) in across.ticks" :key="tick" :x="x(i, across)" :y="BOTTOM + 12">{{ tick }}</text>
    </g>
    <g text-anchor="end">
      <text v-for="(tick, i) in up.ticks" :key="tick" :x="LEFT - 4" :y="y(i, up) + 3">{{ tick }}</text>
      <text :x="LEFT + WIDTH" :y="BOTTOM + 26">{{ across.name }} →</text>
    </g>
    <text :x="LEFT" :y="BOTTOM + 26">↑ {{ up.name }}</text>
  </svg>
</template>
