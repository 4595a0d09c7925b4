<script setup lang="ts">
/** Units and language of whoever reads, one touch each. */
import { LANGUAGES } from '~/locales'

const units = useUnitsStore()
const SYSTEMS = [
  { value: 'si', label: 'SI' },
  { value: 'us', label: 'US' },
] as const
const languages = (Object.keys(LANGUAGES) as (keyof typeof LANGUAGES)[]).map(language => ({
  value: language,
  label: language.toUpperCase(),
  lang: language,
  name: LANGUAGES[language],
}))
</script>

<template>
  <div class="flex items-center gap-2">
    <InTurn><OneOf v-model="units.system" :label="$t('Units')" :choices="SYSTEMS" /></InTurn>
    <InTurn><OneOf v-model="units.language" :label="$t('Language')" :choices="languages" /></InTurn>
  </div>
</template>
