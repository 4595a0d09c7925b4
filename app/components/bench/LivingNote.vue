<script setup lang="ts">
/** Says so where a staging in a vacuum is named after something that lives. */
import { namesLiving } from './names-living'

defineProps<{ title: string }>()
</script>

<template>
  <p v-if="namesLiving(title)" class="fault" role="alert">
    {{ $t('No living thing goes into a vacuum: nothing here is worked out for one.') }}
  </p>
</template>
