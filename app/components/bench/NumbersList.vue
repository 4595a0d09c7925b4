<script setup lang="ts">
/** Every result of a staging, with its spread over the forecast. */
import type { Demonstration, Forecast, ResultSpec, Traced } from '~~/core'
import { useI18n } from 'petite-vue-i18n'

const props = defineProps<{
  demonstration: Demonstration
  simulation: Traced
  /** undefined until it is complete */ forecast: Forecast | undefined
}>()
const { t } = useI18n()
const units = useUnitsStore()
/** Fewer draws than these say nothing of a spread. */
const ENOUGH = 50

/** P10 to P90 over the stagings computed; nothing where it hardly varies. */
function spreadOf(r: ResultSpec): string {
  const q = props.forecast?.quantiles[r.id]
  if (!q || q.count < ENOUGH) return ''
  const [low, high] = [q.p10, q.p90].map(x => units.format(x!, r.units, r.quantity, 2))
  return low === high ? '' : t('{least} to {most}', { least: low!, most: high! })
}
const results = computed(() =>
  props.demonstration.results
    .filter(r => props.simulation.results[r.id] !== undefined)
    .map(r => ({
      ...r,
      words: units.format(props.simulation.results[r.id]!, r.units, r.quantity),
      spread: spreadOf(r),
    })),
)
</script>

<template>
  <AskedPart id="numbers" :title="$t('What are all its numbers?')">
    <dl class="figures grid grid-cols-[1fr_auto] gap-x-4">
      <template v-for="r in results" :key="r.id">
        <dt class="soft capitalize-first">
          {{ units.told(r.name) }}
        </dt>
        <dd class="text-right">
          {{ r.words }}<span v-if="r.spread" class="soft text-sm block" :data-spread="r.id">{{ r.spread }}</span>
        </dd>
      </template>
    </dl>
  </AskedPart>
</template>
