<script setup lang="ts">
/** A staging practised without a vessel: the exercise, the bench, the debrief. */
import { refusalOf } from '~/api/sending'
import type { PracticeWrite } from '~/composables/useUnkeptPractice'
import {
  gatesOf,
  attemptReading,
  cautionsOf,
  courseOf,
  findDemonstration,
  countWords,
  forecastKey,
  practiceSchema,
  resolveStaging,
  riskOfForecast,
  settingOf,
  stepWords,
  withRoom,
  type Debrief,
  type FirstOdds,
  type Investigation,
  type StoredStaging,
  type Traced,
} from '~~/core'

const route = useRoute()
const id = String(route.params.id)
const units = useUnitsStore()
const fetchDemonstrations = useDemonstrations()
const who = useWhoStore()
const room = useRoomStore()
const [{ data: staging, error }, { data: odds }] = await Promise.all([
  useFetch<StoredStaging>(`/api/stagings/${id}`),
  useFetch<FirstOdds>(`/api/stagings/${id}/odds`),
  useSchoolStore().load(),
])
if (error.value?.status === 404) useMissing()()
await fetchDemonstrations(staging.value ? [staging.value.document.demonstration] : [])
if (!room.loaded) await room.load()

const demonstration = computed(() => staging.value && findDemonstration(staging.value.document.demonstration))
const title = computed(() => staging.value?.document.title || demonstration.value?.name || 'Practice')
useHead({ title: () => `${title.value} · Practice · Zealous Hush` })
useSeoMeta({ description: 'Practise it without a vessel: what you do decides what happens, and a debrief tells why.' })

const document = computed(
  () => staging.value && demonstration.value && withRoom(staging.value.document, room.document, demonstration.value),
)
const attempted = computed(() => document.value && attemptReading(() => resolveStaging(document.value!)))
const read = computed(() => attempted.value?.read)
const course = computed(() => (read.value ? courseOf(read.value.demonstration, read.value.values) : []))
const exercise = computed(() => course.value.find(e => e.id === route.query.exercise) ?? course.value[0])
/** Another draw with every attempt; none is drawn on the server, which does not practise. */
const seed = ref(0)
const setting = computed(() =>
  read.value && exercise.value && seed.value > 0
    ? settingOf(read.value.demonstration, read.value.given, exercise.value, seed.value)
    : undefined,
)
const MOST_SEEDS = 2 ** 31 - 1
function again() {
  underWay.anew()
  debrief.value = logbook.value = undefined
  kept.value = ''
  seed.value = 1 + Math.floor(Math.random() * (MOST_SEEDS - 1))
}
watch(exercise, () => again())

const attempt = usePracticeAttempt(setting)
const { now, speed, state, scene, senses, instruments, seen, asked, inHand, sealed, answered, done } = attempt

// --- an attempt goes on after a reload --------------------------------------------------------------
const underWay = useAttemptUnderWay()
const practised = () => forecastKey(document.value!)
onMounted(async () => {
  const left = document.value && exercise.value && underWay.left(practised(), exercise.value.id)
  if (!left) return again()
  seed.value = left.seed
  learner.value = left.learner ?? ''
  await nextTick()
  attempt.restore(left)
})
watch([done, () => Math.floor(now.value), state], () => {
  if (state.value === 'ready' || state.value === 'left' || debrief.value) return
  underWay.remember({
    of: practised(),
    exercise: exercise.value!.id,
    seed: seed.value,
    learner: learner.value || null,
    acts: [...done.value],
    now: now.value,
    over: state.value === 'over',
  })
})

/** By the draws where there are some, as on the Bench; else by the one run that is stated. */
const cautions = computed(() => {
  if (!read.value) return []
  const { demonstration, values } = read.value
  const risk = odds.value?.forecast && riskOfForecast(odds.value.forecast)
  return cautionsOf(demonstration, values, demonstration.simulate(values, 'summary'), risk)
})
const steps = computed(() =>
  read.value
    ? read.value.demonstration.procedure.map(step => ({
        id: step.id,
        words: stepWords(read.value!.demonstration, step, read.value!.values, units.reader),
        gates: gatesOf(read.value!.demonstration, read.value!.values).filter(g => g.step === step.id),
        cautions: cautions.value.filter(c => c.step === step.id),
      }))
    : [],
)
const clock = computed(() => countWords(1000 * now.value))

