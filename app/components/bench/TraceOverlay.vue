<script setup lang="ts">
/** Pressure inside of two stagings on one chart, from the seal on; each has its own line style besides its colour. */
import { LineChart } from 'echarts/charts'
import { GridComponent, LegendComponent } from 'echarts/components'
import { use, type ComposeOption } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import type { LineSeriesOption } from 'echarts/charts'
import type { GridComponentOption, LegendComponentOption } from 'echarts/components'
import VChart from 'vue-echarts'
import { fromSi, unitLabel, type Traced } from '~~/core'

use([LineChart, GridComponent, LegendComponent, SVGRenderer])
type Option = ComposeOption<LineSeriesOption | GridComponentOption | LegendComponentOption>

const props = defineProps<{ traces: { name: string; simulation: Traced }[] }>()
const units = useUnitsStore()
const unit = computed(() => units.shown(['kPa', 'psi']))
/** Long enough for both hushes, and a little of what follows. */
const span = computed(() =>
  Math.max(
    ...props.traces.map(({ simulation }) => {
      const { stages } = simulation.trace
      const { sealing = 0, goneAt } = simulation.details
      return (goneAt === undefined ? stages.at(-1)!.end : goneAt + 0.4 * (goneAt - sealing)) - sealing
    }),
  ),
)
const option = computed<Option>(() => ({
  animation: false,
  legend: { top: 0, left: 90, textStyle: { color: 'var(--ink)', fontSize: 13 } },
  grid: { left: 52, right: 14, top: 40, bottom: 38 },
  xAxis: {
    type: 'value',
    min: 0,
    max: span.value,
    name: span.value < 1.5 ? 'ms from the seal' : 's from the seal',
    nameLocation: 'middle',
    nameGap: 24,
    splitLine: { show: false },
    axisLabel: {
      color: 'var(--soft-ink)',
      formatter: (s: number) => (span.value < 1.5 ? String(Math.round(s * 1000)) : units.number(s, 3)),
    },
  },
  yAxis: {
    type: 'value',
    scale: true,
    name: unitLabel(unit.value),
    splitLine: { lineStyle: { color: 'var(--hairline)' } },
    axisLabel: { color: 'var(--soft-ink)' },
  },
  series: props.traces.map(({ name, simulation }, index): LineSeriesOption => ({
    type: 'line',
    name,
    symbol: 'none',
    silent: true,
    itemStyle: { color: index === 0 ? 'var(--ink)' : 'var(--gap)' },
    lineStyle: { width: 2.5, color: index === 0 ? 'var(--ink)' : 'var(--gap)', type: index === 0 ? 'solid' : [7, 4] },
    data: simulation.trace.time.flatMap((t, i) => {
      const since = t - (simulation.details.sealing ?? 0)
      return since >= 0 && since <= span.value
        ? [[since, fromSi(simulation.trace.columns.pressure![i]!, unit.value, 'pressure')]]
        : []
    }),
  })),
}))
</script>

<template>
  <div role="img" :aria-label="`Pressure inside from the seal on: ${traces.map(t => t.name).join(' and ')}`">
    <VChart
      class="!h-[280px]"
      :option="option"
      :init-options="{ renderer: 'svg' }"
      :update-options="{ notMerge: true }"
      autoresize
    />
  </div>
</template>
