<script setup lang="ts">
/** A number in a sentence, and the small editor that opens when it is touched. */
import {
  QuantityError,
  describeSpread,
  formatNumber,
  formatQuantity,
  fromSi,
  parseQuantity,
  parseSpread,
  toSi,
  unitLabel,
  type Fault,
  type Input,
  type QuantityDocument,
  type QuantityInput,
  type Spread,
  type StripPoint,
  type OutcomeSpec,
} from '~~/core'
import { useI18n } from 'vue-i18n'

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
  set: (value: QuantityDocument | string | undefined) => Fault[]
}>()
const emit = defineEmits<{ strip: [] }>()
const units = useUnitsStore()
const { t } = useI18n()
const open = ref(false)
const id = useId()

const quantity = computed(() => (props.input.kind === 'quantity' ? props.input : undefined))
const typedUnit = computed(() => (typeof props.document === 'object' ? props.document.unit : undefined))
const unit = computed(() =>
  quantity.value
    ? units.shown(quantity.value.units, typedUnit.value, Number(props.value), quantity.value.quantity)
    : '',
)
/** "15 mL" in the unit shown, with the marks of the reader's language, as it can be typed again. */
const inUnit = (si: number, digits = 3) =>
  formatQuantity(si, unit.value, quantity.value!.quantity, digits, { locale: units.locale })
const shown = computed(() => {
  if (props.input.kind === 'choice')
    return units.told(props.input.choices.find(c => c.id === props.value)?.name ?? String(props.value))
  return inUnit(props.value as number)
})

const text = ref('')
const sureness = ref('')
const problem = ref('')
const sureProblem = ref('')
watch(open, now => {
  if (!now) return
  // What was refused stays as typed, until the number is changed elsewhere.
  if (problem.value === '') refresh()
  if (quantity.value) emit('strip')
})
function refresh() {
  text.value = shown.value
  sureness.value = quantity.value
    ? describeSpread(
        props.spread ?? props.usual ?? quantity.value.spread,
        quantity.value,
        unit.value,
        Number(props.value),
        units.locale,
        units.told,
      ).replace(units.told('taken as exact'), 'exact')
    : ''
  problem.value = ''
  sureProblem.value = ''
}
watch(unit, refresh)
watch(
  () => props.value,
  () => {
    if (!open.value) refresh()
  },
)

const ownSpread = () =>
  typeof props.document === 'object' && props.document.spread !== undefined ? { spread: props.document.spread } : {}

function apply(document: QuantityDocument | string): boolean {
  const faults = props.set(document)
  problem.value = faults
    .map(f => `${f.input === props.input.id ? '' : `${f.input}: `}${units.told(f.message)}`)
    .join('; ')
  return faults.length === 0
}

/** As typed; an unfinished or refused entry stays in the field with what is wrong. */
function readText() {
  const input = quantity.value!
  try {
    const { value, unit: typed } = parseQuantity(text.value, input.quantity, unit.value, units.locale)
    if (apply({ value, unit: typed, ...ownSpread() })) emit('strip')
  } catch (error) {
    if (!(error instanceof QuantityError)) throw error
    problem.value = error.message
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
  props
    .set(document)
    .map(f => units.told(f.message))
    .join('; ')

// The slider runs over the usual range in a hundred steps, widened to hold the value in use.
const low = computed(() => (quantity.value ? Math.min(quantity.value.usual[0], props.value as number) : 0))
const high = computed(() => (quantity.value ? Math.max(quantity.value.usual[1], props.value as number) : 1))
const stepOf = (input: QuantityInput) => {
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
  apply({ value: Number(formatNumber(value, 6)), unit: unit.value, ...ownSpread() })
}
const toUnit = (si: number) => fromSi(si, unit.value, quantity.value!.quantity)
const defaultSpreadWords = computed(() =>
  quantity.value
    ? describeSpread(
        props.usual ?? quantity.value.spread,
        quantity.value,
        unit.value,
        Number(props.value),
        units.locale,
        units.told,
      )
    : '',
)
function putBack() {
  props.set(undefined)
  refresh()
}
/** What was typed and refused while the field was open, told by its closed button as well. */
const refusedAsTyped = computed(() =>
  !open.value && problem.value ? `${t('Refused as typed: {why}', { why: problem.value })} ` : '',
)
</script>

<template>
  <!-- A flex box, so that no space of the popover's own stands before a full stop. -->
  <span class="inline-flex"
    ><UPopover v-model:open="open" :content="{ side: 'bottom', align: 'start', collisionPadding: 8 }">
      <template #default>
        <button
          type="button"
          class="blank figures"
          :aria-label="`${units.told(input.name)}: ${shown}. ${refusedAsTyped}${$t('Change')}`"
          :data-input="input.id"
          :data-fault="!open && problem !== ''"
        >
          {{ shown }}
        </button>
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
              <input
                :id="`${id}-value`"
                v-model="text"
                class="text-field figures !text-xl font-bold"
                autocomplete="off"
                :aria-invalid="problem !== ''"
                :aria-describedby="`${id}-about`"
                @input="readText"
                @keydown.enter="open = problem !== ''"
              />
              <p v-if="problem" class="fault mt-1" role="alert">
                {{ problem }}
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
              <OddsStrip :points="strip" :outcomes="outcomes" :low="low" :high="high" :value="value as number" />
              <p :id="`${id}-about`" class="text-sm soft flex justify-between figures">
                <span>{{ inUnit(low) }}</span><span>{{ $t('usual range') }}</span
                ><span>{{ inUnit(high) }}</span>
              </p>
            </div>
            <div class="grid grid-cols-[auto_1fr] gap-2 items-center">
              <label class="text-sm" :for="`${id}-sure`">{{ $t('How sure') }}</label>
              <input
                :id="`${id}-sure`"
                v-model="sureness"
                class="text-field figures"
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
            <button v-if="document !== undefined" class="plain-link text-sm justify-self-start" @click="putBack">
              {{ $t('Back to the default') }}
            </button>
          </template>
        </div>
      </template>
    </UPopover></span
  >
</template>
