<script setup lang="ts" generic="T extends string | number">
/** A few choices side by side, of which one is in force: one touch each. */
defineProps<{
  /** what is chosen */ label: string
  choices: readonly {
    value: T
    label: string
    /** where the label is short */ name?: string
    lang?: string
    disabled?: boolean
  }[]
}>()
const chosen = defineModel<T>({ required: true })
</script>

<template>
  <div role="group" :aria-label="label" class="flex border rule rounded-md overflow-hidden text-sm">
    <UButton
      v-for="choice in choices"
      :key="choice.value"
      variant="ghost"
      class="px-2 py-1 rounded-none"
      :lang="choice.lang"
      :aria-label="choice.name"
      :title="choice.name"
      :aria-pressed="chosen === choice.value"
      :disabled="choice.disabled"
      :class="chosen === choice.value ? 'bg-(--ink) text-(color:--paper) hover:bg-(--ink)' : 'bg-(--sheet)'"
      @click="chosen = choice.value"
    >
      {{ choice.label }}
    </UButton>
  </div>
</template>
