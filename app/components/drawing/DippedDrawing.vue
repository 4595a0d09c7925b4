<script setup lang="ts">
/** Scaled cross-section of a vessel that is filled with steam on the left and turned over into a bowl on the right. */
import { asShare, asVolume, say, type DrawingState, type Sentence } from '~~/core'
import { levelOf, vesselOutline, type OutlineShape } from './vessel-outline'
import { useDrawingFrame } from './useDrawingFrame'

const props = defineProps<{ state: DrawingState }>()
const units = useUnitsStore()

const { narrow, width: WIDTH, uid } = useDrawingFrame()
const BENCH = 238
const HEATER_X = computed(() => narrow.value ? 72 : 140)
const BOWL_X = computed(() => narrow.value ? 258 : 455)
const n = computed(() => props.state.numbers as Record<string, number>)
const words = computed(() => props.state.words as { shape: OutlineShape, closure: string, heat: string })

const stem = computed(() => n.value.stemLength ?? 0)
/** Bowl as a round one whose depth is 0.45 of its width. */
const bowlWidth = computed(() => Math.cbrt(4 * n.value.bathVolume! * 1.25 / (Math.PI * 0.45)))
const scale = computed(() => Math.min((stem.value ? 205 : 140) / (n.value.height! + stem.value), (narrow.value ? 240 : 330) / bowlWidth.value, 760))
const px = (metres: number) => metres * scale.value
const body = computed(() => ({ width: px(n.value.diameter!), height: px(n.value.height!) }))
const bowl = computed(() => {
  const width = px(bowlWidth.value)
  const depth = Math.max(width * 0.45, px(n.value.mouthDepth!) + 22)
  return { left: BOWL_X.value - width / 2, right: BOWL_X.value + width / 2, top: BENCH - depth, water: BENCH - depth * 0.8, width, depth }
})
const heaterTop = computed(() => words.value.heat ? BENCH - 26 : BENCH)

const pose = computed(() => {
  const { place, carried, depth } = n.value as { place: number, carried: number, depth: number }
  const { height } = body.value
  const stand = { x: HEATER_X.value, y: heaterTop.value - height / 2 }
  const held = { x: BOWL_X.value, y: bowl.value.water + px(depth) - height / 2 - px(stem.value) }
  if (place === 0) return { ...stand, angle: 0 }
  if (place === 2) return { ...held, angle: 180 }
  const s = carried * carried * (3 - 2 * carried)
  return { x: stand.x + (held.x - stand.x) * s, y: stand.y + (held.y - stand.y) * s - 34 * Math.sin(Math.PI * s), angle: 180 * Math.min(1, Math.max(0, (carried - 0.35) / 0.5)) }
})
const outline = computed(() => vesselOutline({
  shape: words.value.shape, ...body.value, mouth: Math.max(4, px(n.value.mouth!)), neck: px(n.value.neckLength ?? 0), lost: n.value.volumeLost!,
}))
/** The water in the stem comes first; what is over its top, and what was left inside, lies in the vessel. */
const stemVolume = computed(() => Math.PI * n.value.mouth! ** 2 / 4 * stem.value)
const inStem = computed(() => stem.value > 0 ? Math.min(1, n.value.drawnIn! / stemVolume.value) : 0)
const level = computed(() => {
  const volume = Math.max(0, n.value.waterInside! / 1000 - (stem.value > 0 ? Math.min(n.value.drawnIn!, stemVolume.value) : 0))
  const filled = volume / (n.value.capacity! * Math.max(0.15, 1 - n.value.volumeLost!))
  return body.value.height * Math.min(0.98, levelOf(words.value.shape, filled))
})
const gasFill = computed(() => 0.15 + 0.6 * (1 - n.value.airFraction!))
const arrows = computed(() => n.value.place === 2)
const stoppered = computed(() => words.value.closure === 'cap' && !n.value.opened && (n.value.place === 2 || n.value.carried! > 0.1))
const ice = computed(() => {
  const cubes = Math.min(9, Math.ceil(n.value.iceMass! * 6))
  const free = bowl.value.width / 2 - body.value.width / 2 - 12
  return Array.from({ length: cubes }, (_, i) => {
    const side = i % 2 ? 1 : -1
    const step = Math.floor(i / 2)
    return { x: BOWL_X.value + side * (body.value.width / 2 + 10 + (step * 24) % Math.max(free, 20)), y: bowl.value.water - 5 + (step % 3) * 3, turn: i * 23 }
  }).filter(c => c.x > bowl.value.left + 4 && c.x < bowl.value.right - 18)
})
const caption = computed(() => units.told(captionOf()))
function captionOf(): Sentence {
  const { place, plume, boiling, volumeLost, drawnIn } = n.value as Record<string, number>
  if (place === 0) return plume ? 'On the heat, a steady plume: the air is leaving.' : boiling ? 'Boiling; steam still condenses on the cold wall.' : 'Warming up.'
  if (place === 1) return words.value.heat ? 'Off the heat and turning over; every moment lets air in.' : 'Emptied and turning over; every moment lets air in.'
  if (stoppered.value) return 'Stoppered and under water: the steam inside condenses.'
  const water = asVolume(drawnIn!, { digits: 2 })
  if (volumeLost! > 0.02) return say`${asShare(volumeLost!)} of its volume gone, ${water} of water in.`
  if (stem.value > 0 && inStem.value < 1) return drawnIn! > 1e-7 ? say`Water climbs the stem: ${asShare(inStem.value)} of the way.` : 'Stem under water: the hush.'
  return drawnIn! > 1e-6 ? say`Mouth under water; ${water} drawn in.` : 'Mouth under water: the hush.'
}
const jetTop = computed(() => Math.min(body.value.height - 6, px(n.value.jet! ** 2 / 19.6)))
</script>

