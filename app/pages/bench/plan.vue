<script setup lang="ts">
/** A staging on one page, to work from: odds, drawing, steps, kit, cautions, and room for what happened. */
import { OPEN_STAGING } from '~/stagings/open-staging'
import { WHO_DECIDES, gatesOf, keyOf, stepWords } from '~~/core'
import SceneDrawing from '~/components/drawing/SceneDrawing.vue'

const id = String(useRoute().query.staging ?? '')
const units = useUnitsStore()
const open = useOpenStaging(id)
provide(OPEN_STAGING, open)
const { editor, shown, odds, demonstration, kit, asStated, unfit } = open
const { draft, read, misfits, failure } = editor
const { simulation, shownValues, judgement, failures, cautions } = shown
await open.open()
const title = computed(() => draft.value?.title || demonstration.value?.name || '')
useHead({ title: () => `${title.value} · Plan · Zealous Hush` })
useSeoMeta({ description: 'A staging on one page, to print and to work from.' })

const scene = computed(() => {
  if (!demonstration.value || !simulation.value || !shownValues.value) return undefined
  const stages = simulation.value.trace.stages
  return demonstration.value.drawing(shownValues.value, simulation.value, stages.at(-1)!.end)
})
const steps = computed(() => {
  if (!read.value || !asStated.value) return []
  const { demonstration: of, values } = read.value
  return of.procedure.map(step => ({
    id: step.id,
    words: stepWords(of, step, values, units.readerOf(of.id)),
    duration: step.duration?.(asStated.value!),
    gates: gatesOf(of, values)
      .filter(g => g.step === step.id)
      .map(g => units.told(g.text)),
  }))
})
/** A control that several cautions share is written once, under all of them. */
const controls = computed(() => {
  const by = new Map<string, { hazards: string[]; raised: boolean }>()
  for (const c of cautions.value) {
    const control = units.told(c.control)
    const entry = by.get(control) ?? { hazards: [], raised: false }
    const hazard = units.told(c.hazard).replace(/\.$/, '')
    if (!entry.hazards.includes(hazard)) entry.hazards.push(hazard)
    entry.raised ||= c.severity === 'raised'
    by.set(control, entry)
  }
  return [...by].map(([control, entry]) => ({ control, ...entry }))
})
/** The first acts take the pressure away, whatever the end; the rest stands on the safety sheet. */
const otherwise = computed(() => failures.value[0]?.acts.map(a => units.told(a.text)).join(' '))
const room = computed(() => {
  const n = read.value?.values.numbers
  return n?.stationPressure === undefined
    ? ''
    : [
        units.format(n.stationPressure, ['hPa', 'inHg'], 'pressure'),
        n.airTemperature === undefined ? '' : units.format(n.airTemperature, ['degC', 'degF'], 'temperature'),
      ]
        .filter(Boolean)
        .join(', ')
})
const print = () => window.print()
</script>

