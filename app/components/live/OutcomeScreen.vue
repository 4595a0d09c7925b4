<script setup lang="ts">
/** The end of an act: what the room saw, a note, and logging it. */
import { afterwards, keyOf, type FailureAct, type ActStory, stepWords } from '~~/core'
import type { LiveAct } from '~/composables/useLiveActs'

defineProps<{
  act: LiveAct
  story: ActStory
  readings: number
  votes: number
  /** a vote was taken and is not shown yet */ hidden: boolean
  logging: boolean
  logFailure: string
  /** what to do now, in order */ acts: readonly FailureAct[]
}>()
defineEmits<{ choose: [outcome: string]; log: []; skip: [] }>()
const note = defineModel<string>('note', { required: true })
const units = useUnitsStore()
</script>

<template>
  <section aria-labelledby="outcome-title" data-testid="outcome-screen">
    <h2 id="outcome-title" class="cue-words">
      {{ $t('What did the room see?') }}
    </h2>
    <div class="grid md:grid-cols-2 gap-3 my-4" role="radiogroup" :aria-label="$t('Outcome')">
      <button
        v-for="(o, i) in act.read.demonstration.outcomes"
        :key="o.id"
        role="radio"
        :aria-checked="o.id === story.outcome"
        class="mark-key !text-left !text-xl"
        :class="o.id === story.outcome ? '!border-(--gap) !bg-(--gap-wash) font-bold' : ''"
        @click="$emit('choose', o.id)"
      >
        <kbd aria-hidden="true">{{ i + 1 }}</kbd> {{ units.told(o.sentence) }}
      </button>
    </div>
    <label class="block text-lg"
      >{{ $t('What would you tell whoever does it next?') }}<UTextarea v-model="note" :rows="2" maxlength="4000" />
    </label>
    <p class="soft mt-2">
      {{ $t('No readings | {n} reading | {n} readings', readings) }}; {{ $t('no votes | {n} vote | {n} votes', votes)
      }}{{ hidden ? $t(', not yet revealed (v)') : '' }}.
    </p>
    <p v-if="logFailure" class="fault !text-lg" role="alert">
      {{ logFailure }} {{ $t('Nothing is lost: the marks are kept; log it again in a moment.') }}
    </p>
    <p class="flex gap-3 mt-3">
      <button class="big-button" :disabled="logging" @click="$emit('log')">
        {{ $t(logging ? 'Logging…' : 'Log it') }}
      </button>
      <button class="mark-key" @click="$emit('skip')">
        {{ $t('Don’t log') }}
      </button>
    </p>
    <ol v-if="acts.length" class="text-lg mt-4 list-decimal pl-6" :aria-label="$t('What to do now, in order')">
      <li v-for="step in acts" :key="keyOf(step.text)">
        {{ units.told(step.text) }}
      </li>
    </ol>
    <ul class="text-lg mt-4 soft">
      <li v-for="step in afterwards(act.read.demonstration)" :key="step.id">
        {{ stepWords(act.read.demonstration, step, act.read.values, units.reader) }}
      </li>
    </ul>
  </section>
</template>
