<script setup lang="ts">
const props = defineProps<{ error: { statusCode: number; message?: string } }>()
</script>

<template>
  <div class="max-w-xl mx-auto p-8">
    <h1 class="text-2xl">
      {{ props.error.statusCode === 404 ? 'There is nothing at this address' : 'Something went wrong' }}
    </h1>
    <p class="my-4">
      {{ props.error.statusCode === 404 ? 'It may have been moved or never existed.' : props.error.message }}
    </p>
    <UButton variant="solid" @click="clearError({ redirect: '/bench' })">Go to the Bench</UButton>
  </div>
</template>