<template>
  <div class="one-page max-w-[50rem] mx-auto px-4 sm:px-6 py-4 print:p-0">
    <p class="no-print flex flex-wrap gap-3 mb-4">
      <UButton variant="solid" :disabled="!odds.complete.value" @click="print">{{ $t('Print') }}</UButton>
      <NuxtLink class="plain-link self-center" :to="`/bench/${id}`">{{ $t('Back to the Bench') }}</NuxtLink>
    </p>
    <p v-if="failure" class="fault" role="alert">{{ failure }}</p>
    <p v-if="misfits.length" class="fault" role="alert">
      {{ $t('In this room it does not go together as it stands:') }} {{ editor.faultLines(misfits).join('; ') }}
    </p>
    <ThingNotices />
    <p v-if="odds.failure.value" class="fault" role="alert">
      {{ $t('The odds can’t be computed: {why}', { why: odds.failure.value }) }}
    </p>
    <p v-else-if="!odds.complete.value && !unfit.length" class="fault" role="status">
      {{ $t('The odds are still being computed; cautions may become stricter. Print it then.') }}
    </p>
    <template v-if="!unfit.length && draft && read && simulation && demonstration && !misfits.length">
      <SheetHead />
      <h1 class="text-2xl">{{ title }}</h1>
      <p class="soft text-sm mb-1">
        {{ units.told(demonstration.name) }}<template v-if="room"> · {{ $t('room: {room}', { room }) }}</template>
      </p>
      <LanguageNote :demonstration="demonstration.id" />
      <div class="grid grid-cols-[3fr_2fr] gap-4 items-start">
        <VerdictPanel
          class="!min-h-0"
          :demonstration="demonstration"
          :forecast="odds.forecast.value"
          :complete="odds.complete.value"
          :stale="odds.stale.value"
          :simulation="simulation"
        />
        <SceneDrawing v-if="scene" :scene="scene" column />
      </div>
      <h2 class="mt-1">{{ $t('Steps') }}</h2>
      <ol class="steps">
        <li v-for="(step, i) in steps" :key="step.id" class="grid grid-cols-[1.3rem_1.3rem_1fr_auto] gap-x-1">
          <span aria-hidden="true">☐</span><b>{{ i + 1 }}</b>
          <span> <b v-for="gate in step.gates" :key="gate">{{ `${$t('First:')} ${gate} ` }}</b>{{ step.words }} </span>
          <span class="figures soft whitespace-nowrap">{{
            step.duration === undefined ? '' : units.clock(step.duration)
          }}</span>
        </li>
      </ol>
      <div class="grid grid-cols-2 gap-x-5">
        <section v-if="judgement?.ready" aria-labelledby="ready-title">
          <h2 id="ready-title">{{ $t('Ready when') }}</h2>
          <p v-for="w in judgement.ready.watch" :key="keyOf(w.sign)">{{ units.told(w.sign) }}</p>
          <p v-if="judgement.ready.dryAt !== undefined" class="figures">
            {{ $t('Dry at') }} {{ units.clock(judgement.ready.dryAt) }}
          </p>
        </section>
        <section aria-labelledby="kit-title">
          <h2 id="kit-title">{{ $t('Kit') }}</h2>
          <p>{{ kit.map(line => `☐\u00a0${units.told(line)}`).join('  ') }}</p>
        </section>
      </div>
      <h2>{{ $t('Cautions') }}</h2>
      <ul class="cautions">
        <li v-for="c in controls" :key="c.control">
          <b><template v-if="c.raised">{{ `${$t('Raised:')} ` }}</template>{{ c.hazards.join('; ') }}.</b>
          {{ c.control }}
        </li>
      </ul>
      <SchoolCautions class="cautions" :demonstration="demonstration.id" />
      <p v-if="otherwise" class="cautions"><b>{{ $t('If it ends otherwise') }}:</b> {{ otherwise }}</p>
      <p class="soft">{{ units.told(WHO_DECIDES) }}</p>
      <h2>{{ $t('What happened') }}</h2>
      <p>{{ demonstration.outcomes.map(o => `☐\u00a0${units.told(o.name)}`).join('   ') }}</p>
      <p class="grid grid-cols-3 gap-4 mt-4">
        <span class="border-t border-(--ink)">{{ $t('hush, s') }}</span>
        <span class="border-t border-(--ink)">{{ $t('measured') }}</span>
        <span class="border-t border-(--ink)">{{ $t('day, and who') }}</span>
      </p>
    </template>
    <p v-else-if="!failure && !misfits.length" class="soft">{{ $t('Laying it out…') }}</p>
  </div>
</template>

<style>
.one-page {
  font-size: 0.92rem;
  line-height: 1.35;
}
.one-page .cautions {
  font-size: 0.85rem;
  line-height: 1.3;
}
@media print {
  @page {
    margin: 11mm;
  }
  .one-page {
    font-size: 8.6pt;
    line-height: 1.22;
    max-width: none;
  }
  .one-page h1 {
    font-size: 15pt;
  }
  .one-page h2 {
    font-size: 10pt;
    margin-top: 1.2mm;
  }
  .one-page .display {
    font-size: 13pt;
  }
  .one-page .bench-drawing {
    max-height: 38mm;
  }
  .one-page figcaption {
    font-size: 7.5pt;
  }
  .one-page .cautions {
    columns: 2;
    column-gap: 5mm;
    font-size: 7.6pt;
    line-height: 1.18;
  }
  .one-page li {
    break-inside: avoid;
  }
}
</style>
