<script setup lang="ts">
import { useEventListener, watchDebounced } from '@vueuse/core'
import {
  WHO_DECIDES,
  adviceOf,
  failuresOf,
  fits,
  fromSi,
  inputsFromItem,
  keyOf,
  predictionDocument,
  riskOfForecast,
  traceCsv,
  type QuantityInput,
  type ResultSpec,
  type ShelfPlace,
} from '~~/core'
import SceneDrawing from '~/components/drawing/SceneDrawing.vue'
import { useI18n } from 'vue-i18n'

const { t } = useI18n()
const route = useRoute()
const id = String(route.params.id)
const editor = useStagingEditor(id)
const shelf = useShelfStore()
const units = useUnitsStore()
const {
  draft,
  stored,
  dirty,
  read,
  misfits,
  simulation: asStated,
  conflict,
  leftBehind,
  failure,
  saving,
  faults,
} = editor
await Promise.all([editor.load(), shelf.loaded ? undefined : shelf.load()])
useHead({ title: () => `${draft.value?.title || 'Staging'} · Bench · Zealous Hush` })

const {
  forecast,
  complete,
  influences,
  representative,
  levers,
  strip,
  failure: forecastFailure,
  askStrip,
  past,
} = useForecast(() => (read.value && misfits.value.length === 0 ? draft.value : undefined))
const { on: pastOn, runs: pastRuns, unlike: pastUnlike, lessons } = past
/**
 * Drawn and explained is a staging that ends as the likeliest one: what is stated, or the draw nearest to it that
 * does.
 */
const shownValues = computed(
  () =>
    read.value && {
      choices: read.value.values.choices,
      numbers: representative.value?.numbers ?? read.value.values.numbers,
    },
)
const simulation = computed(() =>
  representative.value?.numbers && read.value && shownValues.value
    ? read.value.demonstration.simulate(shownValues.value, 'trace')
    : asStated.value,
)
const outcomeName = (id: string) => units.told(demonstration.value!.outcomes.find(o => o.id === id)!.name)
const stages = computed(() => simulation.value?.trace?.stages ?? [])
const scrubber = useScrubber(() => stages.value)
const { position, stageIndex, time, playing } = scrubber
// Opens just after the moment that ends the hush.
watch(
  () => stages.value.length,
  (count, before) => {
    if (count && !before) position.value = showingPosition(simulation.value!)
  },
  { immediate: true },
)

const demonstration = computed(() => read.value?.demonstration)
useSubject(() => demonstration.value?.id)
/** Cautions follow the draws as soon as there are some; until then the one run that is stated. */
const risk = computed(() => forecast.value && riskOfForecast(forecast.value))
const scene = computed(
  () => simulation.value && demonstration.value!.drawing(shownValues.value!, simulation.value, time.value),
)
const ledger = computed(() => simulation.value && demonstration.value!.ledger(simulation.value))
const why = computed(() => (simulation.value ? demonstration.value!.why(shownValues.value!, simulation.value) : []))
const advice = computed(() =>
  simulation.value
    ? adviceOf(demonstration.value!, read.value!.values, asStated.value!, complete.value ? risk.value : undefined)
    : [],
)
/** Worked out once for a plan, not for every moment that the scrubber shows. */
const judgement = computed(() => {
  if (!simulation.value) return undefined
  const { demonstration: d, values } = read.value!
  return { ready: d.ready?.(values, asStated.value!), sizes: d.sizes(shownValues.value!, simulation.value) }
})
const failures = computed(() =>
  simulation.value ? failuresOf(demonstration.value!, read.value!.values, asStated.value!, risk.value) : [],
)
const kit = computed(() => (read.value ? read.value.demonstration.kit(read.value.values) : []))

// The window needs a few dozen heatings: worked out a moment after a change, not on the slider's path.
const waterWindow = shallowRef<ReturnType<NonNullable<NonNullable<typeof demonstration.value>['waterWindow']>>>()
watchDebounced(
  () => read.value?.values,
  values => {
    waterWindow.value = values && demonstration.value?.waterWindow?.(values)
  },
  { debounce: 120, immediate: true },
)

function pull(input: QuantityInput, si: number) {
  const unit = units.shown(input.units)
  editor.setInput(input.id, { value: Number(fromSi(si, unit, input.quantity).toPrecision(6)), unit })
}
const shelfProblem = ref('')
function take(event: Event) {
  const field = event.target as HTMLSelectElement
  const item = shelf.inUse.find(i => i.id === field.value)
  field.value = ''
  if (!item) return
  const inputs = inputsFromItem(item.document, demonstration.value!)
  shelfProblem.value = editor
    .change(d => {
      Object.assign(d.inputs, inputs)
    })
    .map(f => `${f.input}: ${units.told(f.message)}`)
    .join('; ')
}
const placeAt = (step: string): ShelfPlace | undefined => demonstration.value?.shelf.find(p => p.step === step)
const fitting = (step: string) => {
  const place = placeAt(step)
  return place ? shelf.inUse.filter(i => fits(i.document, place)) : []
}

