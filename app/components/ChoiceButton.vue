<script setup lang="ts">
/** A choice that has not been touched yet: it looks like the list that it becomes. */
defineProps<{ shown?: string; placeholder?: string; inline?: boolean }>()
const { id } = useFormField()
</script>

<template>
  <UButton
    :id="id"
    role="combobox"
    aria-haspopup="listbox"
    aria-expanded="false"
    :variant="inline ? 'ghost' : 'outline'"
    trailing-icon="i-lucide-chevron-down"
    class="justify-between font-normal"
    :class="
      inline ? 'p-0 underline decoration-(--gap) underline-offset-3' : 'w-full px-2 bg-(--field) ring-(--field-line)'
    "
    :ui="{ trailingIcon: 'size-5 text-dimmed' }"
  >
    <span v-if="shown" class="truncate">{{ shown }}</span>
    <span v-else class="truncate text-dimmed">{{ placeholder || '\u00a0' }}</span>
  </UButton>
</template>
