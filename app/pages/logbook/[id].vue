<script setup lang="ts">
import {
  DEFAULT_SEED,
  findInput,
  fromSi,
  observationOf,
  readStaging,
  readingsOf,
  siOf,
  stagingOfRun,
  whyInWords,
  type Forecast,
  type Investigation,
  type Lever,
  type QuantityInput,
  type RunDocument,
  type StagingDocument,
  type StoredRun,
} from '~~/core'

const id = String(useRoute().params.id)
const units = useUnitsStore()
const { data: run, error } = await useFetch<StoredRun>(`/api/runs/${id}`)
useHead({ title: () => `${run.value?.title ?? 'Run'} · Logbook · Zealous Hush` })

const read = computed(() => run.value && stagingOfRun(run.value.staging, run.value.document))
/** The plan in the room of the day: what was used, less what the marks and measurements changed. */
const planned = computed<StagingDocument | undefined>(
  () =>
    run.value && {
      ...run.value.staging,
      inputs: {
        ...run.value.staging.inputs,
        ...Object.fromEntries(
          Object.entries(run.value.document.used).filter(
            ([input]) => findInput(read.value!.demonstration, input)?.group === 'room',
          ),
        ),
      },
    },
)
const simulation = computed(() => read.value?.demonstration.simulate(read.value.values, 'trace'))
const readings = computed(() => (run.value ? readingsOf(run.value.document) : []))

const forecast = shallowRef<Forecast>()
const found = shallowRef<Investigation>()
const levers = shallowRef<Lever[]>([])
const failure = ref('')
const worker = useForecastWorker(answer => {
  if (answer.kind === 'investigate') {
    forecast.value = answer.forecast
    found.value = answer.investigation
    levers.value = answer.levers
  } else if (answer.kind === 'failed') failure.value = answer.message
})
const past = useTaught(() => planned.value)
watch(
  past.ready,
  ready => {
    if (!ready || !run.value || !read.value) return
    const measured = Object.keys(run.value.document.used).filter(
      input => findInput(read.value!.demonstration, input)?.group !== 'room',
    )
    worker.ask({
      kind: 'investigate',
      document: { ...planned.value!, title: '' },
      used: { ...run.value.staging, title: '', inputs: { ...run.value.staging.inputs, ...run.value.document.used } },
      measured,
      seen: observationOf(read.value, run.value.document),
      seed: DEFAULT_SEED,
      taught: past.taught.value,
      units: units.system,
    })
  },
  { immediate: true },
)

const outcome = computed(() => read.value?.demonstration.outcomes.find(o => o.id === run.value!.document.outcome))
const failed = computed(() => outcome.value && outcome.value.id !== read.value!.demonstration.wanted)
const hundred = (share: number) => (share > 0 && share < 0.005 ? 'fewer than 1' : String(Math.round(share * 100)))
const seen = computed(() =>
  read.value
    ? read.value.demonstration.results
        .filter(r => run.value!.document.seen[r.id])
        .map(r => {
          const value = siOf(run.value!.document.seen[r.id]!, r.quantity)
          const q = forecast.value?.quantiles[r.id]
          return {
            ...r,
            seen: units.format(value, r.units, r.quantity),
            forecast: q
              ? `${units.format(q.p10, r.units, r.quantity)} to ${units.format(q.p90, r.units, r.quantity)}`
              : '',
            verdict: !q ? '' : value < q.p10 ? 'lower' : value > q.p90 ? 'higher' : 'within',
          }
        })
    : [],
)
const used = computed(() =>
  read.value
    ? Object.keys(run.value!.document.used).map(input => {
        const spec = findInput(read.value!.demonstration, input)
        if (spec?.kind !== 'quantity')
          return { id: input, name: spec?.name ?? input, words: String(run.value!.document.used[input]), plan: '' }
        const before = readStaging(planned.value!).values.numbers[input]
        const words = units.format(read.value!.values.numbers[input]!, spec.units, spec.quantity)
        const plan =
          before === undefined || spec.group === 'room' ? '' : units.format(before, spec.units, spec.quantity)
        return { id: input, name: spec.name, words, plan: plan === words ? '' : plan }
      })
    : [],
)
/** Odds that count as a change worth making after a failure. */
const NOTABLE = 0.05
const why = computed(() => (found.value && outcome.value ? whyInWords(found.value, outcome.value.name) : []))
const remedies = computed(() => (found.value?.causes ?? []).filter(c => c.remedy && c.share >= 0.15).slice(0, 3))
/**
 * What was found to be off, put right: its odds before and after. Without a cause that stands out nothing is
 * promised of one.
 */
