<script setup lang="ts">
/** A text field for a quantity in any unit; what is typed stays as typed, with its fault beside it. */
import { QuantityError, parseQuantity, unitLabel, type QuantityDocument, type QuantityKind } from '~~/core'
const units = useUnitsStore()
const props = defineProps<{
  label: string
  kind: QuantityKind
  unit: string
  hint?: string
  fault?: string
  required?: boolean
  name?: string
}>()
const model = defineModel<QuantityDocument | undefined>()
const emit = defineEmits<{ problem: [string] }>()
const id = useId()
const words = (q?: QuantityDocument) => (q ? `${units.number(q.value, 5)} ${unitLabel(q.unit ?? '')}`.trim() : '')
const text = ref(words(model.value))
/** What was there before the typing began: half a number that can be read is no number. */
let before: QuantityDocument | undefined = model.value
const problem = ref('')
watch(model, q => {
  if (problem.value === '' && words(q) !== text.value.trim()) text.value = words(q)
})

const begin = () => {
  before = model.value
}
function read() {
  const typed = text.value.trim()
  problem.value = ''
  if (typed === '') {
    if (props.required) problem.value = 'is missing'
    model.value = undefined
  } else {
    try {
      const { value, unit } = parseQuantity(typed, props.kind, props.unit, units.locale)
      model.value = { ...(model.value?.spread !== undefined && { spread: model.value.spread }), value, unit }
    } catch (error) {
      if (!(error instanceof QuantityError)) throw error
      problem.value = error.message
      model.value = before
    }
  }
  emit('problem', problem.value)
}
// A field that is gone says nothing any more: what was wrong in it would hold up a form in which nobody sees why.
onBeforeUnmount(() => {
  if (problem.value) emit('problem', '')
})
const shownFault = computed(() => problem.value || props.fault || '')
</script>

<template>
  <div>
    <label :for="id" class="block text-sm font-bold">{{ label }}</label>
    <UInput
      :id="id"
      v-model="text"
      :ui="{ base: 'figures' }"
      type="text"
      autocomplete="off"
      :name="name"
      :placeholder="hint"
      :aria-invalid="shownFault !== ''"
      :aria-describedby="shownFault ? `${id}-fault` : undefined"
      @focus="begin"
      @update:model-value="read"
    />
    <p v-if="shownFault" :id="`${id}-fault`" class="fault" role="alert">{{ label }}: {{ shownFault }}</p>
  </div>
</template>
