<script setup lang="ts">
/** Somebody has read a thermometer: what does it say here? */
import { PLACES, PLACE_NAMES, QuantityError, formatQuantity, parseQuantity, sayWord, toSi, wordOf, type Place } from '~~/core'

const props = defineProps<{ /** of the room, Pa */ pressure: number }>()
const units = useUnitsStore()
const unit = computed(() => units.shown(['degC', 'degF']))
const place = ref<Place>('water')
const places = PLACES.map(value => ({ value, label: PLACE_NAMES[value] }))
const typed = ref('')
/** What a thermometer can show, K. */
const [LEAST, MOST] = [250, 900]

const answer = computed(() => {
  if (typed.value.trim() === '') return { words: '', problem: '' }
  try {
    const { value, unit: given } = parseQuantity(typed.value, 'temperature', unit.value, units.locale)
    const kelvin = toSi(value, given, 'temperature')
    if (!(kelvin >= LEAST && kelvin <= MOST)) {
      return { words: '', problem: `Reading: given ${typed.value.trim()}; accepted: ${formatQuantity(LEAST, unit.value, 'temperature')} to ${formatQuantity(MOST, unit.value, 'temperature')}` }
    }
    return { words: sayWord(wordOf(place.value, kelvin, props.pressure), kelvin, k => units.format(k, ['degC', 'degF'], 'temperature')), problem: '' }
  } catch (error) {
    if (!(error instanceof QuantityError)) throw error
    return { words: '', problem: `Reading: ${error.message}` }
  }
})
</script>

<template>
  <details data-testid="thermometer-word">
    <summary class="cursor-pointer font-bold">
      Somebody reads a thermometer
    </summary>
    <div class="flex flex-wrap gap-2 items-end mt-1">
      <UFormField label="It reads" :error="answer.problem || false">
        <UInput v-model="typed" class="w-28" :placeholder="units.format(366.15, ['degC', 'degF'], 'temperature')" autocomplete="off" />
      </UFormField>
      <UFormField label="where">
        <USelect v-model="place" :items="places" class="w-64" />
      </UFormField>
    </div>
    <p v-if="answer.words" class="mt-1" role="status">
      {{ answer.words }}
    </p>
  </details>
</template>
