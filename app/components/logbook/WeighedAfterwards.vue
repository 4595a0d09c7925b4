<script setup lang="ts">
/** Guided: what a vessel weighs afterwards tells what came in and how much of it is gone. */
import { MeasureError, QuantityError, momentsOf, siOf, usualSpread, volumeGone, waterCameIn } from '~~/core'
import type { QuantityDocument, QuantityInput, ReadStaging, Weighed } from '~~/core'

const props = defineProps<{ read: ReadStaging }>()
const emit = defineEmits<{ use: [result: string, value: QuantityDocument] }>()
const units = useUnitsStore()
const results = computed(() => props.read.demonstration.results)
const cameIn = computed(() => results.value.find(r => r.weighed === 'came-in'))
const wasIn = computed(() => results.value.find(r => r.weighed === 'was-in'))
const lost = computed(() => results.value.find(r => r.weighed === 'lost'))
const vessel = computed(() =>
  props.read.demonstration.inputs.find(
    (i): i is QuantityInput => i.kind === 'quantity' && i.tells === 'vessel' && i.quantity === 'volume',
  ),
)
const masses = reactive<Record<'emptied' | 'after' | 'brimful' | 'balance', QuantityDocument | undefined>>({
  emptied: undefined,
  after: undefined,
  brimful: undefined,
  balance: { value: 1, unit: 'g' },
})
const weighed = (id: keyof typeof masses, label: string, hint: string) =>
  ({ id, label, hint, kind: 'mass', units: ['g', 'oz'] }) as const
const fields = computed(() => [
  weighed('emptied', 'Emptied', 'shaken out'),
  ...(cameIn.value ? [weighed('after', 'With what came in', 'as it was lifted out')] : []),
  ...(lost.value && vessel.value ? [weighed('brimful', 'Brim-full', 'as it is now')] : []),
  weighed('balance', 'The balance shows', 'its least step'),
])
const digits = (value: number) => Number(value.toPrecision(4))

const found = computed(() => {
  const { emptied, after, brimful, balance } = masses
  if (!emptied || !balance) return { uses: [] }
  const stated = props.read.demonstration.simulate(props.read.values, 'summary')
  const kg = (q: QuantityDocument) => siOf(q, 'mass')
  const common = { emptied: kg(emptied), waterTemperature: props.read.values.numbers.airTemperature ?? 293.15 }
  const uses: { id: string; words: string; value: QuantityDocument }[] = []
  const add = (spec: (typeof results.value)[number], { value, uncertainty }: Weighed, unit: string, factor: number) =>
    uses.push({
      id: spec.id,
      words: `${spec.name}: ${units.number(value * factor, 3)} ± ${units.number(uncertainty * factor, 2)} ${unit}`,
      value: { value: digits(value * factor), unit, spread: { value: digits(uncertainty * factor), unit } },
    })
  try {
    if (after && cameIn.value)
      add(
        cameIn.value,
        waterCameIn(
          { ...common, after: kg(after), before: (wasIn.value && stated.results[wasIn.value.id]) ?? 0 },
          kg(balance),
        ),
        'mL',
        1e6,
      )
    if (brimful && lost.value && vessel.value) {
      const capacity = props.read.values.numbers[vessel.value.id]!
      const { id, range } = vessel.value
      const { deviation } = momentsOf(
        props.read.given.spreads[id] ?? usualSpread(vessel.value, props.read.values),
        capacity,
        range,
      )
      add(
        lost.value,
        volumeGone({ ...common, brimful: kg(brimful), capacity, capacityUncertainty: deviation }, kg(balance)),
        '%',
        100,
      )
    }
  } catch (error) {
    if (!(error instanceof MeasureError) && !(error instanceof QuantityError)) throw error
    return { uses, fault: error instanceof MeasureError ? units.told(error.told) : error.message }
  }
  return { uses }
})
</script>

<template>
  <Folded v-if="cameIn || lost">
    <template #title>Weigh it afterwards</template>
    <div class="grid gap-2 pl-5">
      <p class="text-sm soft">
        A kitchen balance tells what came in, and how much of the vessel is gone: dry it outside, fill it to the brim.
      </p>
      <div class="grid sm:grid-cols-4 gap-3">
        <MeasuredFields :fields="fields" :values="masses" @change="(id, value) => (masses[id] = value)" />
      </div>
      <p v-for="use in found.uses" :key="use.id" class="figures" role="status">
        {{ use.words }} <UButton class="ml-2" @click="emit('use', use.id, use.value)">Use it</UButton>
      </p>
      <p v-if="found.fault" class="fault" role="alert">{{ found.fault }}</p>
    </div>
  </Folded>
</template>
