<script setup lang="ts">
/** Narrows a list to one's own; there where somebody said whose the device is. */
const who = useWhoStore()
const model = defineModel<boolean>({ required: true })
</script>

<template>
  <UCheckbox v-if="who.mine" v-model="model" :label="$t('only mine')" />
</template>
