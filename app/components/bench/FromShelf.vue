<script setup lang="ts">
/** In a step's sentence: takes a thing from the Shelf, with all that is known of it. */
import { fits, inputsFromItem, type Demonstration, type StagingDocument } from '~~/core'

const props = defineProps<{ demonstration: Demonstration; step: string }>()
const emit = defineEmits<{ take: [inputs: StagingDocument['inputs']] }>()
const shelf = useShelfStore()
const place = computed(() => props.demonstration.shelf.find(p => p.step === props.step))
const fitting = computed(() => (place.value ? shelf.inUse.filter(i => fits(i.document, place.value!)) : []))
function take(event: Event) {
  const field = event.target as HTMLSelectElement
  const item = shelf.inUse.find(i => i.id === field.value)
  field.value = ''
  if (item) emit('take', inputsFromItem(item.document, props.demonstration))
}
</script>

<template>
  <label v-if="place && fitting.length" class="text-sm">
    <span class="sr-only">{{ $t('Take a {kind} from the Shelf', { kind: $t(place.kind) }) }}</span>
    <select
      class="bg-transparent soft min-h-7 w-32 underline decoration-(--gap) underline-offset-3 cursor-pointer"
      @change="take"
    >
      <option value="">{{ $t('from the Shelf…') }}</option>
      <option v-for="item in fitting" :key="item.id" :value="item.id">{{ item.document.name }}</option>
    </select>
  </label>
</template>
