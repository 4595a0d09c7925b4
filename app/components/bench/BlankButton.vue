<script setup lang="ts">
/** The number in the sentence, to be touched. */
import type { Input } from '~~/core'

defineProps<{
  input: Input
  shown: string
  /** why what was typed last is not in force, where it is not */ refused?: string
}>()
const units = useUnitsStore()
</script>

<template>
  <button
    type="button"
    class="blank figures"
    :aria-label="
      `${units.told(input.name)}: ${shown}. ` +
      `${refused ? `${$t('Refused as typed: {why}', { why: refused })} ` : ''}${$t('Change')}`
    "
    :data-input="input.id"
    :data-fault="!!refused"
  >
    {{ shown }}
  </button>
</template>
