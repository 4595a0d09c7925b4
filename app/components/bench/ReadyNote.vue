<script setup lang="ts">
/** When it may be sealed, from the plan: what to watch, the earliest moment, and how long it can wait. */
import { keyOf, type Ready } from '~~/core'

defineProps<{ ready: Ready; /** Pa */ pressure: number }>()
const units = useUnitsStore()
</script>

<template>
  <section aria-labelledby="ready-title" data-testid="ready">
    <h2 id="ready-title">
      {{ $t('Ready when') }}
    </h2>
    <ul class="list-disc pl-5">
      <li v-for="w in ready.watch" :key="keyOf(w.sign)" class="mb-1">
        {{ units.told(w.sign) }}
        <span class="soft text-sm">{{ $t('Worth: {worth}.', { worth: units.told(w.worth) }) }}</span>
      </li>
    </ul>
    <dl class="figures grid grid-cols-[1fr_auto] gap-x-4 mt-1">
      <template v-if="ready.earliest !== undefined && ready.earliest > 0">
        <dt class="soft">
          {{ $t('Earliest ready, from heat on') }}
        </dt>
        <dd class="text-right">
          {{ units.clock(ready.earliest) }}
        </dd>
      </template>
      <template v-else-if="ready.earliest === undefined">
        <dt class="col-span-2 text-(--danger)">
          {{ $t('More than 5 % air is left at the end of this boil.') }}
        </dt>
      </template>
      <template v-if="ready.dryAt !== undefined">
        <dt class="soft">
          {{ $t('Dry at') }}
        </dt>
        <dd class="text-right">
          {{ units.clock(ready.dryAt) }}
        </dd>
      </template>
      <template v-if="ready.lowFlame !== undefined">
        <dt class="soft">
          {{ $t('Can wait on a low flame for') }}
        </dt>
        <dd class="text-right">
          {{ units.clock(ready.lowFlame) }}
        </dd>
      </template>
    </dl>
    <ThermometerWord class="mt-2" :pressure="pressure" />
  </section>
</template>
