<script setup lang="ts">
/** A button that asks for a file of this device; the same file can be taken twice. */
defineProps<{
  /** what it takes, told in full; what is shown may be shorter, in the slot */
  label: string
  accept: string
  /** looks like a button and not like a word */ outline?: boolean
  testid?: string
}>()
const emit = defineEmits<{ file: [File] }>()
const taken = (file: File | File[] | null | undefined) => {
  const one = Array.isArray(file) ? file[0] : file
  if (one) emit('file', one)
}
</script>

<template>
  <UFileUpload
    v-slot="{ open }"
    :model-value="null"
    :accept="accept"
    :aria-label="label"
    :data-testid="testid"
    :preview="false"
    reset
    class="inline-flex w-auto"
    @update:model-value="taken"
  >
    <UButton :variant="outline ? 'outline' : 'link'" @click="open()">
      <slot>{{ label }}</slot>
    </UButton>
  </UFileUpload>
</template>
