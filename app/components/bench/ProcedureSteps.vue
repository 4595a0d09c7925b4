<script setup lang="ts">
/** The procedure is the form: numbered sentences whose numbers are the controls. */
import {
  findInput,
  isBlank,
  gatesOf,
  partsOf,
  usualSpread,
  type Caution,
  type Demonstration,
  type Given,
  type Traced,
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
  simulation: Traced
  cautions: readonly Caution[]
  strip?: { input: string; points: StripPoint[] }
  editor: StagingEditor
}>()
const emit = defineEmits<{ strip: [string] }>()
defineSlots<{ inline(props: { step: string }): unknown; after(props: { step: string }): unknown }>()

const steps = computed(() =>
  props.demonstration.procedure.map(step => ({
    ...step,
    sentence: partsOf(step, props.values),
    gates: gatesOf(props.demonstration, props.values).filter(g => g.step === step.id),
    seconds: step.duration?.(props.simulation),
    cautions: props.cautions.filter(c => c.step === step.id),
  })),
)
/** Those that the server drew: a step that warns of something else by now is stale. */
const came = props.cautions
const units = useUnitsStore()
const valueOf = (id: string) => props.values.numbers[id] ?? props.values.choices[id]!
const usualOf = (id: string) => {
  const input = findInput(props.demonstration, id)
  return input?.kind === 'quantity' ? usualSpread(input, props.values) : undefined
}
</script>

<template>
  <ol class="grid" :aria-label="$t('Procedure')">
    <WhenNear
      v-for="(step, index) in steps"
      :key="step.id"
      as="li"
      :stale="editor.dirty.value || cautions !== came"
      class="grid grid-cols-[1.4rem_1fr_auto] gap-x-2 py-2 border-t rule first:border-t-0"
    >
      <span class="display soft figures">{{ index + 1 }}</span>
      <div>
        <p v-for="(gate, g) in step.gates" :key="g" class="text-sm font-bold border-l-4 border-(--danger) pl-2 mb-1">
          <span class="sr-only">{{ `${$t('Before this step:')} ` }}</span>{{ units.told(gate.text) }}
        </p>
        <div class="leading-[1.7]">
          <template v-for="(part, i) in step.sentence" :key="isBlank(part) ? part.input : i">
            <template v-if="!isBlank(part)">
              {{ units.told(part) }}
            </template>
            <InputBlank
              v-else
              :input="findInput(demonstration, part.input)!"
              :value="valueOf(part.input)"
              :document="document.inputs[part.input]"
              :spread="given.spreads[part.input]"
              :usual="usualOf(part.input)"
              :outcomes="demonstration.outcomes"
              :subject="demonstration.subject"
              :strip="strip?.input === part.input ? strip.points : undefined"
              :editor="editor"
              @strip="emit('strip', part.input)"
            />
          </template>
          {{ ' ' }}<InTurn><slot name="inline" :step="step.id" /></InTurn>
        </div>
        <slot name="after" :step="step.id" />
        <InTurn v-for="caution in step.cautions" :key="caution.id"><CautionNote :caution="caution" /></InTurn>
      </div>
      <span
        class="text-sm soft figures text-right whitespace-nowrap pt-1"
        :title="step.seconds === undefined ? undefined : $t('predicted')"
        >{{ step.seconds === undefined ? '' : units.clock(step.seconds) }}</span
      >
    </WhenNear>
  </ol>
</template>
