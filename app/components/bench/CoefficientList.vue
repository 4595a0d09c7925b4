<script setup lang="ts">
/** What is not measured at a bench: each with its source and spread, and how much of the doubt it makes. */
import {
  usualSpread,
  type Demonstration,
  type Given,
  type Influence,
  type QuantityInput,
  type StagingDocument,
  type StripPoint,
  type Values,
} from '~~/core'
import type { StagingEditor } from '~/composables/useStagingEditor'

const props = defineProps<{
  demonstration: Demonstration
  document: StagingDocument
  values: Values
  given: Given
  influences: Influence[]
  strip?: { input: string; points: StripPoint[] }
  editor: StagingEditor
}>()
const emit = defineEmits<{ strip: [string] }>()
const units = useUnitsStore()
const coefficients = computed(() =>
  props.demonstration.inputs.filter((i): i is QuantityInput => i.kind === 'quantity' && i.group === 'coefficient'),
)
const telling = computed(() => props.influences.filter(i => i.share >= 0.03).slice(0, 6))
</script>

<template>
  <AskedPart id="doubt" :title="$t('What decides it, and what was assumed?')">
    <p v-if="!telling.length" class="soft">
      {{ $t('No single unknown decides it: the outcome hardly varies.') }}
    </p>
    <ul v-else class="mb-2">
      <li
        v-for="influence in telling"
        :key="influence.input"
        class="grid grid-cols-[1fr_6rem_3rem] gap-2 items-center py-0.5"
      >
        <span>{{ units.told(influence.name) }}</span>
        <svg viewBox="0 0 100 8" preserveAspectRatio="none" class="h-2.5 w-full" aria-hidden="true">
          <rect width="100" height="8" fill="var(--track)" />
          <rect :width="influence.share * 100" height="8" fill="var(--vessel)" />
        </svg>
        <span class="figures text-right">{{ Math.round(influence.share * 100) }} %</span>
      </li>
    </ul>
    <p class="text-sm soft">
      {{ $t('Share of the outcome’s variance that each unknown explains alone (first-order, from the samples).') }}
    </p>
    <Folded class="mt-2">
      <template #title>
        {{ $t('Coefficients that nobody measures at a bench') }}
      </template>
      <ul class="text-sm mt-2 grid gap-1">
        <li v-for="input in coefficients" :key="input.id" class="border-t rule pt-1">
          <span class="capitalize-first">{{ units.told(input.name) }}</span>:
          <InputBlank
            :input="input"
            :value="values.numbers[input.id]!"
            :document="document.inputs[input.id]"
            :spread="given.spreads[input.id]"
            :usual="usualSpread(input, values)"
            :outcomes="demonstration.outcomes"
            :subject="demonstration.subject"
            :strip="strip?.input === input.id ? strip.points : undefined"
            :editor="editor"
            @strip="emit('strip', input.id)"
          />
          <span class="soft">{{ units.told(input.source ?? '') }}</span>
        </li>
      </ul>
    </Folded>
  </AskedPart>
</template>
