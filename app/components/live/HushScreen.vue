<script setup lang="ts">
/** The hush: nothing but the count since sealing, against what was forecast. */
import { countWords } from '~~/core'
import type { Countdown, Demonstration, Followed } from '~~/core'

const props = defineProps<{
  demonstration: Demonstration
  since: number
  countdowns: readonly Countdown[]
  speed: number
  /** given that it has not ended yet */ followed?: Followed
}>()
const units = useUnitsStore()
const gone = computed(() => props.countdowns.find(c => c.id === 'gone'))
const giveUp = computed(() => props.countdowns.find(c => c.id === 'give-up'))
const elapsed = (at: number) => (at - props.since) * props.speed
const count = defineModel<number>('time', { required: true })
const now = computed(() => elapsed(count.value))
const words = computed(() =>
  !gone.value
    ? 'Not forecast to happen.'
    : now.value < elapsed(gone.value.from!)
      ? 'Too early for most.'
      : now.value <= elapsed(gone.value.until!)
        ? 'Now is its time.'
        : 'Later than most.',
)
</script>

<template>
  <div class="grid place-items-center text-center gap-4 py-2">
    <p class="text-2xl soft">
      {{ $t('Hush') }}
    </p>
    <p class="huge" role="timer" :aria-label="$t('Since sealing')" data-testid="hush-count">
      {{ countWords(now, true, units.locale) }}
    </p>
    <div class="w-full max-w-4xl">
      <HushBand :now="now" :since="since" :countdowns="countdowns" :speed="speed" />
      <p class="figures text-xl mt-2" role="status">
        <template v-if="gone">
          {{
            $t('Goes at {from} to {until} s in 8 of 10 successful runs.', {
              from: countWords(elapsed(gone.from!), true, units.locale),
              until: countWords(elapsed(gone.until!), true, units.locale),
            })
          }}
        </template>
        {{ $t(words) }}
        <span v-if="followed" class="block" data-testid="still">{{
          followed.matches
            ? $t('{n} of 100 that are still quiet by now end as wanted ({outcome}).', {
                n: Math.round(followed.forecast.shares[demonstration.wanted]! * 100),
                outcome: units.told(demonstration.outcomes.find(o => o.id === demonstration.wanted)!.name),
              })
            : $t('None of the computed stagings was still quiet by now.')
        }}</span>
      </p>
    </div>
    <p
      v-if="giveUp"
      class="text-xl figures"
      :class="elapsed(giveUp.at) < now ? 'text-(--danger) font-bold' : 'soft'"
      data-testid="give-up"
    >
      <span aria-hidden="true">⚠</span>
      {{
        elapsed(giveUp.at) < now
          ? $t('Give up now; go by the steps below.')
          : $t('Give up at {time} s', { time: countWords(elapsed(giveUp.at), true, units.locale) })
      }}
    </p>
  </div>
</template>
