<script setup lang="ts">
/** A sound with what begins in it: where the hush begins and ends, to be put right by hand; zoomed, played, kept. */
import { useElementBounding } from '@vueuse/core'
import { useI18n } from 'petite-vue-i18n'
import type { Hearing } from '~/composables/useHearing'
import { download } from '~/files/download'
import { secondsOf } from '~/sound/sound'
import { onsetsCsv, type MarkKind } from '~~/core'

const props = defineProps<{ hearing: Hearing }>()
const { sound, onsets, found, ends, settled, hush } = props.hearing
const { t } = useI18n()
const units = useUnitsStore()

const [WIDTH, HEIGHT] = [1000, 150]
/** Least that is seen at once, s. */
const CLOSEST = 0.02
const whole = computed(() => (sound.value ? secondsOf(sound.value) : 1))
const view = ref<readonly [number, number]>([0, 1])
const show = (from: number, to: number) => {
  const length = Math.min(whole.value, Math.max(CLOSEST, to - from))
  const first = Math.min(Math.max(0, (from + to - length) / 2), whole.value - length)
  view.value = [first, first + length]
}
const zoom = (factor: number) => {
  const [from, to] = view.value
  const middle = ends.value ? (ends.value.seal + ends.value.gone) / 2 : (from + to) / 2
  const half = ((to - from) * factor) / 2
  show(middle - half, middle + half)
}
watch(sound, () => show(0, whole.value), { immediate: true })
watch(
  found,
  () => {
    if (!ends.value) return
    const { seal, gone } = ends.value
    const around = Math.max(0.15, (gone - seal) * 0.8)
    show(seal - around, gone + around)
  },
  { immediate: true },
)

/** Lowest and highest sample of each column, drawn as one outline. */
const outline = computed(() => {
  if (!sound.value) return ''
  const { samples, rate } = sound.value
  const [from, to] = view.value.map(s => s * rate) as [number, number]
  const columns = 500
  const [tops, bottoms]: [string[], string[]] = [[], []]
  let loudest = 1e-6
  for (let i = Math.floor(from); i < to; i++) loudest = Math.max(loudest, Math.abs(samples[i] ?? 0))
  const y = (value: number) => (HEIGHT / 2) * (1 - (0.95 * value) / loudest)
  for (let c = 0; c < columns; c++) {
    let [low, high] = [0, 0]
    const last = Math.max(from + ((c + 1) * (to - from)) / columns, Math.floor(from + (c * (to - from)) / columns) + 1)
    for (let i = Math.floor(from + (c * (to - from)) / columns); i < last; i++) {
      const value = samples[i] ?? 0
      if (value < low) low = value
      if (value > high) high = value
    }
    const x = ((c / columns) * WIDTH).toFixed(1)
    tops.push(`${x},${y(high).toFixed(1)}`)
    bottoms.push(`${x},${y(low).toFixed(1)}`)
  }
  return `M${tops.join('L')}L${bottoms.reverse().join('L')}Z`
})
const across = (time: number) => ((time - view.value[0]) / (view.value[1] - view.value[0])) * 100
const inView = (time: number) => time >= view.value[0] && time <= view.value[1]
const seen = computed(() => onsets.value.filter(o => inView(o.time)))

type End = 'seal' | 'gone'
const NAMES = computed<Record<End, string>>(() => ({ seal: t('Hush begins'), gone: t('Hush ends') }))
const said = (time: number) => `${units.number(time, 5)} s`
function put(end: End, time: number) {
  const at = Math.min(whole.value, Math.max(0, time))
  const others = ends.value ?? { seal: at, gone: at }
  ends.value = { ...others, [end]: at }
  settled.value = true
}
/** s by key; up and down go to the sound that begins next. */
const STEPS: Readonly<Record<string, number>> = { ArrowLeft: -0.001, ArrowRight: 0.001, PageDown: -0.02, PageUp: 0.02 }
function key(end: End, event: KeyboardEvent) {
  const at = ends.value![end]
  const step = STEPS[event.key]
  const next =
    event.key === 'ArrowUp'
      ? onsets.value.find(o => o.time > at + 1e-6)?.time
      : event.key === 'ArrowDown'
        ? onsets.value.findLast(o => o.time < at - 1e-6)?.time
        : step === undefined
          ? undefined
          : at + step
  if (next === undefined) return
  event.preventDefault()
  put(end, next)
}
const board = ref<HTMLElement>()
const { left, width } = useElementBounding(board)
const held = ref<End>()
const timeAt = (x: number) => view.value[0] + ((x - left.value) / width.value) * (view.value[1] - view.value[0])
function drag(event: PointerEvent) {
  if (held.value) put(held.value, timeAt(event.clientX))
}
function take(end: End, event: PointerEvent) {
  held.value = end
  ;(event.currentTarget as HTMLElement).setPointerCapture(event.pointerId)
}

