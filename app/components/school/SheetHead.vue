<script setup lang="ts">
/** A school's name and logo at the head of what is printed. */
const school = useSchoolStore()
</script>

<template>
  <p v-if="school.document.name || school.logo" class="flex items-center gap-3 mb-2" data-testid="sheet-head">
    <img v-if="school.logo" :src="school.logo" alt="" class="h-9 max-w-40 object-contain bg-white" />
    <b>{{ school.document.name }}</b>
  </p>
</template>
