<script setup lang="ts">
/** A number in a sentence once it has been touched, and its small editor, which opens at once. */
import {
  QuantityError,
  describeSpread,
  formatNumber,
  fromSi,
  parseQuantity,
  parseSpread,
  toSi,
  unitLabel,
  type Input,
  type QuantityDocument,
  type QuantityInput,
  type Spread,
  type StripPoint,
  type OutcomeSpec,
  type Subject,
} from '~~/core'
import { useI18n } from 'petite-vue-i18n'
import type { StagingEditor } from '~/composables/useStagingEditor'

const props = defineProps<{
  input: Input
  /** SI, with defaults filled in */
  value: number | string
  /** as it stands in the document, if it does */
  document?: QuantityDocument | string
  /** as stated */ spread?: Spread
  /** how sure one usually is of it */ usual?: Spread
  strip?: StripPoint[]
  outcomes: readonly OutcomeSpec[]
  subject: Subject
  editor: StagingEditor
}>()
const emit = defineEmits<{ strip: [] }>()
const units = useUnitsStore()
const { t } = useI18n()
const open = ref(true)
const id = useId()

const { quantity, unit, inUnit, shown } = useShownInput(props)

const text = ref('')
const sureness = ref('')
const problem = ref('')
const sureProblem = ref('')
/** What is in force until what is typed is accepted. */
let before: { document: QuantityDocument | string | undefined } = { document: props.document }
/** What was typed and accepted last. */
let accepted: { text: string; document: QuantityDocument } | undefined
watch(open, now => now && begin())
function begin() {
  accepted = undefined
  before = { document: props.document }
  // What was refused stays as typed, until the number is changed elsewhere.
  if (problem.value === '') refresh()
  if (quantity.value) emit('strip')
}
// The strip hangs on all else that the plan says, which may be undone or redone meanwhile.
watch(
  () => JSON.stringify({ ...props.editor.draft.value?.inputs, [props.input.id]: undefined }),
  () => {
    if (open.value && quantity.value) emit('strip')
  },
)
const spreadWords = (spread: Spread, input: QuantityInput) =>
  describeSpread(spread, input, unit.value, { stated: Number(props.value), locale: units.locale, words: units.told })
function refresh() {
  text.value = shown.value
  sureness.value = quantity.value
    ? spreadWords(props.spread ?? props.usual ?? quantity.value.spread, quantity.value).replace(
        units.told('taken as exact'),
        'exact',
      )
    : ''
  problem.value = ''
  sureProblem.value = ''
}
begin()
watch(unit, refresh)
watch(
  () => props.value,
  () => {
    if (!open.value) refresh()
  },
)

const ownSpread = () =>
  typeof props.document === 'object' && props.document.spread !== undefined ? { spread: props.document.spread } : {}

/** @param back what is in force again if it is refused, while it is being typed */
function apply(document: QuantityDocument | string, back?: typeof before): boolean {
  const faults = props.editor.setInput(props.input.id, document, back)
  problem.value = props.editor.faultLines(faults, props.input.id).join('; ')
  return faults.length === 0
}

// Told beside Save as well, which waits for it.
watch([problem, text], ([why]) => {
  if (why)
    props.editor.unsettled.set(
      props.input.id,
      t('{name}, “{typed}”: {why}', { name: units.told(props.input.name), typed: text.value, why }),
    )
  else props.editor.unsettled.delete(props.input.id)
})
onScopeDispose(() => props.editor.forget(props.input.id))
// Everything undone, or the stored staging taken: what was refused here goes with it.
watch(
  () => props.editor.unsettled.has(props.input.id),
  told => {
    if (!told && problem.value) refresh()
  },
)

/**
 * As typed; an unfinished or refused entry stays in the field with what is wrong, and the number that was in force
 * before it was begun stays in force.
 */
function readText() {
  const input = quantity.value!
  // Typed on, what was accepted was the beginning of a number; replaced, it was one.
  if (accepted && !text.value.startsWith(accepted.text) && !accepted.text.startsWith(text.value))
    before = { document: accepted.document }
  try {
    const { value, unit: typed } = parseQuantity(text.value, input.quantity, unit.value, units.locale)
    const document = { value, unit: typed, ...ownSpread() }
    if (apply(document, before)) {
      accepted = { text: text.value, document }
      emit('strip')
    }
  } catch (error) {
    if (!(error instanceof QuantityError)) throw error
    problem.value = error.message
    props.editor.takeBack(input.id, before.document)
  }
}

function readSureness() {
  const input = quantity.value!
  sureProblem.value = ''
  const typed = sureness.value.replace('±', '').trim()
  const base: QuantityDocument =
    typeof props.document === 'object'
      ? { value: props.document.value, unit: props.document.unit }
      : { value: Number(formatNumber(fromSi(props.value as number, unit.value, input.quantity), 6)), unit: unit.value }
  if (typed === '' || typed === 'usual') return void apply(base)
  if (typed === 'exact') return void apply({ ...base, spread: 0 })
  try {
    sureProblem.value = refused({ ...base, spread: parseSpread(typed, input, unit.value, units.locale) })
  } catch (error) {
    if (!(error instanceof QuantityError)) throw error
    const example = `± 10 % or ± 1 ${unitLabel(unit.value)}, or "exact"`
    sureProblem.value = `"${sureness.value}" is not a spread; for example ${example}`
  }
}
const refused = (document: QuantityDocument): string =>
  props.editor.faultLines(props.editor.setInput(props.input.id, document), props.input.id).join('; ')

