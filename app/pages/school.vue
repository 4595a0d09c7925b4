<script setup lang="ts">
/** A department's own: who works here and with which devices, and what stands on its sheets. */
useHead({ title: 'Our school · Zealous Hush' })
useSeoMeta({ description: 'Who works here, with which devices, and what a school adds to sheets and cautions.' })
</script>

<template>
  <div class="max-w-4xl mx-auto px-4 sm:px-6 py-6">
    <h1 class="text-3xl">Our school</h1>
    <p class="soft mb-4">Whose device is this, what stands on our sheets, and what do we add to the cautions?</p>
    <WhoseDevice />
    <SchoolForm />
    <DeviceList />
  </div>
</template>
