<script setup lang="ts">
/** What can be done now: the next act large, with what is measured out in it; the others; and what occurs to one. */
import type { FormError } from '@nuxt/ui'
import {
  dangersOf,
  fromSi,
  siOf,
  stepWords,
  type BenchAct,
  type Caution,
  type MarkKind,
  type QuantityDocument,
  type QuantityInput,
  type Setting,
} from '~~/core'
import { MARK_KEYS, markNames, SEALED_WORDS } from '~/components/live/mark-keys'
import type { PracticeAttempt } from '~/composables/usePracticeAttempt'

const props = defineProps<{ setting: Setting; attempt: PracticeAttempt; cautions: readonly Caution[] }>()
const units = useUnitsStore()
const { open, phase, refusal, sealed, done } = props.attempt

const names = computed(() =>
  markNames(
    ['steam', 'hot-air'].includes(props.setting.demonstration.gallery.family) ? SEALED_WORDS[0] : SEALED_WORDS[1],
  ),
)
const wordsOf = (act: BenchAct): string =>
  act.kind === 'mark'
    ? names.value[act.id as MarkKind]
    : act.kind === 'gate'
      ? `Confirm: ${units.told(act.words!)}`
      : act.kind === 'moment'
        ? units.told(act.words!)
        : 'Done'
const next = computed(() => open.value[0])
/** What may be done at once, and marks that are not next: they can be tried, and are refused with why. */
const others = computed(() => [
  ...open.value.slice(1).filter(a => a.kind !== 'step'),
  ...props.setting.acts.filter(
    a => a.kind === 'mark' && !open.value.includes(a) && !done.value.some(d => d.kind === 'mark' && d.id === a.id),
  ),
])
const words = computed(() =>
  next.value
    ? stepWords(
        props.setting.demonstration,
        next.value.step,
        props.setting.values,
        units.reader,
        !props.setting.exercise.guided,
      )
    : '',
)

/** Guided, it is warned of what is next; alone, one has read it before. */
const warned = computed(() =>
  props.setting.exercise.guided ? props.cautions.filter(c => c.step === next.value?.step.id) : [],
)
function planned(input: QuantityInput): QuantityDocument {
  const unit = units.shown(input.units)
  const value = fromSi(props.setting.values.numbers[input.id]!, unit, input.quantity)
  return { value: +value.toPrecision(4), unit }
}
const amounts = ref<Record<string, QuantityDocument | undefined>>({})
const problems = ref<Record<string, string>>({})
const faults = ref<Record<string, string>>({})
watch(
  next,
  act => {
    faults.value = {}
    problems.value = {}
    amounts.value = Object.fromEntries(
      (act?.amounts ?? []).map(input => [input.id, props.setting.exercise.guided ? planned(input) : undefined]),
    )
  },
  { immediate: true },
)
/** What is measured out in an act and can't be read, or is missing. */
function wrongIn(act: BenchAct): FormError[] {
  const found = act.amounts
    .filter(({ id }) => problems.value[id] || !amounts.value[id])
    .map(({ id }) => ({ name: id, message: problems.value[id] || 'how much?' }))
  faults.value = Object.fromEntries(found.map(f => [f.name, f.message]))
  return found
}
function doIt(act: BenchAct) {
  // What is measured out is asked for what is next alone.
  if (act !== next.value) {
    props.attempt.act(act)
    return
  }
  if (wrongIn(act).length > 0) return
  const measured = Object.fromEntries(act.amounts.map(i => [i.id, siOf(amounts.value[i.id]!, i.quantity)]))
  for (const fault of props.attempt.act(act, measured)) faults.value[fault.input] = units.told(fault.message)
}
/** Stays in the order in which it first stood: its place says nothing. */
const temptations = computed(() => dangersOf(props.setting.demonstration, props.setting.values, phase.value))
const keyOf = (act: BenchAct) =>
  act.kind === 'mark' ? Object.entries(MARK_KEYS).find(([, kind]) => kind === act.id)?.[0] : undefined
