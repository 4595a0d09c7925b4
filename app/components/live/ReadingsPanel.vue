<script setup lang="ts">
/** The data logger of an act: its line, what it has brought, and the curve. */
import { useMounted } from '@vueuse/core'
import type { Reading } from '~~/core'
import type { LiveAct } from '~/composables/useLiveActs'
import { BIT_RATES, hasPorts } from '~/serial/port'

defineProps<{
  act: LiveAct
  logger: ReturnType<typeof useLoggerStream>
  /** s from the seal */ readings: readonly Reading[]
  speed: number
}>()
const mounted = useMounted()
const ports = computed(() => mounted.value && hasPorts())
const rate = ref<number>(BIT_RATES[0])
</script>

<template>
  <section :aria-label="$t('Readings')" class="border rule rounded-xl p-4 bg-(--sheet)">
    <p class="flex flex-wrap gap-3 items-center">
      <button v-if="logger.state.value !== 'on'" class="mark-key" @click="logger.connect(act.id, speed)">
        {{ $t('Connect the simulated logger') }}
      </button>
      <template v-if="ports && logger.state.value !== 'on'">
        <button class="mark-key" @click="logger.connectPort(act.id, rate)">
          {{ $t('Connect a logger at a serial port') }}
        </button>
        <ChoiceField
          v-model="rate"
          class="w-36"
          :label="$t('bits a second')"
          :items="BIT_RATES.map(value => ({ value, label: String(value) }))"
        />
      </template>
      <button v-if="logger.state.value === 'on'" class="mark-key" @click="logger.disconnect">
        {{ $t('Disconnect') }}
      </button>
      <span class="figures" data-testid="logger-state"
        >{{ logger.state.value === 'lost' ? $t('⚠ The logger’s line broke. ') : ''
        }}{{ $t('No readings | {n} reading | {n} readings', logger.readings.value.length)
        }}<template v-if="logger.reader.value">{{
          $t(', {dropped} drop-outs, {lost} lost lines', {
            dropped: logger.reader.value.dropped,
            lost: logger.reader.value.lost,
          })
        }}</template></span
      >
    </p>
    <p v-if="logger.failure.value" class="fault" role="alert">
      {{ $t('The logger can’t be read: {why}', { why: logger.failure.value }) }}
    </p>
    <LazyReadingsChart
      v-if="readings.length"
      :simulation="act.simulation"
      :readings="readings"
      :line="$t('computed as planned')"
    />
  </section>
</template>
