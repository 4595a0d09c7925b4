<script setup lang="ts">
/** In a step's sentence: takes a thing from the Shelf, with all that is known of it, or one as they usually are. */
import {
  findInput,
  fits,
  isBlank,
  partsOf,
  TYPICAL_THINGS,
  type Demonstration,
  type StoredItem,
  type TypicalThing,
  type Values,
} from '~~/core'

const props = defineProps<{ demonstration: Demonstration; step: string; values: Values }>()
const emit = defineEmits<{ take: [item: StoredItem]; typical: [thing: TypicalThing] }>()
const shelf = useShelfStore()
const school = useSchoolStore()
/** Only where the sentence, as it is now, says anything of such a thing. */
const place = computed(() => {
  const { demonstration, step: id, values } = props
  const step = demonstration.procedure.find(s => s.id === id)
  const told = step && partsOf(step, values).some(p => isBlank(p) && findInput(demonstration, p.input)?.onShelf)
  return told ? demonstration.shelf.find(p => p.step === id) : undefined
})
const fitting = computed(() => (place.value ? shelf.inUse.filter(i => fits(i.document, place.value!)) : []))
const items = computed(() => fitting.value.map(i => ({ value: i.id, label: i.document.name })))
/** The school's own first. */
const usual = computed(() =>
  place.value ? [...school.typical, ...TYPICAL_THINGS].filter(t => fits(t.document, place.value!)) : [],
)
const more = computed(() => usual.value.map(t => ({ value: t.id, label: t.document.name })))
function take(id: string | undefined) {
  const item = shelf.inUse.find(i => i.id === id)
  const thing = usual.value.find(t => t.id === id)
  if (item) emit('take', item)
  else if (thing) emit('typical', thing)
}
</script>

<template>
  <ChoiceField
    v-if="place && (fitting.length || usual.length)"
    class="text-sm inline-block"
    inline
    quiet
    :label="$t('Take a {kind} from the Shelf', { kind: $t(place.kind) })"
    :items="items"
    :headings="[$t('From the Shelf'), $t('As they usually are, not measured')]"
    :more="usual.length ? more : undefined"
    :model-value="undefined"
    :placeholder="$t('from the Shelf…')"
    @update:model-value="take"
  />
</template>