const mends = computed(() =>
  !failed.value || !found.value?.canTell
    ? []
    : remedies.value
        .filter(c => c.mended >= c.again + NOTABLE)
        .map(c => ({ ...c, odds: `${hundred(c.again)} → ${hundred(c.mended)} of 100` })),
)
/** Where the cause is known, what belongs to it; a lever that moves a few in a hundred is no answer to a fault. */
const onCause = computed(
  () =>
    new Set(mends.value.flatMap(c => read.value!.demonstration.suspects?.find(s => s.id === c.id)?.inputs ?? [c.id])),
)
/** Levers that raise the odds notably; each can become the next staging. */
const helpful = computed(() =>
  levers.value
    .filter(
      l =>
        l.after > l.before + (failed.value ? NOTABLE : 0.01) ||
        (l.after > l.before + 0.01 && onCause.value.has(l.input)),
    )
    .slice(0, 4)
    .map(lever => {
      const input = findInput(read.value!.demonstration, lever.input)!
      const words = (x: number | string) =>
        input.kind === 'choice'
          ? (input.choices.find(c => c.id === x)?.name ?? String(x))
          : units.format(x as number, input.units, input.quantity)
      return {
        ...lever,
        words: `${input.name}: ${words(lever.from)} → ${words(lever.to)}`,
        odds: `${hundred(lever.before)} → ${hundred(lever.after)} of 100`,
      }
    }),
)

const making = ref(false)
async function makeNext(lever?: Lever) {
  if (!run.value || making.value) return
  making.value = true
  failure.value = ''
  const next: StagingDocument = {
    ...structuredClone(toRaw(run.value.staging)),
    title: `${run.value.staging.title || run.value.title} (next)`.slice(0, 200),
  }
  if (lever) {
    const input = findInput(read.value!.demonstration, lever.input)!
    if (input.kind === 'choice') next.inputs[lever.input] = lever.to as string
    else
      next.inputs[lever.input] = {
        value: Number(fromSi(lever.to as number, (input as QuantityInput).units[0], input.quantity).toPrecision(6)),
        unit: input.units[0],
      }
  }
  const newId = crypto.randomUUID()
  try {
    await sendWrite('POST', '/api/stagings', { id: newId, document: next }, newId)
    await navigateTo(`/bench/${newId}`)
  } catch (problem) {
    failure.value = refusalOf(problem).message
  } finally {
    making.value = false
  }
}
const MARK_NAMES = {
  'heat-on': 'heat on',
  'plume': 'plume',
  'lifted': 'off the heat',
  'sealed': 'sealed',
  'gone': 'gone',
  'nothing': 'nothing',
} as const
const marks = computed(() => {
  const { marks: list = [], speed = 1 } = run.value?.document ?? ({} as RunDocument)
  const zero = list[0] ? Date.parse(list[0].at) : 0
  return list.map(m => ({ name: MARK_NAMES[m.kind], at: countWords((Date.parse(m.at) - zero) * speed, true) }))
})
const votes = computed(() =>
  run.value?.document.vote && read.value
    ? read.value.demonstration.outcomes.map(o => ({ ...o, count: run.value!.document.vote![o.id] ?? 0 }))
    : [],
)
async function photo(event: Event) {
  const field = event.target as HTMLInputElement
  const file = field.files?.[0]
  field.value = ''
  failure.value = ''
  if (!file) return
  try {
    run.value = await $fetch<StoredRun>(`/api/runs/${id}/photo`, {
      method: 'PUT',
      body: { photo: await photoFromFile(file) },
    })
  } catch (problem) {
    failure.value = problem instanceof Error && !('status' in problem) ? problem.message : refusalOf(problem).message
  }
}
const exportRun = () =>
  download(
    `run-${run.value!.document.performedAt.slice(0, 10)}.json`,
    JSON.stringify(run.value!.document, null, 2),
    'application/json',
  )
</script>

