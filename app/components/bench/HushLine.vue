<script setup lang="ts">
/**
 * Pressure inside against time under the ceiling of the outside pressure, one panel a stage, each with its own time
 * scale.
 */
import { useResizeObserver } from '@vueuse/core'
import { range, ticks } from 'd3-array'
import { countWords, fromSi, unitLabel, valueAt, type Demonstration, type Forecast, type Traced } from '~~/core'
import { useI18n } from 'petite-vue-i18n'

const { t } = useI18n()

const props = defineProps<{
  demonstration: Demonstration
  simulation: Traced
  forecast?: Forecast
  time: number
  stageIndex: number
}>()
const emit = defineEmits<{ move: [time: number] }>()
const units = useUnitsStore()
const box = ref<HTMLElement>()
/** until it is known */
const width = ref(720)
useResizeObserver(box, ([entry]) => {
  width.value = Math.max(200, entry!.contentRect.width)
})
const uid = useId()
const HEIGHT = 210
/** Over and under the panels: names of moments, and of the axis. */
const [TOP, BOTTOM] = [18, HEIGHT - 34]

const trace = computed(() => props.simulation.trace)
const unit = computed(() => units.shown(['kPa', 'psi']))
const shown = (pa: number) => fromSi(pa, unit.value, 'pressure')
const outside = computed(() => props.simulation.details.stationPressure!)

/** The strength is a band only where something gives way under it. */
const banded = computed(
  () =>
    props.demonstration.hushWords.strength !== '' && props.simulation.results.criticalPressureDifference !== undefined,
)
const strength = computed(() => {
  const q = props.forecast?.quantiles.criticalPressureDifference
  const nominal = props.simulation.results.criticalPressureDifference ?? Infinity
  return q ? ([q.p10, q.p90] as const) : ([nominal * 0.97, nominal * 1.03] as const)
})

/** Rows of one stage, from its beginning, its ends included exactly. */
function rows(index: number, column: string): [number, number][] {
  const stage = trace.value.stages[index]!
  const values = trace.value.columns[column]!
  const points: [number, number][] = [[0, valueAt(trace.value, column, stage.start + 1e-9)]]
  trace.value.time.forEach((t, i) => {
    if (t > stage.start && t < stage.end) points.push([t - stage.start, values[i]!])
  })
  points.push([stage.end - stage.start, valueAt(trace.value, column, stage.end)])
  return points
}
/** What is drawn of each stage, and how far it goes, Pa: read once, however often the odds change. */
const pressures = computed(() =>
  trace.value.stages.map((_, index) => {
    const line = rows(index, 'pressure')
    const pascals = line.map(r => r[1])
    return { line, least: Math.min(...pascals), most: Math.max(...pascals) }
  }),
)
/** Open to the room nothing happens to the pressure: what changes is what the gas is made of. */
const made = computed(() => {
  const { columns, stages } = trace.value
  const column = columns.airFraction ? 'airFraction' : columns.oxygen ? 'oxygen' : undefined
  if (!column) return undefined
  const fullest = Math.max(...columns[column]!)
  return stages.map((stage, index) =>
    stage.id === 'heat' ? rows(index, column).map(([s, share]) => [s, share / fullest] as const) : undefined,
  )
})

/** Marks for events; a name that would run into the next one's is left out. */
const SHORT: Record<string, string> = { boil: 'boils', plume: 'plume', dry: 'dry', lift: 'off' }
const readable = (events: Traced['events'], end: number) =>
  events.map((e, i) => {
    const next = events[i + 1]
    return { time: e.time, name: next && next.time - e.time < 0.15 * end ? '' : t(SHORT[e.id] ?? '') }
  })

/** One scale for all stages: where the room's pressure lies on it, and how far it goes. */
const scale = computed(() => {
  const { stages } = trace.value
  // Pumped up, or heated against a relief, the inside rises above the room; otherwise the room is the ceiling,
  // whatever rebounds after a crush.
  const highest = Math.max(...pressures.value.filter((_, i) => stages[i]!.id !== 'crush').map(p => p.most))
  const reaches = outside.value - Math.min(...pressures.value.map(p => p.least))
  const above = highest - outside.value > Math.max(0.002 * outside.value, 0.15 * reaches)
  const ceiling = above ? highest + 0.06 * (highest - outside.value) : outside.value
  return { highest, above, ceiling }
})
/** So small a part of a panel's height is no wider than the line that is drawn. */
const UNSEEN = 0.01
/** The highest that a stage's panel shows, Pa: what rises over the room's pressure is shown to do so. */
function ceilingOf(index: number): number {
  const { ceiling } = scale.value
  const over = pressures.value[index]!.most - outside.value
  const seen = over > UNSEEN * (ceiling - floorOf(index))
  return seen ? Math.max(ceiling, outside.value + 1.06 * over) : ceiling
}
/** The lowest that a stage's panel shows, Pa. */
function floorOf(index: number): number {
  const stage = trace.value.stages[index]!
  const { above, highest } = scale.value
  if (stage.id === 'heat') return above ? outside.value * 0.9 : 0
  const band =
    stage.id === 'hush' && banded.value && strength.value[1] < outside.value * 0.9
      ? outside.value - strength.value[1] * 1.25
      : outside.value
  const reach = outside.value - Math.min(pressures.value[index]!.least, band)
  return Math.max(
    0,
    outside.value - Math.max(reach * 1.12, above ? 0.12 * (highest - outside.value) : 0.0005 * outside.value),
  )
}

