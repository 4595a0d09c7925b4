<script setup lang="ts">
/** Where the time line is going to stand, as high as it. */
defineProps<{ acts: number }>()
</script>

<template>
  <USkeleton class="rounded-none" :style="{ height: `${acts * 46 + 54}px` }" aria-hidden="true" />
</template>
