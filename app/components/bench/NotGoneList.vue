<script setup lang="ts">
/** What to do, in order, for each end that is not the wanted one. */
import { keyOf, type FailureAct } from '~~/core'

defineProps<{ failures: readonly { outcome: string; sentence: string; acts: readonly FailureAct[] }[] }>()
const units = useUnitsStore()
</script>

<template>
  <section aria-labelledby="not-gone-title">
    <h2 id="not-gone-title">
      {{ $t('If it ends otherwise') }}
    </h2>
    <Folded v-for="(failure, i) in failures" :key="failure.outcome" :open="i === 0" class="mb-2">
      <template #title
        ><b>
          {{ units.told(failure.sentence) }}
        </b></template
      >
      <ol class="list-decimal pl-5">
        <li v-for="act in failure.acts" :key="keyOf(act.text)" class="mb-1">
          {{ units.told(act.text) }}
        </li>
      </ol>
    </Folded>
  </section>
</template>
