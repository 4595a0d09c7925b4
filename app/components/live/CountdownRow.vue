<script setup lang="ts">
/** Countdowns side by side: what is next, how long, and how sure. */
import { COUNTDOWN_WORDS } from './countdown-words'
import { countWords } from '~~/core'
import type { Countdown } from '~~/core'
import { useI18n } from 'petite-vue-i18n'

const { t } = useI18n()
const props = defineProps<{ countdowns: readonly Countdown[]; time: number; speed: number }>()
const shown = computed(() =>
  props.countdowns
    .filter(c => c.id !== 'gone')
    .map(c => ({
      ...c,
      left: (c.at - props.time) * props.speed,
      spread:
        c.from === undefined
          ? ''
          : t('{least} to {most}', {
              least: countWords((c.from - props.time) * props.speed),
              most: countWords((c.until! - props.time) * props.speed),
            }),
    })),
)
</script>

<template>
  <dl class="flex flex-wrap gap-x-14 gap-y-2" :aria-label="$t('Countdowns')">
    <div v-for="c in shown" :key="c.id" :data-countdown="c.id">
      <dt class="text-lg" :class="c.danger ? 'text-(--danger)' : 'soft'">
        <span v-if="c.danger" aria-hidden="true">⚠ </span>{{ $t(COUNTDOWN_WORDS[c.id][c.left >= 0 ? 0 : 1]) }}
      </dt>
      <dd
        class="display figures text-[clamp(3rem,8vw,7rem)] leading-none"
        :class="c.left < 0 && c.id === 'ready' ? 'text-(--water)' : c.danger && c.left < 60000 ? 'text-(--danger)' : ''"
      >
        {{ countWords(c.left) }}
      </dd>
      <dd v-if="c.spread && c.left > 0" class="soft figures text-sm">
        {{ c.spread }}
      </dd>
    </div>
  </dl>
</template>
