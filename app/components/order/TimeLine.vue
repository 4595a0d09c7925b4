<script setup lang="ts">
/**
 * The acts as bars on one clock: on the heat, on a low flame, talk and show; with the limits ready and dry. A bar
 * can be dragged or moved with arrow keys.
 */
import { useEventListener, useResizeObserver } from '@vueuse/core'
import type { Act, Plan } from '~~/core'

const props = defineProps<{
  acts: readonly Act[]
  plan: Plan
  clock: (s: number) => string
  /** px across, where that is known before it is drawn: it need not be drawn twice */ room?: number
}>()
const emit = defineEmits<{ move: [index: number, lift: number] }>()

const box = ref<HTMLElement>()
const LEAST = 240
const width = ref(Math.max(LEAST, props.room ?? 900))
useResizeObserver(box, ([entry]) => {
  width.value = Math.max(LEAST, entry!.contentRect.width)
})
const narrow = computed(() => width.value < 560)
const LEFT = computed(() => (narrow.value ? 8 : 190))
const ROW = computed(() => (narrow.value ? 62 : 46))
const TOP = 26
/** px that a time may reach to either side */
const HALF_LABEL = 26
const from = computed(() => Math.min(0, ...props.plan.acts.map(a => a.heatOn)) - 30)
const to = computed(() => Math.max(60, ...props.plan.acts.map(a => a.done)) + 60)
const x = (s: number) => LEFT.value + ((s - from.value) / (to.value - from.value)) * (width.value - LEFT.value - 12)
const height = computed(() => TOP + props.acts.length * ROW.value + 8)
const ticks = computed(() => {
  const span = to.value - from.value
  const step = [60, 120, 300, 600, 900, 1800, 3600].find(s => span / s <= (narrow.value ? 5 : 10)) ?? 7200
  return Array.from({ length: Math.ceil(span / step) + 1 }, (_, i) => (Math.ceil(from.value / step) + i) * step).filter(
    s => s <= to.value,
  )
})

const dragged = ref<{ index: number; startX: number; by: number }>()
const secondsPer = computed(() => (to.value - from.value) / (width.value - LEFT.value - 12))
const shift = (i: number) => (dragged.value?.index === i ? dragged.value.by : 0)
function take(index: number, event: PointerEvent) {
  dragged.value = { index, startX: event.clientX, by: 0 }
}
useEventListener('pointermove', (event: PointerEvent) => {
  if (dragged.value) dragged.value = { ...dragged.value, by: (event.clientX - dragged.value.startX) * secondsPer.value }
})
useEventListener('pointerup', () => {
  const held = dragged.value
  dragged.value = undefined
  if (held && Math.abs(held.by) > 4)
    emit('move', held.index, Math.max(0, Math.round((props.plan.acts[held.index]!.lift + held.by) / 5) * 5))
})
function key(index: number, event: KeyboardEvent) {
  const by = ({ ArrowLeft: -15, ArrowRight: 15, PageUp: -60, PageDown: 60 } as Record<string, number>)[event.key]
  if (by === undefined) return
  event.preventDefault()
  emit('move', index, Math.max(0, Math.round(props.plan.acts[index]!.lift) + by))
}
const words = (i: number) => {
  const p = props.plan.acts[i]!
  const act = props.acts[i]!
  const { clock } = props
  const latest = clock(p.ready + act.wait)
  const heated =
    act.heating > 0
      ? `on heater ${p.heater! + 1} at ${clock(p.heatOn)}, ready ${clock(p.ready)}, no later than ${latest}, `
      : ''
  return `${act.title}: ${heated}lifted ${clock(p.lift)}, done ${clock(p.done)}`
}
</script>

