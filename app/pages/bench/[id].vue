<script setup lang="ts">
import { OPEN_STAGING } from '~/stagings/open-staging'
import { useEventListener } from '@vueuse/core'
import { itsTurn } from '~/waking/turns'
import { WHO_DECIDES } from '~~/core'
import SceneDrawing from '~/components/drawing/SceneDrawing.vue'
const route = useRoute()
const id = String(route.params.id)
const staging = useOpenStaging(id)
provide(OPEN_STAGING, staging)
const { editor, demonstration, asStated, scrubber, pull, shelfProblem, take, takeTypical } = staging
const { copyAway, logRun, unfit } = staging
const units = useUnitsStore()
const { draft, read, dirty, failure } = editor
await staging.open()
// The staging as stated takes a slow device long: in a task of its own.
await itsTurn()
staging.showFirst()
await itsTurn()
useHead({ title: () => `${draft.value?.title || 'Staging'} · Bench · Zealous Hush` })
useSeoMeta({
  description: 'Will it work, and how do I make it work? Odds, pressures, cautions and levers of one staging.',
})

const {
  forecast,
  complete,
  stale,
  representative,
  strip,
  waterWindow,
  windowStale,
  failure: forecastFailure,
  askStrip,
} = staging.odds
const { shownValues, simulation, ledger, advice, cautions } = staging.shown
const outcomeName = (id: string) => units.told(demonstration.value!.outcomes.find(o => o.id === id)!.name)
const { stageIndex, time } = scrubber
const scene = computed(
  () => simulation.value && demonstration.value!.drawing(shownValues.value!, simulation.value, time.value),
)

useShortcut((key, event) => {
  if (key === ' ' && (event.target as HTMLElement).closest('button, a, summary, input') === null) scrubber.toggle()
  else if (key === 'l') logRun()
  else return
  event.preventDefault()
})
useEventListener('keydown', (event: KeyboardEvent) => {
  if ((event.ctrlKey || event.metaKey) && event.key === 's') {
    event.preventDefault()
    editor.save()
  }
})
</script>

<template>
  <div class="max-w-[1500px] mx-auto px-4 sm:px-6 py-3" @focusin.once="staging.prepare">
    <VerdictLine
      v-if="forecast && demonstration && !unfit.length"
      :demonstration="demonstration"
      :forecast="forecast"
      :stale="stale"
    />
    <StagingNotices :editor="editor" @copy="copyAway" />
    <ThingNotices />

    <div
      v-if="draft && read && simulation && demonstration"
      class="grid grid-cols-1 lg:grid-cols-[2fr_3fr] gap-x-8 gap-y-4"
    >
      <div class="order-2 lg:order-1">
        <InTurn><StagingHead :id="id" :editor="editor" @log="logRun" /></InTurn>
        <p v-if="shelfProblem" class="fault" role="alert">
          {{ shelfProblem }}
        </p>
        <LazyLivingNote v-if="demonstration.gallery.family === 'vacuum'" :title="draft.title" />
        <InTurn
          ><AdviceList v-if="advice.length" :demonstration="demonstration" :advice="advice" @take="pull"
        /></InTurn>
        <LanguageNote :demonstration="demonstration.id" />
        <SchoolCautions :demonstration="demonstration.id" />
        <InTurn>
          <ProcedureSteps
            :demonstration="demonstration"
            :document="draft"
            :values="read.values"
            :given="read.given"
            :simulation="asStated!"
            :cautions="cautions"
            :strip="strip"
            :editor="editor"
            @strip="askStrip"
          >
            <template #inline="{ step }">
              <FromShelf
                :demonstration="demonstration"
                :step="step"
                :values="read.values"
                @take="take"
                @typical="takeTypical"
              />
            </template>
            <template #after="{ step }">
              <WaterWindowNote
                v-if="waterWindow && step === waterWindow.step"
                :window="waterWindow"
                :stale="windowStale"
                :values="read.values"
              />
            </template>
          </ProcedureSteps>
        </InTurn>
        <p class="text-sm soft mt-2 border-t rule pt-2">
          {{ units.told(WHO_DECIDES) }}
        </p>
      </div>

      <div class="order-1 lg:order-2 grid grid-cols-1 gap-1 content-start lg:sticky lg:top-2 self-start min-w-0">
        <InTurn>
          <VerdictPanel
            v-if="!unfit.length"
            :demonstration="demonstration"
            :forecast="forecast"
            :complete="complete"
            :stale="stale"
            :simulation="simulation"
          />
        </InTurn>
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
        <InTurn><SceneDrawing v-if="scene" :scene="scene" /></InTurn>
        <InTurn><StagingScrubber /></InTurn>
        <InTurn>
          <HushLine
            :demonstration="demonstration"
            :simulation="simulation"
            :forecast="forecast"
            :time="time"
            :stage-index="stageIndex"
            @move="scrubber.moveTo"
          />
        </InTurn>
      </div>
    </div>
    <p v-else-if="!failure" class="soft p-8">
      {{ $t('Laying it out…') }}
    </p>

    <WhenNear
      v-if="draft && read && simulation && demonstration && ledger"
      :of="() => import('~/components/bench/StagingDetails.vue')"
      file="components/bench/StagingDetails.vue"
      :stale="dirty"
    />
  </div>
</template>
