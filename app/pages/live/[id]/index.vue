<script setup lang="ts">
import { keepPage } from '~/files/keep-page'
import { useIntervalFn, useLocalStorage, useWakeLock } from '@vueuse/core'
import { failuresOf, riskOfForecast, stepWords, type MarkKind } from '~~/core'
import { MARK_KEYS, markNames, SEALED_WORDS } from '~/components/live/mark-keys'
import { useI18n } from 'petite-vue-i18n'

const { t } = useI18n()
const id = String(useRoute().params.id)
const units = useUnitsStore()
const clock = useLiveClock()
const live = useLiveShow(id, clock.now)
const { show, marks, rounds, online, waiting, refused, canKeep, failure } = live
useHead({
  title: () => `${show.value?.title ?? 'Live'} · Live · Zealous Hush`,
  htmlAttrs: { style: 'background:#0e1217' },
})
// Live opens whether or not the server answers.
void useSchoolStore().load()
await live.refresh()

const wake = useWakeLock()
onMounted(() => {
  if (wake.isSupported.value) void wake.request('screen').catch(() => {})
  void keepPage()
})

const {
  speed,
  acts,
  broken,
  standings,
  started,
  sinceStart,
  chosen,
  focus,
  act,
  story,
  wanted,
  cue,
  upcoming,
  hushing,
  allDone,
  soon,
} = useLiveActs(show, marks, clock.time)
useSubject(() => act.value?.read.demonstration.id)

const { past, followed, counts } = useActCountdowns({ act, story, marks, speed }, clock.now)

// --- marks ---------------------------------------------------------------------------------------
const marking = useMarking({ acts, act, story, marks, wanted, hushing, started, speed, chosen }, live.mark, clock.now)
const { markKind, doWanted, undo, skip } = marking
const sealedWord = computed(() =>
  ['steam', 'hot-air'].includes(act.value?.read.demonstration.gallery.family ?? '') ? SEALED_WORDS[0] : SEALED_WORDS[1],
)
const NAMES = computed(() => markNames(sealedWord.value))
const buttonWords = computed(() => {
  if (hushing.value) return t(NAMES.value.gone)
  const w = wanted.value
  if (!w || !cue.value) return ''
  return w.kind === 'gate'
    ? t('Confirm: {gate}', { gate: units.told(cue.value.gate!) })
    : t(
        w.kind === 'mark'
          ? NAMES.value[w.value as MarkKind]
          : story.value.times['heat-on'] !== undefined
            ? 'Go on'
            : 'Done',
      )
})
const bar = ref<{ focus: () => void }>()
/** Then Enter is a mark again, and not the microphone. */
async function listen() {
  await ear.toggle()
  bar.value?.focus()
}
/** Turned to by hand; the big button gets the focus, so that Enter is a mark and not this choice again. */
async function turnTo(to: string) {
  marking.turnTo(to)
  await nextTick()
  bar.value?.focus()
}
function move(step: number) {
  const at = acts.value.findIndex(a => a.id === focus.value)
  const to = acts.value[(at + step + acts.value.length) % acts.value.length]
  if (to) void turnTo(to.id)
}
// --- sound ---------------------------------------------------------------------------------------
const { on: sounds, say, beep } = useStageVoice()
const words = computed(() =>
  act.value && cue.value
    ? stepWords(act.value.read.demonstration, cue.value.step, act.value.read.values, units.reader)
    : '',
)
const nextWords = computed(() =>
  act.value && upcoming.value
    ? stepWords(act.value.read.demonstration, upcoming.value.step, act.value.read.values, units.reader)
    : '',
)
watch(words, text => say(text))
const rung = new Set<string>()
useIntervalFn(() => {
  for (const c of counts.value) {
    const key = `${focus.value}:${c.id}`
    if ((c.id === 'ready' || c.id === 'dry' || c.id === 'give-up') && c.at <= clock.now() && !rung.has(key)) {
      rung.add(key)
      beep()
      say(t(c.id === 'ready' ? 'Ready' : c.id === 'dry' ? 'Nearly dry. Heat off.' : 'Give up now'))
    }
  }
}, 250)

