<script setup lang="ts">
import { namesLiving } from '~/components/bench/names-living'
import { useEventListener, watchDebounced } from '@vueuse/core'
import { WHO_DECIDES, fromSi, keyOf, riskOfForecast, type QuantityInput, type StagingDocument } from '~~/core'
import SceneDrawing from '~/components/drawing/SceneDrawing.vue'
const route = useRoute()
const id = String(route.params.id)
const editor = useStagingEditor(id)
const shelf = useShelfStore()
const units = useUnitsStore()
const { draft, dirty, read, misfits, simulation: asStated, conflict, failure, faults } = editor
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
const demonstration = computed(() => read.value?.demonstration)
useSubject(() => demonstration.value?.id)
/** Cautions follow the draws as soon as there are some; until then the one run that is stated. */
const risk = computed(() => forecast.value && riskOfForecast(forecast.value))
const { shownValues, simulation, ledger, why, advice, judgement, failures } = useShownStaging(
  { read, asStated },
  representative,
  risk,
  complete,
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

const scene = computed(
  () => simulation.value && demonstration.value!.drawing(shownValues.value!, simulation.value, time.value),
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
function take(inputs: StagingDocument['inputs']) {
  const found = editor.change(d => {
    Object.assign(d.inputs, inputs)
  })
  shelfProblem.value = editor.faultLines(found).join('; ')
}

/** What is sprayed or left to stand uses up no bath. */
const sharesBath = computed(() => ['ice-pool', undefined].includes(read.value?.values.choices.coolingMethod))
/** Boiling only: a bottle that is rinsed holds no charge. */
const waterWindowApplies = computed(() => !read.value?.values.choices.fillMethod?.startsWith('rinse'))

async function copyAway() {
  const copyId = await editor.saveAsCopy()
  if (copyId) await navigateTo(`/bench/${copyId}`)
}
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
    <StagingNotices :editor="editor" @copy="copyAway" />

    <div
      v-if="draft && read && simulation && demonstration"
      class="grid grid-cols-1 lg:grid-cols-[2fr_3fr] gap-x-8 gap-y-4"
    >
      <div class="order-2 lg:order-1">
        <StagingHead :id="id" :editor="editor" @log="logRun" />
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
          :editor="editor"
          @strip="askStrip"
        >
          <template #inline="{ step }">
            <FromShelf :demonstration="demonstration" :step="step" @take="take" />
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
          :editor="editor"
          @strip="askStrip"
        />
        <PastRuns v-model:on="pastOn" :runs="pastRuns" :unlike="pastUnlike" :lessons="lessons" />
        <ReadyNote v-if="judgement?.ready" :ready="judgement.ready" :pressure="read!.values.numbers.stationPressure!" />
        <NotGoneList v-if="judgement" :failures="failures" />
      </div>
      <div class="grid gap-6 content-start">
        <NumbersList
          :demonstration="demonstration"
          :simulation="simulation"
          :forecast="complete ? forecast : undefined"
        />
        <TeachingNotes :demonstration="demonstration" :values="shownValues!" :simulation="simulation" />
        <section aria-labelledby="kit-title">
          <h2 id="kit-title">
            {{ $t('Kit') }}
          </h2>
          <p>{{ kit.map(units.told).join('; ') }}.</p>
        </section>
        <StagingFiles
          :id="id"
          :read="read"
          :as-stated="asStated!"
          :simulation="simulation"
          :representative="representative"
          :forecast="complete ? forecast : undefined"
          @copy="copyAway"
        />
      </div>
    </div>
  </div>
</template>