/** What is sprayed or left to stand uses up no bath. */
const sharesBath = computed(() => ['ice-pool', undefined].includes(read.value?.values.choices.coolingMethod))
/** Boiling only: a bottle that is rinsed holds no charge. */
const waterWindowApplies = computed(() => !read.value?.values.choices.fillMethod?.startsWith('rinse'))

async function copyAway() {
  const copyId = await editor.saveAsCopy()
  if (copyId) await navigateTo(`/bench/${copyId}`)
}
const fileName = computed(() =>
  (draft.value?.title || 'staging')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, ''),
)
const exportStaging = () =>
  download(`${fileName.value}.staging.json`, JSON.stringify(read.value!.document, null, 2), 'application/json')
const exportPrediction = () =>
  download(
    `${fileName.value}.prediction.json`,
    JSON.stringify(
      predictionDocument(
        read.value!,
        asStated.value!,
        read.value!.demonstration.ledger(asStated.value!),
        complete.value ? forecast.value : undefined,
      ),
      null,
      2,
    ),
    'application/json',
  )
/** Which staging is drawn, for the name of its file. */
const stagingShown = computed(() =>
  representative.value?.numbers ? `likeliest-${representative.value.outcome}` : 'as-stated',
)
const exportTrace = () =>
  download(
    `${fileName.value}.${stagingShown.value}.trace.csv`,
    traceCsv(demonstration.value!, simulation.value!.trace!),
    'text/csv',
  )

/** P10 to P90 over the stagings computed; nothing where it hardly varies. */
function spreadOf(r: ResultSpec): string {
  const q = complete.value ? forecast.value?.quantiles[r.id] : undefined
  if (!q || q.count < 50) return ''
  const [low, high] = [q.p10, q.p90].map(x => units.format(x!, r.units, r.quantity, 2))
  return low === high ? '' : t('{least} to {most}', { least: low!, most: high! })
}
const results = computed(() =>
  demonstration.value && simulation.value
    ? demonstration.value.results
        .filter(r => simulation.value!.results[r.id] !== undefined)
        .map(r => ({
          ...r,
          words: units.format(simulation.value!.results[r.id]!, r.units, r.quantity),
          spread: spreadOf(r),
        }))
    : [],
)

async function logRun() {
  if (dirty.value) await editor.save()
  if (!dirty.value && !conflict.value && faults.value.length === 0 && !failure.value)
    await navigateTo(`/logbook/new?staging=${id}`)
}
useShortcut((key, event) => {
  if (key === ' ' && (event.target as HTMLElement).closest('button, a, summary, input') === null) scrubber.toggle()
  else if (key === 'l') logRun()
  else return
  event.preventDefault()
})
useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  if ((event.ctrlKey || event.metaKey) && event.key === 's') {
    event.preventDefault()
    editor.save()
  }
})
</script>

