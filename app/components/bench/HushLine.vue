<script setup lang="ts">
/**
 * Pressure inside against time under the ceiling of the outside pressure, one panel a stage, each with its own time
 * scale.
 */
import { useResizeObserver } from '@vueuse/core'
import { LineChart } from 'echarts/charts'
import { GridComponent, MarkAreaComponent, MarkLineComponent } from 'echarts/components'
import { use, type ComposeOption } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import type { LineSeriesOption } from 'echarts/charts'
import type { GridComponentOption } from 'echarts/components'
import VChart from 'vue-echarts'
import { fromSi, unitLabel, valueAt, type Demonstration, type Forecast, type Simulation } from '~~/core'
import { useI18n } from 'vue-i18n'

const { t } = useI18n()
use([LineChart, GridComponent, MarkAreaComponent, MarkLineComponent, SVGRenderer])
type Option = ComposeOption<LineSeriesOption | GridComponentOption>

const props = defineProps<{
  demonstration: Demonstration
  simulation: Simulation
  forecast?: Forecast
  time: number
  stageIndex: number
}>()
const emit = defineEmits<{ move: [time: number] }>()
const units = useUnitsStore()
const chart = ref<InstanceType<typeof VChart>>()
const box = ref<HTMLElement>()
const width = ref(600)
useResizeObserver(box, ([entry]) => {
  width.value = entry!.contentRect.width
})

const COLOURS = {
  ink: '#1c2430',
  soft: '#4d5663',
  line: '#d9d3c7',
  gap: '#7a5aa6',
  vessel: '#59626e',
  air: '#45679c',
  vapour: '#a85d0f',
  danger: '#b3261e',
}
const trace = computed(() => props.simulation.trace!)
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

/** Rows of one stage, its ends included exactly. */
function rows(index: number, column: string, scale: (x: number) => number): [number, number][] {
  const stage = trace.value.stages[index]!
  const points: [number, number][] = [[0, scale(valueAt(trace.value, column, stage.start + 1e-9))]]
  trace.value.time.forEach((t, i) => {
    if (t > stage.start && t < stage.end) points.push([t - stage.start, scale(trace.value.columns[column]![i]!)])
  })
  points.push([stage.end - stage.start, scale(valueAt(trace.value, column, stage.end))])
  return points
}

/** Marks for events; a name that would run into the next one's is left out. */
const SHORT: Record<string, string> = { boil: 'boils', plume: 'plume', dry: 'dry', lift: 'off' }
const readable = (events: Simulation['events'], end: number) =>
  events.map((e, i) => {
    const next = events[i + 1]
    return { xAxis: e.time, name: next && next.time - e.time < 0.15 * end ? '' : t(SHORT[e.id] ?? '') }
  })

/** Something is pressed or blown up over the room's pressure. */
const rises = computed(() => Math.max(...trace.value.columns.pressure!) > outside.value * 1.002)
const lowest = (index: number) => Math.min(...rows(index, 'pressure', x => x).map(r => r[1]))

