<script setup lang="ts">
/** One step back, one forth. */
defineProps<{ canUndo: boolean; canRedo: boolean }>()
defineEmits<{ undo: []; redo: [] }>()
</script>

<template>
  <UButton
    icon="i-lucide-undo-2"
    :disabled="!canUndo"
    :aria-label="$t('Undo')"
    :title="`${$t('Undo')} (${$t('Ctrl Z')})`"
    @click="$emit('undo')"
  />
  <UButton
    icon="i-lucide-redo-2"
    :disabled="!canRedo"
    :aria-label="$t('Redo')"
    :title="`${$t('Redo')} (${$t('Ctrl Shift Z')})`"
    @click="$emit('redo')"
  />
</template>
