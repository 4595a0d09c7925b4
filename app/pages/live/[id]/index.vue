<script setup lang="ts">
import { keepLivePages } from '~/files/keep-live-pages'
import { useIntervalFn, useLocalStorage, useWakeLock } from '@vueuse/core'
import {
  countdowns,
  countingMarks,
  refusalOfMark,
  failuresOf,
  riskOfForecast,
  type MarkKind,
  keyOf,
  countWords,
  stepWords,
} from '~~/core'
import { MARK_KEYS, markNames, SEALED_WORDS } from '~/components/live/mark-keys'
import { useI18n } from 'vue-i18n'

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
await live.refresh()

const wake = useWakeLock()
onMounted(() => {
  if (wake.isSupported.value) void wake.request('screen').catch(() => {})
  void keepLivePages()
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

const past = useTaught(() => act.value?.staging)
const { followed, again } = useActFollowing(
  () =>
    act.value && story.value.closed === undefined
      ? {
          document: act.value.staging,
          marks: JSON.parse(JSON.stringify(marks.value)),
          act: act.value.id,
          speed: speed.value,
          taught: past.taught.value,
        }
      : undefined,
  clock.now,
)
watch([marks, focus], () => again())
const believed = computed(() =>
  followed.value && act.value
    ? act.value.read.demonstration.simulate(followed.value.values, 'summary')
    : act.value?.simulation,
)
const counts = computed(() =>
  act.value && believed.value
    ? countdowns(
        act.value.read.demonstration,
        followed.value?.values ?? act.value.read.values,
        believed.value,
        followed.value,
        story.value,
        speed.value,
      )
    : [],
)

// --- marks ---------------------------------------------------------------------------------------
const refusal = ref('')
const sealedWord = computed(() =>
  ['steam', 'hot-air'].includes(act.value?.read.demonstration.gallery.family ?? '') ? SEALED_WORDS[0] : SEALED_WORDS[1],
)
const NAMES = computed(() => markNames(sealedWord.value))
/** Before the seal the marks of the way there, during the hush its two ends. */
const keysShown = computed(() =>
  Object.entries(MARK_KEYS).filter(([, kind]) =>
    kind === 'gone' || kind === 'nothing'
      ? hushing.value
      : !hushing.value && act.value?.cues.some(c => c.marks.includes(kind)),
  ),
)
const refusalOf_ = (kind: MarkKind) => (act.value ? refusalOfMark(act.value.cues, story.value, kind) : t('No act.'))

/** The first thing done begins the show's clock: at nought, or as long before it as the first heater has to be on. */
function beginClock() {
  if (started.value !== undefined) return
  const first = Math.min(0, ...acts.value.map(a => a.heatOn ?? 0))
  live.mark('', 'start', undefined, clock.now() - (first * 1000) / speed.value)
}
function markKind(kind: MarkKind) {
  if (!act.value) return
  refusal.value = units.told(refusalOf_(kind) ?? '')
  if (refusal.value) return
  beginClock()
  live.mark(act.value.id, kind)
  const { outcomes, wanted: wish } = act.value.read.demonstration
  if (kind === 'gone') live.mark(act.value.id, 'outcome', wish)
  if (kind === 'nothing')
    live.mark(act.value.id, 'outcome', (outcomes.find(o => o.look === 'nothing') ?? outcomes.at(-1)!).id)
}
function doWanted() {
  if (hushing.value) return markKind('gone')
  if (!act.value || !wanted.value || story.value.outcome !== undefined) return
  refusal.value = ''
  beginClock()
  if (wanted.value.kind === 'gate') live.mark(act.value.id, 'gate', wanted.value.value)
  else if (wanted.value.kind === 'step') live.mark(act.value.id, 'step', wanted.value.value)
  else markKind(wanted.value.value as MarkKind)
}
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
function undo() {
  const last = countingMarks(marks.value)
    .filter(m => m.act === focus.value)
    .at(-1)
  if (last) live.mark(last.act, 'undo', last.id)
}
const bigButton = ref<HTMLButtonElement>()
/** Turned to by hand; the big button gets the focus, so that Enter is a mark and not this choice again. */
async function turnTo(to: string) {
  chosen.value = to
  refusal.value = ''
  await nextTick()
  bigButton.value?.focus()
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
const skip = () => {
  if (act.value) live.mark(act.value.id, 'closed', 'skipped')
}

const keysOpen = ref(false)
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
  else if (key === '?') keysOpen.value = true
  else if (
    story.value.outcome !== undefined &&
    /^[1-9]$/.test(key) &&
    act.value?.read.demonstration.outcomes[Number(key) - 1]
  )
    live.mark(act.value.id, 'outcome', act.value.read.demonstration.outcomes[Number(key) - 1]!.id)
  else return
  event.preventDefault()
}, true)
</script>

<template>
  <div class="live px-4 sm:px-8 py-3 grid grid-rows-[auto_1fr_auto] gap-3">
    <header class="flex flex-wrap items-center gap-x-5 gap-y-1">
      <NuxtLink to="/live" class="plain-link !text-(--ink)">
        {{ $t('Leave') }}
      </NuxtLink>
      <h1 class="!text-lg font-normal">
        {{ show?.title }}
        <b v-if="show?.rehearsal" class="text-(--vapour)"
          >{{ $t('Rehearsal') }}<template v-if="speed !== 1">{{ $t(', clock × {speed}', { speed }) }}</template></b
        >
      </h1>
      <span v-if="sinceStart !== undefined" class="figures soft" data-testid="show-clock">{{
        $t(sinceStart < 0 ? 'begins in {time}' : '{time} since the start', { time: countWords(sinceStart * 1000) })
      }}</span>
      <span class="ml-auto figures" role="status" data-testid="line">
        <template v-if="!online"
          ><b class="text-(--danger)">{{ $t('⚠ Offline.') }}</b>
          {{ $t('{n} mark kept on this device. | {n} marks kept on this device.', waiting) }}</template
        >
        <template v-else-if="waiting">{{ $t('Sending {n}…', { n: waiting }) }}</template>
        <template v-else
          ><span class="soft">{{ $t('All marks sent') }}</span></template
        >
        <template v-if="!canKeep">
          <b class="text-(--danger)">{{
            $t('⚠ This device can keep nothing: stay on this page until all is sent.')
          }}</b>
        </template>
        <template v-if="refused.length">
          <b class="text-(--danger)" :title="refused.map(r => r.refused).join('\n')">{{
            $t('⚠ {n} mark was not taken. | ⚠ {n} marks were not taken.', refused.length)
          }}</b>
        </template>
      </span>
      <UButton :aria-pressed="sounds" @click="sounds = !sounds">
        {{ $t(sounds ? 'Sound on' : 'Sound off') }} <kbd aria-hidden="true">m</kbd>
      </UButton>
      <UButton :aria-label="$t('List of keys')" @click="keysOpen = true">?</UButton>
    </header>

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
      <p v-for="b in broken" :key="b.id" class="fault" role="alert">
        <b>{{ b.title }}</b>: {{ b.faults?.map(f => units.told(f.message)).join('; ') }}
      </p>
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
          @choose="live.mark(act.id, 'outcome', $event)"
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

    <footer
      v-if="act && !allDone && story.outcome === undefined"
      class="sticky bottom-0 pb-3 pt-2 bg-(--paper) grid gap-2"
    >
      <p v-if="refusal" class="fault !text-lg" role="alert">
        {{ refusal }}
      </p>
      <button
        ref="bigButton"
        class="big-button"
        :class="!hushing && wanted?.kind === 'gate' ? 'gate' : ''"
        data-testid="big-button"
        @click="doWanted"
      >
        {{ buttonWords }} <kbd aria-hidden="true">{{ $t('Enter') }}</kbd>
      </button>
      <div class="flex flex-wrap gap-2" role="group" :aria-label="$t('Marks')">
        <button
          v-for="[key, kind] in keysShown"
          :key="key"
          class="mark-key grow"
          :aria-disabled="refusalOf_(kind) !== undefined"
          @click="markKind(kind)"
        >
          <kbd aria-hidden="true">{{ key }}</kbd> {{ $t(NAMES[kind]) }}
          <span v-if="story.times[kind] !== undefined" class="soft">✓</span>
        </button>
        <button class="mark-key" @click="undo"><kbd aria-hidden="true">z</kbd> {{ $t('Undo') }}</button>
        <button class="mark-key" :aria-expanded="panel === 'vote'" @click="toggle('vote')">
          <kbd aria-hidden="true">v</kbd> {{ $t('Vote') }}
        </button>
        <button class="mark-key" :aria-expanded="panel === 'readings'" @click="toggle('readings')">
          <kbd aria-hidden="true">r</kbd> {{ $t('Readings') }}
        </button>
        <button class="mark-key" @click="skip">
          {{ $t('Skip this one') }}
        </button>
      </div>
      <Folded v-if="hushing" class="text-lg">
        <template #title>
          {{ $t('Nothing happens: what to do, in order') }}
        </template>
        <ol class="list-decimal pl-6">
          <li v-for="step in nothingHappens" :key="keyOf(step.text)">
            {{ units.told(step.text) }}
          </li>
        </ol>
      </Folded>
    </footer>
    <KeysDialog v-model:open="keysOpen" :sealed="sealedWord" />
  </div>
</template>