<template>
  <div class="max-w-5xl mx-auto px-4 sm:px-6 py-6">
    <p><NuxtLink to="/logbook" class="plain-link">Logbook</NuxtLink></p>
    <p v-if="error || !run" class="fault mt-3" role="alert">There is no such run, or it can't be read just now.</p>
    <template v-else-if="read && outcome && simulation">
      <h1 class="text-3xl mt-1">
        {{ run.title }}
      </h1>
      <p class="soft figures">
        {{ units.date(run.document.performedAt, { dateStyle: 'full', timeStyle: 'short' }) }},
        <NuxtLink :to="`/bench/${run.stagingId}`" class="plain-link">staging</NuxtLink> version {{ run.stagingVersion
        }}<b v-if="run.document.rehearsal">, a rehearsal: nothing real</b>
      </p>
      <p v-if="failure" class="fault" role="alert">
        {{ failure }}
      </p>
      <div class="grid md:grid-cols-2 gap-8 mt-6">
        <div class="grid gap-5 content-start">
          <section aria-labelledby="seen-title">
            <h2 id="seen-title">What happened</h2>
            <p class="display text-2xl my-2 flex gap-2 items-center">
              <OutcomeMark :look="outcome.look" class="!h-9" />
              <span
                >Seen: <span data-testid="outcome">{{ outcome.name }}</span></span
              >
            </p>
            <p>{{ outcome.sentence }}</p>
            <blockquote v-if="run.document.note" class="border-l-2 border-(--gap) pl-3 my-3">
              {{ run.document.note }}
            </blockquote>
            <figure v-if="run.photo" class="my-3">
              <img :src="`/api/runs/${id}/photo?at=${run.photo}`" alt="Photo of this run" class="max-h-64 rounded-md" />
            </figure>
            <label class="plain-link text-sm"
              >{{ run.photo ? 'Another photo' : 'Add a photo'
              }}<input type="file" accept="image/*" class="sr-only" @change="photo"
            /></label>
          </section>
          <section v-if="marks.length" aria-labelledby="marks-title">
            <h2 id="marks-title">Marks</h2>
            <ol class="figures flex flex-wrap gap-x-5" data-testid="run-marks">
              <li v-for="(m, i) in marks" :key="i">
                <b>{{ m.at }}</b> <span class="soft">{{ m.name }}</span>
              </li>
            </ol>
          </section>
          <section v-if="used.length" aria-labelledby="used-title">
            <h2 id="used-title">Really used</h2>
            <dl class="grid grid-cols-[1fr_auto] gap-x-4 figures">
              <template v-for="u in used" :key="u.id">
                <dt class="soft">
                  {{ u.name }}
                </dt>
                <dd>
                  {{ u.words }} <span v-if="u.plan" class="soft">(planned {{ u.plan }})</span>
                </dd>
              </template>
            </dl>
          </section>
          <section v-if="votes.length" aria-labelledby="vote-title" data-testid="run-vote">
            <h2 id="vote-title">What the room expected</h2>
            <ul class="figures">
              <li v-for="o in votes" :key="o.id">
                <b>{{ o.count }}</b> {{ o.name }}<span v-if="o.id === outcome.id" class="soft"> (it happened)</span>
              </li>
            </ul>
          </section>
        </div>
        <section aria-labelledby="forecast-title" aria-live="polite">
          <h2 id="forecast-title">What the forecast says of it</h2>
          <p v-if="!forecast" class="soft">Computing…</p>
          <template v-else>
            <p class="display text-2xl my-2 figures">
              {{ hundred(forecast.shares[outcome.id]!) }} of 100
              <span class="soft text-base font-normal"
                >stagings like this {{ outcome.id === 'nothing' ? 'show nothing' : `end so (${outcome.name})` }}</span
              >
            </p>
            <ul class="figures flex flex-wrap gap-x-4">
              <li v-for="o in read.demonstration.outcomes" :key="o.id">
                <OutcomeMark :look="o.look" /> {{ o.name }} {{ hundred(forecast.shares[o.id]!) }}
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
          <template v-if="failed">
            <h2 class="mt-5">Why</h2>
            <p v-if="!found" class="soft">Weighing what can have been off…</p>
            <div v-else data-testid="why">
              <p v-for="line in why" :key="line" class="text-lg">
                {{ line }}
              </p>
              <ul v-if="remedies.length" class="list-disc pl-5 mt-1">
                <li v-for="c in remedies" :key="c.id">
                  {{ c.remedy }}
                </li>
              </ul>
              <p class="text-sm soft mt-2">
                Computed stagings, as planned and with one thing off, weighed by how well each matches what was seen; of
                those that match, which single thing put right brings the wanted end. That one run in ten has something
                off is an assumption.
              </p>
            </div>
          </template>
          <template v-else-if="forecast && found">
            <h2 class="mt-5">What it tells</h2>
            <p>It ended as wanted. What was measured narrows what is not well known for the next forecast.</p>
          </template>
          <section v-if="helpful.length || failed" aria-labelledby="next-title" class="mt-5" data-testid="next">
            <h2 id="next-title">Next time</h2>
            <ul v-if="mends.length" data-testid="mends">
              <li v-for="c in mends" :key="c.id" class="border-t rule py-1 flex flex-wrap gap-x-3 items-baseline">
                <span class="grow"
                  >{{ c.remedy[0]!.toUpperCase() + c.remedy.slice(1) }}
                  <b class="figures whitespace-nowrap">{{ c.odds }}</b></span
                >
              </li>
            </ul>
            <ul>
              <li
                v-for="l in helpful"
                :key="l.input + l.to"
                class="border-t rule py-1 flex flex-wrap gap-x-3 items-baseline"
              >
                <span class="grow"
                  >{{ l.words }} <b class="figures whitespace-nowrap">{{ l.odds }}</b></span
                >
                <button class="quiet-button" :disabled="making" @click="makeNext(l)">Make it the next staging</button>
              </li>
            </ul>
            <p v-if="found && !helpful.length && !mends.length" class="soft">
              No single change at the bench raises the odds of the plan notably; do it again as planned.
            </p>
            <button v-if="found" class="quiet-button mt-2" :disabled="making" @click="makeNext()">
              Same plan again as the next staging
            </button>
          </section>
        </section>
      </div>
      <section v-if="readings.length" aria-labelledby="readings-title" class="mt-6">
        <h2 id="readings-title">
          Readings over the trace
          <span class="soft font-normal text-base">({{ run.document.readingsFrom || 'logger' }})</span>
        </h2>
        <ReadingsChart :simulation="simulation" :readings="readings" line="computed from what was really used" />
      </section>
      <p class="mt-6">
        <button class="plain-link" @click="exportRun">Run (JSON)</button>
      </p>
    </template>
  </div>
</template>
