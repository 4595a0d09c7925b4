<script setup lang="ts">
/** Scaled cross-section: heater and can on the left, bowl on the right; it follows the scrubber. */
import { useMediaQuery } from '@vueuse/core'
import type { DrawingState } from '~~/core'
import { canOutline } from './can-outline'

const props = defineProps<{ state: DrawingState }>()
const units = useUnitsStore()
const uid = useId().replace(/[^a-zA-Z0-9]/g, '')

// On a phone heater and bowl stand closer, so that the words in the drawing stay readable.
const narrow = useMediaQuery('(max-width: 640px)')
const WIDTH = computed(() => narrow.value ? 430 : 700)
const HEIGHT = 258
const BENCH = 238
const HEATER_X = computed(() => narrow.value ? 72 : 140)
const BOWL_X = computed(() => narrow.value ? 258 : 455)
const n = computed(() => props.state.numbers as Record<string, number>)

/** Bowl as a round one whose depth is 0.45 of its width. */
const bowlWidth = computed(() => Math.cbrt(4 * n.value.bathVolume! * 1.25 / (Math.PI * 0.45)))
const scale = computed(() => Math.min(140 / n.value.height!, (narrow.value ? 240 : 330) / bowlWidth.value, 760))
const px = (metres: number) => metres * scale.value
const can = computed(() => ({ width: px(n.value.diameter!), height: px(n.value.height!) }))
const bowl = computed(() => {
  const width = px(bowlWidth.value)
  const depth = Math.max(width * 0.45, px(n.value.mouthDepth!) + 22)
  return { left: BOWL_X.value - width / 2, right: BOWL_X.value + width / 2, top: BENCH - depth, water: BENCH - depth * 0.8, width, depth }
})
const heaterTop = BENCH - 26

const pose = computed(() => {
  const { place, carried, depth } = n.value as { place: number, carried: number, depth: number }
  const { height } = can.value
  const stand = { x: HEATER_X.value, y: heaterTop - height / 2 }
  const held = { x: BOWL_X.value, y: bowl.value.water + px(depth) - height / 2 }
  if (place === 0) return { ...stand, angle: 0 }
  if (place === 2) return { ...held, angle: 180 }
  const s = carried * carried * (3 - 2 * carried)
  return { x: stand.x + (held.x - stand.x) * s, y: stand.y + (held.y - stand.y) * s - 34 * Math.sin(Math.PI * s), angle: 180 * Math.min(1, Math.max(0, (carried - 0.35) / 0.5)) }
})
const outline = computed(() => canOutline(can.value.width, can.value.height, n.value.volumeLost!))
/** Height of the water inside: its volume over the can's section, what is left of it when caved in. */
const level = computed(() => {
  const area = Math.PI * n.value.diameter! ** 2 / 4 * Math.max(0.15, 1 - n.value.volumeLost!)
  return Math.min(can.value.height * 0.98, px((n.value.waterInside! / 1000) / area))
})
const gasFill = computed(() => 0.15 + 0.6 * (1 - n.value.airFraction!))
const arrows = computed(() => n.value.place === 2)
const inside = computed(() => Math.max(2, 22 * n.value.pressure! / props.state.numbers.outside!))
const ice = computed(() => {
  const cubes = Math.min(9, Math.ceil(n.value.iceMass! * 6))
  const free = bowl.value.width / 2 - can.value.width / 2 - 12
  return Array.from({ length: cubes }, (_, i) => {
    const side = i % 2 ? 1 : -1
    const step = Math.floor(i / 2)
    return { x: BOWL_X.value + side * (can.value.width / 2 + 10 + (step * 24) % Math.max(free, 20)), y: bowl.value.water - 5 + (step % 3) * 3, turn: i * 23 }
  }).filter(c => c.x > bowl.value.left + 4 && c.x < bowl.value.right - 18)
})
const caption = computed(() => {
  const { place, plume, boiling, volumeLost, drawnIn } = n.value as Record<string, number>
  if (place === 0) return plume ? 'On the heat, a steady plume: the air is leaving.' : boiling ? 'Boiling; steam still condenses on the cold wall.' : 'Warming up.'
  if (place === 1) return 'Off the heat and turning over; every moment lets air in.'
  const water = units.format(drawnIn!, ['mL', 'floz'], 'volume', 2)
  if (volumeLost! > 0.02) return `${Math.round(volumeLost! * 100)} % of its volume gone, ${water} of water in.`
  return drawnIn! > 1e-6 ? `Mouth under water; ${water} drawn in.` : 'Mouth under water: the hush.'
})
</script>

