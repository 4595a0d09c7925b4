<script setup lang="ts">
import { useIntervalFn, useLocalStorage, useWakeLock } from '@vueuse/core'
import {
  afterwards,
  countdowns,
  countingMarks,
  cuesOf,
  focusOf,
  nextHeat,
  placeIn,
  readStaging,
  refusalOfMark,
  startOf,
  storyOf,
  wantedNow,
  DEFAULT_SEED,
  failuresOf,
  riskOfForecast,
  type Forecast,
  type MarkKind,
  type Wanted,
  keyOf,
} from '~~/core'
import { useI18n } from 'vue-i18n'

const { t, locale } = useI18n()
const id = String(useRoute().params.id)
const units = useUnitsStore()
const clock = useLiveClock()
const live = useLiveShow(id, clock.now)
const { show, marks, rounds, online, waiting, failure } = live
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

const speed = computed(() => show.value?.speed ?? 1)
/** Every act read and simulated once: the document never changes. */
const acts = computed(() =>
  (show.value?.acts ?? []).map(act => {
    const read = readStaging(act.staging)
    const simulation = read.demonstration.simulate(read.values, 'trace')
    return {
      ...act,
      title: act.staging.title || read.demonstration.name,
      read,
      simulation,
      cues: cuesOf(read.demonstration, simulation),
    }
  }),
)
const standings = computed(() =>
  acts.value.map(a => ({ id: a.id, story: storyOf(marks.value, a.id), heatOn: a.heatOn, lift: a.lift })),
)
const started = computed(() => startOf(marks.value))
const sinceStart = computed(() =>
  started.value === undefined ? undefined : ((clock.time.value - started.value) / 1000) * speed.value,
)
const chosen = ref<string>()
const focus = computed(() => chosen.value ?? focusOf(standings.value, sinceStart.value))
const act = computed(() => acts.value.find(a => a.id === focus.value))
useSubject(() => act.value?.read.demonstration.id)
const story = computed(() => storyOf(marks.value, focus.value ?? ''))
const wanted = computed<Wanted | undefined>(() => act.value && wantedNow(act.value.cues, story.value))
const place = computed(() => (act.value ? placeIn(act.value.cues, story.value) : 0))
const cue = computed(() => act.value?.cues[place.value])
const upcoming = computed(() => act.value?.cues[place.value + 1] ?? undefined)
const hushing = computed(() => story.value.times.sealed !== undefined && story.value.outcome === undefined)
const allDone = computed(() => acts.value.length > 0 && standings.value.every(s => s.story.closed !== undefined))

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
  ['steam', 'hot-air'].includes(act.value?.read.demonstration.gallery.family ?? '') ? 'Sealed' : 'Go',
)
const NAMES = computed<Record<MarkKind, string>>(() => ({
  'heat-on': 'Heat on',
  'plume': 'Plume',
  'lifted': 'Off the heat',
  'sealed': sealedWord.value,
  'gone': 'Gone',
  'nothing': 'Nothing',
}))
const KEYS: Record<string, MarkKind> = { h: 'heat-on', p: 'plume', l: 'lifted', s: 'sealed', g: 'gone', n: 'nothing' }
/** Before the seal the marks of the way there, during the hush its two ends. */
const keysShown = computed(() =>
  Object.entries(KEYS).filter(([, kind]) =>
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
watch(
  () => story.value.closed,
  closed => {
    if (closed) chosen.value = undefined
  },
)

// --- sound ---------------------------------------------------------------------------------------
const sounds = useLocalStorage('hush-sounds', false)
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
function say(text: string) {
  if (!sounds.value || !('speechSynthesis' in window) || !text) return
  speechSynthesis.cancel()
  const spoken = new SpeechSynthesisUtterance(text)
  spoken.lang = locale.value
  speechSynthesis.speak(spoken)
}
function beep() {
  if (!sounds.value) return
  const audio = new AudioContext()
  const tone = audio.createOscillator()
  tone.frequency.value = 880
  tone.connect(audio.destination)
  tone.start()
  tone.stop(audio.currentTime + 0.25)
  tone.onended = () => {
    void audio.close()
  }
}
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
const logging = ref(false)
const logFailure = ref('')
const before = useForecastWorker(answer => {
  if (answer.kind === 'follow') settle?.(answer.followed.forecast)
  else if (answer.kind === 'failed') settle?.(undefined)
})
let settle: ((forecast: Forecast | undefined) => void) | undefined
/** The forecast that stood when it was sealed, from the marks up to then. */
const forecastBefore = () =>
  new Promise<Forecast | undefined>(resolve => {
    settle = resolve
    const seal = story.value.times.sealed ?? clock.now()
    before.ask({
      kind: 'follow',
      document: act.value!.staging,
      act: act.value!.id,
      speed: speed.value,
      seed: DEFAULT_SEED,
      now: seal,
      taught: past.taught.value,
      marks: countingMarks(marks.value).filter(m => m.at <= seal),
    })
  })
async function log() {
  const current = act.value
  if (!current || !story.value.outcome || logging.value || !show.value) return
  logging.value = true
  logFailure.value = ''
  try {
    logger.disconnect()
    await logger.complete(current.id)
    const document = runFromShow({
      show: show.value,
      act: current,
      read: current.read,
      story: story.value,
      readings: logger.readings.value,
      readingsFrom: logger.source.value,
      votes: votes.value,
      forecast: await forecastBefore(),
      note: notes.value[current.id] ?? '',
    })
    await sendWrite(
      'POST',
      '/api/runs',
      { id: current.run, stagingId: current.stagingId, stagingVersion: current.stagingVersion, document },
      current.run,
    )
    live.mark(current.id, 'closed', 'logged')
  } catch (error) {
    logFailure.value = refusalOf(error).message
  } finally {
    logging.value = false
  }
}
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

const soon = computed(() => {
  const next =
    sinceStart.value === undefined
      ? undefined
      : nextHeat(
          standings.value.filter(s => s.id !== focus.value),
          sinceStart.value,
        )
  return next && { title: acts.value.find(a => a.id === next.id)!.title, in: next.in }
})
const keysOpen = ref(false)
useShortcut((key, event) => {
  const onButton = (event.target as HTMLElement).closest('button, a, label')
  if (key === 'Enter' || key === ' ') {
    if (onButton) return
    doWanted()
  } else if (KEYS[key]) markKind(KEYS[key])
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
})
const state = (s: { id: string; story: ReturnType<typeof storyOf> }) => {
  const { story: of } = s
  if (of.closed) return of.closed
  if (of.outcome) return 'to log'
  if (of.times.sealed) return 'hush'
  if (of.times.lifted) return 'off the heat'
  return of.times.plume ? 'steaming' : of.times['heat-on'] ? 'heating' : 'waiting'
}
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
      </span>
      <button class="quiet-button" :aria-pressed="sounds" @click="sounds = !sounds">
        {{ $t(sounds ? 'Sound on' : 'Sound off') }} <kbd aria-hidden="true">m</kbd>
      </button>
      <button class="quiet-button" :aria-label="$t('List of keys')" @click="keysOpen = true">?</button>
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
      <ol
        v-if="acts.length > 1 && !hushing"
        class="flex flex-wrap gap-2 max-sm:flex-nowrap max-sm:overflow-x-auto max-sm:-mx-4 max-sm:px-4 max-sm:py-1"
        :aria-label="$t('Acts')"
      >
        <li v-for="(a, i) in acts" :key="a.id">
          <button
            class="rounded-lg px-3 py-1 border cursor-pointer whitespace-nowrap"
            :class="a.id === focus ? 'border-(--ink) bg-(--sheet)' : 'border-(--hairline) soft'"
            :aria-current="a.id === focus ? 'step' : undefined"
            @click="turnTo(a.id)"
          >
            {{ i + 1 }} {{ a.title }} <span class="soft">({{ $t(state(standings[i]!)) }})</span>
          </button>
        </li>
      </ol>

      <p v-if="failure" class="fault" role="alert">
        {{ failure }}
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

        <section v-else-if="story.outcome !== undefined" aria-labelledby="outcome-title" data-testid="outcome-screen">
          <h2 id="outcome-title" class="cue-words">
            {{ $t('What did the room see?') }}
          </h2>
          <div class="grid md:grid-cols-2 gap-3 my-4" role="radiogroup" :aria-label="$t('Outcome')">
            <button
              v-for="(o, i) in act.read.demonstration.outcomes"
              :key="o.id"
              role="radio"
              :aria-checked="o.id === story.outcome"
              class="mark-key !text-left !text-xl"
              :class="o.id === story.outcome ? '!border-(--gap) !bg-(--gap-wash) font-bold' : ''"
              @click="live.mark(act.id, 'outcome', o.id)"
            >
              <kbd aria-hidden="true">{{ i + 1 }}</kbd> {{ units.told(o.sentence) }}
            </button>
          </div>
          <label class="block text-lg"
            >{{ $t('What would you tell whoever does it next?')
            }}<textarea v-model="notes[act.id]" class="text-field" rows="2" maxlength="4000" />
          </label>
          <p class="soft mt-2">
            {{ $t('No readings | {n} reading | {n} readings', logger.readings.value.length) }};
            {{ $t('no votes | {n} vote | {n} votes', voteCount)
            }}{{ round && !round.revealedAt ? $t(', not yet revealed (v)') : '' }}.
          </p>
          <p v-if="logFailure" class="fault !text-lg" role="alert">
            {{ logFailure }} {{ $t('Nothing is lost: the marks are kept; log it again in a moment.') }}
          </p>
          <p class="flex gap-3 mt-3">
            <button class="big-button" :disabled="logging" @click="log">
              {{ $t(logging ? 'Logging…' : 'Log it') }}
            </button>
            <button class="mark-key" @click="skip">
              {{ $t('Don’t log') }}
            </button>
          </p>
          <ol
            v-if="afterThis.length"
            class="text-lg mt-4 list-decimal pl-6"
            :aria-label="$t('What to do now, in order')"
          >
            <li v-for="step in afterThis" :key="keyOf(step.text)">
              {{ units.told(step.text) }}
            </li>
          </ol>
          <ul class="text-lg mt-4 soft">
            <li v-for="step in afterwards(act.read.demonstration)" :key="step.id">
              {{ stepWords(act.read.demonstration, step, act.read.values, units.reader) }}
            </li>
          </ul>
        </section>

        <section v-else-if="cue" :aria-label="$t('Cue')" aria-live="polite" class="grid gap-4">
          <p
            v-if="cue.gate"
            class="text-2xl border-l-8 border-(--danger) pl-4"
            :class="story.gates.has(cue.step.id) ? 'soft' : 'font-bold'"
          >
            <span class="sr-only">{{ $t(story.gates.has(cue.step.id) ? 'Confirmed: ' : 'Before this: ') }}</span>{{
              story.gates.has(cue.step.id) ? '✓ ' : ''
            }}{{ units.told(cue.gate) }}
          </p>
          <p class="cue-words" data-testid="cue">
            {{ words }}
          </p>
          <CountdownRow v-if="counts.length" :countdowns="counts" :time="clock.time.value" :speed="speed" />
          <p v-if="followed?.heat !== undefined" class="text-lg" data-testid="heat-word">
            {{
              $t(
                followed.heat < 0.93
                  ? 'Less heat gets in than expected: about {share} %. Ready later.'
                  : followed.heat > 1.07
                    ? 'More heat gets in than expected: about {share} %. Dry sooner.'
                    : 'Heat as expected.',
                { share: Math.round(followed.heat * 100) },
              )
            }}
            <template v-if="followed.stretched > 2">
              <b>{{ $t('This is unlike anything forecast: go by the signs.') }}</b>
            </template>
          </p>
          <ThermometerWord
            v-if="act.read.demonstration.ready && story.times['heat-on'] !== undefined"
            class="text-lg"
            :pressure="act.read.values.numbers.stationPressure!"
          />
          <p v-if="nextWords" class="soft text-xl">
            {{ $t('Next: {words}', { words: nextWords }) }}
          </p>
          <p v-if="soon" class="text-xl font-bold text-(--vapour) figures">
            {{
              $t(soon.in > 0 ? 'Heat on for {title} in {time}.' : 'Heat on for {title} is due.', {
                title: soon.title,
                time: countWords(soon.in * 1000),
              })
            }}
          </p>
        </section>
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
      <section
        v-if="panel === 'readings' && act"
        :aria-label="$t('Readings')"
        class="border rule rounded-xl p-4 bg-(--sheet)"
      >
        <p class="flex flex-wrap gap-3 items-center">
          <button v-if="logger.state.value !== 'on'" class="mark-key" @click="logger.connect(act.id, speed)">
            {{ $t('Connect the simulated logger') }}
          </button>
          <button v-else class="mark-key" @click="logger.disconnect">
            {{ $t('Disconnect') }}
          </button>
          <span class="figures" data-testid="logger-state"
            >{{ logger.state.value === 'lost' ? $t('⚠ The logger’s line broke. ') : ''
            }}{{ $t('No readings | {n} reading | {n} readings', logger.readings.value.length)
            }}<template v-if="logger.reader.value">{{
              $t(', {dropped} drop-outs, {lost} lost lines', {
                dropped: logger.reader.value.dropped,
                lost: logger.reader.value.lost,
              })
            }}</template></span
          >
        </p>
        <ReadingsChart
          v-if="fromSeal.length"
          :simulation="act.simulation"
          :readings="fromSeal"
          :line="$t('computed as planned')"
          dark
        />
      </section>
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
      <details v-if="hushing" class="text-lg">
        <summary class="cursor-pointer">
          {{ $t('Nothing happens: what to do, in order') }}
        </summary>
        <ol class="list-decimal pl-6">
          <li v-for="step in nothingHappens" :key="keyOf(step.text)">
            {{ units.told(step.text) }}
          </li>
        </ol>
      </details>
    </footer>
    <UModal v-model:open="keysOpen" :title="$t('Keys in Live')" :description="$t('One key is one mark.')">
      <template #body>
        <dl class="grid grid-cols-[auto_1fr] gap-x-4 gap-y-2">
          <template
            v-for="[key, what] in [
              ...Object.entries(KEYS).map(([k, kind]) => [k, NAMES[kind]]),
              ['Enter', 'what the big button says'],
              ['z', 'take the last mark back'],
              ['[ ]', 'the act before, the next'],
              ['1 to 4', 'choose the outcome'],
              ['v', 'vote'],
              ['r', 'readings'],
              ['m', 'sound'],
            ]"
            :key="key"
          >
            <dt>
              <kbd>{{ key }}</kbd>
            </dt>
            <dd>{{ $t(what!) }}</dd>
          </template>
        </dl>
      </template>
    </UModal>
  </div>
</template>
