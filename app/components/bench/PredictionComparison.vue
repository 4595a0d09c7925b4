<script setup lang="ts">
/** A prediction saved earlier beside what is predicted now. */
import { predictionSchema, type Demonstration, type Forecast, type PredictionDocument, type Traced } from '~~/core'

const props = defineProps<{ demonstration: Demonstration; simulation: Traced; forecast?: Forecast }>()
const units = useUnitsStore()
const earlier = shallowRef<PredictionDocument>()
const name = ref('')
const problem = ref('')

async function read(file: File) {
  problem.value = ''
  try {
    const parsed = predictionSchema.safeParse(JSON.parse(await file.text()))
    if (!parsed.success)
      problem.value = `${file.name}: ${parsed.error.issues
        .slice(0, 3)
        .map(i => `${i.path.join('.') || 'document'}: ${i.message}`)
        .join('; ')}`
    else if (parsed.data.demonstration !== props.demonstration.id)
      problem.value =
        `${file.name}: given a prediction of ${parsed.data.demonstration}; ` +
        `accepted: one of ${props.demonstration.id}`
    else {
      earlier.value = parsed.data
      name.value = file.name
    }
  } catch {
    problem.value = `${file.name} is not a prediction document: it is not JSON.`
  }
}
const rows = computed(() => {
  const then = earlier.value
  if (!then) return []
  const results = props.demonstration.results.flatMap(r => {
    const words = (value?: number) => (value === undefined ? 'none' : units.format(value, r.units, r.quantity))
    const [a, b] = [words(then.results[r.id]?.value), words(props.simulation.results[r.id])]
    return a === b ? [] : [{ name: r.name, then: a, now: b }]
  })
  const odds =
    then.forecast && props.forecast
      ? props.demonstration.outcomes
          .map(o => ({
            name: `${o.name}, of 100`,
            then: String(Math.round((then.forecast!.outcomes[o.id] ?? 0) * 100)),
            now: String(Math.round((props.forecast!.shares[o.id] ?? 0) * 100)),
          }))
          .filter(o => o.then !== o.now)
      : []
  return [...odds, ...results]
})
</script>

<template>
  <div>
    <FileButton :label="$t('Set a saved prediction beside this')" accept="application/json,.json" @file="read" />
    <p v-if="problem" class="fault" role="alert">
      {{ problem }}
    </p>
    <template v-if="earlier">
      <table v-if="rows.length" class="w-full figures mt-2">
        <caption class="text-left text-sm soft">
          {{ $t('{name} against now; what is the same is left out', { name }) }}
        </caption>
        <thead class="text-left text-sm soft">
          <tr>
            <th scope="col">
              {{ $t('what') }}
            </th>
            <th scope="col">
              {{ $t('then') }}
            </th>
            <th scope="col">
              {{ $t('now') }}
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.name" class="border-t rule">
            <th scope="row" class="text-left font-normal">
              {{ row.name }}
            </th>
            <td>{{ row.then }}</td>
            <td>
              <b>{{ row.now }}</b>
            </td>
          </tr>
        </tbody>
      </table>
      <p v-else class="soft mt-2">
        {{ $t('{name} says the same as now.', { name }) }}
      </p>
    </template>
  </div>
</template>
