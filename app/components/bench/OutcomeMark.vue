<script setup lang="ts">
/** The shape of an ending, beside its name in a text. */
import type { OutcomeLook, Subject } from '~~/core'

defineProps<{ subject: Subject; look: OutcomeLook }>()
</script>

<template>
  <svg viewBox="0 0 10 14" class="inline-block h-[1.05em] w-auto align-[-0.15em]" aria-hidden="true">
    <OutcomeShape :subject="subject" :look="look" />
  </svg>
</template>
