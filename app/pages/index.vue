<script setup lang="ts">
// Home is the question.
await navigateTo('/bench/choose', { replace: true })
</script>

<template>
  <div />
</template>
