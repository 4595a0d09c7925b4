<script setup lang="ts">
/** Draws a demonstration's own shapes to scale, in the colours of their substances. */
import { inARow, type Scene, type Point, type Note, type Shape, type Stuff } from '~~/core'
import { DRAWING_HEIGHT, useDrawingFrame } from './useDrawingFrame'

const props = defineProps<{ scene: Scene }>()
const units = useUnitsStore()
const { width: WIDTH, uid } = useDrawingFrame()
const MARGIN = 8
/** Under the bench, for names. */
const FOOT = 16

const scale = computed(() => {
  const { left, right, bottom, top } = props.scene.frame
  return Math.min((WIDTH.value - 2 * MARGIN) / (right - left), (DRAWING_HEIGHT - FOOT - MARGIN) / (top - bottom))
})
/** No higher than what it shows: a wide scene on a narrow screen leaves no empty sky. */
const height = computed(() => (props.scene.frame.top - props.scene.frame.bottom) * scale.value + MARGIN + FOOT)
const bench = computed(() => height.value - FOOT)
const middle = computed(() => (props.scene.frame.left + props.scene.frame.right) / 2)
const px = ([x, y]: Point): [number, number] => [
  WIDTH.value / 2 + (x - middle.value) * scale.value,
  bench.value - (y - props.scene.frame.bottom) * scale.value,
]
const at = (point: Point) => {
  const [x, y] = px(point)
  return { x, y }
}
const path = (points: readonly Point[], closed: boolean) =>
  `M${points
    .map(p =>
      px(p)
        .map(v => v.toFixed(1))
        .join(','),
    )
    .join('L')}${closed ? 'Z' : ''}`

const FILL: Record<Stuff, string> = {
  'outside-air': 'var(--outside-air)',
  'inside-air': 'var(--inside-air)',
  'vapour': 'var(--vapour-wash)',
  'water': 'var(--water)',
  'glass': 'var(--sheet)',
  'metal': 'var(--metal)',
  'rubber': 'var(--rubber)',
  'food': 'var(--food)',
  'card': 'var(--card)',
  'paper': 'var(--sheet)',
  'cloud': 'var(--cloud)',
  'flame': 'var(--flame)',
  'ink': 'var(--ink)',
  'danger': 'var(--danger)',
  'ice': 'var(--ice)',
  'iron': 'var(--iron)',
  'hot': 'var(--hot)',
}
const LINE: Record<Stuff, string> = {
  ...FILL,
  'vapour': 'var(--vapour)',
  'glass': 'var(--vessel)',
  'metal': 'var(--vessel)',
  'rubber': 'var(--rubber-line)',
  'food': 'var(--food-line)',
  'card': 'var(--card-line)',
  'paper': 'var(--vessel)',
  'cloud': 'var(--cloud-line)',
  'inside-air': 'var(--inside-air)',
  'ice': 'var(--water)',
}
const TEXT: Record<string, string> = {
  'outside-air': 'var(--outside-air)',
  'vapour': 'var(--vapour)',
  'water': 'var(--water)',
  'danger': 'var(--danger)',
  'ink': 'var(--ink)',
}
const words = (said: readonly Note[]) => units.told(inARow(said))
const caption = computed(() => words(props.scene.caption))
type Of<K extends Shape['kind']> = Extract<Shape, { kind: K }>
const flame = ({ at: foot, high: height }: Of<'flame'>) => {
  const { x, y } = at(foot)
  const h = Math.max(9, height * scale.value)
  const [wide, narrow, low, high, tip] = [h * 0.34, h * 0.1, y - h * 0.3, y - h * 0.6, y - h]
  const left = `C${x - wide} ${low} ${x - narrow} ${high} ${x} ${tip}`
  return `M${x} ${y}${left}C${x + narrow} ${high} ${x + wide} ${low} ${x} ${y}Z`
}
/** Bubbles spread evenly, without chance, so that they stay where they are between frames. */
const bubbles = ({ at: foot, wide, high, count }: Of<'bubbles'>) =>
  Array.from({ length: count }, (_, i) => {
    const { x, y } = at([foot[0] + wide * (((i * 0.618) % 1) - 0.5), foot[1] + high * ((i * 0.381 + 0.1) % 1)])
    return { x, y, r: 1.6 + (i % 3) * 0.8, delay: `${i * 110}ms` }
  })
/** Names that would stand over one another are moved down a line. */
const notes = computed(() => {
  const placed: { x: number; y: number; text: string; anchor: string; fill: string }[] = []
  for (const shape of props.scene.shapes) {
    if (shape.kind !== 'note') continue
    const { x, y } = at(shape.at)
    const text = words(shape.said)
    const anchor = shape.anchor ?? 'start'
    const wide = text.length * 6.4
    let left = anchor === 'start' ? x : anchor === 'end' ? x - wide : x - wide / 2
    left = Math.min(Math.max(left, 2), WIDTH.value - wide - 2)
    let line = Math.min(height.value - 4, Math.max(12, y))
    while (placed.some(p => Math.abs(p.y - line) < 14 && left < p.x + p.text.length * 6.4 && p.x < left + wide))
      line += 14
    placed.push({ x: left, y: line, text, anchor: 'start', fill: TEXT[shape.stuff ?? 'ink'] ?? 'var(--ink)' })
  }
  return placed
})
</script>

