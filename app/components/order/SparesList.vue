<script setup lang="ts">
/** How many to bring of what may fail, and the ice in all. */
import type { Act } from '~~/core'

defineProps<{
  acts: readonly Act[]
  spares: Record<string, { bring: number | undefined; noun: readonly [string, string] }>
  /** why it can't be worked out, by act */ failed?: Record<string, string>
  ice: number
}>()
const units = useUnitsStore()
</script>

<template>
  <ul class="mb-2 figures" data-testid="spares">
    <li v-for="act in acts" :key="act.id">
      {{ act.title }}:
      <span v-if="failed?.[act.id]" class="fault">{{
        $t('The odds can’t be computed: {why}', { why: failed[act.id]! })
      }}</span>
      <span v-else-if="!spares[act.id]" class="soft">…</span>
      <template v-else-if="spares[act.id]!.bring !== undefined">
        <b>{{ spares[act.id]!.bring }} {{ units.told(spares[act.id]!.noun[spares[act.id]!.bring === 1 ? 0 : 1]) }}</b>
        {{ $t('for 99 in 100 to see one') }}
      </template>
      <b v-else>{{ $t('unlikely as planned: change something on the Bench first') }}</b>
    </li>
    <li v-if="ice > 0">{{ $t('Ice in all:') }} <b>{{ units.format(ice, ['kg', 'lb'], 'mass', 2) }}</b></li>
  </ul>
</template>
