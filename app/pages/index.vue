<script setup lang="ts">
await navigateTo('/bench', { replace: true })
</script>

<template>
  <div />
</template>