let player: AudioContext | undefined
onScopeDispose(() => void player?.close())
function play() {
  const { samples, rate } = sound.value!
  player ??= new AudioContext()
  const part = samples.slice(Math.floor(view.value[0] * rate), Math.ceil(view.value[1] * rate))
  const buffer = player.createBuffer(1, part.length, rate)
  buffer.copyToChannel(part, 0)
  const source = player.createBufferSource()
  source.buffer = buffer
  source.connect(player.destination)
  source.start()
}
function keepCsv() {
  const at = (time?: number) => onsets.value.findIndex(o => time !== undefined && Math.abs(o.time - time) < 1e-6)
  const marks = new Map<number, MarkKind>([
    [at(ends.value?.seal), 'sealed'],
    [at(ends.value?.gone), 'gone'],
  ])
  download('onsets.csv', onsetsCsv(onsets.value, marks), 'text/csv')
}
</script>

<template>
  <div v-if="sound" class="grid gap-2" data-testid="sound-wave">
    <div
      ref="board"
      class="relative h-36 border rule rounded-md bg-(--sheet) overflow-hidden touch-none"
      @pointermove="drag"
      @pointerup="held = undefined"
    >
      <svg
        class="absolute inset-0 w-full h-full"
        :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
        preserveAspectRatio="none"
        role="img"
        :aria-label="$t('The sound, from {from} to {to}', { from: said(view[0]), to: said(view[1]) })"
      >
        <rect
          v-if="ends"
          :x="across(ends.seal) * 10"
          :width="Math.max(0, across(ends.gone) - across(ends.seal)) * 10"
          y="0"
          :height="HEIGHT"
          fill="var(--gap-wash)"
        />
        <path :d="outline" fill="var(--ink)" />
        <path
          v-for="o in seen"
          :key="o.time"
          :d="`M${across(o.time) * 10},0v14`"
          stroke="var(--vapour)"
          stroke-width="2"
          vector-effect="non-scaling-stroke"
        />
      </svg>
      <template v-if="ends">
        <div
          v-for="end in ['seal', 'gone'] as const"
          v-show="inView(ends[end])"
          :key="end"
          role="slider"
          tabindex="0"
          class="sound-end"
          :class="end"
          :style="{ left: `${across(ends[end])}%` }"
          :aria-label="NAMES[end]"
          aria-valuemin="0"
          :aria-valuemax="whole"
          :aria-valuenow="ends[end]"
          :aria-valuetext="said(ends[end])"
          @keydown="key(end, $event)"
          @pointerdown.prevent="take(end, $event)"
        >
          <span>{{ NAMES[end] }}</span>
        </div>
      </template>
    </div>
    <p class="flex flex-wrap gap-2 items-center">
      <UButton icon="i-lucide-zoom-in" :aria-label="$t('Closer')" @click="zoom(0.5)" />
      <UButton icon="i-lucide-zoom-out" :aria-label="$t('Further')" @click="zoom(2)" />
      <UButton @click="show(0, whole)">{{ $t('All of it') }}</UButton>
      <UButton icon="i-lucide-play" @click="play">{{ $t('Play what is shown') }}</UButton>
      <UButton v-if="onsets.length" icon="i-lucide-download" @click="keepCsv">CSV</UButton>
      <span v-if="hush" class="figures" role="status" data-testid="heard-hush">{{
        $t('Hush {time} ± {spread} ms', {
          time: `${units.number(hush.value, 4)} s`,
          spread: Math.max(1, Math.round((hush.spread as { value: number }).value * 1000)),
        })
      }}</span>
    </p>
    <p v-if="found && !settled" class="font-bold" role="status" data-testid="not-sure">
      {{ $t('Not sure: other sounds are as loud. Listen, and put the two ends where they belong.') }}
    </p>
    <p v-else-if="!found" role="status">
      {{ $t('No two sounds stand out. Put the ends by hand:') }}
      <UButton
        variant="link"
        @click="ends = { seal: (view[0] * 2 + view[1]) / 3, gone: (view[0] + view[1] * 2) / 3 }"
        >{{ $t('Show the ends') }}</UButton
      >
    </p>
    <Folded v-if="onsets.length" class="text-sm">
      <template #title>{{ $t('{n} sound begins | {n} sounds begin', onsets.length) }}</template>
      <ul class="pl-5">
        <li v-for="o in onsets" :key="o.time" class="flex flex-wrap gap-x-3 items-center figures">
          <span>{{ said(o.time) }} ± {{ Math.max(1, Math.round(o.uncertainty * 1000)) }} ms</span>
          <UButton variant="link" @click="put('seal', o.time)">{{ $t('begins the hush') }}</UButton>
          <UButton variant="link" @click="put('gone', o.time)">{{ $t('ends the hush') }}</UButton>
        </li>
      </ul>
    </Folded>
  </div>
</template>

<style>
.sound-end {
  position: absolute;
  top: 0;
  bottom: 0;
  width: 24px;
  margin-left: -12px;
  cursor: ew-resize;
}
.sound-end::before {
  content: '';
  position: absolute;
  left: 11px;
  top: 0;
  bottom: 0;
  width: 2px;
  background: var(--gap);
}
.sound-end span {
  position: absolute;
  bottom: 2px;
  white-space: nowrap;
  font-size: 0.8rem;
  font-weight: 700;
  background: var(--sheet);
  padding: 0 3px;
}
.sound-end.seal span {
  right: 15px;
}
.sound-end.gone span {
  left: 15px;
}
</style>
