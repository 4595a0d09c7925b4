<script setup lang="ts">
/** Readings of any logger from a CSV file: which column is what is asked, with a first guess. */
import {
  CHANNELS,
  QuantityError,
  SHOWN_UNITS,
  guessMatches,
  readColumns,
  readReadings,
  unitLabel,
  type CsvColumns,
  type Match,
  type Reading,
} from '~~/core'

const emit = defineEmits<{ read: [readings: Reading[], from: string] }>()
const columns = shallowRef<CsvColumns>()
const name = ref('')
const fault = ref('')
const holds = ref<(Match['holds'] | '')[]>([])
const unit = ref<string[]>([])
const HOLDS: { value: Match['holds'] | ''; label: string }[] = [
  { value: '', label: 'nothing wanted' },
  { value: 'time', label: 'time' },
  { value: 'pressure', label: 'absolute pressure inside' },
  { value: 'temperature', label: 'temperature inside' },
]
const kindOf = (what: Match['holds']) => (what === 'time' ? ('time' as const) : CHANNELS[what])
const unitsFor = (what: Match['holds'] | '') =>
  what === '' ? [] : [...new Set(what === 'time' ? ['s', 'ms', 'min'] : SHOWN_UNITS[kindOf(what)])]

async function open(file: File) {
  fault.value = ''
  try {
    columns.value = readColumns(await file.text())
    name.value = file.name
    const guessed = guessMatches(columns.value)
    holds.value = columns.value.header.map((_, i) => guessed.find(m => m.column === i)?.holds ?? '')
    unit.value = columns.value.header.map((_, i) => guessed.find(m => m.column === i)?.unit ?? '')
  } catch (error) {
    if (!(error instanceof QuantityError)) throw error
    fault.value = `${file.name}: ${error.message}`
  }
}
watch(
  holds,
  () =>
    holds.value.forEach((what, i) => {
      if (what && !unitsFor(what).includes(unit.value[i]!)) unit.value[i] = unitsFor(what)[0]!
    }),
  { deep: true },
)
const result = computed(
  () =>
    columns.value &&
    readReadings(
      columns.value,
      holds.value.flatMap((what, column) => (what ? [{ column, holds: what, unit: unit.value[column]! }] : [])),
    ),
)
watch(result, r => {
  if (r) emit('read', r.faults.length ? [] : r.readings, name.value)
})
</script>

<template>
  <div>
    <FileButton label="Choose a file" accept=".csv,text/csv,text/plain" outline @file="open" />
    <span class="soft">{{ name }}</span>
    <p v-if="fault" class="fault" role="alert">
      {{ fault }}
    </p>
    <template v-if="columns && result">
      <table class="mt-2 text-sm">
        <thead class="text-left soft">
          <tr>
            <th scope="col">column</th>
            <th scope="col">first value</th>
            <th scope="col">holds</th>
            <th scope="col">in</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(header, i) in columns.header" :key="i" class="border-t rule">
            <th scope="row" class="pr-4 text-left">
              {{ header }}
            </th>
            <td class="pr-4 figures">
              {{ columns.rows[0]?.[i] }}
            </td>
            <td class="pr-2">
              <ChoiceField v-model="holds[i]" quiet :label="`What ${header} holds`" :items="HOLDS" />
            </td>
            <td>
              <ChoiceField
                v-if="holds[i]"
                v-model="unit[i]"
                quiet
                :label="`Unit of ${header}`"
                :items="unitsFor(holds[i]!).map(u => ({ value: u, label: unitLabel(u) || u }))"
              />
            </td>
          </tr>
        </tbody>
      </table>
      <p v-for="line in result.faults.slice(0, 5)" :key="line" class="fault" role="alert">
        {{ line }}
      </p>
      <p class="soft" role="status">
        {{ result.faults.length > 5 ? `…and ${result.faults.length - 5} more. ` : ''
        }}{{
          result.faults.length ? 'Nothing is taken until the file is right.' : `${result.readings.length} readings.`
        }}
      </p>
    </template>
  </div>
</template>