// --- the end of an act ---------------------------------------------------------------------------
const logger = useLoggerStream(id, clock.now)
watch(
  focus,
  now => {
    if (now) void logger.load(now)
  },
  { immediate: true },
)
const fromSeal = computed(() => {
  const zero =
    (story.value.times.sealed ??
      (story.value.times['heat-on'] !== undefined && act.value
        ? story.value.times['heat-on'] + ((act.value.simulation.details.sealing ?? 0) * 1000) / speed.value
        : clock.time.value)) / 1000
  return logger.readings.value.map(r => ({ ...r, time: (r.time - zero) * speed.value }))
})
const panel = ref<'vote' | 'readings'>()
const toggle = (what: 'vote' | 'readings') => {
  panel.value = panel.value === what ? undefined : what
}
const round = computed(() => rounds.value.find(r => r.act === focus.value))
const votes = computed(() =>
  Object.fromEntries(
    (act.value?.read.demonstration.outcomes ?? []).map(o => [
      o.id,
      Number(round.value?.votes[o.id] ?? 0) + Number(round.value?.hands[o.id] ?? 0),
    ]),
  ),
)

const ear = useEar({ act, story, now: clock.now })
const { on: listening, failure: earFailure, of: heardAct } = ear
const voteCount = computed(() => Object.values(votes.value).reduce((a, b) => a + b, 0))
const notes = useLocalStorage<Record<string, string>>(`hush-notes:${id}`, {})
const {
  logging,
  failure: logFailure,
  log,
} = useRunLogging({
  show,
  marks,
  act,
  story,
  votes,
  logger,
  past,
  note: of => notes.value[of] ?? '',
  heard: ear.heard,
  now: clock.now,
  logged: of => live.mark(of, 'closed', 'logged'),
})
/** What to do for each end, by the draws that still match the marks. */
const failures = computed(() =>
  act.value
    ? failuresOf(
        act.value.read.demonstration,
        act.value.read.values,
        act.value.simulation,
        followed.value && riskOfForecast(followed.value.forecast),
      )
    : [],
)
const nothingHappens = computed(() => failures.value[0]?.acts ?? [])
const afterThis = computed(() => failures.value.find(f => f.outcome === story.value.outcome)?.acts ?? [])
/** Votes on what is over that the room has not been shown. */
const unrevealed = computed(() =>
  rounds.value
    .filter(r => !r.revealedAt && standings.value.some(s => s.id === r.act && s.story.outcome !== undefined))
    .map(r => ({ act: r.act, title: r.document.title })),
)
const keysOpen = ref(false)
/** A rehearsal makes no sound of its own. */
const canListen = computed(() => show.value !== undefined && !show.value.rehearsal)
useShortcut((key, event) => {
  const onButton = (event.target as HTMLElement).closest('button, a, label')
  if (key === 'Enter' || key === ' ') {
    if (onButton) return
    doWanted()
  } else if (MARK_KEYS[key]) markKind(MARK_KEYS[key])
  else if (key === 'z') undo()
  else if (key === '[') move(-1)
  else if (key === ']') move(1)
  else if (key === 'v') toggle('vote')
  else if (key === 'r') toggle('readings')
  else if (key === 'm') sounds.value = !sounds.value
  else if (key === 'e' && canListen.value) void ear.toggle()
  else if (key === '?') keysOpen.value = true
  else if (
    story.value.outcome !== undefined &&
    /^[1-9]$/.test(key) &&
    act.value?.read.demonstration.outcomes[Number(key) - 1]
  )
    marking.chooseOutcome(act.value.read.demonstration.outcomes[Number(key) - 1]!.id)
  else return
  event.preventDefault()
}, true)
</script>

