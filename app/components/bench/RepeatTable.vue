<script setup lang="ts">
/** Several in a row on one bath: how it warms, what ice is left, and how much ice would keep it as it is. */
import { iceToHold, vesselsNeeded, type Demonstration, type Forecast, type Simulation, type Values } from '~~/core'

const props = defineProps<{ demonstration: Demonstration, values: Values, simulation: Simulation, forecast?: Forecast }>()
const units = useUnitsStore()
/** Less than this melts unseen, kg. */
const LEAST_ICE = 1e-3
const count = ref(6)
const rows = computed(() => props.demonstration.repeats!(props.values, props.simulation, count.value + 1))
const iceForAll = computed(() => {
  const [first, last] = [rows.value[0]!, rows.value.at(-1)!].map(r => ({ temperature: r.bathTemperature, ice: r.iceLeft }))
  return iceToHold(first!, last!, props.values.numbers.bathVolume!)
})
/** From heat on to the seal: how long one keeps the heater busy. */
const each = computed(() => props.simulation.details.timeOfLifting ?? 0)
const clock = (s: number) => s < 100 ? `${Math.round(s)} s` : `${Math.floor(s / 60)} min ${Math.round(s % 60)} s`
const bring = computed(() => props.forecast && vesselsNeeded(props.forecast.shares[props.demonstration.wanted] ?? 0))
</script>

<template>
  <section aria-labelledby="repeats-title">
    <h2 id="repeats-title">
      Several in a row
    </h2>
    <p>
      <label>How many <input v-model.number="count" type="number" min="1" max="40" class="text-field !w-20 !inline-block figures"></label>
      on this bath <template v-if="iceForAll >= LEAST_ICE">use up <b class="figures">{{ units.format(iceForAll, ['g', 'lb'], 'mass', 2) }}</b> of ice</template><template v-else>leave it as cold as it is</template><template v-if="bring !== undefined">; for 99 in 100 to see one, bring {{ bring }}</template>.
      <template v-if="each > 0">
        On one heater that is one every <b class="figures">{{ clock(each) }}</b>, all of them in <b class="figures">{{ clock(each * count) }}</b>.
      </template>
    </p>
    <table class="w-full figures text-sm mt-1">
      <thead><tr class="soft text-left"><th class="font-normal">No.</th><th class="font-normal">bath before it</th><th class="font-normal">ice</th></tr></thead>
      <tbody>
        <tr v-for="row in rows.slice(0, -1)" :key="row.number" class="border-t rule">
          <td>{{ row.number }}</td><td>{{ units.format(row.bathTemperature, ['degC', 'degF'], 'temperature') }}</td><td>{{ units.format(row.iceLeft, ['g', 'lb'], 'mass', 2) }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>
