<script setup lang="ts">
/** How much water: a window, not a number. */
import { type Values, type WaterWindow } from '~~/core'

const props = defineProps<{ window: WaterWindow; values: Values; /** of the plan before */ stale?: boolean }>()
const units = useUnitsStore()
const volume = (kg: number) => units.format(kg / 1000, kg < 2 ? ['mL', 'floz'] : ['L', 'qt'], 'volume', 2)
const charge = computed(() => props.values.numbers[props.window.input]! * 1000)
const state = computed(() =>
  props.stale
    ? 'unknown'
    : charge.value < props.window.least
      ? 'little'
      : charge.value > props.window.most
        ? 'much'
        : 'within',
)
const span = computed(() => ({ least: volume(props.window.least), most: volume(props.window.most) }))
const amiss = computed(() => state.value === 'little' || state.value === 'much')
// Laid out on a logarithmic scale around the window.
const place = (kg: number) => {
  const low = Math.log(Math.min(props.window.least, charge.value) / 1.6)
  const high = Math.log(Math.max(props.window.most, charge.value) * 1.3)
  return Math.min(100, Math.max(0, ((Math.log(kg) - low) / (high - low)) * 100))
}
</script>

<template>
  <div v-if="window.most > window.least" class="text-sm mt-1" data-testid="water-window">
    <svg viewBox="0 0 100 5" preserveAspectRatio="none" class="w-full h-2.5 block" aria-hidden="true">
      <rect width="100" height="5" fill="var(--track)" />
      <rect
        :x="place(window.least)"
        :width="place(window.most) - place(window.least)"
        height="5"
        fill="var(--water-wash)"
      />
      <rect :x="place(charge) - 0.4" width="0.9" height="5" :fill="amiss ? 'var(--danger)' : 'var(--water)'" />
    </svg>
    <p class="figures" :class="amiss ? 'text-(--danger) font-bold' : 'soft'">
      {{
        stale
          ? $t('Of the plan before: water window {least} to {most}', span)
          : $t('Water window {least} to {most}', span)
      }}<template v-if="state === 'little'">{{ $t(': too little') }}</template
      ><template v-else-if="state === 'much'">{{ $t(': too much') }}</template>.
      <span class="font-normal soft">{{
        window.mostLimit === 'time'
          ? $t('Least survives {wait} s of waiting after the purge; most still shows a plume within {patience} min.', {
              wait: units.number(window.wait),
              patience: units.number(window.patience / 60),
            })
          : $t('Least survives {wait} s of waiting after the purge; most leaves {share} % of the vessel to steam.', {
              wait: units.number(window.wait),
              share: Math.round(window.steamSpace * 100),
            })
      }}</span>
    </p>
  </div>
  <p v-else class="text-sm mt-1 text-(--danger) font-bold">
    {{ stale ? $t('Of the plan before:') : '' }}
    {{ $t('No amount of water both lasts and boils in time on this heater.') }}
  </p>
</template>