<template>
  <figure class="m-0">
    <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" class="w-full block max-h-[275px]" role="img" :aria-label="`Bench drawing: ${caption}`">
      <defs>
        <pattern :id="`${uid}-air`" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="1.6" height="6" fill="var(--outside-air)" />
        </pattern>
        <clipPath :id="`${uid}-can`"><path :d="outline" /></clipPath>
        <clipPath :id="`${uid}-bowl`"><rect :x="bowl.left" :y="bowl.water" :width="bowl.width" :height="BENCH - bowl.water" /></clipPath>
        <marker :id="`${uid}-out`" viewBox="0 0 8 8" refX="7" refY="4" markerWidth="6" markerHeight="6" orient="auto-start-reverse"><path d="M0 0L8 4L0 8z" fill="var(--outside-air)" /></marker>
        <marker :id="`${uid}-in`" viewBox="0 0 8 8" refX="7" refY="4" markerWidth="6" markerHeight="6" orient="auto-start-reverse"><path d="M0 0L8 4L0 8z" fill="var(--vapour)" /></marker>
      </defs>

      <line x1="0" :x2="WIDTH" :y1="BENCH" :y2="BENCH" stroke="var(--hairline)" stroke-width="2" />
      <!-- heater -->
      <rect :x="HEATER_X - 62" :y="heaterTop + 7" width="124" :height="BENCH - heaterTop - 7" rx="3" fill="var(--vessel)" />
      <rect :x="HEATER_X - 48" :y="heaterTop" width="96" height="7" rx="2" :fill="n.place === 0 ? '#9a3b1e' : '#3d434c'" />
      <text :x="HEATER_X" :y="BENCH + 15" text-anchor="middle" class="label" fill="var(--soft-ink)">heater</text>

      <!-- bowl -->
      <rect :x="bowl.left" :y="bowl.water" :width="bowl.width" :height="BENCH - bowl.water" fill="var(--water-wash)" />
      <g v-for="(cube, i) in ice" :key="i" :transform="`translate(${cube.x} ${cube.y}) rotate(${cube.turn})`"><rect width="14" height="12" rx="2" fill="#eef7f8" stroke="var(--water)" stroke-width="1" /></g>

      <!-- can -->
      <g :transform="`translate(${pose.x.toFixed(1)} ${pose.y.toFixed(1)}) rotate(${pose.angle.toFixed(1)})`">
        <path :d="outline" fill="var(--sheet)" />
        <path :d="outline" fill="var(--vapour-wash)" :opacity="gasFill" />
        <path :d="outline" :fill="`url(#${uid}-air)`" :opacity="0.55 * n.airFraction!" />
        <g :clip-path="`url(#${uid}-can)`">
          <g :transform="`rotate(${-pose.angle})`">
            <rect x="-300" :y="can.height / 2 - level" width="600" height="400" fill="var(--water)" opacity="0.85" />
            <g v-if="n.boiling">
              <circle v-for="i in 6" :key="i" :cx="-can.width / 3 + i * can.width / 10" :cy="can.height / 2 - level * (0.25 + (i * 37 % 60) / 100)" r="1.8" fill="#fff" class="bubble" :style="{ animationDelay: `${i * 130}ms` }" />
            </g>
            <path v-if="n.jet! > 0.4" :d="`M${-px(n.mouth!) / 2} ${can.height / 2}L${-px(n.mouth!) / 3} ${-can.height / 2 + 6}Q0 ${-can.height / 2 - 6} ${px(n.mouth!) / 3} ${-can.height / 2 + 6}L${px(n.mouth!) / 2} ${can.height / 2}Z`" fill="var(--water)" opacity="0.55" />
          </g>
        </g>
        <path :d="outline" fill="none" stroke="var(--vessel)" stroke-width="2.2" stroke-linejoin="round" />
        <!-- mouth: a gap in the lid -->
        <line :x1="-px(n.mouth!) / 2" :x2="px(n.mouth!) / 2" :y1="-can.height * (1 - 0.18 * n.volumeLost!) / 2" :y2="-can.height * (1 - 0.18 * n.volumeLost!) / 2" :stroke="n.place === 2 ? 'var(--water-wash)' : 'var(--paper)'" stroke-width="3.4" />
      </g>

      <!-- plume -->
      <g v-if="n.plume" :transform="`translate(${pose.x} ${pose.y - can.height / 2})`" class="plume" fill="none" stroke="var(--vapour)" stroke-width="3" stroke-linecap="round" opacity="0.7">
        <path d="M-5 -3q-7 -12 0 -22t-2 -22" /><path d="M5 -3q7 -12 0 -24t3 -20" /><path d="M0 -6q4 -14 -1 -28" />
      </g>

      <!-- bowl in front of what is under water -->
      <rect v-if="n.place === 2" :x="bowl.left" :y="bowl.water" :width="bowl.width" :height="BENCH - bowl.water" fill="var(--water-wash)" opacity="0.45" />
      <line :x1="bowl.left" :x2="bowl.right" :y1="bowl.water" :y2="bowl.water" stroke="var(--water)" stroke-width="1.5" />
      <path :d="`M${bowl.left} ${bowl.top}V${BENCH - 8}q0 8 8 8H${bowl.right - 8}q8 0 8 -8V${bowl.top}`" fill="none" stroke="var(--vessel)" stroke-width="3" />
      <text :x="BOWL_X" :y="BENCH + 15" text-anchor="middle" class="label" fill="var(--soft-ink)">bath {{ units.format(n.bathTemperature!, ['degC', 'degF'], 'temperature') }}</text>

      <!-- outside and inside push -->
      <g v-if="arrows" stroke-width="2">
        <g v-for="row in [-0.28, 0, 0.28]" :key="row">
          <template v-for="side in [-1, 1]" :key="side">
            <line :x1="pose.x + side * (can.width / 2 + 32)" :x2="pose.x + side * (can.width / 2 + 5)" :y1="pose.y - can.height * 0.08 + row * can.height * 0.7" :y2="pose.y - can.height * 0.08 + row * can.height * 0.7" stroke="var(--outside-air)" :marker-end="`url(#${uid}-out)`" />
            <line v-if="n.volumeLost! < 0.3" :x1="pose.x + side * (can.width / 2 - 4 - inside)" :x2="pose.x + side * (can.width / 2 - 4)" :y1="pose.y - can.height * 0.08 + row * can.height * 0.7" :y2="pose.y - can.height * 0.08 + row * can.height * 0.7" stroke="var(--vapour)" :marker-end="`url(#${uid}-in)`" />
          </template>
        </g>
        <text :x="pose.x + can.width / 2 + 38" :y="pose.y - can.height * 0.08 + 4" class="label" fill="var(--outside-air)">outside {{ units.format(n.outside!, ['kPa', 'psi'], 'pressure') }}</text>
        <text :x="pose.x - can.width / 2 - 38" :y="pose.y - can.height * 0.08 + 4" text-anchor="end" class="label" fill="var(--vapour)">inside {{ units.format(n.pressure!, ['kPa', 'psi'], 'pressure') }}</text>
      </g>
      <g v-else-if="n.place === 0">
        <text :x="HEATER_X + can.width / 2 + 14" :y="pose.y - 14" class="label" fill="var(--vapour)">steam {{ Math.round((1 - n.airFraction!) * 100) }} %</text>
        <text :x="HEATER_X + can.width / 2 + 14" :y="pose.y + 2" class="label" fill="var(--outside-air)">air {{ Math.round(n.airFraction! * 100) }} %</text>
        <text :x="HEATER_X + can.width / 2 + 14" :y="pose.y + 18" class="label" fill="var(--soft-ink)">wall {{ units.format(n.wallTemperature!, ['degC', 'degF'], 'temperature') }}</text>
      </g>
    </svg>
    <figcaption class="text-sm soft">
      {{ caption }}
    </figcaption>
  </figure>
</template>

<style scoped>
.label { font-size: 12.5px; }
.bubble { animation: rise 0.9s ease-in infinite; }
.plume { animation: sway 2.4s ease-in-out infinite alternate; transform-box: fill-box; }
@keyframes rise { from { translate: 0 2px; opacity: 0; } 50% { opacity: 1; } to { translate: 0 -4px; opacity: 0; } }
@keyframes sway { from { opacity: 0.45; } to { opacity: 0.8; } }
</style>
