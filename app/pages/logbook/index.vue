<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { refusalOf } from '~/api/sending'
import type { CsvFault, FoundRuns, StoredRun } from '~~/core'
const units = useUnitsStore()
const who = useWhoStore()
const { of: listedOf } = await useCatalogue()
useHead({ title: 'Logbook · Zealous Hush' })
useSeoMeta({ description: 'What was run, how it ended, and what it taught.' })
/** Runs that come at once; more as one asks for them. */
const PAGE = 30
const outcomeOf = (run: StoredRun) => listedOf(run.demonstration)?.outcomes.find(o => o.id === run.document.outcome)
const outcomeName = (run: StoredRun) => outcomeOf(run)?.name ?? run.document.outcome
const wanted = (run: StoredRun) => listedOf(run.demonstration)?.wanted === run.document.outcome
const day = (iso: string) => units.date(iso, { weekday: 'short', day: 'numeric', month: 'long', year: 'numeric' })
const clock = (iso: string) => units.date(iso, { hour: '2-digit', minute: '2-digit' })
const search = ref('')
const demonstration = ref('')
const ending = ref<'' | 'wanted' | 'other' | 'rehearsal'>('')
const ENDINGS: { value: typeof ending.value; label: string }[] = [
  { value: '', label: 'any way' },
  { value: 'wanted', label: 'as wanted' },
  { value: 'other', label: 'otherwise' },
  { value: 'rehearsal', label: 'rehearsals' },
]
const archived = ref(false)
const onlyMine = ref(false)
const calm = refDebounced(search, 10)
const pages = ref(1)
watch([calm, demonstration, ending, archived, onlyMine], () => {
  pages.value = 1
})
const query = computed(() => ({
  limit: Math.min(200, PAGE * pages.value),
  ...(calm.value && { search: calm.value }),
  ...(demonstration.value && { demonstration: demonstration.value }),
  ...(ending.value && { ended: ending.value }),
  ...(archived.value && { archived: 'true' }),
  ...(onlyMine.value && who.mine && { by: who.mine }),
}))
const { data: found, error, refresh } = await useFetch<FoundRuns>('/api/runs', { query, lazy: true })
/** What is past the first two hundred, fetched as one asks for it. */
const further = shallowRef<StoredRun[]>([])
watch(found, () => {
  further.value = []
})
const shown = computed(() => [...(found.value?.runs ?? []), ...further.value])
const isMore = computed(() => found.value !== undefined && shown.value.length < found.value.found)
async function more() {
  if (PAGE * pages.value < 200) return void pages.value++
  try {
    const next = await $fetch<FoundRuns>('/api/runs', {
      query: { ...query.value, limit: PAGE, offset: shown.value.length },
    })
    further.value = [...further.value, ...next.runs]
  } catch (problem) {
    failure.value = refusalOf(problem).message
  }
}
const none = computed(() => found.value !== undefined && found.value.demonstrations.length === 0)
const tally = computed(() =>
  found.value?.real ? `${found.value.real} runs; ${found.value.wanted} ended as wanted.` : '',
)
const demonstrations = computed(() => [
  { value: '', label: 'all' },
  ...(found.value?.demonstrations ?? [])
    .map(id => listedOf(id))
    .filter(d => d !== undefined)
    .map(d => ({ value: d.id, label: d.name })),
])

function showAll() {
  search.value = demonstration.value = ending.value = ''
  archived.value = onlyMine.value = false
}
const failure = ref('')
const faults = ref<CsvFault[]>([])
const taken = ref('')
/** Fetched as somebody asks for it: what reads and writes tables and documents. */
const files = () => import('~/runs/logbook-file')
async function exportAll(kind: 'json' | 'csv') {
  failure.value = ''
  try {
    const { downloadLogbook } = await files()
    await downloadLogbook(kind)
  } catch (problem) {
    failure.value = refusalOf(problem).message
  }
}
async function importFile(file: File) {
  failure.value = taken.value = ''
  faults.value = []
  try {
    const { takeLogbook } = await files()
    const read = await takeLogbook(file, units.told)
    faults.value = read.faults ?? []
    failure.value = read.failure ?? ''
    taken.value = read.taken ?? ''
    if (read.taken) await refresh()
  } catch (problem) {
    failure.value = refusalOf(problem).message
  }
}
</script>

