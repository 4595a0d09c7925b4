<script setup lang="ts">
/** What to do now: the gate before it, the step in large words, countdowns, what comes next. */
import { countWords } from '~~/core'
import type { Countdown, Cue, Followed, ActStory } from '~~/core'
import type { LiveAct } from '~/composables/useLiveActs'

defineProps<{
  act: LiveAct
  story: ActStory
  cue: Cue
  words: string
  nextWords: string
  countdowns: readonly Countdown[]
  /** ms */ time: number
  speed: number
  followed: Followed | undefined
  /** another act that must go on the heat */ soon: { title: string; in: number } | undefined
}>()
const units = useUnitsStore()
</script>

<template>
  <section :aria-label="$t('Cue')" aria-live="polite" class="grid gap-4">
    <p
      v-if="cue.gate"
      class="text-2xl border-l-8 border-(--danger) pl-4"
      :class="story.gates.has(cue.step.id) ? 'soft' : 'font-bold'"
    >
      <span class="sr-only">{{ $t(story.gates.has(cue.step.id) ? 'Confirmed: ' : 'Before this: ') }}</span
      >{{ story.gates.has(cue.step.id) ? '✓ ' : '' }}{{ units.told(cue.gate) }}
    </p>
    <SchoolCautions
      v-if="story.times['heat-on'] === undefined && story.times.sealed === undefined"
      class="text-lg"
      :demonstration="act.read.demonstration.id"
    />
    <p class="cue-words" data-testid="cue">
      {{ words }}
    </p>
    <CountdownRow v-if="countdowns.length" :countdowns="countdowns" :time="time" :speed="speed" />
    <p v-if="followed?.heat !== undefined" class="text-lg" data-testid="heat-word">
      {{
        $t(
          followed.heat < 0.93
            ? 'Less heat gets in than expected: about {share} %. Ready later.'
            : followed.heat > 1.07
              ? 'More heat gets in than expected: about {share} %. Dry sooner.'
              : 'Heat as expected.',
          { share: Math.round(followed.heat * 100) },
        )
      }}
      <template v-if="followed.stretched > 2">
        <b>{{ $t('This is unlike anything forecast: go by the signs.') }}</b>
      </template>
    </p>
    <ThermometerWord
      v-if="act.read.demonstration.ready && story.times['heat-on'] !== undefined"
      class="text-lg"
      :pressure="act.read.values.numbers.stationPressure!"
    />
    <p v-if="nextWords" class="soft text-xl">
      {{ $t('Next: {words}', { words: nextWords }) }}
    </p>
    <p v-if="soon" class="text-xl font-bold text-(--vapour) figures">
      {{
        $t(soon.in > 0 ? 'Heat on for {title} in {time}.' : 'Heat on for {title} is due.', {
          title: soon.title,
          time: countWords(soon.in * 1000),
        })
      }}
    </p>
  </section>
</template>
