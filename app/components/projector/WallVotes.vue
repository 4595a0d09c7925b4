<script setup lang="ts">
/** For the projector: what the room expected, each end with its count, beside what happened. */
import type { OutcomeSpec } from '~~/core'

const props = defineProps<{
  outcomes: readonly OutcomeSpec[]
  /** by outcome */ counts: Readonly<Record<string, number>>
  /** how it ended */ happened: string
}>()
const units = useUnitsStore()
const total = computed(() => props.outcomes.reduce((sum, o) => sum + (props.counts[o.id] ?? 0), 0))
const share = (id: string) => `${total.value ? ((props.counts[id] ?? 0) / total.value) * 100 : 0}%`
</script>

<template>
  <section aria-labelledby="expected-title">
    <h2 id="expected-title" class="wall-words mb-2">
      {{ $t('What the room expected:') }}
    </h2>
    <ul class="grid gap-3">
      <li v-for="o in outcomes" :key="o.id">
        <div class="flex justify-between gap-6 wall-words">
          <span><b v-if="happened === o.id">{{ `${$t('It happened:')} ` }}</b>{{ units.told(o.name) }}</span
          ><b class="figures">{{ counts[o.id] ?? 0 }}</b>
        </div>
        <div class="h-4 rounded bg-(--sheet)" aria-hidden="true">
          <div
            class="h-4 rounded"
            :class="happened === o.id ? 'bg-(--water)' : 'bg-(--gap)'"
            :style="{ width: share(o.id) }"
          />
        </div>
      </li>
    </ul>
  </section>
</template>
