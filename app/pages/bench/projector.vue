<script setup lang="ts">
/**
 * One staging for the projector, page by page: the questions, how it might end, the drawing and the particles as the
 * scrubber has them, what happened and why at the level of the class. Arrows turn pages.
 */
import { OPEN_STAGING } from '~/stagings/open-staging'
import { useEventListener, useLocalStorage } from '@vueuse/core'
import { askedOfRun, keyOf, whyNotCrushed } from '~~/core'
import SceneDrawing from '~/components/drawing/SceneDrawing.vue'
import { useI18n } from 'petite-vue-i18n'

const { t } = useI18n()
const id = String(useRoute().query.staging ?? '')
const units = useUnitsStore()
const open = useOpenStaging(id)
provide(OPEN_STAGING, open)
const { editor, shown, scrubber, stages, demonstration } = open
const { draft, failure } = editor
const { simulation, shownValues } = shown
await open.open()
const title = computed(() => draft.value?.title || demonstration.value?.name || '')
useHead({ title: () => `${title.value} · Projector · Zealous Hush` })
useSeoMeta({ description: 'Questions, drawing, particles and the reason, in type that the last row reads.' })

/** what is shown, whatever room it is in: kept on this device */
const age = useLocalStorage('hush-projector-age', 11, { initOnMounted: true })
const light = useLocalStorage('hush-projector-light', false, { initOnMounted: true })

const ended = computed(() => demonstration.value?.outcomes.find(o => o.id === simulation.value?.outcome))
const levels = computed(() =>
  demonstration.value && simulation.value && shownValues.value
    ? demonstration.value.explanation(shownValues.value, simulation.value)
    : [],
)
const ofAge = <L extends { from: number }>(all: readonly L[]) => all.findLast(l => l.from <= age.value) ?? all[0]
const why = computed(() => ofAge(levels.value)?.text)
const notCrushed = computed(() => {
  const room = shownValues.value?.numbers.stationPressure
  return room === undefined ? undefined : ofAge(whyNotCrushed(room))?.text
})
const sceneAt = (time: number) => demonstration.value!.drawing(shownValues.value!, simulation.value!, time)
const scene = computed(() => (simulation.value && shownValues.value ? sceneAt(scrubber.time.value) : undefined))

type Page =
  | { kind: 'question'; ask: string; key: string }
  | { kind: 'ends' | 'drawing' | 'particles' | 'told' | 'not-crushed'; key: string }
const pages = computed((): Page[] => {
  if (!demonstration.value || !simulation.value || !shownValues.value) return []
  const { teaching } = demonstration.value
  const asked = (of: typeof teaching.before): Page[] =>
    of.map(q => ({ kind: 'question', ask: units.told(q.ask), key: keyOf(q.ask) }))
  return [
    ...asked(teaching.before),
    { kind: 'ends', key: 'ends' },
    { kind: 'drawing', key: 'drawing' },
    { kind: 'particles', key: 'particles' },
    { kind: 'told', key: 'told' },
    ...(notCrushed.value === undefined ? [] : [{ kind: 'not-crushed', key: 'not-crushed' } as const]),
    ...asked(askedOfRun(teaching.after, shownValues.value, simulation.value)),
  ]
})
const at = ref(0)
const page = computed(() => pages.value[Math.min(at.value, pages.value.length - 1)])
const turn = (step: number) => {
  at.value = Math.min(pages.value.length - 1, Math.max(0, at.value + step))
}
// The end is shown with its reason.
watch(
  () => page.value?.kind,
  kind => {
    if (kind === 'told') scrubber.position.value = stages.value.length
  },
)
const NAMES: Record<Page['kind'], string> = {
  'question': 'Question',
  'ends': 'What will happen?',
  'drawing': 'Drawing',
  'particles': 'Particle board',
  'told': 'What happened, and why',
  'not-crushed': 'Why aren’t we crushed?',
}
const AGES = [7, 11, 14, 16]
const ages = computed(() => AGES.map(from => ({ value: from, label: t('from {from} years', { from }) })))

useEventListener('keydown', (event: KeyboardEvent) => {
  // Keys of a scrubber, a list or a button are its own.
  const own =
    event.key === ' ' ? 'input, button, [role=combobox], [role=listbox]' : 'input, [role=combobox], [role=listbox]'
  if ((event.target as HTMLElement).closest(own)) return
  if (event.key === 'ArrowRight' || event.key === 'PageDown') turn(1)
  else if (event.key === 'ArrowLeft' || event.key === 'PageUp') turn(-1)
  else if (event.key === ' ') scrubber.toggle()
  else return
  event.preventDefault()
})
</script>

<template>
  <div
    class="wall min-h-[100dvh] px-8 py-6 grid grid-rows-[1fr_auto] gap-4"
    :class="light ? 'wall-light' : 'live'"
    :data-page="page?.kind"
  >
    <p v-if="failure" class="fault" role="alert">{{ failure }}</p>
    <div v-else-if="page" class="grid content-center" aria-live="polite">
      <section v-if="page.kind === 'question'" class="text-center" aria-labelledby="wall-title">
        <p class="wall-words soft mb-6">{{ title }}</p>
        <h1 id="wall-title" class="cue-words">{{ page.ask }}</h1>
      </section>
      <section v-else-if="page.kind === 'ends'" aria-labelledby="wall-title">
        <WallEnds :outcomes="demonstration!.outcomes" />
      </section>
      <section v-else-if="page.kind === 'drawing'" :aria-label="$t('Drawing')">
        <SceneDrawing v-if="scene" :scene="scene" tall class="wall-words" />
      </section>
      <section v-else-if="page.kind === 'particles'" :aria-label="$t('Particle board')">
        <ParticleBoard
          :simulation="simulation!"
          :time="scrubber.time.value"
          :room="shownValues!.numbers.airTemperature!"
          on-wall
        />
      </section>
      <WallTold v-else-if="page.kind === 'told'" :ended="ended!" :why="why" :scene="scene" />
      <section v-else aria-labelledby="wall-title">
        <h1 id="wall-title" class="cue-words mb-6">{{ $t('Why aren’t we crushed? Why don’t we feel it?') }}</h1>
        <p class="wall-words">{{ units.told(notCrushed!) }}</p>
      </section>
    </div>
    <footer class="no-print grid gap-2">
      <TimeScrubber
        v-if="stages.length && page && ['drawing', 'particles', 'told'].includes(page.kind)"
        v-model="scrubber.position.value"
        :stages="stages"
        :stage-index="scrubber.stageIndex.value"
        :time="scrubber.time.value"
        :playing="scrubber.playing.value"
        @toggle="scrubber.toggle()"
      />
      <div class="flex flex-wrap items-center gap-3">
        <UButton :disabled="at === 0" @click="turn(-1)">{{ $t('Back') }} <kbd aria-hidden="true">←</kbd></UButton>
        <UButton :disabled="at >= pages.length - 1" @click="turn(1)"
          >{{ $t('Next') }} <kbd aria-hidden="true">→</kbd></UButton
        >
        <span v-if="page" class="soft" role="status">{{
          $t('{page}, {n} of {all}', { page: $t(NAMES[page.kind]), n: at + 1, all: pages.length })
        }}</span>
        <USelect v-model="age" class="ml-auto" :items="ages" :aria-label="$t('How old the class is')" />
        <USwitch v-model="light" :label="$t('Light')" />
        <NuxtLink class="plain-link" :to="`/bench/${id}`">{{ $t('Back to the Bench') }}</NuxtLink>
      </div>
    </footer>
  </div>
</template>