/** Times of a stage as one reads them, and in what. */
function clockOf(span: number) {
  if (span > 90) return { in: 'min:s', told: (s: number) => countWords(1000 * Math.round(s)) }
  return span < 1.5
    ? { in: 'ms', told: (s: number) => `${Math.round(s * 1000)}` }
    : { in: 's', told: (s: number) => units.number(s, 2) }
}

const narrow = computed(() => width.value < 480)
/** Round times of a stage: as many as there is room for, on a clock at half and whole minutes. */
function roundTimes(span: number): number[] {
  const most = narrow.value ? 2 : 4
  if (span <= 90) return ticks(0, span, most)
  return range(0, span, [30, 60, 120, 300, 600, 1200, 1800, 3600].find(step => span / step <= most + 1) ?? 7200)
}
const px = (x: number) => x.toFixed(1)
const lineOf = (points: readonly (readonly [number, number])[]) => `M${points.map(p => p.map(px).join(',')).join('L')}`

const panels = computed(() => {
  const { stages } = trace.value
  const { events, results } = props.simulation
  const left = narrow.value ? 34 : 46
  const gap = narrow.value ? 30 : 42
  const across = (width.value - left - 8 - gap * (stages.length - 1)) / stages.length
  const hush = props.forecast?.quantiles.hush
  return stages.map((stage, index) => {
    const heating = stage.id === 'heat'
    const span = stage.end - stage.start
    const floor = floorOf(index)
    const ceiling = ceilingOf(index)
    const from = left + index * (across + gap)
    const x = (s: number) => from + (across * s) / Math.max(span, 1e-9)
    const y = (pa: number) => TOP + ((BOTTOM - TOP) * (ceiling - pa)) / (ceiling - floor)
    const inside = (at: number) => Math.min(BOTTOM, Math.max(TOP, at))
    const band = (x0: number, x1: number, y0: number, y1: number) => ({
      x: x0,
      y: y0,
      width: Math.max(0, x1 - x0),
      height: Math.max(0, y1 - y0),
    })
    const curve = lineOf(pressures.value[index]!.line.map(([s, pa]) => [x(s), y(pa)] as const))
    const air = made.value?.[index]
    const clock = clockOf(span)
    const digits = ceiling - floor < 0.03 * ceiling ? 5 : 3
    return {
      id: stage.id,
      start: stage.start,
      end: stage.end,
      from,
      across,
      x,
      name: `${units.told(stage.name)}, ${clock.in}`,
      // A number at the very end would run into the next panel's.
      times: roundTimes(span)
        .filter(s => s < 0.94 * span)
        .map(s => ({ at: x(s), text: clock.told(s) })),
      levels: [0, 1, 2, 3].map(k => {
        const pa = floor + (k * (ceiling - floor)) / 3
        return { at: y(pa), text: units.number(shown(pa), digits) }
      }),
      curve,
      difference: `${curve}L${px(x(span))},${px(y(outside.value))}L${px(x(0))},${px(y(outside.value))}Z`,
      air: air && lineOf(air.map(([s, share]) => [x(s), BOTTOM - (BOTTOM - TOP) * share] as const)),
      strength:
        !heating && banded.value && strength.value[0] < outside.value
          ? band(
              from,
              from + across,
              inside(y(outside.value - strength.value[0])),
              inside(y(Math.max(0, outside.value - strength.value[1]))),
            )
          : undefined,
      ends:
        stage.id === 'hush' && hush && results.hush !== undefined && hush.p10 < span
          ? band(x(hush.p10), x(Math.min(hush.p90, span)), TOP, BOTTOM)
          : undefined,
      moments: heating
        ? readable(
            events.filter(e => ['boil', 'plume', 'lift', 'dry'].includes(e.id)),
            stage.end,
          ).map(m => ({ at: x(m.time), name: m.name }))
        : [],
      room: ceiling > outside.value ? y(outside.value) : undefined,
    }
  })
})

function click(event: MouseEvent) {
  const place = (event.currentTarget as SVGSVGElement).getBoundingClientRect()
  const at = ((event.clientX - place.left) / place.width) * width.value
  const panel = panels.value.find(p => at >= p.from && at <= p.from + p.across)
  if (panel) emit('move', panel.start + ((at - panel.from) / panel.across) * (panel.end - panel.start))
}
const words = computed(() => {
  const r = props.simulation.results
  const pressure = (pascals: number) => units.format(pascals, ['kPa', 'psi'], 'pressure')
  const band = banded.value
    ? `; ${t('{strength} at {difference}', {
        strength: units.told(props.demonstration.hushWords.strength),
        difference: pressure(r.criticalPressureDifference!),
      })}`
    : ''
  const line = t('Pressure inside against time. Outside {outside}; greatest difference {peak}', {
    outside: pressure(outside.value),
    peak: pressure(r.peakPressureDifference!),
  })
  return `${line}${band}.`
})
</script>

