<script setup lang="ts">
/** A length off a photo that has something of known length in it: two points for the scale, two for the thing. */
import {
  lengthInPhoto,
  siOf,
  type PhotoPoint,
  type QuantityDocument,
  type QuantityInput,
  type ReadStaging,
  type ResultSpec,
} from '~~/core'

const props = defineProps<{ read: ReadStaging; results: readonly ResultSpec[]; inputs: readonly QuantityInput[] }>()
const emit = defineEmits<{ use: [what: 'seen' | 'used', id: string, value: QuantityDocument] }>()
const units = useUnitsStore()

/** What is a length, of what was seen and of what was used. */
const things = computed(() => [
  ...props.results.filter(r => r.quantity === 'length').map(r => ({ value: `seen:${r.id}`, label: r.name })),
  ...props.inputs.filter(i => i.quantity === 'length').map(i => ({ value: `used:${i.id}`, label: i.name })),
])
const thing = ref('')
watch(things, list => (thing.value ||= list[0]?.value ?? ''), { immediate: true })
const known = ref<QuantityDocument>()
const problem = ref('')
const url = ref('')
const failure = ref('')
const size = ref<{ wide: number; high: number }>()
const close = () => {
  if (url.value) URL.revokeObjectURL(url.value)
  url.value = ''
  size.value = undefined
}
onScopeDispose(close)
function open(file: File) {
  close()
  failure.value = ''
  url.value = URL.createObjectURL(file)
}
const picture = useTemplateRef<HTMLImageElement>('picture')
function shown() {
  const { naturalWidth: wide, naturalHeight: high } = picture.value!
  size.value = { wide, high }
  // Somewhere at first, so that they can be put by keys alone.
  points.value = [0.25, 0.75, 0.4, 0.6].map((x, i) => ({ x: x * wide, y: (i < 2 ? 0.8 : 0.4) * high }))
  turn.value = 0
}
const broken = () => {
  failure.value = 'That can’t be read as a picture; accepted: JPEG, PNG, WebP or what else this browser shows'
  close()
}

const NAMES = ['Scale, one end', 'Scale, other end', 'Thing, one end', 'Thing, other end'] as const
const points = ref<PhotoPoint[]>([])
/** which point the next click puts */
const turn = ref(0)
const board = useTemplateRef<HTMLElement>('board')
const held = ref<number>()
function at(event: PointerEvent): PhotoPoint {
  const box = board.value!.getBoundingClientRect()
  const { wide, high } = size.value!
  const within = (share: number) => Math.min(1, Math.max(0, share))
  return {
    x: within((event.clientX - box.left) / box.width) * wide,
    y: within((event.clientY - box.top) / box.height) * high,
  }
}
function press(event: PointerEvent) {
  points.value[turn.value] = at(event)
  turn.value = (turn.value + 1) % NAMES.length
}
function take(index: number, event: PointerEvent) {
  held.value = index
  board.value!.setPointerCapture(event.pointerId)
}
const drag = (event: PointerEvent) => {
  if (held.value !== undefined) points.value[held.value] = at(event)
}
const WAYS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}
function key(index: number, event: KeyboardEvent) {
  const way = WAYS[event.key]
  if (!way || !size.value) return
  event.preventDefault()
  const { wide, high } = size.value
  const step = (event.shiftKey ? 20 : 1) * Math.max(1, Math.max(wide, high) / 800)
  const { x, y } = points.value[index]!
  points.value[index] = {
    x: Math.min(wide, Math.max(0, x + way[0] * step)),
    y: Math.min(high, Math.max(0, y + way[1] * step)),
  }
}

const spec = computed(() => {
  const [what, id] = thing.value.split(':') as ['seen' | 'used', string]
  const of = what === 'seen' ? props.results.find(r => r.id === id) : props.inputs.find(i => i.id === id)
  return of && { what, id, name: of.name, unit: units.shown(of.units) }
})
const found = computed(() => {
  if (!known.value || problem.value || !size.value || points.value.length < 4 || !spec.value) return undefined
  const [a, b, c, d] = points.value as [PhotoPoint, PhotoPoint, PhotoPoint, PhotoPoint]
  try {
    const stated = siOf(known.value, 'length')
    const { value, uncertainty } = lengthInPhoto([a, b], stated, 0, [c, d], Math.max(size.value.wide, size.value.high))
    const cm = (m: number) => Number((m * 100).toPrecision(4))
    return { value: { value: cm(value), unit: 'cm', spread: { value: cm(uncertainty), unit: 'cm' } } as const }
  } catch (error) {
    if (!(error instanceof RangeError)) throw error
    return { fault: error.message }
  }
})
</script>

