<script setup lang="ts">
/** What the forecast says of a run: how many end so, and what was measured beside what was expected. */
import { siOf, type Forecast, type OutcomeSpec, type ReadStaging, type RunDocument } from '~~/core'
import { inHundred } from './in-hundred'

const props = defineProps<{
  read: ReadStaging
  document: RunDocument
  outcome: OutcomeSpec
  forecast: Forecast | undefined
}>()
const units = useUnitsStore()
const { model } = useRuntimeConfig().public
/** What was forecast at the time, with the model of that time. */
const before = computed(() => {
  const { forecast, model } = props.document
  return forecast && { hundred: inHundred(forecast.outcomes[props.outcome.id] ?? 0), model }
})
const seen = computed(() =>
  props.read.demonstration.results
    .filter(r => props.document.seen[r.id])
    .map(r => {
      const value = siOf(props.document.seen[r.id]!, r.quantity)
      const q = props.forecast?.quantiles[r.id]
      return {
        ...r,
        seen: units.format(value, r.units, r.quantity),
        forecast: q ? `${units.format(q.p10, r.units, r.quantity)} to ${units.format(q.p90, r.units, r.quantity)}` : '',
        verdict: !q ? '' : value < q.p10 ? 'lower' : value > q.p90 ? 'higher' : 'within',
      }
    }),
)
</script>

<template>
  <h2 id="forecast-title">What the forecast says of it</h2>
  <p v-if="!forecast" class="soft">Computing…</p>
  <template v-else>
    <p class="display text-2xl my-2 figures">
      {{ inHundred(forecast.shares[outcome.id]!) }} of 100
      <span class="soft text-base font-normal"
        >stagings like this {{ outcome.id === 'nothing' ? 'show nothing' : `end so (${outcome.name})` }}</span
      >
    </p>
    <p v-if="before" class="soft text-sm figures">
      Before it was sealed it stood at {{ before.hundred }} of 100<template v-if="before.model !== model"
        >, by the model of then ({{ before.model ?? 'not noted' }}); above, today’s ({{ model }})</template
      >.
    </p>
    <ul class="figures flex flex-wrap gap-x-4">
      <li v-for="o in read.demonstration.outcomes" :key="o.id">
        <OutcomeMark :subject="read.demonstration.subject" :look="o.look" /> {{ o.name }}
        {{ inHundred(forecast.shares[o.id]!) }}
      </li>
    </ul>
    <table v-if="seen.length" class="w-full figures mt-3">
      <thead class="text-left text-sm soft">
        <tr>
          <th scope="col">measured</th>
          <th scope="col">seen</th>
          <th scope="col">forecast, P10 to P90</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in seen" :key="r.id" class="border-t rule">
          <th scope="row" class="font-normal text-left py-1">
            {{ r.name }}
          </th>
          <td>
            <b>{{ r.seen }}</b>
          </td>
          <td>
            {{ r.forecast || 'not expected to happen' }}
            <span :class="r.verdict === 'within' ? 'soft' : 'text-(--danger)'">{{ r.verdict }}</span>
          </td>
        </tr>
      </tbody>
    </table>
  </template>
</template>
