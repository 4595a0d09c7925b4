<script setup lang="ts">
import { EMERGENCY } from '~/components/order/emergency'
/** What is printed: run sheet, kit list, safety sheet; on A4 or Letter, one beginning on a page of its own. */
import { kitList } from '~/components/order/kit-list'
import { clockAt } from '~/components/order/clock-at'
import { WHO_DECIDES, cautionsOf, failuresOf, fitShelf, gatesFirst, riskOfForecast, tell, type Sentence } from '~~/core'
import { useI18n } from 'vue-i18n'

const { t } = useI18n()
const id = String(useRoute().params.id)
const order = useRunningOrder(id)
const { document, acts, planned, failure } = order
const shelf = useShelfStore()
const units = useUnitsStore()
await Promise.all([order.load(), shelf.loaded ? undefined : shelf.load()])
useHead({ title: () => `${t('Sheets')}: ${document.value?.title ?? ''} · Zealous Hush` })
useSeoMeta({ description: 'Run sheet, kit list and safety sheet, to print.' })

const clock = (s: number) => clockAt(document.value!.start, s)
const plan = computed(() => planned.value.plan)
const spares = useSpares(() => acts.value)
const kit = computed(() =>
  kitList(
    acts.value,
    fitShelf(shelf.inUse.map(i => i.document)),
    shelf.inUse.map(i => i.document),
    units.readerOf,
  ),
)
const when = computed(() =>
  document.value ? units.date(document.value.start, { dateStyle: 'full', timeStyle: 'short' }) : '',
)

/** Everything that somebody does, by the clock. */
const run = computed(() => {
  if (!plan.value) return []
  const { hands, powers } = document.value!
  const helper = hands > 1 ? 'helper' : 'presenter'
  return plan.value.acts
    .flatMap((p, i) => {
      const { act, read } = acts.value[i]!
      const gates = (when: Parameters<typeof gatesFirst>[1]) =>
        tell(gatesFirst(read.demonstration, when), units.readerOf(read.demonstration.id))
      const line = (at: number, who: string, what: string) => ({ at, who, what: `${act.title}: ${what}` })
      const talk = line(p.lift - act.talk, 'presenter', t('talk; the room predicts.'))
      const ask = line(p.done, 'presenter', t('ask what happened.'))
      if (act.heating === 0) return [talk, line(p.lift, 'presenter', `${gates('all')}${t('Go.')}`), ask]
      const heat = powers
        ? t('On heater {n} ({power}), heat on.', {
            n: p.heater! + 1,
            power: units.format(powers[p.heater!]!, ['kW', 'BTU/h'], 'power'),
          })
        : t('On heater {n}, heat on.', { n: p.heater! + 1 })
      const ready =
        p.waits > 5
          ? t('ready; low flame until {lift}, no later than {latest}.', {
              lift: clock(p.lift),
              latest: clock(p.ready + act.wait),
            })
          : t('ready.')
      return [
        line(p.heatOn, helper, `${gates('before-heat')}${heat}`),
        line(p.ready, helper, ready),
        talk,
        line(p.lift, 'presenter', `${gates('after-heat')}${t('Heat off, lift, go.')}`),
        ask,
      ]
    })
    .sort((a, b) => a.at - b.at)
})
const hazards = computed(() =>
  acts.value.map(({ act, read, simulation }) => {
    const forecast = spares.value[act.id]?.forecast
    const risk = forecast && riskOfForecast(forecast)
    return {
      title: act.title,
      demonstration: read.demonstration.id,
      told: (sentence: Sentence) => tell(sentence, units.readerOf(read.demonstration.id)),
      gates: read.demonstration.gates,
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
const print = () => window.print()
</script>

<template>
  <div class="max-w-4xl mx-auto px-4 sm:px-6 py-4 sheets">
    <p class="no-print flex gap-3 mb-3">
      <UButton variant="solid" @click="print">
        {{ $t('Print') }}
      </UButton>
      <NuxtLink class="plain-link self-center" :to="`/order/${id}`">
        {{ $t('Back to the running order') }}
      </NuxtLink>
    </p>
    <p v-if="failure" class="fault" role="alert">
      {{ failure }}
    </p>
    <template v-if="document">
      <h1 class="text-2xl">
        {{ document.title }}
      </h1>
      <p class="soft mb-3">
        {{ when }}
      </p>
      <section aria-labelledby="run-title">
        <h2 id="run-title" class="!text-xl">
          {{ $t('Run sheet') }}
        </h2>
        <p v-for="c in planned.clashes" :key="units.told(c)" class="font-bold">
          {{ $t('Does not fit: {why}', { why: units.told(c) }) }}
        </p>
        <table class="w-full figures">
          <thead>
            <tr class="text-left soft">
              <th>{{ $t('time') }}</th>
              <th>{{ $t('who') }}</th>
              <th>{{ $t('what') }}</th>
              <th>{{ $t('done') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(line, i) in run" :key="i" class="border-t rule align-top">
              <td class="pr-3 whitespace-nowrap font-bold">
                {{ clock(line.at) }}
              </td>
              <td class="pr-3">
                {{ $t(line.who) }}
              </td>
              <td class="py-1">
                {{ line.what }}
              </td>
              <td class="text-center">☐</td>
            </tr>
          </tbody>
        </table>
      </section>
      <section aria-labelledby="carry-title" class="new-page">
        <h2 id="carry-title" class="!text-xl">
          {{ $t('Kit list') }}
        </h2>
        <p v-for="line in kit.missing" :key="line" class="font-bold">
          {{ line }}
        </p>
        <SparesList :acts="acts.map(a => a.act)" :spares="spares" :ice="kit.ice" />
        <ul class="columns-2 mt-1">
          <li v-for="line in kit.lines" :key="line.name">
            ☐ {{ line.name }}<template v-if="line.count > 1"> × {{ line.count }} </template>
          </li>
        </ul>
      </section>
      <section aria-labelledby="safety-title" class="new-page">
        <h2 id="safety-title" class="!text-xl">
          {{ $t('Safety sheet') }}
        </h2>
        <p class="mb-2">
          {{ units.told(WHO_DECIDES) }}
        </p>
        <div v-for="h in hazards" :key="h.title" class="mb-4">
          <h3 class="text-lg font-bold">
            {{ h.title }}
          </h3>
          <LanguageNote :demonstration="h.demonstration" />
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
        <ol class="list-decimal pl-5">
          <li v-for="line in EMERGENCY" :key="line">
            {{ $t(line) }}
          </li>
        </ol>
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
      </section>
    </template>
  </div>
</template>

<style>
@media print {
  .sheets tr,
  .sheets li {
    break-inside: avoid;
  }
  @page {
    margin: 16mm;
  }
}
</style>