<template>
  <Folded v-if="things.length">
    <template #title>Measure it in a photo</template>
    <div class="grid gap-2 pl-5">
      <p class="text-sm soft">
        Something of known length beside it, at the same distance, seen square on. The photo stays on this device.
      </p>
      <div class="flex flex-wrap gap-3 items-end">
        <FileButton label="A photo with a scale in it" accept="image/*" outline @file="open">A photo…</FileButton>
        <ChoiceField v-model="thing" class="w-64" label="What is measured" :items="things" />
        <QuantityField
          v-model="known"
          label="Length of the scale"
          kind="length"
          :unit="units.shown(['cm', 'in'])"
          @problem="problem = $event"
        />
      </div>
      <p v-if="failure" class="fault" role="alert">{{ failure }}</p>
      <template v-if="url">
        <p v-if="size" class="text-sm">
          Next click: <b>{{ NAMES[turn] }}</b>. Drag a point, or move it by the arrow keys.
        </p>
        <div
          ref="board"
          class="photo-board"
          @pointerdown.self="press"
          @pointermove="drag"
          @pointerup="held = undefined"
        >
          <img ref="picture" :src="url" alt="The photo" @load="shown" @error="broken" />
          <svg v-if="size" :viewBox="`0 0 ${size.wide} ${size.high}`" aria-hidden="true">
            <path
              v-for="[from, to] in [
                [0, 1],
                [2, 3],
              ] as const"
              :key="from"
              :d="`M${points[from]!.x},${points[from]!.y}L${points[to]!.x},${points[to]!.y}`"
              :stroke-dasharray="from === 0 ? '8 5' : undefined"
              vector-effect="non-scaling-stroke"
            />
          </svg>
          <template v-if="size">
            <div
              v-for="(name, i) in NAMES"
              :key="name"
              role="slider"
              tabindex="0"
              class="photo-point"
              :class="{ thing: i > 1 }"
              :style="{ left: `${(points[i]!.x / size.wide) * 100}%`, top: `${(points[i]!.y / size.high) * 100}%` }"
              :aria-label="name"
              aria-valuemin="0"
              :aria-valuemax="size.wide"
              :aria-valuenow="Math.round(points[i]!.x)"
              :aria-valuetext="`${Math.round(points[i]!.x)} across, ${Math.round(points[i]!.y)} down`"
              @keydown="key(i, $event)"
              @pointerdown.prevent.stop="take(i, $event)"
            />
          </template>
        </div>
      </template>
      <p v-if="found && 'fault' in found" class="fault" role="alert">{{ found.fault }}</p>
      <p v-else-if="found && spec" class="figures" role="status">
        {{ spec.name }}: {{ units.number(found.value.value, 3) }} ± {{ units.number(found.value.spread.value, 2) }} cm
        <UButton class="ml-2" @click="emit('use', spec.what, spec.id, found.value)">Use it</UButton>
      </p>
    </div>
  </Folded>
</template>

<style>
.photo-board {
  position: relative;
  max-width: 40rem;
  touch-action: none;
}
.photo-board img,
.photo-board svg {
  display: block;
  width: 100%;
  pointer-events: none;
}
.photo-board svg {
  position: absolute;
  inset: 0;
  height: 100%;
}
.photo-board path {
  stroke: #fff;
  stroke-width: 2;
  filter: drop-shadow(0 0 1px #000);
}
.photo-point {
  position: absolute;
  width: 28px;
  height: 28px;
  margin: -14px 0 0 -14px;
  border: 2px solid #fff;
  border-radius: 50%;
  box-shadow: 0 0 0 1px #000;
  cursor: move;
}
.photo-point.thing {
  border-radius: 4px;
}
</style>
