<script setup lang="ts">
/** The data logger of an act: its line, what it has brought, and the curve. */
import type { Reading } from '~~/core'
import type { LiveAct } from '~/composables/useLiveActs'

defineProps<{
  act: LiveAct
  logger: ReturnType<typeof useLoggerStream>
  /** s from the seal */ readings: readonly Reading[]
  speed: number
}>()
</script>

<template>
  <section :aria-label="$t('Readings')" class="border rule rounded-xl p-4 bg-(--sheet)">
    <p class="flex flex-wrap gap-3 items-center">
      <button v-if="logger.state.value !== 'on'" class="mark-key" @click="logger.connect(act.id, speed)">
        {{ $t('Connect the simulated logger') }}
      </button>
      <button v-else class="mark-key" @click="logger.disconnect">
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
    <ReadingsChart
      v-if="readings.length"
      :simulation="act.simulation"
      :readings="readings"
      :line="$t('computed as planned')"
    />
  </section>
</template>
