<script setup lang="ts">
/**
 * The verdict in one line, on a phone: it stays at the top while the procedure under it is changed. It repeats what the
 * verdict itself says, so that it is for the eye alone.
 */
import { countInHundred, type Demonstration, type Forecast } from '~~/core'

const props = defineProps<{ demonstration: Demonstration; forecast: Forecast }>()
const units = useUnitsStore()
const wanted = computed(() => {
  const { outcomes, wanted } = props.demonstration
  return countInHundred(outcomes, props.forecast.shares).find(o => o.id === wanted)!
})
</script>

<template>
  <p
    class="verdict-line lg:hidden sticky top-0 z-20 -mx-4 px-4 sm:-mx-6 sm:px-6 py-1 figures truncate no-print"
    aria-hidden="true"
    data-verdict-line
  >
    <OutcomeMark :subject="demonstration.subject" :look="wanted.look" />
    <b class="capitalize-first">{{ units.told(wanted.name) }}</b> {{ $t('in') }}
    <b class="text-(--gap)">{{ wanted.count }}</b> {{ $t('of 100') }}
  </p>
</template>

<style scoped>
.verdict-line {
  background: var(--paper);
  border-bottom: 1px solid var(--hairline);
}
</style>
