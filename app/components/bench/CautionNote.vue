<script setup lang="ts">
/** A caution at its step: what may happen, and folded under it what is done against it. */
import type { Caution } from '~~/core'

defineProps<{ caution: Caution }>()
const units = useUnitsStore()
</script>

<template>
  <Folded class="text-sm mt-1" :class="caution.severity === 'raised' ? 'text-(--danger) font-bold' : 'soft'">
    <template #title>
      <span aria-hidden="true">⚠</span>
      <span class="sr-only">{{ caution.severity === 'raised' ? $t('Raised caution: ') : $t('Caution: ') }}</span
      >{{ units.told(caution.hazard) }}
    </template>
    <p class="pl-5 text-(--ink) font-normal">
      {{ units.told(caution.control) }}
    </p>
  </Folded>
</template>
