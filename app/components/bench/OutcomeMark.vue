<script setup lang="ts">
/** The shape of an outcome, beside its name in a text. */
defineProps<{ outcome: string }>()
</script>

<template>
  <svg viewBox="0 0 10 14" class="inline-block h-[1.05em] w-auto align-[-0.15em]" aria-hidden="true">
    <OutcomeShape :outcome="outcome" />
  </svg>
</template>