// The slider runs over the usual range in a hundred steps, widened to hold the value in use.
const low = computed(() => (quantity.value ? Math.min(quantity.value.usual[0], props.value as number) : 0))
const high = computed(() => (quantity.value ? Math.max(quantity.value.usual[1], props.value as number) : 1))
const stepOf = (input: QuantityInput) => {
  if (input.whole) return 1
  const span = Math.abs(
    fromSi(input.usual[1], unit.value, input.quantity) - fromSi(input.usual[0], unit.value, input.quantity),
  )
  const rough = span / 100
  const size = 10 ** Math.floor(Math.log10(rough))
  return [1, 2, 5, 10].map(m => m * size).find(s => s >= rough)!
}
function slide(event: Event) {
  const value = Number((event.target as HTMLInputElement).value)
  text.value = inUnit(toSi(value, unit.value, quantity.value!.quantity))
  const document = { value: Number(formatNumber(value, 6)), unit: unit.value, ...ownSpread() }
  // What is slid to is meant, and stays in force if what is typed next is refused.
  if (apply(document)) before = { document }
  accepted = undefined
}
const toUnit = (si: number) => fromSi(si, unit.value, quantity.value!.quantity)
const defaultSpreadWords = computed(() =>
  quantity.value ? spreadWords(props.usual ?? quantity.value.spread, quantity.value) : '',
)
function putBack() {
  props.editor.setInput(props.input.id, undefined)
  refresh()
}
function takeBack() {
  props.editor.takeBack(props.input.id, before.document)
  refresh()
}
</script>

<template>
  <UPopover v-model:open="open" :content="{ side: 'bottom', align: 'start', collisionPadding: 8 }">
    <template #default>
      <BlankButton :input="input" :shown="shown" :refused="open ? '' : problem" />
    </template>
    <template #content>
      <div class="p-4 w-[min(22rem,92vw)] grid gap-3" role="group" :aria-label="units.told(input.name)">
        <p class="font-bold capitalize-first">
          {{ units.told(input.name) }}
        </p>
        <p v-if="input.kind === 'choice' && input.source" class="text-sm soft -mt-2">
          {{ units.told(input.source) }}
        </p>
        <template v-if="input.kind === 'choice'">
          <!-- A refused choice stays with what was in use: the list is drawn anew. -->
          <label v-for="choice in input.choices" :key="`${choice.id} ${problem}`" class="flex gap-2">
            <input
              type="radio"
              :name="id"
              :value="choice.id"
              :checked="choice.id === value"
              @change="apply(choice.id)"
            />
            {{ units.told(choice.name) }}
          </label>
          <p v-if="problem" class="fault" role="alert">
            {{ problem }}
          </p>
        </template>
        <template v-else>
          <div>
            <label class="sr-only" :for="`${id}-value`">{{
              $t('{name}, with any unit', { name: units.told(input.name) })
            }}</label>
            <UInput
              :id="`${id}-value`"
              v-model="text"
              :ui="{ base: 'figures text-xl md:text-xl font-bold' }"
              autocomplete="off"
              :aria-invalid="problem !== ''"
              :aria-describedby="`${id}-about`"
              @update:model-value="readText"
              @keydown.enter="open = problem !== ''"
            />
            <p v-if="problem" class="fault mt-1" role="alert">
              {{ problem }}
              <UButton variant="link" @click="takeBack">
                {{ $t('Keep {number}', { number: shown }) }}
              </UButton>
            </p>
          </div>
          <div>
            <input
              type="range"
              :aria-label="`${units.told(input.name)}, ${$t('slider')}`"
              :min="Math.ceil(toUnit(low) / stepOf(input) - 1e-9) * stepOf(input)"
              :max="toUnit(high)"
              :step="stepOf(input)"
              :value="toUnit(value as number)"
              :aria-valuetext="shown"
              @input="slide"
              @change="emit('strip')"
            />
            <OddsStrip
              :points="strip"
              :subject="subject"
              :outcomes="outcomes"
              :low="low"
              :high="high"
              :value="value as number"
            />
            <p :id="`${id}-about`" class="text-sm soft flex justify-between figures">
              <span>{{ inUnit(low) }}</span><span>{{ $t('usual range') }}</span><span>{{ inUnit(high) }}</span>
            </p>
          </div>
          <div class="grid grid-cols-[auto_1fr] gap-2 items-center">
            <label class="text-sm" :for="`${id}-sure`">{{ $t('How sure') }}</label>
            <UInput
              :id="`${id}-sure`"
              v-model="sureness"
              :ui="{ base: 'figures' }"
              autocomplete="off"
              :aria-invalid="sureProblem !== ''"
              @change="readSureness"
            />
          </div>
          <p class="text-sm soft -mt-2">
            {{
              $t('Standard uncertainty, as ± 10 % or ± 1 {unit}, or “exact”; usual: {usual}.', {
                unit: unitLabel(unit),
                usual: defaultSpreadWords,
              })
            }}
          </p>
          <p v-if="sureProblem" class="fault" role="alert">
            {{ sureProblem }}
          </p>
          <p v-if="input.source" class="text-sm soft">
            {{ units.told(input.source) }}
          </p>
          <UButton variant="link" v-if="document !== undefined" class="text-sm justify-self-start" @click="putBack">
            {{ $t('Back to the default') }}
          </UButton>
        </template>
      </div>
    </template>
  </UPopover>
</template>
