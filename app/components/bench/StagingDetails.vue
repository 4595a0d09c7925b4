<script setup lang="ts">
/** What is asked once the verdict has been read: why, what it hangs on, what the class is told, what to bring. */
import { OPEN_STAGING } from '~/stagings/open-staging'
import { useElementVisibility } from '@vueuse/core'
import { keyOf, lessonsOf } from '~~/core'

const staging = inject(OPEN_STAGING)!
const { id, editor, demonstration, scrubber, kit, pull, copyAway } = staging
const { draft, read } = editor
const { forecast, complete, influences, representative, levers, leverFailure, strip, askStrip, past } = staging.odds
const { shownValues, simulation, ledger, why, judgement, failures } = staging.shown
const { on: pastOn, runs: pastRuns, unlike: pastUnlike, learnt } = past
const { time } = scrubber
const units = useUnitsStore()
const lessons = computed(() =>
  read.value && learnt.value ? lessonsOf(read.value.demonstration, read.value.given, learnt.value) : [],
)
const leverPart = useTemplateRef<HTMLElement>('leverPart')
const leversInSight = useElementVisibility(leverPart)
watch(leversInSight, inSight => {
  if (inSight) staging.odds.leversSeen.value = true
})
/** What is sprayed or left to stand uses up no bath. */
const sharesBath = computed(() => read.value && demonstration.value?.standsInBath?.(read.value.values) !== false)
</script>

<template>
  <div
    v-if="draft && read && simulation && demonstration && ledger"
    class="grid grid-cols-1 md:grid-cols-2 xl:grid-cols-3 gap-8 border-t rule mt-6 pt-5"
  >
    <div class="grid gap-6 content-start">
      <InTurn>
        <section aria-labelledby="why-title">
          <h2 id="why-title">
            {{ $t('Why') }}
          </h2>
          <p v-for="line in why" :key="keyOf(line)" class="mb-1">
            {{ units.told(line) }}
          </p>
        </section>
        <div class="border-b rule">
          <LedgerBars :ledger="ledger" />
          <AskedPart id="particles" :title="$t('What do the particles do?')">
            <LazyParticleBoard :simulation="simulation" :time="time" :room="read.values.numbers.airTemperature!">
              <template #scrubber>
                <StagingScrubber />
              </template>
            </LazyParticleBoard>
          </AskedPart>
          <VesselAfter :demonstration="demonstration" :values="shownValues!" :simulation="simulation" />
          <SizeList v-if="judgement" :sizes="judgement.sizes" />
          <VariantTable v-if="demonstration.variants" :demonstration="demonstration" :values="read.values" />
          <NumbersList
            :demonstration="demonstration"
            :simulation="simulation"
            :forecast="complete ? forecast : undefined"
          />
        </div>
      </InTurn>
    </div>
    <div class="grid gap-6 content-start">
      <InTurn>
        <div ref="leverPart">
          <LeverList
            :demonstration="demonstration"
            :levers="levers"
            :failure="leverFailure"
            @pull="pull"
            @choose="editor.setInput"
          />
        </div>
        <PastRuns v-model:on="pastOn" :runs="pastRuns" :unlike="pastUnlike" :lessons="lessons" />
        <div class="border-b rule">
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
          <RepeatTable
            v-if="demonstration.repeats && sharesBath"
            :demonstration="demonstration"
            :values="read.values"
            :simulation="simulation"
            :forecast="complete ? forecast : undefined"
          />
        </div>
      </InTurn>
    </div>
    <div class="grid gap-6 content-start">
      <InTurn>
        <ReadyNote v-if="judgement?.ready" :ready="judgement.ready" :pressure="read!.values.numbers.stationPressure!" />
        <NotGoneList v-if="judgement" :failures="failures" />
        <div class="border-b rule">
          <AskedPart id="kit" :title="$t('What do I need?')">
            <p>{{ kit.map(units.told).join('; ') }}.</p>
          </AskedPart>
          <AskedPart id="tell" :title="$t('What do I tell the class?')">
            <LazyTeachingNotes :demonstration="demonstration" :values="shownValues!" :simulation="simulation" />
          </AskedPart>
          <AskedPart id="files" :title="$t('How do I print, share or copy it?')">
            <LazyStagingFiles
              :id="id"
              :read="read"
              :simulation="simulation"
              :representative="representative"
              :forecast="complete ? forecast : undefined"
              @copy="copyAway"
            />
          </AskedPart>
        </div>
      </InTurn>
    </div>
  </div>
</template>
