<script setup lang="ts">
import { type Stage } from '~~/core'
import { useI18n } from 'petite-vue-i18n'

const { t } = useI18n()
const units = useUnitsStore()
const props = defineProps<{ stages: readonly Stage[]; stageIndex: number; time: number; playing: boolean }>()
const position = defineModel<number>({ required: true })
const emit = defineEmits<{ toggle: [] }>()

/** Clock of the stage: minutes on the heat, then seconds or milliseconds since the stage began. */
const reading = computed(() => {
  const stage = props.stages[props.stageIndex]!
  const span = stage.end - stage.start
  if (props.stageIndex === 0 && span >= 1.5) {
    const s = Math.max(0, props.time)
    return t('{time} on the clock', {
      time: `${Math.floor(s / 60)} min ${String(Math.floor(s % 60)).padStart(2, '0')} s`,
    })
  }
  const since = props.time - stage.start
  return t('{time} into the {stage}', {
    time: span < 1.5 ? `${Math.round(since * 1000)} ms` : `${units.number(since, 2)} s`,
    stage: units.told(stage.name),
  })
})
</script>

<template>
  <div class="flex max-sm:flex-wrap items-center gap-x-3">
    <button class="quiet-button !px-2 text-sm min-w-20" :aria-pressed="playing" @click="emit('toggle')">
      <span aria-hidden="true">{{ playing ? '❚❚' : '▶' }}</span> {{ playing ? $t('stop') : $t('play') }}
    </button>
    <div class="flex-1">
      <input
        v-model.number="position"
        type="range"
        min="0"
        :max="stages.length"
        step="0.005"
        :aria-label="$t('Time scrubber')"
        :aria-valuetext="reading"
      />
    </div>
    <output class="text-sm figures soft whitespace-nowrap max-sm:basis-full sm:min-w-40 sm:text-right">{{
      reading
    }}</output>
  </div>
</template>
