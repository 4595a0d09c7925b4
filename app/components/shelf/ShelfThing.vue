<script setup lang="ts">
/** Anything but a vessel on the Shelf: its name, a line about it, its photo. */
import { itemLine, type StoredItem } from '~~/core'

defineProps<{ item: StoredItem }>()
const units = useUnitsStore()
</script>

<template>
  <img
    v-if="item.photo"
    :src="`/api/shelf/${item.id}/photo?${item.photo}`"
    :alt="`Photo of ${item.document.name}`"
    class="h-14 w-auto rounded float-right"
    loading="lazy"
  />
  <h3 class="text-lg">
    {{ item.document.name }}
  </h3>
  <p class="figures">
    {{ units.told(itemLine(item.document))
    }}<span v-if="item.document.place" class="soft text-sm">; {{ item.document.place }}</span>
  </p>
  <slot />
</template>
