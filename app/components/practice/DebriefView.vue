<script setup lang="ts">
/** What happened, what decided it, and what to do better. */
import {
  keyOf,
  oddsAgain,
  sealingOf,
  stepWords,
  timeOf,
  type Debrief,
  type Investigation,
  type PracticeAct,
  type Setting,
  type Traced,
  type Values,
} from '~~/core'
import { markNames, SEALED_WORDS } from '~/components/live/mark-keys'

const props = defineProps<{
  setting: Setting
  done: readonly PracticeAct[]
  debrief: Debrief
  logbook?: Investigation
  values: Values
  run: Traced
}>()
const units = useUnitsStore()
const outcome = computed(() => props.setting.demonstration.outcomes.find(o => o.id === props.debrief.outcome))
const scrubber = useScrubber(() => props.run.trace.stages)
const { stageIndex, time } = scrubber
onMounted(() => scrubber.moveTo(sealingOf(props.run)))
/** What was done, on the simulation's clock. */
const acts = computed(() => {
  const names: Record<string, string> = markNames(SEALED_WORDS[0])
  const zero = timeOf(props.done, props.setting.begins)
  const sealed = timeOf(props.done, 'sealed')
  // Ends of steps from or to which something is timed; the others say nothing here.
  const timed = new Set(props.setting.spans.flatMap(s => [s.from, s.to]))
  if (zero === undefined) return []
  return props.done
    .filter(a => a.kind === 'mark' || a.kind === 'moment' || (a.kind === 'step' && timed.has(a.id)))
    .map(a => {
      const planned = props.setting.acts.find(x => x.id === a.id && x.kind === a.kind)
      return {
        key: a.kind + a.id,
        name:
          names[a.id] ??
          (planned?.words
            ? units.told(planned.words)
            : short(stepWords(props.setting.demonstration, planned!.step, props.setting.values, units.reader, true))),
        since: a.at - zero,
        at: sealed !== undefined && a.at >= sealed ? sealingOf(props.run) + a.at - sealed : a.at - zero,
      }
    })
    .filter(a => a.at >= 0)
})
/** As much of a step's sentence as tells it from the others. */
const short = (words: string) => (words.length > 34 ? `${words.slice(0, 32).trimEnd()} …` : words)
const seconds = (s: number) => `${units.number(s, s < 10 ? 2 : 3)} s`
const logbookFirst = computed(() => (props.logbook?.canTell ? props.logbook.causes[0] : undefined))
const logbookRight = computed(
  () => logbookFirst.value && props.debrief.decided.some(s => s.id === logbookFirst.value!.id),
)
</script>

<template>
  <section aria-label="Debrief" class="grid gap-4">
    <p class="display text-2xl" data-testid="debrief-end">
      <template v-if="debrief.stopped">Stopped. {{ units.told(debrief.stopped) }}</template>
      <template v-else-if="outcome">{{ outcome.sentence }}</template>
      <template v-else>{{ debrief.well ? 'Met rightly: nobody was hurt.' : 'It ended safely.' }}</template>
    </p>
    <div v-if="debrief.better.length">
      <h2>{{ debrief.better.length > 1 ? 'Two things to do better' : 'To do better' }}</h2>
      <ul class="list-disc pl-5" data-testid="debrief-better">
        <li v-for="b in debrief.better" :key="keyOf(b)">
          <span class="capitalize-first">{{ units.told(b) }}</span>
        </li>
      </ul>
    </div>
    <p v-else-if="debrief.well" data-testid="debrief-better">Nothing that cost odds or safety.</p>
    <div v-if="debrief.trouble || debrief.decided.length || debrief.chance">
      <h2>What decided it</h2>
      <ul class="list-disc pl-5" data-testid="debrief-decided">
        <li v-if="debrief.trouble">
          {{ units.told(debrief.trouble) }}
          <template v-if="debrief.outcome">{{
            debrief.troubleDecided
              ? 'Without that it would have ended as wanted.'
              : debrief.wanted
                ? 'It ended as wanted all the same.'
                : 'That alone did not decide it.'
          }}</template>
        </li>
        <template v-if="!debrief.troubleDecided">
          <li v-for="s in debrief.decided" :key="s.id">But for this it would have ended as wanted: {{ s.words }}.</li>
        </template>
        <li v-if="debrief.chance">
          Nothing that was done decided it: vessels, water and air differ, and this was one of those.
        </li>
        <li v-if="logbook && debrief.decided.length" class="soft">
          <template v-if="logbookFirst">
            The Logbook, which can’t look inside, would say: {{ logbookFirst.words }} ({{
              Math.round(logbookFirst.share * 100)
            }}
            of 100), and be {{ logbookRight ? 'right' : 'wrong' }}.
          </template>
          <template v-else>The Logbook, which can’t look inside, could not tell.</template>
        </li>
      </ul>
    </div>
    <p v-if="debrief.outcome" class="figures">{{ units.told(oddsAgain(debrief)) }}</p>
    <p v-if="debrief.window?.lifted !== undefined" class="figures" data-testid="debrief-window">
      On the heat it was
      {{ debrief.window.earliest === undefined ? 'never ready' : `ready from ${seconds(debrief.window.earliest)}` }}
      {{ debrief.window.dry === undefined ? '' : `and dry at ${seconds(debrief.window.dry)}` }}; you took it off at
      {{ seconds(debrief.window.lifted) }}.
    </p>
    <template v-if="debrief.outcome">
      <h2>What was hidden</h2>
      <SceneDrawing :scene="setting.demonstration.drawing(values, run, time)" />
      <LazyHushLine
        :demonstration="setting.demonstration"
        :simulation="run"
        :time="time"
        :stage-index="stageIndex"
        @move="scrubber.moveTo"
      />
      <ul class="flex flex-wrap gap-2" aria-label="What you did">
        <li v-for="a in acts" :key="a.key">
          <UButton @click="scrubber.moveTo(a.at)"
            >{{ a.name }} <span class="figures soft">{{ seconds(a.since) }}</span></UButton
          >
        </li>
      </ul>
    </template>
  </section>
</template>