<template>
  <div class="live px-4 sm:px-8 py-3 grid grid-rows-[auto_1fr_auto] gap-3">
    <LiveHeader
      v-model:sounds="sounds"
      :show="show"
      :speed="speed"
      :since-start="sinceStart"
      :line="{ online, waiting, canKeep, refused: refused.map(r => r.refused!) }"
      :ear="canListen ? listening : undefined"
      @keys="keysOpen = true"
      @listen="listen"
    />

    <p v-if="failure && !show" class="text-2xl" role="alert">
      {{ failure }}
    </p>
    <p v-else-if="!show" class="text-2xl soft">
      {{
        $t(
          online
            ? 'Opening…'
            : 'The application does not answer, and this device has not seen this show before. Trying again…',
        )
      }}
    </p>
    <div v-else class="grid gap-4 content-start">
      <ActList v-if="acts.length > 1 && !hushing" :acts="acts" :standings="standings" :focus="focus" @turn="turnTo" />

      <p v-if="failure" class="fault" role="alert">
        {{ failure }}
      </p>
      <p v-if="earFailure" class="fault" role="alert">{{ $t('It can’t listen: {why}', { why: earFailure }) }}</p>
      <p v-for="b in broken" :key="b.id" class="fault" role="alert">
        <b>{{ b.title }}</b>: {{ b.faults?.map(f => units.told(f.message)).join('; ') }}
      </p>
      <RevealBar v-if="!hushing" :show-id="id" :waiting="unrevealed" @changed="live.refresh" />
      <div v-if="allDone" class="text-center py-16" data-testid="show-over">
        <p class="cue-words">
          {{ $t('That was it.') }}
        </p>
        <NuxtLink class="plain-link text-xl !text-(--ink)" to="/logbook">
          {{ $t('To the Logbook') }}
        </NuxtLink>
      </div>
      <template v-else-if="act">
        <LanguageNote :demonstration="act.read.demonstration.id" />
        <HushScreen
          v-if="hushing"
          v-model:time="clock.time.value"
          :demonstration="act.read.demonstration"
          :since="story.times.sealed!"
          :countdowns="counts"
          :speed="speed"
          :followed="followed"
        />

        <OutcomeScreen
          v-else-if="story.outcome !== undefined"
          :note="notes[act.id] ?? ''"
          :act="act"
          :story="story"
          :readings="logger.readings.value.length"
          :votes="voteCount"
          :hidden="round !== undefined && !round.revealedAt"
          :logging="logging"
          :log-failure="logFailure"
          :acts="afterThis"
          @update:note="notes[act.id] = $event"
          @choose="marking.chooseOutcome"
          @log="log"
          @skip="skip"
        />

        <CueCard
          v-else-if="cue"
          :act="act"
          :story="story"
          :cue="cue"
          :words="words"
          :next-words="nextWords"
          :countdowns="counts"
          :time="clock.time.value"
          :speed="speed"
          :followed="followed"
          :soon="soon"
        />
      </template>

      <section v-if="act && !hushing && heardAct === act.id" :aria-label="$t('Heard')">
        <h2>{{ $t('Heard') }}</h2>
        <LazySoundWave :hearing="ear.hearing" />
      </section>
      <VotePanel
        v-if="panel === 'vote' && act"
        :show-id="id"
        :act="act.id"
        :demonstration="act.read.demonstration"
        :round="round"
        :sealed="story.times.sealed !== undefined"
        @changed="live.refresh"
      />
      <ReadingsPanel
        v-if="panel === 'readings' && act"
        :act="act"
        :logger="logger"
        :readings="fromSeal"
        :speed="speed"
      />
    </div>

    <MarkBar
      v-if="act && !allDone && story.outcome === undefined"
      ref="bar"
      :marking="marking"
      :words="buttonWords"
      :gate="!hushing && wanted?.kind === 'gate'"
      :sealed="sealedWord"
      :panel="panel"
      :nothing-happens="hushing ? nothingHappens : undefined"
      @toggle="toggle"
    />
    <KeysDialog v-model:open="keysOpen" :sealed="sealedWord" />
  </div>
</template>
