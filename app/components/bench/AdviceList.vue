<script setup lang="ts">
/** What this staging's numbers suggest, with a button where one value would do it. */
import { findInput, keyOf, type Advice, type Demonstration, type QuantityInput } from '~~/core'

const props = defineProps<{ demonstration: Demonstration; advice: readonly Advice[] }>()
const emit = defineEmits<{ take: [input: QuantityInput, value: number] }>()
const units = useUnitsStore()
const quantityOf = (id: string) => findInput(props.demonstration, id) as QuantityInput
const shown = (take: NonNullable<Advice['take']>) => {
  const input = quantityOf(take.input)
  return units.format(take.value, input.units, input.quantity, 3)
}
</script>

<template>
  <section :aria-label="$t('What the numbers suggest')" class="border-l-4 border-(--gap) pl-3 my-2">
    <p v-for="line in advice" :key="keyOf(line.text)">
      {{ units.told(line.text) }}
      <UButton
        v-if="line.take"
        class="text-sm py-0.5 ml-1"
        @click="emit('take', quantityOf(line.take!.input), line.take!.value)"
      >
        {{ $t('Take {value}', { value: shown(line.take) }) }}
      </UButton>
    </p>
  </section>
</template>
