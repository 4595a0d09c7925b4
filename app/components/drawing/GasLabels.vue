<script setup lang="ts">
/** What the gas is made of, and how warm the wall is, beside a vessel in a drawing. */
defineProps<{ x: number, y: number, air: number, wall: number }>()
const units = useUnitsStore()
</script>

<template>
  <g class="label">
    <text :x="x" :y="y - 14" fill="var(--vapour)">{{ $t('steam {share} %', { share: Math.round((1 - air) * 100) }) }}</text>
    <text :x="x" :y="y + 2" fill="var(--outside-air)">{{ $t('air {share} %', { share: Math.round(air * 100) }) }}</text>
    <text v-if="wall > 0" :x="x" :y="y + 18" fill="var(--soft-ink)">{{ $t('wall {value}', { value: units.format(wall, ['degC', 'degF'], 'temperature') }) }}</text>
  </g>
</template>

<style scoped>
.label { font-size: 12.5px; }
</style>
