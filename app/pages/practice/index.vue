<script setup lang="ts">
/** What to practise: a staging, its course, and who has practised what. */
import {
  attemptReading,
  courseOf,
  findDemonstration,
  resolveStaging,
  type ListedStaging,
  type StoredPractice,
} from '~~/core'
import { listedWith } from '~/api/listed-with'
import { refusalOf } from '~/api/sending'

useHead({ title: 'Practice · Zealous Hush' })
useSeoMeta({ description: 'Practise a demonstration without a vessel, with what can go wrong, and a debrief.' })
const units = useUnitsStore()
const fetchDemonstrations = useDemonstrations()
const who = useWhoStore()
const route = useRoute()
const [{ data: stagings }, { data: practice, error, refresh }] = await Promise.all([
  useFetch<ListedStaging[]>('/api/stagings', listedWith(route.query.staging)),
  useFetch<StoredPractice[]>('/api/practice'),
])
const unkept = useUnkeptPractice()
onMounted(async () => {
  const { kept, refused } = await unkept.keepLeft()
  if (refused.length > 0) failure.value = `An attempt made before could not be kept: ${refused.join(' ')}`
  if (kept > 0) await refresh()
})
const choices = useStagingChoices(
  () => stagings.value,
  of => of,
  () => [String(route.query.staging ?? '')],
)
const chosen = ref(String(route.query.staging ?? ''))
const staging = computed(() => stagings.value?.find(s => s.id === chosen.value))
await fetchDemonstrations(staging.value ? [staging.value.document.demonstration] : [])
const known = ref(chosen.value)
watch(chosen, async is => {
  await fetchDemonstrations(staging.value ? [staging.value.document.demonstration] : [])
  known.value = is
})
const read = computed(() =>
  staging.value && known.value === chosen.value
    ? attemptReading(() => resolveStaging(staging.value!.document))
    : undefined,
)
const course = computed(() => (read.value?.read ? courseOf(read.value.read.demonstration, read.value.read.values) : []))

/** '' is whoever practised without a name */
const learner = ref('all')
const learners = computed(() => [
  { value: 'all', label: 'everybody' },
  ...who.people.map(p => ({ value: p.id, label: p.name })),
  { value: '', label: 'without a name' },
])
const shown = computed(() =>
  (practice.value ?? []).filter(p => learner.value === 'all' || (p.learner ?? '') === learner.value),
)
/** Attempts at an exercise by whoever is looked at: how many, how many done well. */
const tally = (exercise: string) => {
  const of = shown.value.filter(
    p => p.document.demonstration === staging.value?.document.demonstration && p.document.exercise === exercise,
  )
  return { tried: of.length, well: of.filter(p => p.document.well).length }
}
const exerciseWords = (id: string) =>
  ({ 'as-planned': 'by the plan', 'by-eye': 'by eye and ear', 'anything': 'anything may happen' })[id] ??
  `trouble: ${id.replaceAll('-', ' ')}`
const endWords = (p: StoredPractice) =>
  p.document.stopped
    ? 'stopped: it would have hurt somebody'
    : p.document.outcome === null
      ? 'ended in trouble'
      : p.document.wanted
        ? 'ended as wanted'
        : 'ended otherwise'

const failure = ref('')
const sure = ref(false)
watch(learner, () => {
  sure.value = false
})
async function take(address: string) {
  failure.value = ''
  try {
    await $fetch(address, { method: 'DELETE', body: {}, retry: 0 })
    await refresh()
  } catch (problem) {
    failure.value = refusalOf(problem).message
  }
}
const takeOne = (p: StoredPractice) => take(`/api/practice/${p.id}`)
async function takeAll() {
  if (!sure.value) {
    sure.value = true
    return
  }
  await take(`/api/people/${learner.value}/practice`)
  sure.value = false
}
const print = () => window.print()
</script>

<template>
  <div class="max-w-4xl mx-auto px-4 sm:px-6 py-6">
    <h1 class="text-3xl">Practice</h1>
    <p class="soft mb-4 no-print">
      Before anyone watches: without a vessel, in your own time. What you do decides what happens.
    </p>
    <ChoiceField
      v-model="chosen"
      class="max-w-xl no-print"
      label="What to practise"
      placeholder="choose a staging…"
      :items="choices"
    />
    <EmptyPlace v-if="stagings && !stagings.length" class="mt-4">
      Practice is of a staging, and there is none yet.
      <template #next><UButton variant="solid" to="/bench/choose">Choose a demonstration</UButton></template>
    </EmptyPlace>
    <p v-if="read?.faults" class="fault mt-3" role="alert">
      It can’t be practised: {{ read.faults.map(f => units.told(f.message)).join('; ') }}
    </p>
    <section v-if="course.length" class="mt-5 no-print" aria-label="Its course">
      <h2>{{ findDemonstration(staging!.document.demonstration)?.name }}, easy to hard</h2>
      <ol>
        <li v-for="e in course" :key="e.id" class="border-t rule py-2 flex flex-wrap items-center gap-x-4 gap-y-1">
          <span class="grow basis-72">
            <b>{{ units.told(e.words) }}</b>
            <span class="soft block">{{ units.told(e.task) }}</span>
          </span>
          <span class="figures soft">
            <template v-if="tally(e.id).tried"
              >{{ tally(e.id).well }} of {{ tally(e.id).tried }} done well
              <UIcon v-if="tally(e.id).well" name="i-lucide-check" aria-hidden="true"
            /></template>
            <template v-else>not tried yet</template>
          </span>
          <UButton :to="`/practice/${chosen}?exercise=${e.id}`" :aria-label="`Practise: ${units.told(e.words)}`"
            >Practise</UButton
          >
        </li>
      </ol>
    </section>

    <section class="mt-8" aria-label="Record of practice">
      <h2>Record of practice</h2>
      <p class="soft">
        What was practised, and when. It is no permit: the employer decides who may do it before others.
      </p>
      <div class="flex flex-wrap items-end gap-3 my-3 no-print">
        <ChoiceField v-model="learner" class="w-56" label="Whose" :items="learners" />
        <UButton icon="i-lucide-printer" @click="print">Print</UButton>
        <UButton v-if="learner !== 'all' && learner !== '' && shown.length" icon="i-lucide-trash-2" @click="takeAll">
          {{ sure ? 'Yes, take all of it away for good' : `Take away what ${who.nameOf(learner)} practised` }}
        </UButton>
      </div>
      <p v-if="error || failure" class="fault" role="alert">{{ failure || 'It can’t be read just now.' }}</p>
      <EmptyPlace v-if="practice && !shown.length">Nothing was practised yet.</EmptyPlace>
      <ul v-else>
        <li v-for="p in shown" :key="p.id" class="border-t rule py-2 flex flex-wrap gap-x-4 items-center">
          <span class="figures">{{
            units.date(p.document.practisedAt, { dateStyle: 'medium', timeStyle: 'short' })
          }}</span>
          <b>{{ p.document.title || p.document.demonstration }}</b>
          <span>{{ exerciseWords(p.document.exercise) }}</span>
          <span class="soft"
            >{{ endWords(p) }}{{ p.document.well ? ', done well' : ''
            }}{{ who.nameOf(p.learner) ? `, ${who.nameOf(p.learner)}` : '' }}</span
          >
          <UButton
            class="ml-auto no-print"
            variant="ghost"
            icon="i-lucide-trash-2"
            aria-label="Take this attempt away for good"
            @click="takeOne(p)"
          />
        </li>
      </ul>
    </section>
  </div>
</template>
