<script setup lang="ts">
/**
 * For the projector; it follows the show by itself: the question while it heats, the vote, the hush with its count,
 * what happened, and why. Arrows step through the questions, and through the levels of the reason.
 */
import { useEventListener } from '@vueuse/core'
import { toString as qrSvg } from 'qrcode'
import { countWords, runThatEnds, storyOf } from '~~/core'
import SceneDrawing from '~/components/drawing/SceneDrawing.vue'

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

const round = computed(() => openRound.value ?? rounds.value.find(r => r.act === act.value?.id))
const outcomes = computed(() => act.value?.read.demonstration.outcomes ?? [])
const countOf = (outcome: string) => Number(round.value?.votes[outcome] ?? 0) + Number(round.value?.hands[outcome] ?? 0)
const total = computed(() => outcomes.value.reduce((sum, o) => sum + countOf(o.id), 0))
const address = computed(() => `${location.origin}/join/${round.value?.code ?? ''}`)
const local = /^(localhost|127\.|\[::1\])/.test(location.hostname)
const picture = ref('')
watch(
  address,
  async to => {
    picture.value = `data:image/svg+xml,${encodeURIComponent(await qrSvg(to, { type: 'svg', margin: 2 }))}`
  },
  { immediate: true },
)

const voting = computed(() => round.value !== undefined && !round.value.closedAt)
const ended = computed(() => outcomes.value.find(o => o.id === story.value.outcome))
/** told with the numbers of a run that ended so */
const told = computed(() =>
  act.value && ended.value
    ? runThatEnds(act.value.read.demonstration, act.value.read.given, ended.value.id)
    : undefined,
)
const levels = computed(() =>
  act.value && told.value ? act.value.read.demonstration.explanation(told.value.values, told.value.simulation) : [],
)
const scene = computed(() => {
  if (!act.value || !told.value) return undefined
  const { values, simulation } = told.value
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
</script>

<template>
  <div class="live px-8 py-8 grid content-center" :data-page="page" data-testid="wall">
    <p v-if="page === 'waiting'" class="cue-words text-center">
      {{ show?.title }}
    </p>
    <div v-else-if="page === 'hush'" class="grid place-items-center">
      <p class="huge" role="timer" :aria-label="$t('Since sealing')">
        {{ countWords((clock.time.value - story.times.sealed!) * speed, true, units.locale) }}
      </p>
    </div>
    <div v-else-if="page === 'told'" class="grid lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)] gap-10 items-center">
      <section aria-labelledby="wall-title">
        <h1 id="wall-title" class="cue-words mb-6">
          {{ units.told(ended!.sentence) }}
        </h1>
        <p v-if="levels[level]" class="wall-words" role="status">
          {{ units.told(levels[level]!.text) }}
        </p>
      </section>
      <div class="grid gap-6">
        <SceneDrawing v-if="scene" :scene="scene" />
        <section v-if="round?.revealedAt" aria-labelledby="expected-title">
          <h2 id="expected-title" class="wall-words mb-2">
            {{ $t('What the room expected:') }}
          </h2>
          <ul class="grid gap-3">
            <li v-for="o in outcomes" :key="o.id">
              <div class="flex justify-between gap-6 wall-words">
                <span
                  ><b v-if="ended!.id === o.id">{{ `${$t('It happened:')} ` }}</b
                  >{{ units.told(o.name) }}</span
                ><b class="figures">{{ countOf(o.id) }}</b>
              </div>
              <div class="h-4 rounded bg-(--sheet)" aria-hidden="true">
                <div
                  class="h-4 rounded"
                  :class="ended!.id === o.id ? 'bg-(--water)' : 'bg-(--gap)'"
                  :style="{ width: `${total ? (countOf(o.id) / total) * 100 : 0}%` }"
                />
              </div>
            </li>
          </ul>
        </section>
      </div>
    </div>
    <section
      v-else-if="page === 'vote'"
      class="grid md:grid-cols-[minmax(0,1fr)_minmax(0,22rem)] gap-10 items-center"
      aria-labelledby="wall-title"
    >
      <div>
        <h1 id="wall-title" class="cue-words">
          {{ $t('What will happen?') }}
        </h1>
        <ul class="wall-words mt-6 grid gap-2">
          <li v-for="o in outcomes" :key="o.id">
            {{ units.told(o.sentence) }}
          </li>
        </ul>
        <p class="wall-words figures mt-6" role="status">
          {{ $t('no votes | {n} vote | {n} votes', total) }}
        </p>
      </div>
      <div class="grid gap-3 justify-items-center text-center">
        <img :src="picture" :alt="$t('QR code that opens the page to vote')" class="w-full rounded-xl bg-white" />
        <p class="display text-6xl tracking-widest">
          {{ round!.code }}
        </p>
        <p class="text-xl break-all">
          {{ address.replace(/\/join\/.*/, '/join') }}
        </p>
        <p v-if="local" class="text-(--vapour)">
          {{
            $t('Phones can’t reach this machine’s own address. Open the application to the network, or count hands.')
          }}
        </p>
      </div>
    </section>
    <section v-else aria-labelledby="wall-title" class="text-center">
      <h1 id="wall-title" class="cue-words mb-6">{{ act!.title }}</h1>
      <p class="cue-words" role="status">
        {{ round ? $t('The vote is closed. Watch!') : units.told(questions[question] ?? '') }}
      </p>
    </section>
  </div>
</template>