<template>
  <DrawingFrame :width="WIDTH" :height="height" :uid="uid" :bench="at([0, 0]).y" :caption="caption">
    <defs>
      <marker
        v-for="stuff in ['outside-air', 'inside-air']"
        :id="`${uid}-${stuff}`"
        :key="stuff"
        viewBox="0 0 8 8"
        refX="7"
        refY="4"
        markerWidth="6"
        markerHeight="6"
        orient="auto-start-reverse"
      >
        <path d="M0 0L8 4L0 8z" :fill="stuff === 'outside-air' ? 'var(--outside-air)' : 'var(--vapour)'" />
      </marker>
    </defs>
    <template v-for="(shape, i) in scene.shapes" :key="i">
      <path
        v-if="shape.kind === 'body'"
        :d="path(shape.points, !shape.open)"
        :fill="shape.open || shape.hollow ? 'none' : FILL[shape.stuff]"
        :stroke="LINE[shape.stuff]"
        :stroke-width="shape.thick ?? 1.4"
        :opacity="shape.opacity ?? 1"
        stroke-linejoin="round"
        stroke-linecap="round"
      />
      <g v-else-if="shape.kind === 'gas'">
        <path :d="path(shape.points, true)" fill="var(--sheet)" />
        <path
          v-if="shape.vapour > 0"
          :d="path(shape.points, true)"
          fill="var(--vapour-wash)"
          :opacity="Math.min(1, shape.vapour)"
        />
        <path :d="path(shape.points, true)" :fill="`url(#${uid}-air)`" :opacity="Math.min(0.75, 0.5 * shape.air)" />
      </g>
      <ellipse
        v-else-if="shape.kind === 'round'"
        :cx="at(shape.at).x"
        :cy="at(shape.at).y"
        :rx="(shape.across * scale) / 2"
        :ry="((shape.high ?? shape.across) * scale) / 2"
        :fill="shape.hollow ? 'none' : FILL[shape.stuff]"
        :stroke="LINE[shape.stuff]"
        stroke-width="1.6"
        :opacity="shape.opacity ?? 1"
      />
      <g v-else-if="shape.kind === 'bubbles'">
        <circle
          v-for="(b, k) in bubbles(shape)"
          :key="k"
          :cx="b.x"
          :cy="b.y"
          :r="b.r"
          fill="var(--cloud)"
          stroke="var(--water)"
          stroke-width="0.8"
          class="bubble"
          :style="{ animationDelay: b.delay }"
        />
      </g>
      <g v-else-if="shape.kind === 'flame'">
        <path :d="flame(shape)" fill="var(--flame)" stroke="var(--flame-line)" class="flame" />
      </g>
      <PlumeOfSteam v-else-if="shape.kind === 'plume'" :x="at(shape.at).x" :y="at(shape.at).y" />
      <g
        v-else-if="shape.kind === 'drops'"
        stroke="var(--water)"
        stroke-width="1.8"
        stroke-linecap="round"
        class="drops"
      >
        <line
          v-for="([from, to], k) in shape.strokes"
          :key="k"
          :x1="at(from).x"
          :y1="at(from).y"
          :x2="at(to).x"
          :y2="at(to).y"
        />
      </g>
      <path
        v-else-if="shape.kind === 'cloud'"
        :d="path(shape.points, true)"
        fill="var(--cloud-line)"
        :opacity="Math.min(0.9, 1 - 1 / (1 + 2.2 * shape.depth))"
      />
      <line
        v-else-if="shape.kind === 'push'"
        :x1="at(shape.from).x"
        :y1="at(shape.from).y"
        :x2="at(shape.to).x"
        :y2="at(shape.to).y"
        :stroke="shape.stuff === 'outside-air' ? 'var(--outside-air)' : 'var(--vapour)'"
        stroke-width="2.2"
        :marker-end="`url(#${uid}-${shape.stuff === 'outside-air' ? 'outside-air' : 'inside-air'})`"
      />
    </template>
    <text v-for="(n, i) in notes" :key="`n${i}`" :x="n.x" :y="n.y" :fill="n.fill" class="label">{{ n.text }}</text>
  </DrawingFrame>
</template>

<style scoped>
.label {
  font-size: 12.5px;
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 3px;
  stroke-linejoin: round;
}
.bubble {
  animation: rise 0.8s ease-in infinite;
}
.drops {
  animation: fall 0.7s linear infinite;
}
.flame {
  animation: flicker 0.5s ease-in-out infinite alternate;
  transform-box: fill-box;
  transform-origin: bottom;
}
@keyframes rise {
  from {
    translate: 0 3px;
    opacity: 0.3;
  }
  to {
    translate: 0 -5px;
    opacity: 1;
  }
}
@keyframes fall {
  from {
    translate: 0 -5px;
  }
  to {
    translate: 0 5px;
  }
}
@keyframes flicker {
  from {
    scale: 1 0.94;
  }
  to {
    scale: 0.94 1.04;
  }
}
</style>
