<script setup lang="ts">
const room = useRoomStore()
onMounted(() => room.load())
</script>

<template>
  <UApp>
    <a href="#main" class="sr-only focus:not-sr-only focus:fixed focus:top-2 focus:left-2 focus:z-50 focus:bg-white focus:p-2">Skip to content</a>
    <AppHeader />
    <main id="main" tabindex="-1" class="outline-none">
      <NuxtPage />
    </main>
  </UApp>
</template>