<template>
  <div ref="box" class="min-w-0">
    <svg :width="width" :height="height" role="group" aria-label="Time line" class="block touch-none select-none">
      <g v-for="t in ticks" :key="t">
        <line
          :x1="x(t)"
          :x2="x(t)"
          :y1="TOP - 6"
          :y2="height"
          :stroke="t === 0 ? 'var(--ink)' : 'var(--hairline)'"
          :stroke-width="t === 0 ? 2 : 1"
        />
        <!-- The first one begins at the edge where it would be cut off by it. -->
        <text
          :x="x(t) < HALF_LABEL ? 0 : x(t)"
          y="14"
          :text-anchor="x(t) < HALF_LABEL ? 'start' : 'middle'"
          class="label"
          fill="var(--soft-ink)"
        >
          {{ clock(t) }}
        </text>
      </g>
      <g v-for="(p, i) in plan.acts" :key="p.id" :transform="`translate(0 ${TOP + i * ROW})`">
        <text
          :x="narrow ? LEFT : LEFT - 10"
          :y="narrow ? 10 : ROW / 2 + 2"
          :text-anchor="narrow ? 'start' : 'end'"
          class="name"
          fill="var(--ink)"
        >
          {{ acts[i]!.title.length > 26 ? `${acts[i]!.title.slice(0, 25)}…` : acts[i]!.title }}
        </text>
        <g :transform="`translate(0 ${narrow ? 16 : 6})`">
          <template v-if="acts[i]!.heating > 0">
            <rect
              :x="x(p.heatOn)"
              y="4"
              :width="Math.max(2, x(p.ready) - x(p.heatOn))"
              height="22"
              fill="var(--vapour-wash)"
              stroke="var(--vapour)"
            />
            <rect
              v-if="p.waits > 1"
              :x="x(p.ready)"
              y="9"
              :width="x(p.lift) - x(p.ready)"
              height="12"
              fill="none"
              stroke="var(--vapour)"
              stroke-dasharray="4 3"
            />
            <!-- ready and dry -->
            <line :x1="x(p.ready)" :x2="x(p.ready)" y1="0" y2="30" stroke="var(--vapour)" stroke-width="2.5" />
            <path
              v-if="p.ready + acts[i]!.wait < to"
              :d="`M${x(p.ready + acts[i]!.wait)} 0v30m-5 -30h10`"
              stroke="var(--danger)"
              stroke-width="2"
              fill="none"
            />
            <text v-if="x(p.ready) - x(p.heatOn) > 30" :x="x(p.heatOn) + 5" y="19" class="label" fill="var(--ink)">
              heater {{ p.heater! + 1 }}
            </text>
          </template>
          <rect
            v-if="acts[i]!.talk > 0"
            :x="x(p.lift - acts[i]!.talk)"
            y="4"
            :width="x(p.lift) - x(p.lift - acts[i]!.talk)"
            height="22"
            fill="none"
            stroke="var(--gap)"
            stroke-dasharray="2 2"
          />
          <g
            role="slider"
            tabindex="0"
            :aria-label="`Moment of ${acts[i]!.title}`"
            :aria-valuenow="Math.round(p.lift)"
            :aria-valuemin="0"
            :aria-valuemax="Math.round(to)"
            :aria-valuetext="words(i)"
            class="bar"
            @pointerdown="take(i, $event)"
            @keydown="key(i, $event)"
          >
            <title>{{ words(i) }}</title>
            <rect
              :x="x(p.lift + shift(i))"
              y="2"
              :width="Math.max(9, x(p.done) - x(p.lift))"
              height="26"
              rx="3"
              fill="var(--gap)"
            />
            <text :x="x(p.lift + shift(i))" y="41" class="label figures" text-anchor="middle" fill="var(--ink)">
              {{ clock(p.lift + shift(i)) }}
            </text>
          </g>
        </g>
      </g>
    </svg>
    <p class="text-sm soft flex flex-wrap gap-x-4">
      <span><span class="text-(--vapour)" aria-hidden="true">▭</span> on the heat, to <b>ready</b></span
      ><span><span class="text-(--vapour)" aria-hidden="true">┄</span> low flame</span>
      <span><span class="text-(--danger)" aria-hidden="true">┬</span> dry from here</span
      ><span><span class="text-(--gap)" aria-hidden="true">┈</span> talk</span
      ><span><span class="text-(--gap)" aria-hidden="true">▮</span> lift, hush, show: drag it, or arrow keys</span>
    </p>
  </div>
</template>

<style scoped>
.label {
  font-size: 12px;
}
.name {
  font-size: 14px;
  font-weight: 600;
}
.bar {
  cursor: grab;
}
</style>
