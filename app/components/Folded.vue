<script setup lang="ts">
/** A line that opens what stands behind it; closed it stays in the page, so that it is found and printed. */
const props = defineProps<{ open?: boolean }>()
const shown = ref(props.open ?? false)
</script>

<template>
  <UCollapsible v-model:open="shown" :unmount-on-hide="false" data-folded>
    <button type="button" class="folded-title">
      <UIcon :name="shown ? 'i-lucide-chevron-down' : 'i-lucide-chevron-right'" class="shrink-0 mt-1" />
      <span><slot name="title" /></span>
    </button>
    <template #content>
      <slot />
    </template>
  </UCollapsible>
</template>