<template>
  <section ref="box" :aria-label="$t('Hush line')" class="min-w-0 overflow-hidden">
    <p class="text-sm soft flex flex-wrap gap-x-4">
      <b class="text-(--ink)">{{ $t('Hush line') }}</b>
      <span
        ><span class="text-(--ink)" aria-hidden="true">━</span>
        {{
          panels.some(p => p.room !== undefined)
            ? $t('inside, {unit}; dashed: outside', { unit: unitLabel(unit) })
            : $t('inside, {unit}; top edge: outside', { unit: unitLabel(unit) })
        }}</span
      >
      <span><span class="text-(--gap)" aria-hidden="true">▇</span> {{ $t('difference') }}</span>
      <span v-if="trace.stages.some(s => s.id === 'heat')"
        ><span class="text-(--outside-air)" aria-hidden="true">╍</span>
        {{ units.told(demonstration.hushWords.inside) }}</span
      >
      <span v-if="simulation.results.hush !== undefined && forecast?.quantiles.hush"
        ><span class="text-(--danger)" aria-hidden="true">▇</span> {{ $t('when it ends, P10 to P90') }}</span
      >
    </p>
    <svg
      :viewBox="`0 0 ${width} ${HEIGHT}`"
      class="hush-line block w-full"
      :style="{ height: `${HEIGHT}px` }"
      role="img"
      :aria-label="words"
      @click="click"
    >
      <defs>
        <clipPath v-for="(p, i) in panels" :id="`${uid}-panel-${i}`" :key="p.id">
          <rect :x="p.from" :y="TOP" :width="p.across" :height="BOTTOM - TOP" />
        </clipPath>
      </defs>
      <g v-for="(p, i) in panels" :key="p.id">
        <path class="axis" :d="`M${px(p.from)},${TOP}V${BOTTOM}H${px(p.from + p.across)}`" />
        <text v-for="l in p.levels" :key="l.at" :x="p.from - 6" :y="l.at + 4" text-anchor="end">{{ l.text }}</text>
        <text v-for="tick in p.times" :key="tick.at" :x="tick.at" :y="BOTTOM + 14" text-anchor="middle">
          {{ tick.text }}
        </text>
        <text class="name" :x="p.from + p.across / 2" :y="BOTTOM + 29" text-anchor="middle">{{ p.name }}</text>
        <g :clip-path="`url(#${uid}-panel-${i})`">
          <rect v-if="p.strength" class="strength" v-bind="p.strength" />
          <rect v-if="p.ends" class="ends" v-bind="p.ends" />
          <path class="difference" :d="p.difference" />
          <path v-if="p.room !== undefined" class="room" :d="`M${px(p.from)},${px(p.room)}h${px(p.across)}`" />
          <path v-if="p.air" class="air" :d="p.air" />
          <path class="curve" :d="p.curve" />
        </g>
        <text
          v-if="p.strength && p.id === 'hush' && !narrow"
          class="ink"
          :x="p.from + 5"
          :y="p.strength.y + p.strength.height - 5"
        >
          {{ units.told(demonstration.hushWords.strength) }}
        </text>
        <text
          v-if="p.room !== undefined && (i === 0 || panels[i - 1]!.room === undefined)"
          :x="p.from + p.across"
          :y="p.room - 3"
          text-anchor="end"
        >
          {{ $t('outside') }}
        </text>
        <template v-for="m in p.moments" :key="m.at">
          <path class="moment" :d="`M${px(m.at)},${BOTTOM}V${TOP}`" />
          <text :x="m.at" :y="TOP - 5" text-anchor="middle">{{ m.name }}</text>
        </template>
        <path
          v-if="stageIndex === i"
          class="here"
          :d="`M${px(p.x(Math.min(p.end, Math.max(p.start, time)) - p.start))},${BOTTOM}V${TOP}`"
        />
      </g>
    </svg>
  </section>
</template>

<style scoped>
.hush-line text {
  font-size: 11px;
  fill: var(--soft-ink);
}
.hush-line text.name {
  font-size: 12px;
}
.hush-line text.ink {
  fill: var(--ink);
}
.hush-line path {
  fill: none;
}
.axis {
  stroke: var(--hairline);
}
.curve {
  stroke: var(--ink);
  stroke-width: 2.5;
  stroke-linejoin: round;
}
.hush-line .difference {
  fill: var(--gap);
  opacity: 0.28;
}
.strength {
  fill: var(--vessel);
  opacity: 0.28;
}
.ends {
  fill: var(--danger);
  opacity: 0.13;
}
.air {
  stroke: var(--outside-air);
  stroke-width: 2;
  stroke-dasharray: 6 4;
}
.room {
  stroke: var(--outside-air);
  stroke-width: 1.5;
  stroke-dasharray: 5 4;
}
.moment {
  stroke: var(--vapour);
  stroke-dasharray: 4 3;
}
.here {
  stroke: var(--ink);
  stroke-width: 2;
}
</style>
