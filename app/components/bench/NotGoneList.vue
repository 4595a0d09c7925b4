<script setup lang="ts">
/** What to do, in order, when nothing has happened. */
defineProps<{ acts: string[] }>()
</script>

<template>
  <section aria-labelledby="not-gone-title">
    <h2 id="not-gone-title">
      It did not go?
    </h2>
    <ol class="list-decimal pl-5">
      <li v-for="act in acts" :key="act" class="mb-1">
        {{ act }}
      </li>
    </ol>
  </section>
</template>
