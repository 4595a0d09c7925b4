<script setup lang="ts">
/**
 * The verdict in one line, on a phone: it stands at the top while the procedure under it is changed. It repeats what
 * the verdict itself says, so that it is for the eye alone, and not there while that one is in sight.
 */
import { useIntersectionObserver } from '@vueuse/core'
import { countInHundred, type Demonstration, type Forecast } from '~~/core'

const props = defineProps<{ demonstration: Demonstration; forecast: Forecast; stale: boolean }>()
const units = useUnitsStore()
/** Where the verdict begins; its heading is so high. */
const here = useTemplateRef<HTMLElement>('here')
const HEADING = '90px 0px 0px 0px'
const past = ref(false)
useIntersectionObserver(
  here,
  ([entry]) => {
    past.value = !entry!.isIntersecting && entry!.boundingClientRect.top < 0
  },
  { rootMargin: HEADING },
)
const wanted = computed(() => {
  const { outcomes, wanted } = props.demonstration
  return countInHundred(outcomes, props.forecast.shares).find(o => o.id === wanted)!
})
</script>

<template>
  <div ref="here" aria-hidden="true">
    <p
      v-if="past"
      class="verdict-line lg:hidden fixed top-0 inset-x-0 z-20 px-4 sm:px-6 py-1 figures truncate no-print"
      data-verdict-line
    >
      <OutcomeMark :subject="demonstration.subject" :look="wanted.look" />
      <b class="capitalize-first">{{ units.told(wanted.name) }}</b> {{ $t('in') }}
      <b class="text-(--gap)">{{ wanted.count }}</b> {{ $t('of 100')
      }}<template v-if="stale"> · {{ $t('the plan before') }}</template>
    </p>
  </div>
</template>

<style scoped>
.verdict-line {
  background: var(--paper);
  border-bottom: 1px solid var(--hairline);
}
</style>