<template>
  <div class="max-w-[1500px] mx-auto px-4 sm:px-6 py-3">
    <p v-if="failure" class="fault border border-(--danger) rounded-md p-2 mb-2" role="alert">
      {{ failure }}
      <button v-if="!stored" class="plain-link" @click="editor.load()">
        {{ $t('Try again') }}
      </button>
    </p>
    <div
      v-if="leftBehind"
      class="border border-(--gap) rounded-md p-2 mb-2 flex flex-wrap gap-2 items-center"
      role="status"
    >
      {{
        $t('Another window left unsaved changes here ({when}).', {
          when: units.date(leftBehind.draft.at, { dateStyle: 'medium', timeStyle: 'short' }),
        })
      }}
      <button class="quiet-button" @click="editor.takeLeftBehind()">
        {{ $t('Take them') }}</button><button class="quiet-button" @click="editor.leaveLeftBehind()">
        {{ $t('Throw them away') }}
      </button>
    </div>
    <div v-if="conflict" class="border-2 border-(--danger) rounded-md p-3 mb-2" role="alert">
      <p>
        <b>{{ $t('This staging was saved elsewhere since you opened it') }}</b>
        {{ $t('(now version {version}). Yours is kept here until you decide.', { version: conflict.version }) }}
      </p>
      <div class="flex flex-wrap gap-2 mt-2">
        <button class="quiet-button" @click="copyAway">
          {{ $t('Keep mine as a copy') }}
        </button>
        <button class="quiet-button" @click="editor.takeStored()">
          {{ $t('Take the saved one') }}
        </button>
        <button class="quiet-button" @click="editor.save(true)">
          {{ $t('Save mine as the next version') }}
        </button>
      </div>
    </div>
    <div v-if="misfits.length" class="fault border border-(--danger) rounded-md p-2 mb-2" role="alert">
      <p>
        {{ $t('With the room as it is now this staging does not go together; the numbers below are from before:') }}
      </p>
      <ul>
        <li v-for="f in misfits" :key="f.input">{{ f.input }}: {{ units.told(f.message) }}</li>
      </ul>
    </div>
    <ul v-if="faults.length" class="fault mb-2" role="alert">
      <li v-for="f in faults" :key="f.input">{{ f.input }}: {{ units.told(f.message) }}</li>
    </ul>

    <div
      v-if="draft && read && simulation && demonstration"
      class="grid grid-cols-1 lg:grid-cols-[2fr_3fr] gap-x-8 gap-y-4"
    >
      <div class="order-2 lg:order-1">
        <div class="flex items-baseline gap-3 mb-1">
          <h1 class="flex-1 text-2xl">
            <label class="sr-only" for="title">{{ $t('Title of the staging') }}</label>
            <input
              id="title"
              class="bg-transparent w-full border-b border-transparent hover:border-(--hairline) focus:border-(--gap)"
              maxlength="200"
              :value="draft.title"
              :placeholder="$t('Untitled')"
              @change="
                editor.change(d => {
                  d.title = ($event.target as HTMLInputElement).value
                })
              "
            />
          </h1>
        </div>
        <div class="flex flex-wrap items-center gap-2 text-sm mb-2">
          <button class="strong-button" :disabled="!dirty || saving" @click="editor.save()">
            {{ $t('Save') }} <kbd aria-hidden="true" class="!bg-transparent !text-inherit">{{ $t('Ctrl S') }}</kbd>
          </button>
          <button v-if="dirty" class="quiet-button" @click="editor.undoAll()">
            {{ $t('Undo all') }}
          </button>
          <NuxtLink class="quiet-button" :to="`/live?staging=${id}`">
            {{ $t('Go live') }}
          </NuxtLink>
          <button class="quiet-button" @click="logRun">{{ $t('Log a run') }} <kbd aria-hidden="true">l</kbd></button>
          <span class="soft" role="status" data-testid="save-state">{{
            saving
              ? $t('Saving…')
              : dirty
                ? $t('Unsaved changes, kept on this device')
                : $t('Saved, version {version}', { version: stored!.version })
          }}</span>
        </div>
        <p v-if="shelfProblem" class="fault" role="alert">
          {{ shelfProblem }}
        </p>
        <p v-if="demonstration!.gallery.family === 'vacuum' && namesLiving(draft!.title)" class="fault" role="alert">
          {{ $t('No living thing goes into a vacuum: nothing here is worked out for one.') }}
        </p>
        <AdviceList v-if="advice.length" :demonstration="demonstration" :advice="advice" @take="pull" />
        <LanguageNote :demonstration="demonstration.id" />
        <ProcedureSteps
          :demonstration="demonstration"
          :document="draft"
          :values="read.values"
          :given="read.given"
          :simulation="asStated!"
          :risk="risk"
          :strip="strip"
          :set="editor.setInput"
          @strip="askStrip"
        >
          <template #inline="{ step }">
            <label v-if="fitting(step).length" class="text-sm">
              <span class="sr-only">{{ $t('Take a {kind} from the Shelf', { kind: $t(placeAt(step)!.kind) }) }}</span>
              <select
                class="bg-transparent soft min-h-7 w-32 underline decoration-(--gap) underline-offset-3 cursor-pointer"
                @change="take"
              >
                <option value="">{{ $t('from the Shelf…') }}</option>
                <option v-for="item in fitting(step)" :key="item.id" :value="item.id">{{ item.document.name }}</option>
              </select>
            </label>
          </template>
          <template #after="{ step }">
            <WaterWindowNote
              v-if="step === 'charge' && waterWindow && waterWindowApplies"
              :window="waterWindow"
              :values="read.values"
            />
          </template>
        </ProcedureSteps>
        <p class="text-sm soft mt-2 border-t rule pt-2">
          {{ units.told(WHO_DECIDES) }}
        </p>
      </div>

      <div class="order-1 lg:order-2 grid grid-cols-1 gap-1 content-start lg:sticky lg:top-2 self-start min-w-0">
        <VerdictPanel
          :demonstration="demonstration"
          :forecast="forecast"
          :complete="complete"
          :simulation="simulation"
        />
        <p v-if="forecastFailure" class="fault" role="alert">
          {{ $t('The odds can’t be computed: {why}', { why: forecastFailure }) }}
        </p>
        <p
          v-if="representative?.numbers"
          class="text-sm border-l-2 border-(--gap) pl-2"
          role="note"
          data-testid="representative"
        >
          {{
            $t('Shown: the staging nearest to yours that ends “{likeliest}”, as most do; as stated: “{stated}”.', {
              likeliest: outcomeName(representative.outcome),
              stated: outcomeName(representative.asStated),
            })
          }}
        </p>
        <SceneDrawing v-if="scene" :scene="scene" />
        <TimeScrubber
          v-model="position"
          :stages="stages"
          :stage-index="stageIndex"
          :time="time"
          :playing="playing"
          @toggle="scrubber.toggle()"
        />
        <HushLine
          :demonstration="demonstration"
          :simulation="simulation"
          :forecast="forecast"
          :time="time"
          :stage-index="stageIndex"
          @move="scrubber.moveTo"
        />
      </div>
    </div>
    <p v-else-if="!failure" class="soft p-8">
      {{ $t('Laying it out…') }}
    </p>

    <div
      v-if="draft && read && simulation && demonstration && ledger"
      class="grid grid-cols-1 md:grid-cols-2 xl:grid-cols-3 gap-8 border-t rule mt-6 pt-5"
    >
      <div class="grid gap-6 content-start">
        <section aria-labelledby="why-title">
          <h2 id="why-title">
            {{ $t('Why') }}
          </h2>
          <p v-for="line in why" :key="keyOf(line)" class="mb-1">
            {{ units.told(line) }}
          </p>
        </section>
        <LedgerBars :ledger="ledger" />
        <VariantTable v-if="demonstration.variants" :demonstration="demonstration" :values="read.values" />
        <ParticleBoard :simulation="simulation" :time="time" :room="read.values.numbers.airTemperature!">
          <template #scrubber>
            <TimeScrubber
              v-model="position"
              :stages="stages"
              :stage-index="stageIndex"
              :time="time"
              :playing="playing"
              @toggle="scrubber.toggle()"
            />
          </template>
        </ParticleBoard>
        <SizeList v-if="judgement" :sizes="judgement.sizes" />
        <RepeatTable
          v-if="demonstration.repeats && sharesBath"
          :demonstration="demonstration"
          :values="read.values"
          :simulation="simulation"
          :forecast="complete ? forecast : undefined"
        />
      </div>
      <div class="grid gap-6 content-start">
        <LeverList :demonstration="demonstration" :levers="levers" @pull="pull" @choose="editor.setInput" />
        <CoefficientList
          :demonstration="demonstration"
          :document="draft"
          :values="read.values"
          :given="read.given"
          :influences="influences"
          :strip="strip"
          :set="editor.setInput"
          @strip="askStrip"
        />
        <PastRuns v-model:on="pastOn" :runs="pastRuns" :unlike="pastUnlike" :lessons="lessons" />
        <ReadyNote v-if="judgement?.ready" :ready="judgement.ready" :pressure="read!.values.numbers.stationPressure!" />
        <NotGoneList v-if="judgement" :failures="failures" />
      </div>
      <div class="grid gap-6 content-start">
        <section aria-labelledby="numbers-title">
          <h2 id="numbers-title">
            {{ $t('Numbers') }}
          </h2>
          <dl class="figures grid grid-cols-[1fr_auto] gap-x-4">
            <template v-for="r in results" :key="r.id">
              <dt class="soft capitalize-first">
                {{ units.told(r.name) }}
              </dt>
              <dd class="text-right">
                {{ r.words }}<span v-if="r.spread" class="soft text-sm block" :data-spread="r.id">{{ r.spread }}</span>
              </dd>
            </template>
          </dl>
        </section>
        <TeachingNotes :demonstration="demonstration" :values="shownValues!" :simulation="simulation" />
        <section aria-labelledby="kit-title">
          <h2 id="kit-title">
            {{ $t('Kit') }}
          </h2>
          <p>{{ kit.map(units.told).join('; ') }}.</p>
        </section>
        <section aria-labelledby="files-title">
          <h2 id="files-title">
            {{ $t('Files') }}
          </h2>
          <p class="flex flex-wrap gap-3">
            <button class="plain-link" @click="exportStaging">
              {{ $t('Staging (JSON)') }}
            </button>
            <button class="plain-link" @click="exportPrediction">
              {{ $t('Prediction (JSON)') }}
            </button>
            <button class="plain-link" @click="exportTrace">
              {{ $t('Trace (CSV)') }}
            </button>
            <button class="plain-link" @click="copyAway">
              {{ $t('Save as a copy') }}
            </button>
            <NuxtLink class="plain-link" :to="`/bench/compare?a=${id}`">
              {{ $t('Compare with another staging') }}
            </NuxtLink>
          </p>
          <PredictionComparison
            class="mt-2"
            :demonstration="demonstration"
            :simulation="simulation"
            :forecast="complete ? forecast : undefined"
          />
        </section>
      </div>
    </div>
  </div>
</template>
