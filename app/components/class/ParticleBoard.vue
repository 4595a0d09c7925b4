<script setup lang="ts">
/** The air and vapour inside and outside, flying and bumping, as the trace has them at the scrubber's moment. */
import { useFullscreen, usePreferredDark, usePreferredReducedMotion, useResizeObserver } from '@vueuse/core'
import { largestVolume, particlesAt, type Traced } from '~~/core'
import { ParticleBox, sequence } from './particle-box'
import { useI18n } from 'petite-vue-i18n'

const { t } = useI18n()
const props = defineProps<{
  simulation: Traced
  time: number
  /** K */ room: number
  /** as large as a projector's screen lets it be */ onWall?: boolean
}>()
defineSlots<{ scrubber(): unknown }>()
const units = useUnitsStore()
const frame = ref<HTMLElement>()
const canvas = ref<HTMLCanvasElement>()
const motion = usePreferredReducedMotion()
const { isFullscreen, toggle } = useFullscreen(frame)

/** Particles that stand for the room's air in the space of one half. */
const FULL = 150
const MOST = 700
const inside = new ParticleBox(sequence(11), 0.8)
const outside = new ParticleBox(sequence(23), 0.8)

const space = computed(() => largestVolume(props.simulation))
const state = computed(() => particlesAt(props.simulation, props.time, space.value, props.room))
const counts = computed(() => {
  const per = FULL / state.value.outside.air
  const whole = state.value.inside.air + state.value.inside.vapour
  const shown = Math.min(1, MOST / Math.max(1, whole * per)) * per
  return { air: Math.round(state.value.inside.air * shown), vapour: Math.round(state.value.inside.vapour * shown) }
})
const caption = computed(() => {
  const { inside: i, outside: o } = state.value
  return t(
    'Inside {air} of air and {vapour} of vapour for {outside} outside; {temperature}; {inside} against {room}.',
    {
      air: counts.value.air,
      vapour: counts.value.vapour,
      outside: FULL,
      temperature: units.format(i.temperature, ['degC', 'degF'], 'temperature'),
      inside: units.format(i.pressure, ['kPa', 'psi'], 'pressure'),
      room: units.format(o.pressure, ['kPa', 'psi'], 'pressure'),
    },
  )
})
watch(
  [state, counts],
  () => {
    const s = state.value
    inside.set(counts.value.air, counts.value.vapour, s.inside.temperature, Math.min(1, s.inside.volume / space.value))
    outside.set(FULL, 0, s.outside.temperature, 1)
    if (motion.value === 'reduce') draw()
  },
  { immediate: true },
)

interface Flash {
  y: number
  age: number
  side: -1 | 1
}
let flashes: Flash[] = []
/** Names of the style sheet; a canvas wants the colours themselves, as they are where it stands. */
const NAMES = {
  air: '--outside-air',
  vapour: '--vapour',
  wall: '--vessel',
  line: '--hairline',
  sheet: '--sheet',
  ink: '--ink',
  gap: '--gap',
  soft: '--soft-ink',
}
let colours: Record<keyof typeof NAMES, string> | undefined
watch(
  usePreferredDark(),
  () => {
    colours = undefined
    draw()
  },
  { flush: 'post' },
)
function coloursAt(element: HTMLElement) {
  const style = getComputedStyle(element)
  return Object.fromEntries(Object.entries(NAMES).map(([id, name]) => [id, style.getPropertyValue(name)])) as Record<
    keyof typeof NAMES,
    string
  >
}

function draw() {
  const board = canvas.value
  const pen = board?.getContext('2d')
  if (!board || !pen) return
  const paint = (colours ??= coloursAt(board))
  const { width, height } = board
  const half = width / 2
  pen.fillStyle = paint.sheet
  pen.fillRect(0, 0, width, height)
  // Both boxes: as wide as half the board; their wall is the middle.
  const scale = Math.min(half - 6, height / 0.8)
  const size = Math.max(2.2, scale / 95)
  const floor = height
  const ceiling = floor - inside.height * 0.8 * scale
  pen.fillStyle = 'rgba(89,98,110,0.16)'
  pen.fillRect(half - scale - 4, 0, scale, Math.max(0, ceiling))
  const letters = Math.max(11, height / 22)
  if (ceiling > 2 * letters) {
    pen.fillStyle = paint.soft
    pen.font = `${letters}px sans-serif`
    pen.textAlign = 'center'
    pen.textBaseline = 'middle'
    pen.fillText(t('no gas here: walls or water took this space'), half - scale / 2 - 4, ceiling / 2, scale - 8)
  }
  pen.strokeStyle = paint.wall
  pen.lineWidth = 3
  pen.beginPath()
  pen.moveTo(half - scale - 4, ceiling)
  pen.lineTo(half, ceiling)
  pen.moveTo(half, 0)
  pen.lineTo(half, floor)
  pen.stroke()
  for (const [box, side] of [
    [inside, -1],
    [outside, 1],
  ] as const) {
    for (const p of box.particles) {
      const x = half + side * (4 + (1 - p.x) * scale)
      const y = floor - p.y * scale
      pen.beginPath()
      if (p.vapour) {
        // Vapour: open triangles, so that colour is not the only sign.
        pen.moveTo(x, y - size * 1.3)
        pen.lineTo(x + size * 1.2, y + size)
        pen.lineTo(x - size * 1.2, y + size)
        pen.closePath()
        pen.strokeStyle = paint.vapour
        pen.lineWidth = 1.6
        pen.stroke()
      } else {
        pen.arc(x, y, size, 0, 7)
        pen.fillStyle = paint.air
        pen.fill()
      }
    }
  }
  for (const f of flashes) {
    pen.fillStyle = `rgba(122,90,166,${1 - f.age / 0.25})`
    pen.fillRect(half + (f.side < 0 ? -6 : 1), floor - f.y * scale - 5, 5, 10)
  }
}

