<script setup lang="ts">
import type { ShelfItem } from '~/stores/shelf'

defineProps<{ item: ShelfItem }>()
const emit = defineEmits<{ stage: [], edit: [], retire: [] }>()
</script>

<template>
  <p class="flex gap-3 text-sm mt-1">
    <button class="plain-link" @click="emit('stage')">
      {{ item.document.kind === 'vessel' ? 'Stage it' : 'Stage with it' }}<span class="sr-only"> {{ item.document.name }}</span>
    </button>
    <button class="plain-link" @click="emit('edit')">
      Change<span class="sr-only"> {{ item.document.name }}</span>
    </button>
    <button class="plain-link" @click="emit('retire')">
      {{ item.retired ? 'Bring back' : 'Retire' }}<span class="sr-only"> {{ item.document.name }}</span>
    </button>
  </p>
</template>
