<script setup lang="ts">
import { newId } from '~/api/new-id'
import { refusalOf, sendWrite } from '~/api/sending'
import { download } from '~/files/download'
import {
  findInput,
  fromSi,
  readingsOf,
  attemptReading,
  stagingOfRun,
  type Lever,
  type QuantityInput,
  type StagingDocument,
  type StoredRun,
} from '~~/core'

const id = String(useRoute().params.id)
const units = useUnitsStore()
const fetchDemonstrations = useDemonstrations()
const who = useWhoStore()
const { data: run, error } = await useFetch<StoredRun>(`/api/runs/${id}`)
if (error.value?.status === 404) useMissing()()
await fetchDemonstrations(run.value ? [run.value.demonstration] : [])
useHead({ title: () => `${run.value?.title ?? 'Run'} · Logbook · Zealous Hush` })
useSeoMeta({ description: 'One run: forecast and outcome, what can have been off, what to change.' })

const attempted = computed(
  () => run.value && attemptReading(() => stagingOfRun(run.value!.staging, run.value!.document)),
)
const read = computed(() => attempted.value?.read)
/** The plan in the room of the day: what was used, less what the marks and measurements changed. */
const planned = computed<StagingDocument | undefined>(
  () =>
    run.value && {
      ...run.value.staging,
      inputs: {
        ...run.value.staging.inputs,
        ...Object.fromEntries(
          Object.entries(run.value.document.used).filter(
            ([input]) => read.value && findInput(read.value.demonstration, input)?.group === 'room',
          ),
        ),
      },
    },
)
const simulate = useSimulated()
const simulation = computed(() => read.value && simulate(read.value))
const readings = computed(() => (run.value ? readingsOf(run.value.document) : []))

const { forecast, found, levers, failure } = useInvestigation(run, read, planned)
const outcome = computed(() => read.value?.demonstration.outcomes.find(o => o.id === run.value!.document.outcome))
const failed = computed(() => outcome.value !== undefined && outcome.value.id !== read.value!.demonstration.wanted)
const remedies = useRemedies(read, found, levers, failed)
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
  const copyId = newId()
  try {
    await sendWrite('POST', '/api/stagings', { id: copyId, document: next }, copyId)
    await navigateTo(`/bench/${copyId}`)
  } catch (problem) {
    failure.value = refusalOf(problem).message
  } finally {
    making.value = false
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
    <template v-else-if="attempted?.faults">
      <h1 class="text-3xl">{{ run.title }}: {{ run.document.outcome }}</h1>
      <p>{{ run.document.note }}</p>
      <p class="fault mt-3" role="alert">
        It can't be worked out anew, since what was staged is no longer accepted:
        {{ attempted.faults.map(f => units.told(f.message)).join('; ') }}
      </p>
    </template>
    <template v-else-if="read && outcome && simulation">
      <h1 class="text-3xl mt-1">
        {{ run.title }}
      </h1>
      <p class="soft figures">
        {{ units.date(run.document.performedAt, { dateStyle: 'full', timeStyle: 'short' }) }},
        <template v-if="who.nameOf(run.by)">logged by {{ who.nameOf(run.by) }}, </template>
        <NuxtLink :to="`/bench/${run.stagingId}`" class="plain-link">staging</NuxtLink> version {{ run.stagingVersion
        }}<b v-if="run.document.rehearsal">, a rehearsal: nothing real</b>
      </p>
      <p v-if="failure" class="fault" role="alert">
        {{ failure }}
      </p>
      <div class="grid md:grid-cols-2 gap-8 mt-6">
        <RunSeen
          v-model:run="run"
          :read="read"
          :planned="planned!"
          :outcome="outcome"
          :simulation="simulation"
          @failure="failure = $event"
        />
        <section aria-labelledby="forecast-title" aria-live="polite">
          <RunForecast :read="read" :document="run.document" :outcome="outcome" :forecast="forecast" />
          <RunCauses
            :failed="failed"
            :outcome="units.told(outcome.name)"
            :found="found"
            :remedies="remedies.remedies.value"
          />
          <NextTime
            v-if="remedies.helpful.value.length || failed"
            :failed="failed"
            :found="found !== undefined"
            :remedies="remedies"
            :making="making"
            @make="makeNext"
          />
        </section>
      </div>
      <RunForClass :read="read" :outcome="outcome" :failed="failed" :found="found" />
      <section v-if="readings.length" aria-labelledby="readings-title" class="mt-6">
        <h2 id="readings-title">
          Readings over the trace
          <span class="soft font-normal text-base">({{ run.document.readingsFrom || 'logger' }})</span>
        </h2>
        <WhenNear
          :of="() => import('~/components/logbook/ReadingsChart.vue')"
          file="components/logbook/ReadingsChart.vue"
          :simulation="simulation"
          :readings="readings"
          line="computed from what was really used"
        />
      </section>
      <p class="mt-6">
        <UButton variant="link" @click="exportRun">Run (JSON)</UButton>
      </p>
    </template>
  </div>
</template>
