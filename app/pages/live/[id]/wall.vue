<script setup lang="ts">
/**
 * For the projector; it follows the show by itself: the question while it heats, the vote, the hush with its count,
 * what happened, and why. Arrows step through the questions, and through the levels of the reason.
 */
import { useEventListener } from '@vueuse/core'
import { countWords, storyOf } from '~~/core'

const id = String(useRoute().params.id)
const units = useUnitsStore()
const clock = useLiveClock()
const live = useLiveShow(id, clock.now)
const { show, marks, rounds } = live
await live.refresh()
const { acts, speed, focus } = useLiveActs(show, marks, clock.time)
useHead({
  title: () => `${show.value?.title ?? 'Show'} · Projector · Zealous Hush`,
  htmlAttrs: { style: 'background:#0e1217' },
})
const openRound = computed(() => rounds.value.find(r => !r.closedAt))
/** The act that is voted on or has begun; before the next one begins, the one that ended last. */
const shown = computed(() => {
  const all = acts.value.map(a => ({ act: a, story: storyOf(marks.value, a.id) }))
  const current = all.find(s => s.act.id === (openRound.value?.act ?? focus.value))
  if (current && (openRound.value || Object.keys(current.story.times).length > 0)) return current
  const last = (s: (typeof all)[number]) => Math.max(...Object.values(s.story.times))
  const [ended] = all.filter(s => s.story.outcome !== undefined).sort((a, b) => last(b) - last(a))
  return ended ?? current
})
const act = computed(() => shown.value?.act)
const story = computed(() => shown.value?.story ?? storyOf([], ''))
const hushing = computed(() => story.value.times.sealed !== undefined && story.value.outcome === undefined)
useSubject(() => act.value?.staging.demonstration)
const { counts } = useActCountdowns({ act, story, marks, speed }, clock.now)

const round = computed(() => openRound.value ?? rounds.value.find(r => r.act === act.value?.id))
const outcomes = computed(() => act.value?.read.demonstration.outcomes ?? [])
const votes = computed(() =>
  Object.fromEntries(
    outcomes.value.map(o => [o.id, Number(round.value?.votes[o.id] ?? 0) + Number(round.value?.hands[o.id] ?? 0)]),
  ),
)
const total = computed(() => Object.values(votes.value).reduce((a, b) => a + b, 0))
const voting = computed(() => round.value !== undefined && !round.value.closedAt)
const ended = computed(() => outcomes.value.find(o => o.id === story.value.outcome))

/** told with the numbers of a run that ended so */
const run = useRunThatEnded(() =>
  act.value && ended.value ? { document: act.value.staging, outcome: ended.value.id } : undefined,
)
const levels = computed(() =>
  act.value && run.value ? act.value.read.demonstration.explanation(run.value.values, run.value.simulation) : [],
)
const scene = computed(() => {
  if (!act.value || !run.value) return undefined
  const { values, simulation } = run.value
  return act.value.read.demonstration.drawing(values, simulation, simulation.trace.time.at(-1)!)
})
const questions = computed(() => act.value?.read.demonstration.teaching.before ?? [])
const question = ref(0)
const level = ref(0)
watch(
  [levels, () => round.value?.document.age],
  ([now, age = 11]) => {
    level.value = Math.max(
      0,
      now.findLastIndex(l => l.from <= age),
    )
  },
  { immediate: true },
)
watch(
  () => act.value?.id,
  () => {
    question.value = 0
  },
)
/** Which page stands there. */
const page = computed(() =>
  ended.value ? 'told' : hushing.value ? 'hush' : voting.value ? 'vote' : act.value ? 'question' : 'waiting',
)
useEventListener('keydown', (event: KeyboardEvent) => {
  const step = { ArrowRight: 1, ArrowLeft: -1 }[event.key]
  if (!step) return
  event.preventDefault()
  const turn = (at: number, of: number) => Math.min(of - 1, Math.max(0, at + step))
  if (page.value === 'told') level.value = turn(level.value, levels.value.length)
  else question.value = turn(question.value, questions.value.length)
})
const sinceSealed = computed(() => (clock.time.value - (story.value.times.sealed ?? 0)) * speed.value)
</script>

<template>
  <div class="live px-8 py-8 grid content-center" :data-page="page" data-testid="wall">
    <p v-if="page === 'waiting'" class="cue-words text-center">
      {{ show?.title }}
    </p>
    <div v-else-if="page === 'hush'" class="grid place-items-center gap-12">
      <p class="huge" role="timer" :aria-label="$t('Since sealing')">
        {{ countWords(sinceSealed, true, units.locale) }}
      </p>
      <div class="w-full max-w-5xl">
        <HushBand
          class="!h-[8vh]"
          :now="sinceSealed"
          :since="story.times.sealed!"
          :countdowns="counts"
          :speed="speed"
        />
        <p v-if="counts.some(c => c.id === 'gone')" class="wall-words text-center mt-4">
          {{ $t('Most go in the coloured part.') }}
        </p>
      </div>
    </div>
    <WallTold v-else-if="page === 'told'" :ended="ended!" :why="levels[level]?.text" :scene="scene">
      <WallVotes v-if="round?.revealedAt" :outcomes="outcomes" :counts="votes" :happened="ended!.id" />
    </WallTold>
    <section
      v-else-if="page === 'vote'"
      class="grid md:grid-cols-[minmax(0,1fr)_minmax(0,22rem)] gap-10 items-center"
      aria-labelledby="wall-title"
    >
      <div>
        <WallEnds :outcomes="outcomes" />
        <p class="wall-words figures mt-6" role="status">
          {{ $t('no votes | {n} vote | {n} votes', total) }}
        </p>
      </div>
      <WallJoin :code="round!.code" />
    </section>
    <section v-else aria-labelledby="wall-title" class="text-center">
      <h1 id="wall-title" class="cue-words mb-6">{{ act!.title }}</h1>
      <p class="cue-words" role="status">
        {{ round ? $t('The vote is closed. Watch!') : units.told(questions[question]?.ask ?? '') }}
      </p>
    </section>
  </div>
</template>
