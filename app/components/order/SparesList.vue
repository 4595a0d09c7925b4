<script setup lang="ts">
/** How many to bring of what may fail, and the ice in all. */
import type { Act } from '~~/core'

defineProps<{ acts: readonly Act[], spares: Record<string, { bring: number | undefined, noun: readonly [string, string] }>, ice: number }>()
const units = useUnitsStore()
</script>

<template>
  <ul class="mb-2 figures" data-testid="spares">
    <li v-for="act in acts.filter(a => spares[a.id])" :key="act.id">
      {{ act.title }}: <template v-if="spares[act.id]!.bring !== undefined">
        <b>{{ spares[act.id]!.bring }} {{ spares[act.id]!.noun[spares[act.id]!.bring === 1 ? 0 : 1] }}</b> for 99 in 100 to see one
      </template>
      <b v-else>unlikely as planned: change something on the Bench first</b>
    </li>
    <li v-if="ice > 0">
      Ice in all: <b>{{ units.format(ice, ['kg', 'lb'], 'mass', 2) }}</b>
    </li>
  </ul>
</template>