// --- the debrief, and the record of it ------------------------------------------------------------
const debrief = shallowRef<Debrief>()
const logbook = shallowRef<Investigation>()
const failure = ref('')
const kept = ref('')
const learner = ref<string>()
onMounted(() => {
  learner.value ??= who.mine ?? ''
})
const worker = useForecastWorker(answer => {
  if (answer.kind === 'debrief') {
    debrief.value = answer.debrief
    logbook.value = answer.logbook
    write = writeOf(answer.debrief)
    // From here on it is with those that are not kept yet.
    void keep().then(underWay.forget)
  } else if (answer.kind === 'failed') failure.value = answer.message
})
watch(state, is => {
  if (is !== 'over' || !document.value || !exercise.value) return
  worker.ask({
    kind: 'debrief',
    document: document.value,
    exercise: exercise.value.id,
    acts: [...done.value],
    now: now.value,
    seed: seed.value,
  })
})
const { model } = useRuntimeConfig().public
const unkept = useUnkeptPractice()
let write: PracticeWrite | undefined
function writeOf(told: Debrief): PracticeWrite {
  return {
    id: underWay.id(),
    learner: learner.value || null,
    document: practiceSchema.parse({
      practisedAt: underWay.endedAt(),
      staging: document.value!,
      exercise: exercise.value!.id,
      seed: seed.value,
      acts: done.value.map(a => ({ ...a, at: +a.at.toFixed(3) })),
      outcome: told.outcome ?? null,
      wanted: told.wanted,
      well: told.well,
      stopped: told.stopped !== undefined,
      planned: told.planned,
      again: told.again,
      mistakes: told.deviations.map(d => d.input),
      model,
    }),
  }
}
async function keep() {
  if (!write) return
  failure.value = ''
  try {
    await unkept.keep(write)
    const name = who.nameOf(write.learner)
    kept.value = name ? `Kept for ${name}.` : 'Kept, without a name.'
  } catch (problem) {
    failure.value = `It could not be kept: ${refusalOf(problem).message}`
  }
}
const following = computed(() => course.value[course.value.findIndex(e => e.id === exercise.value?.id) + 1])
const heading = useTemplateRef<HTMLElement>('heading')
watch(debrief, async is => {
  await nextTick()
  if (is) heading.value?.focus()
})
</script>

