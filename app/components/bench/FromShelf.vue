<script setup lang="ts">
/** In a step's sentence: takes a thing from the Shelf, with all that is known of it. */
import { fits, type Demonstration, type StoredItem } from '~~/core'

const props = defineProps<{ demonstration: Demonstration; step: string }>()
const emit = defineEmits<{ take: [item: StoredItem] }>()
const shelf = useShelfStore()
const place = computed(() => props.demonstration.shelf.find(p => p.step === props.step))
const fitting = computed(() => (place.value ? shelf.inUse.filter(i => fits(i.document, place.value!)) : []))
const items = computed(() => fitting.value.map(i => ({ value: i.id, label: i.document.name })))
function take(id: string | undefined) {
  const item = shelf.inUse.find(i => i.id === id)
  if (item) emit('take', item)
}
</script>

<template>
  <ChoiceField
    v-if="place && fitting.length"
    class="text-sm inline-block"
    inline
    quiet
    :label="$t('Take a {kind} from the Shelf', { kind: $t(place.kind) })"
    :items="items"
    :model-value="undefined"
    :placeholder="$t('from the Shelf…')"
    @update:model-value="take"
  />
</template>
