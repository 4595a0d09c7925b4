<script setup lang="ts">
/** Somebody has read a thermometer: what does it say here? */
import {
  PLACES,
  PLACE_NAMES,
  QuantityError,
  asTemperature,
  parseQuantity,
  say,
  sayWord,
  toSi,
  wordOf,
  type Place,
} from '~~/core'
import { useI18n } from 'petite-vue-i18n'

const { t } = useI18n()
const props = defineProps<{ /** of the room, Pa */ pressure: number }>()
const units = useUnitsStore()
const unit = computed(() => units.shown(['degC', 'degF']))
const place = ref<Place>('water')
const places = computed(() => PLACES.map(value => ({ value, label: units.told(PLACE_NAMES[value]) })))
const typed = ref('')
/** What a thermometer can show, K. */
const [LEAST, MOST] = [250, 900]

const answer = computed(() => {
  if (typed.value.trim() === '') return { words: '', problem: '' }
  try {
    const { value, unit: given } = parseQuantity(typed.value, 'temperature', unit.value, units.locale)
    const kelvin = toSi(value, given, 'temperature')
    if (!(kelvin >= LEAST && kelvin <= MOST)) {
      const accepted = say`${asTemperature(LEAST)} to ${asTemperature(MOST)}`
      const refused = units.told(say`given ${typed.value.trim()}; accepted: ${accepted}`)
      return { words: '', problem: `${t('Reading')}: ${refused}` }
    }
    return { words: units.told(sayWord(wordOf(place.value, kelvin, props.pressure), kelvin)), problem: '' }
  } catch (error) {
    if (!(error instanceof QuantityError)) throw error
    return { words: '', problem: `${t('Reading')}: ${error.message}` }
  }
})
</script>

<template>
  <Folded data-testid="thermometer-word">
    <template #title
      ><b>
        {{ $t('Somebody reads a thermometer') }}
      </b></template
    >
    <div class="flex flex-wrap gap-2 items-end mt-1">
      <UFormField :label="$t('It reads')" :error="answer.problem || false">
        <UInput
          v-model="typed"
          class="w-28"
          :placeholder="units.format(366.15, ['degC', 'degF'], 'temperature')"
          autocomplete="off"
        />
      </UFormField>
      <UFormField :label="$t('where')">
        <USelect v-model="place" :items="places" class="w-64" />
      </UFormField>
    </div>
    <p v-if="answer.words" class="mt-1" role="status">
      {{ answer.words }}
    </p>
  </Folded>
</template>
