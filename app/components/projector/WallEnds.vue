<script setup lang="ts">
/** For the projector: how it might end, to choose from. */
import type { OutcomeSpec } from '~~/core'

defineProps<{ outcomes: readonly OutcomeSpec[] }>()
const units = useUnitsStore()
</script>

<template>
  <h1 id="wall-title" class="cue-words">
    {{ $t('What will happen?') }}
  </h1>
  <ul class="wall-words mt-6 grid gap-2">
    <li v-for="o in outcomes" :key="o.id">
      {{ units.told(o.sentence) }}
    </li>
  </ul>
</template>
