<script setup lang="ts">
/** Something is wrong, or it has ended otherwise: what is done now, one act after another. */
import { keyOf, type Sentence, type WhatNow } from '~~/core'

defineProps<{ question: WhatNow; seen: Sentence; answered: readonly number[] }>()
defineEmits<{ choose: [option: string] }>()
const units = useUnitsStore()
const heading = useTemplateRef<HTMLElement>('heading')
onMounted(() => heading.value?.focus())
</script>

<template>
  <section aria-label="What now" class="grid gap-3">
    <h2 ref="heading" tabindex="-1" class="text-2xl">{{ units.told(seen) }}</h2>
    <p>What do you do now, first, and then, until all is safe? The clock stands still.</p>
    <ol v-if="answered.length" class="list-decimal pl-6" aria-label="Done so far">
      <li v-for="place in answered" :key="place">{{ units.told(question.acts[place]!.text) }}</li>
    </ol>
    <div class="grid gap-2">
      <UButton
        v-for="option in question.options.filter(o => !answered.some(a => o.id === `act:${a}`))"
        :key="keyOf(option.text)"
        class="text-left justify-start"
        @click="$emit('choose', option.id)"
      >
        {{ units.told(option.text) }}
      </UButton>
    </div>
  </section>
</template>
