<script setup lang="ts">
/** Plate or microwave under a vessel, inside a drawing. */
defineProps<{ x: number, top: number, bench: number, kind: string, on: boolean }>()
</script>

<template>
  <g>
    <template v-if="kind === 'microwave'">
      <rect :x="x - 66" :y="top - 150" width="132" :height="bench - top + 150" rx="5" fill="none" stroke="var(--vessel)" stroke-width="3" />
      <rect :x="x - 52" :y="top" width="104" height="4" rx="2" :fill="on ? '#9a3b1e' : '#3d434c'" />
    </template>
    <template v-else>
      <rect :x="x - 62" :y="top + 7" width="124" :height="bench - top - 7" rx="3" fill="var(--vessel)" />
      <rect :x="x - 48" :y="top" width="96" height="7" rx="2" :fill="on ? '#9a3b1e' : '#3d434c'" />
    </template>
    <text :x="x" :y="bench + 15" text-anchor="middle" class="label" fill="var(--soft-ink)">{{ kind === 'microwave' ? $t('microwave') : $t('heater') }}</text>
  </g>
</template>

<style scoped>
.label { font-size: 12.5px; }
</style>