<template>
  <div class="max-w-4xl mx-auto px-4 sm:px-6 py-6">
    <h1 class="text-3xl">Logbook</h1>
    <p class="soft mb-4">What happened, and why? <span class="figures">{{ tally }}</span></p>
    <p v-if="error" class="fault" role="alert">
      The runs can't be read just now. <UButton variant="link" @click="refresh()">Try again</UButton>
    </p>
    <div class="flex flex-wrap gap-x-4 gap-y-2 items-end mb-3">
      <label class="grid text-sm"
        >Search<InTurn><UInput v-model="search" type="search" placeholder="title, note, month" /></InTurn
      ></label>
      <InTurn
        ><ChoiceField v-model="demonstration" class="w-56" label="Demonstration" :items="demonstrations"
      /></InTurn>
      <InTurn><ChoiceField v-model="ending" class="w-36" label="Ended" :items="ENDINGS" /></InTurn>
      <InTurn><OnlyMine v-model="onlyMine" class="pb-1" /></InTurn>
      <InTurn><UCheckbox v-model="archived" class="pb-1" label="archived" /></InTurn>
      <NuxtLink class="plain-link pb-1" to="/logbook/record"> How good are the forecasts? </NuxtLink>
    </div>
    <div class="flex flex-wrap gap-3 text-sm mb-3">
      <InTurn><UButton variant="link" @click="exportAll('json')">Whole logbook (JSON)</UButton></InTurn>
      <InTurn><UButton variant="link" @click="exportAll('csv')">As a table (CSV)</UButton></InTurn>
      <InTurn
        ><FileButton label="Read runs from a file" accept=".json,.csv,application/json,text/csv" @file="importFile"
      /></InTurn>
      <NuxtLink class="plain-link" to="/backup">Back up everything</NuxtLink>
      <span role="status">{{ taken }}</span>
    </div>
    <p v-if="failure" class="fault" role="alert">
      {{ failure }}
    </p>
    <ul v-if="faults.length" class="fault" role="alert">
      <li>Nothing was taken; put these right and read the file again:</li>
      <li v-for="(f, i) in faults.slice(0, 12)" :key="i">Line {{ f.line }}, {{ f.column }}: {{ f.message }}</li>
    </ul>
    <EmptyPlace v-if="none">
      No run is logged yet. Open a staging on the Bench and choose “Log a run” once it has been performed; or go on
      stage with it, and it is logged as you go. Runs teach the forecasts.
      <template #next>
        <UButton variant="solid" to="/bench">To the Bench</UButton>
        <UButton to="/live">Go on stage</UButton>
      </template>
    </EmptyPlace>
    <p v-else-if="found && !shown.length" class="border-y rule py-6 text-center">
      No run fits this search.
      <UButton variant="link" @click="showAll">Show all</UButton>
    </p>
    <ol v-else class="border-y rule divide-y divide-(--hairline)">
      <InTurn v-for="run in shown" :key="run.id">
        <li class="flex items-center">
          <NuxtLink
            :to="`/logbook/${run.id}`"
            class="flex-1 grid grid-cols-[2.2rem_1fr_auto] gap-x-3 py-3 px-1 hover:bg-(--gap-wash)"
          >
            <OutcomeMark
              v-if="outcomeOf(run)"
              :subject="listedOf(run.demonstration)!.subject"
              :look="outcomeOf(run)!.look"
              class="row-span-2 !h-9 self-center justify-self-center"
            />
            <span class="display text-lg"
              >{{ run.title }}
              <span class="font-normal" :class="wanted(run) ? '' : 'text-(--danger)'">{{ outcomeName(run) }}</span>
              <span v-if="run.document.rehearsal" class="soft text-sm font-normal">rehearsal</span></span
            >
            <span class="soft text-sm text-right figures"
              >{{ day(run.document.performedAt) }}, {{ clock(run.document.performedAt)
              }}<template v-if="who.nameOf(run.by)">, {{ who.nameOf(run.by) }}</template></span
            >
            <span class="soft col-span-2">{{ run.document.note }}</span>
          </NuxtLink>
          <PutAwayButtons
            kind="runs"
            :record="{ id: run.id, title: run.title, archived: run.archived }"
            :refresh="refresh"
          />
        </li>
      </InTurn>
    </ol>
    <p v-if="isMore" class="my-3">
      <UButton variant="outline" @click="more">Show more</UButton>
      <span class="soft ml-3">{{ shown.length }} of {{ found!.found }}</span>
    </p>
  </div>
</template>
