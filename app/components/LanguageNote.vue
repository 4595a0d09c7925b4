<script setup lang="ts">
/** Says that a demonstration's own texts stand in English, where they are not translated. */
import { isTranslated } from '~/locales'

defineProps<{ demonstration: string }>()
const units = useUnitsStore()
</script>

<template>
  <p
    v-if="units.language !== 'en' && !isTranslated(units.language, demonstration)"
    class="text-sm border-l-2 border-(--gap) pl-2"
    role="note"
    data-testid="language-note"
  >
    {{ $t('This demonstration’s own texts are not translated yet: they stand in English.') }}
  </p>
</template>
