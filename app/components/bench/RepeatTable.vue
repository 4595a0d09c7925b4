<script setup lang="ts">
/** Several in a row on one bath: how it warms, what ice is left, and how much ice would keep it as it is. */
import { iceToHold, ofThing, vesselsNeeded, type Demonstration, type Forecast, type Traced, type Values } from '~~/core'

const props = defineProps<{ demonstration: Demonstration; values: Values; simulation: Traced; forecast?: Forecast }>()
const units = useUnitsStore()
/** Less than this melts unseen, kg. */
const LEAST_ICE = 1e-3
const count = ref(6)
const rows = computed(() => props.demonstration.repeats!(props.values, props.simulation, count.value + 1))
const iceForAll = computed(() => {
  const [first, last] = [rows.value[0]!, rows.value.at(-1)!].map(r => ({
    temperature: r.bathTemperature,
    ice: r.iceLeft,
  }))
  return iceToHold(first!, last!, ofThing(props.demonstration, props.values, 'water')!)
})
/** From heat on to the seal: how long one keeps the heater busy. */
const each = computed(() => props.simulation.details.timeOfLifting ?? 0)
const bring = computed(() => props.forecast && vesselsNeeded(props.forecast.shares[props.demonstration.wanted] ?? 0))
</script>

<template>
  <AskedPart id="repeats" :title="$t('How often in a row?')">
    <div>
      <label
        >{{ $t('How many') }}
        <UInput
          v-model.number="count"
          type="number"
          min="1"
          max="40"
          class="w-20 inline-block"
          :ui="{ base: 'figures' }"
      /></label>
      <span class="figures"
        >{{
          iceForAll >= LEAST_ICE
            ? $t('on this bath use up {ice} of ice.', { ice: units.format(iceForAll, ['g', 'lb'], 'mass', 2) })
            : $t('on this bath leave it as cold as it is.')
        }}
        <template v-if="bring !== undefined">{{
          ` ${$t('For 99 in 100 to see one, bring {n}.', { n: bring })}`
        }}</template>
        <template v-if="each > 0">{{
          ` ${$t('On one heater that is one every {each}, all of them in {all}.', {
            each: units.clock(each),
            all: units.clock(each * count),
          })}`
        }}</template></span
      >
    </div>
    <table class="w-full figures text-sm mt-1">
      <thead>
        <tr class="soft text-left">
          <th class="font-normal">{{ $t('No.') }}</th>
          <th class="font-normal">{{ $t('bath before it') }}</th>
          <th class="font-normal">{{ $t('ice') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows.slice(0, -1)" :key="row.number" class="border-t rule">
          <td>{{ row.number }}</td>
          <td>{{ units.format(row.bathTemperature, ['degC', 'degF'], 'temperature') }}</td>
          <td>{{ units.format(row.iceLeft, ['g', 'lb'], 'mass', 2) }}</td>
        </tr>
      </tbody>
    </table>
  </AskedPart>
</template>