const acts = useTemplateRef<HTMLElement>('acts')
watch(next, async () => {
  await nextTick()
  // The next act has the focus, unless something has to be said first.
  const first = props.setting.exercise.guided ? undefined : acts.value?.querySelector('input')
  ;(first ?? acts.value?.querySelector('button'))?.focus()
})

useShortcut((key, event) => {
  if (props.attempt.state.value !== 'running') return
  const onButton = (event.target as HTMLElement).closest('button, a, label')
  if (key === 'Enter' && next.value) {
    if (onButton) return
    doIt(next.value)
  } else if (key === 'g') props.attempt.call('gone')
  else if (key === 'n') props.attempt.call('nothing')
  else {
    const act = props.setting.acts.find(a => a.kind === 'mark' && a.id === MARK_KEYS[key])
    if (!act) return
    doIt(act)
  }
  event.preventDefault()
}, true)
</script>

<template>
  <section aria-label="What you do" class="grid gap-3">
    <p v-if="refusal" class="fault !text-base" role="alert">{{ units.told(refusal) }}</p>
    <div ref="acts" class="grid gap-3">
      <template v-if="next">
        <p class="text-lg" data-testid="bench-step">{{ words }}</p>
        <ul v-if="warned.length" class="text-sm grid gap-1" aria-label="Cautions">
          <li
            v-for="caution in warned"
            :key="caution.id"
            :class="caution.severity === 'raised' ? 'text-(--danger) font-bold' : ''"
          >
            <span aria-hidden="true">⚠</span
            ><span class="sr-only">{{ caution.severity === 'raised' ? 'Raised caution:' : 'Caution:' }}</span>
            {{ units.told(caution.hazard) }}
            <span class="text-(--ink) font-normal">{{ units.told(caution.control) }}</span>
          </li>
        </ul>
        <CheckedForm :state="amounts" :check="() => wrongIn(next!)" class="grid gap-3" @submit="doIt(next)">
          <MeasuredFields
            :fields="next.amounts.map(i => ({ id: i.id, label: i.name, kind: i.quantity, units: i.units }))"
            :values="amounts"
            :fault-of="id => faults[id]"
            required
            @change="(id, value) => (amounts[id] = value)"
            @problem="(id, fault) => (problems[id] = fault)"
          />
          <UButton
            type="submit"
            variant="solid"
            class="text-lg py-3 justify-center text-center"
            data-testid="bench-act"
          >
            {{ wordsOf(next) }} <kbd v-if="keyOf(next)" aria-hidden="true">{{ keyOf(next) }}</kbd>
          </UButton>
        </CheckedForm>
      </template>
      <div v-if="sealed" class="flex flex-wrap gap-2">
        <UButton class="grow justify-center py-3" variant="solid" @click="attempt.call('gone')">
          It is over: gone <kbd aria-hidden="true">g</kbd>
        </UButton>
        <UButton class="grow justify-center py-3" @click="attempt.call('nothing')">
          Nothing: give up <kbd aria-hidden="true">n</kbd>
        </UButton>
      </div>
    </div>
    <div v-if="others.length" class="flex flex-wrap gap-2" role="group" aria-label="Or at once">
      <UButton v-for="act in others" :key="act.kind + act.id" @click="doIt(act)">
        {{ wordsOf(act) }} <kbd v-if="keyOf(act)" aria-hidden="true">{{ keyOf(act) }}</kbd>
      </UButton>
    </div>
    <div v-if="temptations.length" class="border-t rule pt-3">
      <h2 class="text-sm font-bold mb-2">Or something else that comes to mind</h2>
      <div class="flex flex-wrap gap-2">
        <UButton v-for="d in temptations" :key="d.id" @click="attempt.hurt(d.id)">{{ units.told(d.words) }}</UButton>
      </div>
    </div>
  </section>
</template>