const option = computed<Option>(() => {
  const { stages } = trace.value
  const { events, results } = props.simulation
  const narrow = width.value < 480
  const left = narrow ? 34 : 46
  const gapWidth = narrow ? 30 : 42
  const each = (width.value - left - 8 - gapWidth * (stages.length - 1)) / stages.length
  // Pumped up, or heated against a relief, the inside rises above the room; otherwise the room is the ceiling,
  // whatever rebounds after a crush.
  const highest = Math.max(
    ...stages
      .filter(s => s.id !== 'crush')
      .map(s => stages.indexOf(s))
      .flatMap(i => rows(i, 'pressure', x => x).map(r => r[1])),
  )
  const reaches = outside.value - Math.min(...stages.map((_, i) => lowest(i)))
  const above = highest - outside.value > Math.max(0.002 * outside.value, 0.15 * reaches)
  const ceiling = shown(above ? highest + 0.06 * (highest - outside.value) : outside.value)
  // Open to the room nothing happens to the pressure: what changes is what the gas is made of.
  const heating = (index: number) => stages[index]!.id === 'heat'
  const made = trace.value.columns.airFraction ? 'airFraction' : trace.value.columns.oxygen ? 'oxygen' : undefined
  const fullest = made ? Math.max(...trace.value.columns[made]!) : 1
  const long = (index: number) => stages[index]!.end - stages[index]!.start > 90
  const floors = stages
    .map((stage, index) => {
      if (heating(index)) return above ? outside.value * 0.9 : 0
      const deepest = lowest(index)
      const band =
        stage.id === 'hush' && banded.value && strength.value[1] < outside.value * 0.9
          ? outside.value - strength.value[1] * 1.25
          : outside.value
      const reach = outside.value - Math.min(deepest, band)
      return Math.max(
        0,
        outside.value - Math.max(reach * 1.12, above ? 0.12 * (highest - outside.value) : 0.0005 * outside.value),
      )
    })
    .map(shown)
  const time = (index: number) => (s: number) => {
    const span = stages[index]!.end - stages[index]!.start
    if (long(index)) return `${Math.floor(Math.round(s) / 60)}:${String(Math.round(s) % 60).padStart(2, '0')}`
    return span < 1.5 ? `${Math.round(s * 1000)}` : units.number(s, 2)
  }
  const clock = (index: number) =>
    long(index) ? 'min:s' : stages[index]!.end - stages[index]!.start < 1.5 ? 'ms' : 's'
  const hush = props.forecast?.quantiles.hush

  return {
    animation: false,
    grid: stages.map((_, index) => ({ left: left + index * (each + gapWidth), width: each, top: 18, bottom: 34 })),
    xAxis: stages.map((stage, index) => ({
      gridIndex: index,
      type: 'value' as const,
      min: 0,
      max: stage.end - stage.start,
      splitLine: { show: false },
      splitNumber: narrow ? 2 : 4,
      axisLabel: { color: COLOURS.soft, formatter: time(index), hideOverlap: true, fontSize: 11, showMaxLabel: false },
      axisLine: { lineStyle: { color: COLOURS.line } },
      axisTick: { show: false },
      name: `${units.told(stage.name)}, ${clock(index)}`,
      nameLocation: 'middle' as const,
      nameGap: 22,
      nameTextStyle: { color: COLOURS.soft, fontSize: 12 },
    })),
    yAxis: stages.map((_, index) => ({
      gridIndex: index,
      type: 'value' as const,
      min: floors[index],
      max: ceiling,
      splitLine: { show: false },
      interval: (ceiling - floors[index]!) / 3,
      axisLabel: {
        color: COLOURS.soft,
        fontSize: 11,
        formatter: (v: number) => units.number(v, ceiling - floors[index]! < 0.03 * ceiling ? 5 : 3),
      },
      axisLine: { show: true, lineStyle: { color: COLOURS.line } },
      axisTick: { show: false },
    })),
    series: stages.flatMap((stage, index): LineSeriesOption[] => {
      const markers = heating(index)
        ? readable(
            events.filter(e => ['boil', 'plume', 'lift', 'dry'].includes(e.id)),
            stage.end,
          )
        : []
      const here =
        props.stageIndex === index
          ? [
              {
                xAxis: props.time - stage.start,
                name: '',
                lineStyle: { color: COLOURS.ink, width: 2, type: 'solid' as const },
              },
            ]
          : []
      const bands: NonNullable<LineSeriesOption['markArea']>['data'] = []
      if (!heating(index) && banded.value && strength.value[0] < outside.value) {
        bands.push([
          {
            yAxis: shown(Math.max(0, outside.value - strength.value[1])),
            name: stage.id === 'hush' && !narrow ? units.told(props.demonstration.hushWords.strength) : '',
            itemStyle: { color: 'rgba(89,98,110,0.28)' },
            label: { position: 'insideBottomLeft', color: COLOURS.ink, fontSize: 11 },
          },
          { yAxis: shown(outside.value - strength.value[0]) },
        ])
      }
      if (stage.id === 'hush' && hush && results.hush !== undefined) {
        bands.push([
          { xAxis: hush.p10, itemStyle: { color: 'rgba(179,38,30,0.13)' } },
          { xAxis: Math.min(hush.p90, stage.end - stage.start) },
        ])
      }
      const line: LineSeriesOption = {
        type: 'line',
        xAxisIndex: index,
        yAxisIndex: index,
        symbol: 'none',
        data: rows(index, 'pressure', shown),
        clip: true,
        lineStyle: { color: COLOURS.ink, width: 2.5 },
        areaStyle: { origin: shown(outside.value), color: 'rgba(122,90,166,0.28)' },
        silent: true,
        markLine: {
          symbol: 'none',
          silent: true,
          animation: false,
          label: { formatter: '{b}', color: COLOURS.soft, fontSize: 11, position: 'end', rotate: 0, distance: 3 },
          lineStyle: { color: COLOURS.vapour, type: 'dashed', width: 1 },
          data: [
            ...markers,
            ...here,
            ...(above
              ? [
                  {
                    yAxis: shown(outside.value),
                    name: index === 0 ? t('outside') : '',
                    lineStyle: { color: COLOURS.air, width: 1.5, type: 'dashed' as const },
                  },
                ]
              : []),
          ],
        },
        markArea: { silent: true, animation: false, data: bands },
      }
      if (!heating(index) || !made) return [line]
      const air: LineSeriesOption = {
        type: 'line',
        xAxisIndex: index,
        yAxisIndex: index,
        symbol: 'none',
        silent: true,
        data: rows(index, made, x => floors[index]! + (x / fullest) * (ceiling - floors[index]!)),
        lineStyle: { color: COLOURS.air, width: 2, type: [6, 4] },
      }
      return [line, air]
    }),
  }
})

function click(event: { offsetX: number; offsetY: number }) {
  const instance = chart.value
  if (!instance) return
  const point = [event.offsetX, event.offsetY]
  trace.value.stages.forEach((stage, index) => {
    if (!instance.containPixel({ gridIndex: index }, point)) return
    const [x] = instance.convertFromPixel({ gridIndex: index }, point) as [number, number]
    emit('move', stage.start + x)
  })
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
          rises
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
    <div role="img" :aria-label="words">
      <VChart
        ref="chart"
        class="!h-[210px]"
        :option="option"
        :init-options="{ renderer: 'svg' }"
        :update-options="{ notMerge: true }"
        autoresize
        @zr:click="click"
      />
    </div>
  </section>
</template>
