<script setup lang="ts">
import { demonstrationsFor, type StoredItem } from '~~/core'

const props = defineProps<{ item: StoredItem }>()
const emit = defineEmits<{
  stage: [demonstration: string]
  edit: []
  copy: []
  retire: []
  photo: [file: File | null]
}>()
const options = computed(() => (props.item.retired ? [] : demonstrationsFor(props.item.document)))
function choose(event: Event) {
  const field = event.target as HTMLSelectElement
  if (field.value) emit('stage', field.value)
  field.value = ''
}
function pick(event: Event) {
  const field = event.target as HTMLInputElement
  if (field.files?.[0]) emit('photo', field.files[0])
  field.value = ''
}
</script>

<template>
  <p class="flex flex-wrap gap-x-3 gap-y-1 text-sm mt-1 items-center">
    <button v-if="options.length === 1" class="plain-link" @click="emit('stage', options[0]!.id)">
      {{ item.document.kind === 'vessel' ? 'Stage it' : 'Stage with it'
      }}<span class="sr-only"> {{ item.document.name }}</span>
    </button>
    <label v-else-if="options.length">
      <span class="sr-only">Stage {{ item.document.name }} in</span>
      <select class="plain-link bg-transparent cursor-pointer w-24" @change="choose">
        <option value="">{{ item.document.kind === 'vessel' ? 'Stage it…' : 'Stage with it…' }}</option>
        <option v-for="d in options" :key="d.id" :value="d.id">{{ d.name }}</option>
      </select>
    </label>
    <button class="plain-link" @click="emit('edit')">
      Change<span class="sr-only"> {{ item.document.name }}</span>
    </button>
    <button class="plain-link" @click="emit('copy')">
      Duplicate<span class="sr-only"> {{ item.document.name }}</span>
    </button>
    <button class="plain-link" @click="emit('retire')">
      {{ item.retired ? 'Bring back' : 'Retire' }}<span class="sr-only"> {{ item.document.name }}</span>
    </button>
    <label class="plain-link cursor-pointer focus-within:outline-2">
      {{ item.photo ? 'New photo' : 'Add a photo' }}<span class="sr-only"> of {{ item.document.name }}</span>
      <input type="file" accept="image/jpeg,image/png,image/webp" class="sr-only" @change="pick" />
    </label>
    <button v-if="item.photo" class="plain-link" @click="emit('photo', null)">
      Remove photo<span class="sr-only"> of {{ item.document.name }}</span>
    </button>
  </p>
</template>
