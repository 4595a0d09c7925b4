<script setup lang="ts">
import { StagingSample, diagnose, observationOf, siOf, stagingOfRun, summarise, findInput, type Diagnosis, type Forecast, type QuantityInput, type RunDocument, type StagingDocument } from '~~/core'

interface StoredRun { id: string, stagingId: string, stagingVersion: number, title: string, document: RunDocument, staging: StagingDocument }
const route = useRoute()
const units = useUnitsStore()
const { data: run, error } = await useFetch<StoredRun>(`/api/runs/${String(route.params.id)}`)
useHead({ title: () => `${run.value?.title ?? 'Run'} · Logbook · Zealous Hush` })

const read = computed(() => run.value && stagingOfRun(run.value.staging, run.value.document))
const forecast = shallowRef<Forecast>()
const diagnosis = shallowRef<Diagnosis>()
// A forecast of what was really done, in slices so that the page stays alive.
onMounted(async () => {
  if (!read.value || !run.value) return
  const sample = new StagingSample(read.value.demonstration, read.value.given)
  while (!sample.advance(60)) await new Promise(resolve => setTimeout(resolve))
  forecast.value = summarise(sample)
  diagnosis.value = diagnose(sample, observationOf(read.value, run.value.document))
})
const outcome = computed(() => read.value?.demonstration.outcomes.find(o => o.id === run.value!.document.outcome))
const hundred = (share: number) => share > 0 && share < 0.005 ? 'fewer than 1' : String(Math.round(share * 100))
const seen = computed(() => read.value
  ? read.value.demonstration.results.filter(r => run.value!.document.seen[r.id]).map((r) => {
      const value = siOf(run.value!.document.seen[r.id]!, r.quantity)
      const q = forecast.value?.quantiles[r.id]
      return {
        ...r, seen: units.format(value, r.units, r.quantity), forecast: q ? `${units.format(q.p10, r.units, r.quantity)} to ${units.format(q.p90, r.units, r.quantity)}` : '',
        verdict: !q ? '' : value < q.p10 ? 'lower' : value > q.p90 ? 'higher' : 'within',
      }
    })
  : [])
const used = computed(() => read.value
  ? Object.keys(run.value!.document.used).map((id) => {
      const input = findInput(read.value!.demonstration, id)
      if (input?.kind !== 'quantity') return { id, name: id, words: String(run.value!.document.used[id]) }
      return { id, name: input.name, words: units.format(read.value!.values.numbers[id]!, input.units, input.quantity) }
    })
  : [])
const causes = computed(() => (diagnosis.value?.causes ?? []).slice(0, 4).map((cause) => {
  const input = findInput(read.value!.demonstration, cause.input) as QuantityInput
  const words = (si: number) => units.format(si, input.units, input.quantity)
  return { ...cause, sentence: `${input.name}: more likely ${cause.shift > 0 ? 'above' : 'below'} what was planned (${words(cause.before)} before, ${words(cause.after)} after)` }
}))
const exportRun = () => download(`run-${run.value!.document.performedAt.slice(0, 10)}.json`, JSON.stringify(run.value!.document, null, 2), 'application/json')
</script>

<template>
  <div class="max-w-4xl mx-auto px-4 sm:px-6 py-6">
    <p><NuxtLink to="/logbook" class="plain-link">Logbook</NuxtLink></p>
    <p v-if="error || !run" class="fault mt-3" role="alert">
      There is no such run, or it can't be read just now.
    </p>
    <template v-else-if="read && outcome">
      <h1 class="text-3xl mt-1">
        {{ run.title }}
      </h1>
      <p class="soft figures">
        {{ new Date(run.document.performedAt).toLocaleString('en-GB', { dateStyle: 'full', timeStyle: 'short' }) }},
        <NuxtLink :to="`/bench/${run.stagingId}`" class="plain-link">staging</NuxtLink> version {{ run.stagingVersion }}
      </p>
      <div class="grid md:grid-cols-2 gap-8 mt-6">
        <section aria-labelledby="seen-title">
          <h2 id="seen-title">
            What happened
          </h2>
          <p class="display text-2xl my-2 flex gap-2 items-center">
            <OutcomeMark :look="outcome.look" class="!h-9" /> <span>Seen: <span data-testid="outcome">{{ outcome.name }}</span></span>
          </p>
          <p>{{ outcome.sentence }}</p>
          <blockquote v-if="run.document.note" class="border-l-2 border-(--gap) pl-3 my-3">
            {{ run.document.note }}
          </blockquote>
          <template v-if="used.length">
            <h3 class="mt-3">
              Really used
            </h3>
            <dl class="grid grid-cols-[1fr_auto] gap-x-4 figures">
              <template v-for="u in used" :key="u.id">
                <dt class="soft">
                  {{ u.name }}
                </dt><dd>{{ u.words }}</dd>
              </template>
            </dl>
          </template>
        </section>
        <section aria-labelledby="forecast-title" aria-live="polite">
          <h2 id="forecast-title">
            What the forecast says of it
          </h2>
          <p v-if="!forecast" class="soft">
            Computing…
          </p>
          <template v-else>
            <p class="display text-2xl my-2 figures">
              {{ hundred(forecast.shares[outcome.id]!) }} of 100 <span class="soft text-base font-normal">stagings like this {{ outcome.id === 'nothing' ? 'show nothing' : `end so (${outcome.name})` }}</span>
            </p>
            <ul class="figures flex flex-wrap gap-x-4">
              <li v-for="o in read.demonstration.outcomes" :key="o.id">
                <OutcomeMark :look="o.look" /> {{ o.name }} {{ hundred(forecast.shares[o.id]!) }}
              </li>
            </ul>
            <table v-if="seen.length" class="w-full figures mt-3">
              <thead class="text-left text-sm soft">
                <tr><th scope="col">measured</th><th scope="col">seen</th><th scope="col">forecast, P10 to P90</th></tr>
              </thead>
              <tbody>
                <tr v-for="r in seen" :key="r.id" class="border-t rule">
                  <th scope="row" class="font-normal text-left py-1">
                    {{ r.name }}
                  </th><td><b>{{ r.seen }}</b></td><td>{{ r.forecast || 'not expected to happen' }} <span :class="r.verdict === 'within' ? 'soft' : 'text-(--danger)'">{{ r.verdict }}</span></td>
                </tr>
              </tbody>
            </table>
            <h2 class="mt-5">
              What it tells
            </h2>
            <ul v-if="diagnosis?.canTell" class="list-disc pl-5">
              <li v-for="cause in causes" :key="cause.input">
                {{ cause.sentence }}
              </li>
            </ul>
            <p v-else class="soft">
              {{ (diagnosis?.effective ?? 0) < 0.006 ? 'Almost no computed staging looks like this one: something happened that the plan does not hold, or a reading is off.' : 'What was seen fits the plan; it does not point to any one cause.' }}
            </p>
            <p class="text-sm soft mt-2">
              The same 2000 computed stagings, weighed by how well each matches what was seen.
            </p>
          </template>
        </section>
      </div>
      <p class="mt-6">
        <button class="plain-link" @click="exportRun">
          Run (JSON)
        </button>
      </p>
    </template>
  </div>
</template>
