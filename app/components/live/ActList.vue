<script setup lang="ts">
/** The acts of a show, with where each stands. */
import type { Standing } from '~~/core'
import type { STANDINGS } from './standings'
import type { LiveAct } from '~/composables/useLiveActs'

defineProps<{ acts: readonly LiveAct[]; standings: readonly Standing[]; focus: string | undefined }>()
defineEmits<{ turn: [act: string] }>()
const state = ({ story: of }: Standing): (typeof STANDINGS)[number] => {
  if (of.closed) return of.closed === 'skipped' ? 'skipped' : 'logged'
  if (of.outcome) return 'to log'
  if (of.times.sealed) return 'hush'
  if (of.times.lifted) return 'off the heat'
  return of.times.plume ? 'steaming' : of.times['heat-on'] ? 'heating' : 'waiting'
}
</script>

<template>
  <ol
    class="flex flex-wrap gap-2 max-sm:flex-nowrap max-sm:overflow-x-auto max-sm:-mx-4 max-sm:px-4 max-sm:py-1"
    :aria-label="$t('Acts')"
  >
    <li v-for="(a, i) in acts" :key="a.id">
      <button
        class="rounded-lg px-3 py-1 border cursor-pointer whitespace-nowrap"
        :class="a.id === focus ? 'border-(--ink) bg-(--sheet)' : 'border-(--hairline) soft'"
        :aria-current="a.id === focus ? 'step' : undefined"
        @click="$emit('turn', a.id)"
      >
        {{ i + 1 }} {{ a.title }} <span class="soft">({{ $t(state(standings[i]!)) }})</span>
      </button>
    </li>
  </ol>
</template>