<template>
  <div class="max-w-6xl mx-auto px-4 sm:px-6 py-5">
    <p><NuxtLink :to="`/practice?staging=${id}`" class="plain-link">Practice</NuxtLink></p>
    <p v-if="error || !staging" class="fault mt-3" role="alert">
      There is no such staging, or it can’t be read just now.
    </p>
    <template v-else-if="attempted?.faults">
      <h1 class="text-3xl">{{ title }}</h1>
      <p class="fault mt-3" role="alert">
        It can’t be practised: {{ attempted.faults.map(f => units.told(f.message)).join('; ') }}
      </p>
    </template>
    <template v-else-if="exercise && read">
      <h1 class="text-3xl">{{ title }}</h1>
      <p class="soft mb-3">{{ units.told(exercise.words) }}. {{ units.told(exercise.task) }}</p>

      <div v-if="state === 'ready'" class="grid gap-4 max-w-3xl">
        <ol class="list-decimal pl-6 grid gap-1" aria-label="The plan">
          <li v-for="s in steps" :key="s.id">
            <p v-for="(gate, g) in s.gates" :key="g" class="text-sm font-bold border-l-4 border-(--danger) pl-2">
              <span class="sr-only">Before this step: </span>{{ units.told(gate.text) }}
            </p>
            {{ s.words }}
            <CautionNote v-for="caution in s.cautions" :key="caution.id" :caution="caution" />
          </li>
        </ol>
        <SchoolCautions :demonstration="read.demonstration.id" />
        <p v-if="!exercise.guided" class="soft">Look at it now: once you begin, its numbers are hidden.</p>
        <ChoiceField
          v-if="who.people.length"
          v-model="learner"
          class="max-w-xs"
          label="Who practises"
          :items="[{ value: '', label: 'nobody named' }, ...who.people.map(p => ({ value: p.id, label: p.name }))]"
        />
        <p>
          <UButton variant="solid" class="text-lg" :disabled="!setting" @click="attempt.begin">Begin</UButton>
        </p>
        <p class="soft text-sm">
          Nothing real is heated, closed or pumped here. It is practice, and no permit: your employer decides who may do
          it before others.
        </p>
      </div>

      <div v-else-if="state === 'left'" class="grid gap-3">
        <p>{{ clock }} into this attempt the page was left. Nothing has gone on since.</p>
        <p class="flex flex-wrap gap-3">
          <UButton variant="solid" class="text-lg" @click="attempt.goOn">Go on</UButton>
          <UButton @click="again">Begin anew</UButton>
        </p>
      </div>

      <div v-else-if="state !== 'over' && setting && scene" class="grid lg:grid-cols-[3fr_2fr] gap-x-8 gap-y-4">
        <div class="grid gap-3 content-start">
          <div class="flex flex-wrap items-center gap-3">
            <span class="figures text-3xl" role="timer" aria-label="Since you began">{{ clock }}</span>
            <OneOf
              v-model="speed"
              class="figures"
              label="How fast time goes"
              :choices="[1, 4, 16].map(x => ({ value: x, label: `× ${x}`, disabled: inHand && x > 1 }))"
            />
          </div>
          <SceneDrawing :scene="scene" />
          <p v-if="instruments.length" class="flex flex-wrap gap-x-6 figures text-xl">
            <span v-for="i in instruments" :key="i.name"
              >{{ i.name }} {{ units.format(i.reads, i.units, i.quantity) }}</span
            >
          </p>
          <ul v-if="senses.length" class="text-xl grid gap-1" aria-label="What you hear and see" aria-live="polite">
            <li v-for="(s, i) in senses" :key="i">{{ units.told(s) }}</li>
          </ul>
        </div>
        <WhatNow
          v-if="asked"
          :question="asked"
          :seen="seen ?? setting.demonstration.outcomes.find(o => o.id === attempt.run.value?.outcome)?.sentence ?? ''"
          :answered="answered"
          @choose="attempt.choose"
        />
        <BenchActs
          v-else
          :key="seed"
          :setting="setting"
          :attempt="attempt"
          :cautions="cautions"
          :data-sealed="sealed"
        />
      </div>

      <div v-else-if="state === 'over' && setting" class="grid gap-4">
        <h2 ref="heading" tabindex="-1" class="text-xl">Debrief</h2>
        <p v-if="failure" class="fault" role="alert">{{ failure }}</p>
        <p v-if="!debrief && !failure" class="soft" role="status">
          Doing it again in many ways, to see what decided it…
        </p>
        <DebriefView
          v-if="debrief"
          :setting="setting"
          :done="done"
          :debrief="debrief"
          :logbook="logbook"
          :values="attempt.values.value!"
          :run="attempt.run.value as Traced"
        />
        <p v-if="kept" class="soft" role="status">{{ kept }}</p>
        <UButton v-else-if="debrief && failure" class="justify-self-start" @click="keep">Try to keep it again</UButton>
        <p class="flex flex-wrap gap-3">
          <UButton variant="solid" @click="again">Once more</UButton>
          <UButton v-if="following" :to="`/practice/${id}?exercise=${following.id}`">
            Next: {{ units.told(following.words) }}
          </UButton>
          <UButton :to="`/practice?staging=${id}`">Course and record</UButton>
        </p>
      </div>
    </template>
  </div>
</template>