/** Push of each side as felt on the wall, smoothed over some seconds; the room's at rest is 1. */
const felt = ref({ inside: 0, outside: 0 })
let last = 0
let handle = 0
let visible = true
function tick(now: number) {
  handle = requestAnimationFrame(tick)
  const seconds = Math.min(0.05, Math.max(0.001, (now - last) / 1000))
  last = now
  if (!visible) return
  inside.step(seconds, y => flashes.push({ y, age: 0, side: -1 }))
  outside.step(seconds, y => flashes.push({ y, age: 0, side: 1 }))
  flashes = flashes.map(f => ({ ...f, age: f.age + seconds })).filter(f => f.age < 0.25)
  const ease = 1 - Math.exp(-seconds / 4)
  felt.value = {
    inside: felt.value.inside + (inside.takeImpulse() / seconds - felt.value.inside) * ease,
    outside: felt.value.outside + (outside.takeImpulse() / seconds - felt.value.outside) * ease,
  }
  draw()
}
const bars = computed(() => {
  const most = Math.max(felt.value.inside, felt.value.outside, 1e-9)
  return [
    { name: 'inside', share: felt.value.inside / most, pressure: state.value.inside.pressure, colour: 'var(--vapour)' },
    {
      name: 'outside',
      share: felt.value.outside / most,
      pressure: state.value.outside.pressure,
      colour: 'var(--outside-air)',
    },
  ]
})
useResizeObserver(canvas, ([entry]) => {
  const board = canvas.value
  if (!board) return
  const { width, height } = entry!.contentRect
  board.width = Math.max(100, Math.round(width))
  board.height = Math.max(60, Math.round(height))
  draw()
})
let watcher: IntersectionObserver | undefined
onMounted(() => {
  watcher = new IntersectionObserver(entries => {
    visible = entries.some(e => e.isIntersecting)
  })
  watcher.observe(canvas.value!)
  watch(
    motion,
    choice => {
      cancelAnimationFrame(handle)
      if (choice !== 'reduce') handle = requestAnimationFrame(tick)
      else draw()
    },
    { immediate: true },
  )
})
onBeforeUnmount(() => {
  cancelAnimationFrame(handle)
  watcher?.disconnect()
})
</script>

<template>
  <div ref="frame" role="group" :aria-label="$t('Particle board')" class="board" :data-full="isFullscreen || onWall">
    <div class="flex items-baseline gap-3 mb-1">
      <h2 v-if="isFullscreen || onWall" class="flex-1">
        {{ $t('Particle board') }}
      </h2>
      <button v-if="!onWall" class="quiet-button text-sm" @click="toggle()">
        {{ isFullscreen ? $t('Back to the Bench') : $t('Fill the screen') }}
      </button>
    </div>
    <div class="grid grid-cols-2 text-sm">
      <span
        >{{ $t('inside:') }} <span class="text-(--outside-air)">{{ $t('● air') }}</span>
        <span class="text-(--vapour)">{{ $t('△ vapour') }}</span></span
      ><span>{{ $t('outside:') }} <span class="text-(--outside-air)">{{ $t('● air') }}</span></span>
    </div>
    <canvas
      ref="canvas"
      class="w-full block border rule canvas"
      role="img"
      :aria-label="`${$t('Particle board')}: ${caption}`"
    />
    <div class="grid gap-1 mt-1" aria-hidden="true">
      <div
        v-for="bar in bars"
        :key="bar.name"
        class="grid grid-cols-[4.5rem_1fr_6rem] items-center gap-2 text-sm figures"
      >
        <span>{{ $t(bar.name) }}</span>
        <svg viewBox="0 0 100 8" preserveAspectRatio="none" class="w-full h-2.5">
          <rect :width="100 * bar.share" height="8" :fill="bar.colour" />
        </svg>
        <span class="text-right">{{ units.format(bar.pressure, ['kPa', 'psi'], 'pressure') }}</span>
      </div>
    </div>
    <p class="text-sm soft" data-testid="particles">
      {{ caption }} <span class="motion-reduce:hidden">{{ $t('The bars are counted hits on the wall.') }}</span>
    </p>
    <slot v-if="isFullscreen" name="scrubber" />
  </div>
</template>

<style scoped>
.canvas {
  aspect-ratio: 2.45;
  background: var(--sheet);
}
.board[data-full='true'] {
  background: var(--paper);
  padding: 1.5rem 2rem;
  font-size: max(1.35rem, 3vh);
  overflow: auto;
}
.board[data-full='true'] .canvas {
  width: min(100%, calc(50vh * 2.45));
  margin-inline: auto;
}
.board[data-full='true'] .text-sm {
  font-size: max(1.2rem, 2.6vh);
}
</style>
