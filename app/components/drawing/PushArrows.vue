<script setup lang="ts">
/** Outside air and inside gas pushing on a wall, with their pressures, inside a drawing. */
const props = defineProps<{
  /** middle of the vessel */ x: number, y: number
  /** of the sound vessel */ width: number, height: number
  /** between the outermost of the three rows, as a share of the height */ spread: number
  /** how far the walls have come in, as a share of the width */ caved?: number
  inside: number, outside: number
  /** false once the wall has caved in over the gas */ showInside: boolean
  /** a narrow screen has no room beside the arrows: the words go between them */ narrow?: boolean
}>()
const units = useUnitsStore()
const uid = useId().replace(/[^a-zA-Z0-9]/g, '')
const rows = computed(() => [-1, 0, 1].map(r => props.y + r * props.spread * props.height / 2))
const half = computed(() => props.width / 2)
/** Where the inside pushes from; its arrows are as long as its pressure is high. */
const face = computed(() => props.width * (0.5 - (props.caved ?? 0)) - 5)
const length = computed(() => Math.min(34, props.width * 0.28, Math.max(2, 22 * props.inside / props.outside)))
const kilopascals = (pa: number) => units.format(pa, ['kPa', 'psi'], 'pressure')
</script>

<template>
  <g stroke-width="2">
    <defs>
      <marker :id="`${uid}-out`" viewBox="0 0 8 8" refX="7" refY="4" markerWidth="6" markerHeight="6" orient="auto-start-reverse"><path d="M0 0L8 4L0 8z" fill="var(--outside-air)" /></marker>
      <marker :id="`${uid}-in`" viewBox="0 0 8 8" refX="7" refY="4" markerWidth="6" markerHeight="6" orient="auto-start-reverse"><path d="M0 0L8 4L0 8z" fill="var(--vapour)" /></marker>
    </defs>
    <g v-for="row in rows" :key="row">
      <template v-for="side in [-1, 1]" :key="side">
        <line :x1="x + side * (half + 33)" :x2="x + side * (half + 6)" :y1="row" :y2="row" stroke="var(--outside-air)" :marker-end="`url(#${uid}-out)`" />
        <line v-if="showInside" :x1="x + side * (face - length)" :x2="x + side * face" :y1="row" :y2="row" stroke="var(--vapour)" :marker-end="`url(#${uid}-in)`" />
      </template>
    </g>
    <text :x="x + half + (narrow ? 8 : 40)" :y="narrow ? y + spread * height / 4 + 4 : y + 4" class="label" fill="var(--outside-air)">{{ $t('outside {value}', { value: kilopascals(outside) }) }}</text>
    <text :x="x - half - 40" :y="y + 4" text-anchor="end" class="label" fill="var(--vapour)">{{ $t('inside {value}', { value: kilopascals(inside) }) }}</text>
  </g>
</template>

<style scoped>
.label { font-size: 12.5px; }
</style>
