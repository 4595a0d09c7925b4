<script setup lang="ts">
/** Readings over the computed trace, in s from the seal, one panel a channel. */
import { LineChart, ScatterChart, type LineSeriesOption, type ScatterSeriesOption } from 'echarts/charts'
import { GridComponent, type GridComponentOption } from 'echarts/components'
import { use, type ComposeOption } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import VChart from 'vue-echarts'
import { CHANNELS, fromSi, unitLabel, type Channel, type Reading, type Traced } from '~~/core'

use([LineChart, ScatterChart, GridComponent, SVGRenderer])
type Option = ComposeOption<LineSeriesOption | ScatterSeriesOption | GridComponentOption>

const props = defineProps<{
  simulation: Traced
  /** time in s from the seal */ readings: readonly Reading[]
  /** what the line is */ line: string
}>()
const units = useUnitsStore()
const COLUMN: Record<Channel, string> = { pressure: 'pressure', temperature: 'gasTemperature' }
const UNITS: Record<Channel, [string, string]> = { pressure: ['kPa', 'psi'], temperature: ['degC', 'degF'] }
const channels = computed(() =>
  (Object.keys(CHANNELS) as Channel[]).filter(c => props.readings.some(r => r.channel === c)),
)
const COLOURS = {
  ink: 'var(--ink)',
  soft: 'var(--soft-ink)',
  line: 'var(--hairline)',
  pressure: 'var(--gap)',
  temperature: 'var(--vapour)',
}
/** Evenly fewer points than pixels. */
const thinned = (readings: readonly Reading[]) => readings.filter((_, i) => i % Math.ceil(readings.length / 600) === 0)

const option = computed<Option>(() => {
  const sealing = props.simulation.details.sealing ?? 0
  const from = Math.min(0, ...props.readings.map(r => r.time))
  const to = Math.max(props.simulation.trace.time.at(-1)! - sealing, ...props.readings.map(r => r.time))
  const count = channels.value.length
  const scale = (channel: Channel) => (si: number) => fromSi(si, units.shown(UNITS[channel]), CHANNELS[channel])
  return {
    animation: false,
    grid: channels.value.map((_, i) => ({
      left: `${(i * 100) / count + 1}%`,
      width: `${100 / count - 4}%`,
      top: 30,
      bottom: 34,
      containLabel: true,
    })),
    xAxis: channels.value.map((_, i) => ({
      gridIndex: i,
      type: 'value' as const,
      min: from,
      max: to,
      splitLine: { show: false },
      axisLabel: { color: COLOURS.soft, formatter: (s: number) => units.number(s, 3) },
      name: 's from the seal',
      nameLocation: 'middle' as const,
      nameGap: 22,
      nameTextStyle: { color: COLOURS.soft },
    })),
    yAxis: channels.value.map((channel, i) => ({
      gridIndex: i,
      type: 'value' as const,
      scale: true,
      splitNumber: 3,
      name: `${channel}, ${unitLabel(units.shown(UNITS[channel]))}`,
      nameTextStyle: { color: COLOURS.ink, align: 'left' as const },
      splitLine: { lineStyle: { color: COLOURS.line } },
      axisLabel: { color: COLOURS.soft, formatter: (v: number) => units.number(v, 4) },
    })),
    series: channels.value.flatMap((channel, i): (LineSeriesOption | ScatterSeriesOption)[] => {
      const values = props.simulation.trace.columns[COLUMN[channel]]
      return [
        {
          type: 'line',
          xAxisIndex: i,
          yAxisIndex: i,
          symbol: 'none',
          silent: true,
          lineStyle: { color: COLOURS.ink, width: 2 },
          data: values ? props.simulation.trace.time.map((t, k) => [t - sealing, scale(channel)(values[k]!)]) : [],
        },
        {
          type: 'scatter',
          xAxisIndex: i,
          yAxisIndex: i,
          silent: true,
          symbolSize: 4,
          itemStyle: { color: COLOURS[channel] },
          data: thinned(props.readings.filter(r => r.channel === channel)).map(r => [r.time, scale(channel)(r.value)]),
        },
      ]
    }),
  }
})
</script>

<template>
  <div
    role="img"
    :aria-label="`${readings.length} readings of ${channels.join(' and ') || 'nothing yet'} over the computed trace`"
    data-testid="readings-chart"
  >
    <VChart
      class="!h-[210px]"
      :option="option"
      :init-options="{ renderer: 'svg' }"
      :update-options="{ notMerge: true }"
      autoresize
    />
    <p class="text-sm soft">
      <span aria-hidden="true">━</span> {{ line }} &nbsp; <span aria-hidden="true">•</span> read
    </p>
  </div>
</template>
