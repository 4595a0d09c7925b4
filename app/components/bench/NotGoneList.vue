<script setup lang="ts">
/** What to do, in order, for each end that is not the wanted one. */
import type { FailureAct } from '~~/core'

defineProps<{ failures: readonly { outcome: string, sentence: string, acts: readonly FailureAct[] }[] }>()
</script>

<template>
  <section aria-labelledby="not-gone-title">
    <h2 id="not-gone-title">
      If it ends otherwise
    </h2>
    <details v-for="(failure, i) in failures" :key="failure.outcome" :open="i === 0" class="mb-2">
      <summary class="cursor-pointer font-bold">
        {{ failure.sentence }}
      </summary>
      <ol class="list-decimal pl-5">
        <li v-for="act in failure.acts" :key="act.text" class="mb-1">
          {{ act.text }}
        </li>
      </ol>
    </details>
  </section>
</template>
