<script setup lang="ts">
/** What is made ready before, and everything that somebody does, by a clock that a hand can keep. */
import { byHand, gatesFirst, preparationOf, stepWords, tell, type Plan } from '~~/core'
import type { OrderAct } from './order-acts'
import { useI18n } from 'petite-vue-i18n'

const props = defineProps<{
  acts: readonly OrderAct[]
  plan: Plan
  hands: number
  /** W of each heater, where they differ */ powers?: readonly number[]
  /** what a clock shows so many seconds after the beginning */ clock: (s: number) => string
}>()
const { t } = useI18n()
const units = useUnitsStore()
const ready = computed(() =>
  props.acts.flatMap(({ act, read: { demonstration, values } }) => {
    const steps = preparationOf(demonstration, values).map(step =>
      stepWords(demonstration, step, values, units.readerOf(demonstration.id)),
    )
    return steps.length ? [{ id: act.id, title: act.title, steps }] : []
  }),
)
const lines = computed(() => {
  const { acts, plan, hands, powers, clock } = props
  const helper = hands > 1 ? 'helper' : 'presenter'
  return plan.acts
    .flatMap((p, i) => {
      const { act, read } = acts[i]!
      const gates = (when: Parameters<typeof gatesFirst>[1]) =>
        tell(gatesFirst(read.demonstration, when, read.values), units.readerOf(read.demonstration.id))
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
              lift: clock(byHand(p.lift)),
              latest: clock(byHand(p.ready + act.wait, true)),
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
</script>

<template>
  <div>
    <section v-if="ready.length" :aria-label="$t('To be made ready before')" class="mb-3">
      <h3 class="font-bold">{{ $t('To be made ready before') }}</h3>
      <ul>
        <template v-for="act in ready" :key="act.id">
          <li v-for="step in act.steps" :key="step" class="pl-6 -indent-6 py-0.5">
            ☐ <b>{{ act.title }}:</b> {{ step }}
          </li>
        </template>
      </ul>
    </section>
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
        <tr v-for="(line, i) in lines" :key="i" class="border-t rule align-top">
          <td class="pr-3 whitespace-nowrap font-bold">
            {{ clock(byHand(line.at)) }}
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
  </div>
</template>
