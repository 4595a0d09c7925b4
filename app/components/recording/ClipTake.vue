<script setup lang="ts">
/** A clip of the run, stepped frame by frame on this device; between its marks lies what a run says. */
import { measuredBy, popOf, type MarkKind, type QuantityDocument, type ReadStaging } from '~~/core'

const props = defineProps<{ read: ReadStaging }>()
const emit = defineEmits<{ use: [what: 'seen' | 'used', id: string, value: QuantityDocument] }>()
const units = useUnitsStore()
const video = useTemplateRef<HTMLVideoElement>('video')
const { url, failure, rate, at, length, ready, open, loaded, broken, seek, step } = useClip(video)

/** Moments of Live, and the wall's first pop or fold. */
type Moment = MarkKind | 'pop'
const WORDS: Readonly<Record<Moment, string>> = {
  'heat-on': 'heat on',
  'plume': 'steady plume',
  'lifted': 'off the heat',
  'sealed': 'hush begins',
  'pop': 'first pop or fold',
  'gone': 'hush ends',
  'nothing': 'given up',
}
/** Moments between which this demonstration has something to measure. */
const kinds = computed(() => {
  const { inputs, results } = props.read.demonstration
  const pairs = [...inputs, ...results].flatMap(spec =>
    'measuredBy' in spec && spec.measuredBy ? spec.measuredBy : [],
  )
  const pop = popOf(props.read.demonstration)
  return (Object.keys(WORDS) as Moment[]).filter(kind => (kind === 'pop' ? pop : pairs.includes(kind)))
})
/** s into the file */
const marks = reactive<Partial<Record<Moment, number>>>({})
watch(url, () => {
  for (const kind of kinds.value) delete marks[kind]
})
/** How many times slower it plays than it was. */
const slowness = ref<number | null>(1)
const factor = computed(() => Math.max(1, slowness.value ?? 1))
/** Half a frame at either end. */
const spread = computed(() => Math.SQRT1_2 / rate.value / factor.value)
const measured = computed(() => {
  const { demonstration } = props.read
  const { pop: popped, ...ofLive } = marks
  const times = Object.fromEntries(Object.entries(ofLive).map(([kind, s]) => [kind, (s * 1000) / factor.value]))
  const { inputs, results } = measuredBy(demonstration, { times })
  const line = (what: 'seen' | 'used', specs: readonly { id: string; name: unknown }[]) => (id: string, s: number) => ({
    what,
    id,
    name: units.told(specs.find(spec => spec.id === id)!.name as string),
    value: {
      value: +s.toFixed(4),
      unit: 's',
      spread: { value: +spread.value.toFixed(4), unit: 's' },
    } satisfies QuantityDocument,
  })
  const pop = popOf(demonstration)
  const since = popped === undefined || marks.sealed === undefined ? 0 : (popped - marks.sealed) / factor.value
  return [
    ...(pop && since > 0 ? [line('seen', demonstration.results)(pop.id, since)] : []),
    ...Object.entries(results).map(([id, s]) => line('seen', demonstration.results)(id, s)),
    ...Object.entries(inputs).map(([id, s]) => line('used', demonstration.inputs)(id, s)),
  ]
})
const said = (s: number) => `${units.number(s, 5)} s`
/** Frames by key, while the clip has the focus. */
const KEYS: Readonly<Record<string, number>> = { ArrowLeft: -1, ArrowRight: 1, PageDown: -10, PageUp: 10 }
function key(event: KeyboardEvent) {
  const frames = KEYS[event.key]
  if (frames === undefined) return
  event.preventDefault()
  void step(frames)
}
</script>

<template>
  <div class="grid gap-2">
    <div class="flex flex-wrap gap-3 items-center">
      <FileButton label="A clip of the run" accept="video/*,.mp4,.webm,.mov" outline @file="open">A clip…</FileButton>
      <span class="soft">It stays on this device; only the times go into the run.</span>
    </div>
    <p v-if="failure" class="fault" role="alert">{{ failure }}</p>
    <template v-if="url">
      <div
        class="clip"
        tabindex="0"
        role="group"
        aria-label="The clip: left and right step a frame, Page up and down ten"
        @keydown="key"
      >
        <video ref="video" :src="url" muted playsinline preload="auto" @loadeddata.once="loaded" @error="broken" />
      </div>
      <template v-if="ready">
        <p class="flex flex-wrap gap-2 items-center">
          <UButton aria-label="Ten frames back" icon="i-lucide-chevrons-left" @click="step(-10)" />
          <UButton aria-label="One frame back" icon="i-lucide-chevron-left" @click="step(-1)" />
          <UButton aria-label="One frame on" icon="i-lucide-chevron-right" @click="step(1)" />
          <UButton aria-label="Ten frames on" icon="i-lucide-chevrons-right" @click="step(10)" />
          <span class="figures" role="status" data-testid="clip-at"
            >{{ said(at) }} of {{ said(length) }}, {{ units.number(rate, 4) }} frames a second</span
          >
        </p>
        <div class="flex flex-wrap gap-4 items-end">
          <UFormField label="Times slower than it was" hint="1 for an ordinary clip">
            <UInputNumber v-model="slowness" class="w-32" :min="1" :max="100" />
          </UFormField>
          <UFormField label="Frames a second, in the file">
            <UInputNumber v-model="rate" class="w-32" :min="1" :max="1000" />
          </UFormField>
        </div>
        <p class="flex flex-wrap gap-2 items-center">
          <UButton v-for="kind in kinds" :key="kind" icon="i-lucide-flag" @click="marks[kind] = at">
            {{ WORDS[kind] }}
          </UButton>
        </p>
        <ul v-if="Object.keys(marks).length" class="figures text-sm flex flex-wrap gap-x-5" aria-label="Marked">
          <li v-for="kind in kinds.filter(k => marks[k] !== undefined)" :key="kind">
            {{ WORDS[kind] }}
            <UButton variant="link" :aria-label="`Show ${WORDS[kind]}`" @click="seek(marks[kind]! + 0.0005)">{{
              said(marks[kind]!)
            }}</UButton>
          </li>
        </ul>
        <p v-for="m in measured" :key="m.id" class="figures" role="status">
          {{ m.name }}: {{ said(m.value.value) }} ± {{ Math.max(1, Math.round(m.value.spread.value * 1000)) }} ms
          <UButton class="ml-2" @click="emit('use', m.what, m.id, m.value)">Use it</UButton>
        </p>
      </template>
      <p v-else-if="!failure" class="soft" role="status">Reading the clip…</p>
    </template>
  </div>
</template>

<style>
.clip video {
  display: block;
  max-height: 20rem;
  max-width: 100%;
  background: #000;
}
</style>