<template>
  <DrawingFrame :width="WIDTH" :uid="uid" :bench="BENCH" :caption="caption">
    <defs>
      <clipPath :id="`${uid}-body`"><path :d="outline" /></clipPath>
    </defs>

    <HeatSource v-if="words.heat" :x="HEATER_X" :top="heaterTop" :bench="BENCH" :kind="words.heat" :on="n.place === 0" />

    <!-- bowl -->
    <rect :x="bowl.left" :y="bowl.water" :width="bowl.width" :height="BENCH - bowl.water" fill="var(--water-wash)" />
    <g v-for="(cube, i) in ice" :key="i" :transform="`translate(${cube.x} ${cube.y}) rotate(${cube.turn})`"><rect width="14" height="12" rx="2" fill="#eef7f8" stroke="var(--water)" stroke-width="1" /></g>

    <!-- vessel -->
    <g :transform="`translate(${pose.x.toFixed(1)} ${pose.y.toFixed(1)}) rotate(${pose.angle.toFixed(1)})`">
      <g v-if="stem > 0">
        <rect :x="-Math.max(2, px(n.mouth!) / 2)" :y="-body.height / 2 - px(stem)" :width="Math.max(4, px(n.mouth!))" :height="px(stem) + 8" fill="var(--sheet)" stroke="var(--vessel)" stroke-width="1.6" />
        <rect :x="-Math.max(1.4, px(n.mouth!) / 2 - 0.6)" :y="-body.height / 2 - px(stem)" :width="Math.max(2.8, px(n.mouth!) - 1.2)" :height="(px(stem) + 8) * inStem" fill="var(--water)" />
      </g>
      <path :d="outline" fill="var(--sheet)" />
      <path :d="outline" fill="var(--vapour-wash)" :opacity="gasFill" />
      <path :d="outline" :fill="`url(#${uid}-air)`" :opacity="0.55 * n.airFraction!" />
      <g :clip-path="`url(#${uid}-body)`">
        <g :transform="`rotate(${-pose.angle})`">
          <rect x="-300" :y="body.height / 2 - level" width="600" height="400" fill="var(--water)" opacity="0.85" />
          <g v-if="n.boiling">
            <circle v-for="i in 6" :key="i" :cx="-body.width / 3 + i * body.width / 10" :cy="body.height / 2 - level * (0.25 + (i * 37 % 60) / 100)" r="1.8" fill="#fff" class="bubble" :style="{ animationDelay: `${i * 130}ms` }" />
          </g>
          <path v-if="n.jet! > 0.4 && (stem === 0 || inStem >= 1)" :d="`M${-px(n.mouth!) / 2} ${body.height / 2}L${-Math.max(2, px(n.mouth!) / 3)} ${body.height / 2 - jetTop}Q0 ${body.height / 2 - jetTop - 8} ${Math.max(2, px(n.mouth!) / 3)} ${body.height / 2 - jetTop}L${px(n.mouth!) / 2} ${body.height / 2}Z`" fill="var(--water)" opacity="0.55" />
        </g>
      </g>
      <path :d="outline" fill="none" stroke="var(--vessel)" stroke-width="2.2" stroke-linejoin="round" />
      <rect v-if="stoppered" :x="-px(n.mouth!) / 2 - 1" :y="-body.height / 2 - 6" :width="px(n.mouth!) + 2" height="13" fill="#8a6a4a" />
      <line v-else-if="stem === 0" :x1="-px(n.mouth!) / 2 + 1" :x2="px(n.mouth!) / 2 - 1" :y1="-body.height * (1 - 0.18 * n.volumeLost!) / 2" :y2="-body.height * (1 - 0.18 * n.volumeLost!) / 2" :stroke="n.place === 2 ? 'var(--water-wash)' : 'var(--paper)'" stroke-width="3.4" />
    </g>

    <PlumeOfSteam v-if="n.plume" :x="pose.x" :y="pose.y - body.height / 2 - px(stem)" />

    <!-- bowl in front of what is under water -->
    <rect v-if="n.place === 2" :x="bowl.left" :y="bowl.water" :width="bowl.width" :height="BENCH - bowl.water" fill="var(--water-wash)" opacity="0.45" />
    <line :x1="bowl.left" :x2="bowl.right" :y1="bowl.water" :y2="bowl.water" stroke="var(--water)" stroke-width="1.5" />
    <path :d="`M${bowl.left} ${bowl.top}V${BENCH - 8}q0 8 8 8H${bowl.right - 8}q8 0 8 -8V${bowl.top}`" fill="none" stroke="var(--vessel)" stroke-width="3" />
    <text :x="BOWL_X" :y="BENCH + 15" text-anchor="middle" class="label" fill="var(--soft-ink)">{{ $t('bath {value}', { value: units.format(n.bathTemperature!, ['degC', 'degF'], 'temperature') }) }}</text>

    <PushArrows
      v-if="arrows" :x="pose.x" :y="pose.y - body.height * 0.08" :width="body.width" :height="body.height" :spread="0.4" :inside="n.pressure!" :outside="n.outside!"
      :show-inside="n.volumeLost! < 0.3"
    />
    <GasLabels v-else-if="n.place === 0" :x="HEATER_X + Math.max(body.width / 2, 0) + 14" :y="pose.y" :air="n.airFraction!" :wall="n.wallTemperature!" />
  </DrawingFrame>
</template>

<style scoped>
.label { font-size: 12.5px; }
.bubble { animation: rise 0.9s ease-in infinite; }
@keyframes rise { from { translate: 0 2px; opacity: 0; } 50% { opacity: 1; } to { translate: 0 -4px; opacity: 0; } }
</style>
