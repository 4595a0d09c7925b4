<script setup lang="ts">
/** Hazards with the numbers behind them, what is done about each, what is done when it fails, and who signs for it. */
import { EMERGENCY } from './emergency'
import {
  WHO_DECIDES,
  cautionsOf,
  failuresOf,
  gatesOf,
  riskOfForecast,
  tell,
  type Forecast,
  type Sentence,
} from '~~/core'
import { useI18n } from 'petite-vue-i18n'
import type { OrderAct } from './order-acts'

const props = defineProps<{
  acts: readonly OrderAct[]
  /** by act; until it is there its cautions go by the one run that is stated */
  forecasts: Readonly<Record<string, { forecast: Forecast }>>
  /** why it can't be worked out, by act */ failed?: Readonly<Record<string, string>>
}>()
const { t } = useI18n()
const school = useSchoolStore()
const units = useUnitsStore()
const lacking = computed(() => props.acts.filter(a => !props.forecasts[a.act.id] && !props.failed?.[a.act.id]).length)
const hazards = computed(() =>
  props.acts.map(({ act, read, simulation }) => {
    const forecast = props.forecasts[act.id]?.forecast
    const risk = forecast && riskOfForecast(forecast)
    return {
      title: act.title,
      failed: props.failed?.[act.id],
      demonstration: read.demonstration.id,
      told: (sentence: Sentence) => tell(sentence, units.readerOf(read.demonstration.id)),
      gates: gatesOf(read.demonstration, read.values),
      cautions: cautionsOf(read.demonstration, read.values, simulation, risk),
      sizes: read.demonstration.sizes(read.values, simulation),
      failures: failuresOf(read.demonstration, read.values, simulation, risk),
    }
  }),
)
/** Acts of one end; of the later ones, only what is done otherwise than for the first. */
const ownActs = (failures: ReturnType<typeof failuresOf>, i: number, told: (sentence: Sentence) => string) => {
  const same = new Set(i === 0 ? [] : failures[0]!.acts.map(a => told(a.text)))
  return `${same.size ? t('As above; and: ') : ''}${failures[i]!.acts.map(a => told(a.text))
    .filter(text => !same.has(text))
    .join(' ')}`
}
</script>

<template>
  <div>
    <p class="mb-2">
      {{ units.told(WHO_DECIDES) }}
    </p>
    <p v-if="lacking" class="fault mb-2" role="status">
      {{
        $t('The odds are still being computed ({done} of {of}); cautions may become stricter. Print it then.', {
          done: acts.length - lacking,
          of: acts.length,
        })
      }}
    </p>
    <div v-for="h in hazards" :key="h.title" class="mb-4">
      <h3 class="text-lg font-bold">
        {{ h.title }}
      </h3>
      <LanguageNote :demonstration="h.demonstration" />
      <p v-if="h.failed" class="fault" role="alert">
        {{
          $t('The odds can’t be computed, and cautions may have to be stricter than these: {why}', { why: h.failed })
        }}
      </p>
      <table class="w-full text-sm">
        <thead>
          <tr class="text-left soft">
            <th class="w-2/5">
              {{ $t('hazard, with the number behind it') }}
            </th>
            <th>{{ $t('control') }}</th>
            <th class="w-16">
              {{ $t('done by') }}
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="c in h.cautions" :key="c.id + c.step" class="border-t rule align-top">
            <td class="pr-3 py-1">
              <b v-if="c.severity === 'raised'">{{ `${$t('Raised:')} ` }}</b>{{ h.told(c.hazard) }}
            </td>
            <td class="pr-3 py-1">
              {{ h.told(c.control) }}
            </td>
            <td class="border-b rule" />
          </tr>
        </tbody>
      </table>
      <SchoolCautions class="text-sm" :demonstration="h.demonstration" />
      <p class="text-sm mt-1">
        <b>{{ $t('How big:') }}</b>
        {{ h.sizes.map(s => `${h.told(s.name)} ${units.format(s.value, s.units, s.quantity, 2)}`).join('; ') }}.
      </p>
      <p class="text-sm">
        <b>{{ $t('First, each before its step:') }}</b>
        {{ h.gates.map(g => h.told(g.text)).join(' ') || $t('nothing to confirm') }}
      </p>
      <p v-for="(f, i) in h.failures" :key="f.outcome" class="text-sm">
        <b>{{ $t(i === 0 ? 'If it ends so:' : 'Or so:') }} {{ h.told(f.sentence) }}</b>
        {{ ownActs(h.failures, i, h.told) }}
      </p>
    </div>
    <h3 class="text-lg font-bold">
      {{ $t('In an emergency') }}
    </h3>
    <dl v-if="school.document.emergency.length" class="flex flex-wrap gap-x-6 my-1" data-testid="emergency-numbers">
      <div v-for="line in school.document.emergency" :key="line.who + line.number" class="flex gap-2">
        <dt>{{ line.who }}</dt>
        <dd class="font-bold figures whitespace-nowrap">{{ line.number }}</dd>
      </div>
    </dl>
    <ol class="list-decimal pl-5">
      <li v-for="line in EMERGENCY" :key="line">
        {{ $t(line) }}
      </li>
    </ol>
    <template v-if="school.document.rules.length">
      <h3 class="text-lg font-bold mt-3">{{ $t('Rules that hold here') }}</h3>
      <ul class="list-disc pl-5">
        <li v-for="rule in school.document.rules" :key="rule">{{ rule }}</li>
      </ul>
    </template>
    <dl class="grid grid-cols-[14rem_1fr] gap-y-4 mt-5">
      <template
        v-for="line in [
          'Risk assessment, number and date',
          'Local rules checked',
          'First aid and extinguisher are at',
          'Who stands where',
          'Presenter, signed',
          'Head of department, signed',
        ]"
        :key="line"
      >
        <dt>{{ $t(line) }}</dt>
        <dd class="border-b border-(--ink)" />
      </template>
    </dl>
  </div>
</template>
