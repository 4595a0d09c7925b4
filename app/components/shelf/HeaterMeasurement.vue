<script setup lang="ts">
/** Guided: time a known mass of water from one temperature to another; what share of the rated power got in? */
import {
  MeasureError,
  QuantityError,
  SOLIDS,
  efficiencyFromWarming,
  siOf,
  type QuantityDocument,
  type QuantityKind,
} from '~~/core'

const props = defineProps<{ ratedPower?: QuantityDocument }>()
const emit = defineEmits<{ use: [efficiency: QuantityDocument] }>()
const units = useUnitsStore()
const trial = reactive<Record<string, QuantityDocument | undefined>>({
  waterMass: undefined,
  from: undefined,
  to: undefined,
  time: undefined,
  vesselMass: undefined,
})
const vessel = ref<'none' | 'aluminium' | 'steel' | 'glass'>('none')

const FIELDS: { id: string; label: string; kind: QuantityKind; units: readonly [string, string]; hint: string }[] = [
  { id: 'waterMass', label: 'Water, weighed', kind: 'mass', units: ['g', 'oz'], hint: 'about what you will boil' },
  { id: 'from', label: 'From', kind: 'temperature', units: ['degC', 'degF'], hint: 'once it rises steadily' },
  { id: 'to', label: 'To', kind: 'temperature', units: ['degC', 'degF'], hint: 'below 60 °C' },
  { id: 'time', label: 'Took', kind: 'time', units: ['s', 's'], hint: 'or use the clock' },
]

// A clock for wet hands: one press starts it, the next one takes the time.
const startedAt = ref<number>()
const shown = ref(0)
let ticking: ReturnType<typeof setInterval> | undefined
function clock() {
  if (startedAt.value === undefined) {
    startedAt.value = performance.now()
    ticking = setInterval(() => {
      shown.value = (performance.now() - startedAt.value!) / 1000
    }, 200)
    return
  }
  trial.time = { value: Math.round((performance.now() - startedAt.value) / 100) / 10, unit: 's' }
  stopClock()
}
function stopClock() {
  clearInterval(ticking)
  startedAt.value = undefined
  shown.value = 0
}
onBeforeUnmount(stopClock)

const percent = (share: number) => units.number(share * 100)
const result = computed<{ efficiency?: QuantityDocument; words: string; fault?: boolean } | undefined>(() => {
  if (!props.ratedPower) return { words: 'Give the rated power above first.' }
  if (FIELDS.some(f => !trial[f.id])) return undefined
  try {
    const solid = vessel.value === 'none' ? undefined : SOLIDS[vessel.value]
    const measured = efficiencyFromWarming({
      waterMass: siOf(trial.waterMass!, 'mass'),
      from: siOf(trial.from!, 'temperature'),
      to: siOf(trial.to!, 'temperature'),
      time: siOf(trial.time!, 'time'),
      ratedPower: siOf(props.ratedPower, 'power'),
      ...(solid &&
        trial.vesselMass && { vesselMass: siOf(trial.vesselMass, 'mass'), vesselSpecificHeat: solid.specificHeat }),
    })
    return {
      efficiency: {
        value: Number((measured.efficiency * 100).toPrecision(3)),
        unit: '%',
        spread: Number(measured.spread.toPrecision(2)),
      },
      words: `${units.format(measured.power, ['W', 'BTU/h'], 'power')} got in: ${percent(
        measured.efficiency,
      )} % of the label, ± ${percent(measured.spread)} % of that.`,
    }
  } catch (error) {
    if (!(error instanceof MeasureError) && !(error instanceof QuantityError)) throw error
    return { words: error instanceof MeasureError ? units.told(error.told) : error.message, fault: true }
  }
})
</script>

<template>
  <fieldset class="border rule rounded-md p-3 grid gap-3">
    <legend class="px-1 font-bold">Measure it</legend>
    <p class="text-sm soft">
      Heater hot and steady first. Put a weighed amount of water in the vessel you will use, and time it between two
      temperatures.
    </p>
    <div class="grid sm:grid-cols-4 gap-3">
      <MeasuredFields :fields="FIELDS" :values="trial" @change="(id, value) => (trial[id] = value)" />
    </div>
    <div class="flex flex-wrap items-end gap-3">
      <UButton class="figures" @click="clock">
        {{ startedAt === undefined ? 'Start the clock' : `Stop at ${Math.round(shown)} s` }}
      </UButton>
      <ChoiceField
        v-model="vessel"
        label="In a vessel of"
        :items="[
          { value: 'none', label: 'next to nothing' },
          { value: 'aluminium', label: 'aluminium' },
          { value: 'steel', label: 'steel' },
          { value: 'glass', label: 'glass' },
        ]"
      />
      <div v-if="vessel !== 'none'" class="w-36">
        <QuantityField
          v-model="trial.vesselMass"
          label="Its empty mass"
          kind="mass"
          :unit="units.shown(['g', 'oz'])"
          hint="weigh it"
        />
      </div>
    </div>
    <p v-if="result" class="figures" :class="result.fault ? 'fault' : ''" role="status">
      {{ result.words }}
      <UButton v-if="result.efficiency" class="ml-2" @click="emit('use', result.efficiency)"> Use it </UButton>
    </p>
  </fieldset>
</template>
