<script setup lang="ts">
/** Scaled cross-section of a vessel that is boiled out, closed and cooled where it stands, or heated again with a way out. */
import { asPressure, asShare, say, type DrawingState, type Sentence } from '~~/core'
import { levelOf, vesselOutline, type OutlineShape } from './vessel-outline'
import { useDrawingFrame } from './useDrawingFrame'

const props = defineProps<{ state: DrawingState }>()
const units = useUnitsStore()
const { narrow, width: WIDTH, uid } = useDrawingFrame()
const BENCH = 238
const n = computed(() => props.state.numbers as Record<string, number>)
const words = computed(() => props.state.words as { shape: OutlineShape, closure: string, cooling: string, heat: string })

const scale = computed(() => Math.min(168 / n.value.height!, (narrow.value ? 150 : 190) / n.value.diameter!, 900))
const px = (metres: number) => metres * scale.value
const body = computed(() => ({ width: px(n.value.diameter!), height: px(n.value.height!) }))
const stays = computed(() => !words.value.cooling || !words.value.heat)
const HEATER_X = computed(() => stays.value ? WIDTH.value * 0.45 : narrow.value ? 74 : 150)
const COOL_X = computed(() => words.value.heat ? (narrow.value ? 272 : 455) : WIDTH.value * 0.45)
const heaterTop = BENCH - 26
const pool = computed(() => words.value.cooling === 'ice-pool' ? px(n.value.poolDepth ?? 0) : 0)
const tub = computed(() => {
  const half = body.value.width / 2 + 36
  return { left: COOL_X.value - half, right: COOL_X.value + half, top: BENCH - Math.max(pool.value + 14, 22), water: BENCH - 5 - pool.value }
})
const pose = computed(() => {
  const { place, carried } = n.value as { place: number, carried: number }
  const hot = { x: HEATER_X.value, y: heaterTop - body.value.height / 2 }
  const cold = { x: COOL_X.value, y: BENCH - (words.value.cooling === 'ice-pool' ? 5 : 0) - body.value.height / 2 }
  if (!words.value.cooling) return hot
  if (!words.value.heat || place === 2) return cold
  if (place === 0) return hot
  const s = carried * carried * (3 - 2 * carried)
  return { x: hot.x + (cold.x - hot.x) * s, y: hot.y + (cold.y - hot.y) * s - 14 * Math.sin(Math.PI * s) }
})
const outline = computed(() => vesselOutline({
  shape: words.value.shape, ...body.value, mouth: px(n.value.mouth!), neck: words.value.shape === 'bottle' ? body.value.height * 0.14 : 0, lost: n.value.volumeLost!,
}))
const squeezed = computed(() => 1 - 0.18 * n.value.volumeLost!)
const mouthY = computed(() => -body.value.height * squeezed.value / 2)
const mouthX = computed(() => words.value.closure === 'bung' || words.value.closure === 'relief' ? body.value.width * 0.28 : 0)
const mouthWidth = computed(() => Math.max(7, px(n.value.mouth!)))
const level = computed(() => body.value.height * Math.min(0.98, levelOf(words.value.shape, n.value.waterInside! / 1000 / (n.value.capacity! * Math.max(0.15, 1 - n.value.volumeLost!)))))
const hoops = computed(() => {
  const spacing = n.value.hoopSpacing ? px(n.value.hoopSpacing) : 0
  if (spacing < 6 || spacing > body.value.height * 0.9 || n.value.volumeLost! > 0.05) return []
  const count = Math.round(body.value.height / spacing) - 1
  return Array.from({ length: Math.max(0, count) }, (_, i) => -body.value.height / 2 + (i + 1) * body.value.height / (count + 1))
})
const closed = computed(() => n.value.place === 2)
const gasFill = computed(() => 0.15 + 0.6 * (1 - n.value.airFraction!))
const over = computed(() => n.value.pressure! > n.value.outside! * 1.002)
const arrows = computed(() => closed.value || over.value)
const drops = computed(() => {
  const top = pose.value.y - body.value.height / 2
  const side = body.value.width / 2
  if (words.value.cooling === 'spray') return Array.from({ length: 18 }, (_, i) => ({ x: pose.value.x + (i % 2 ? 1 : -1) * (side + 4 + (i * 7) % 26), y: top + 6 + (i * 29) % Math.max(20, body.value.height * 0.8), long: 5 }))
  if (words.value.cooling === 'sprinkle') return Array.from({ length: 11 }, (_, i) => ({ x: pose.value.x - side + (i * 0.1) * 2 * side, y: top - 34 + (i * 17) % 28, long: 4 }))
  return []
})
const caption = computed(() => units.told(captionOf()))
function captionOf(): Sentence {
  const { place, plume, boiling, volumeLost } = n.value as Record<string, number>
  const lost = say`${asShare(volumeLost!)} of its volume gone`
  if (!words.value.cooling) return over.value ? say`Steam inside pushes out with ${asPressure(n.value.pressure! - n.value.outside!, { digits: 3 })} over the room; ${lost}.` : say`On the heat with a way out for the steam; ${lost}.`
  if (place === 0) return plume ? 'On the heat, open, a steady plume: the air is leaving.' : boiling ? 'Boiling; steam still condenses on the cold wall.' : 'Open, warming up.'
  if (place === 1) return words.value.heat ? 'Heat off, still open: it cools and air comes in. Close it now.' : 'Open: vapour drives the air out.'
  if (volumeLost! > 0.02) return say`${lost}.`
  return words.value.closure === 'vent' ? 'Steam off, cooling on.' : 'Closed and cooling: the hush.'
}
const coolWords = computed(() => ({ 'ice-pool': 'ice pool', 'spray': 'spray', 'pour': 'poured water', 'sprinkle': 'sprinkled water', 'still-air': 'still air', 'inside': 'cold rinse inside' } as Record<string, string>)[words.value.cooling] ?? '')
</script>

<template>
  <DrawingFrame :width="WIDTH" :uid="uid" :bench="BENCH" :caption="caption">
    <defs>
      <clipPath :id="`${uid}-body`"><path :d="outline" /></clipPath>
    </defs>
    <HeatSource v-if="words.heat" :x="HEATER_X" :top="heaterTop" :bench="BENCH" :kind="words.heat" :on="n.place === 0" />

    <!-- tub behind -->
    <g v-if="words.cooling === 'ice-pool'">
      <rect :x="tub.left" :y="tub.water" :width="tub.right - tub.left" :height="BENCH - tub.water" fill="var(--water-wash)" />
      <rect v-for="i in Math.min(8, Math.ceil(n.iceMass! * 2))" :key="i" :x="i % 2 ? tub.left + 4 + (i * 5) % 16 : tub.right - 18 - (i * 5) % 16" :y="tub.water - 5 + (i * 3) % 8" width="13" height="11" rx="2" fill="#eef7f8" stroke="var(--water)" />
    </g>

    <g :transform="`translate(${pose.x.toFixed(1)} ${pose.y.toFixed(1)})`">
      <path :d="outline" fill="var(--sheet)" />
      <path :d="outline" fill="var(--vapour-wash)" :opacity="gasFill" />
      <path :d="outline" :fill="`url(#${uid}-air)`" :opacity="0.55 * n.airFraction!" />
      <g :clip-path="`url(#${uid}-body)`">
        <rect x="-300" :y="body.height * squeezed / 2 - level" width="600" height="400" fill="var(--water)" opacity="0.85" />
        <circle v-for="i in n.boiling || over ? 6 : 0" :key="i" :cx="-body.width / 3 + i * body.width / 10" :cy="body.height * squeezed / 2 - Math.max(level, 4) * (0.25 + (i * 37 % 60) / 100)" r="1.8" fill="#fff" class="bubble" :style="{ animationDelay: `${i * 130}ms` }" />
        <g v-if="words.cooling === 'inside' && closed" stroke="var(--water)" stroke-width="1.6" stroke-linecap="round" class="drops">
          <line v-for="i in 14" :key="i" x1="0" :y1="mouthY + 16" :x2="(i - 7.5) * body.width / 16" :y2="mouthY + 40 + (i * 31) % (body.height * 0.5)" stroke-dasharray="5 9" />
        </g>
      </g>
      <line v-for="hoop in hoops" :key="hoop" :x1="-body.width / 2 - 2.5" :x2="body.width / 2 + 2.5" :y1="hoop" :y2="hoop" stroke="var(--vessel)" stroke-width="3" />
      <path :d="outline" fill="none" stroke="var(--vessel)" stroke-width="2.4" stroke-linejoin="round" />
      <!-- mouth: a gap, a bung, a cap, a vent, a relief -->
      <g :transform="`translate(${mouthX} ${mouthY})`">
        <template v-if="words.closure === 'relief'">
          <rect x="-4" y="-16" width="8" height="16" fill="var(--vessel)" /><path d="M-9 -16h18l-4 -9h-10z" fill="none" stroke="var(--vessel)" stroke-width="2" />
        </template>
        <template v-else-if="words.closure === 'vent'">
          <rect x="-7" y="-14" width="14" height="14" fill="var(--sheet)" stroke="var(--vessel)" stroke-width="2" /><line v-if="!n.vent" x1="-9" x2="9" y1="-14" y2="-14" stroke="var(--danger)" stroke-width="4" />
        </template>
        <rect v-else-if="closed" :x="-mouthWidth / 2 - 2" y="-8" :width="mouthWidth + 4" height="11" rx="2" fill="var(--ink)" />
        <line v-else :x1="-mouthWidth / 2" :x2="mouthWidth / 2" y1="0" y2="0" stroke="var(--paper)" stroke-width="4" />
      </g>
    </g>
    <PlumeOfSteam v-if="n.plume" :x="pose.x + mouthX" :y="pose.y + mouthY" />

    <!-- coolant -->
    <template v-if="closed">
      <g stroke="var(--water)" stroke-width="1.8" stroke-linecap="round" class="drops">
        <line v-for="(d, i) in drops" :key="i" :x1="d.x" :x2="d.x" :y1="d.y" :y2="d.y + d.long" />
      </g>
      <g v-if="words.cooling === 'pour'">
        <path :d="`M${pose.x + body.width * 0.35} ${pose.y - body.height / 2 - 30}q-10 6 -12 28`" fill="none" stroke="var(--water)" stroke-width="7" stroke-linecap="round" opacity="0.8" />
        <path :d="`M${pose.x - body.width * 0.35} ${pose.y - body.height / 2}H${pose.x + body.width / 2 + 3}V${pose.y + body.height * 0.42}`" fill="none" stroke="var(--water)" stroke-width="3" opacity="0.6" />
        <path :d="`M${pose.x + body.width * 0.34} ${pose.y - body.height / 2 - 34}l26 -14l9 16l-26 14z`" fill="var(--sheet)" stroke="var(--vessel)" stroke-width="2" />
      </g>
    </template>
    <g v-if="words.cooling === 'ice-pool'">
      <rect v-if="pose.x === COOL_X" :x="tub.left" :y="tub.water" :width="tub.right - tub.left" :height="BENCH - tub.water" fill="var(--water-wash)" opacity="0.5" />
      <line :x1="tub.left" :x2="tub.right" :y1="tub.water" :y2="tub.water" stroke="var(--water)" stroke-width="1.5" />
      <path :d="`M${tub.left} ${tub.top}V${BENCH - 6}q0 6 6 6H${tub.right - 6}q6 0 6 -6V${tub.top}`" fill="none" stroke="var(--vessel)" stroke-width="3" />
    </g>
    <text v-if="words.cooling" :x="COOL_X" :y="BENCH + 15" text-anchor="middle" class="label" fill="var(--soft-ink)">{{ coolWords }}<template v-if="words.cooling !== 'still-air'">, {{ units.format(n.bathTemperature!, ['degC', 'degF'], 'temperature') }}</template></text>

    <PushArrows
      v-if="arrows" :x="pose.x" :y="pose.y" :width="body.width" :height="body.height" :spread="0.56" :caved="0.4 * n.volumeLost!" :inside="n.pressure!" :outside="n.outside!"
      :show-inside="n.volumeLost! < 0.3 || over" :narrow="narrow"
    />
    <GasLabels v-else-if="!closed" :x="pose.x + body.width / 2 + 16" :y="pose.y" :air="n.airFraction!" :wall="n.wallTemperature!" />
  </DrawingFrame>
</template>

<style scoped>
.label { font-size: 12.5px; }
.bubble { animation: rise 0.9s ease-in infinite; }
.drops { animation: fall 0.7s linear infinite; }
@keyframes rise { from { translate: 0 2px; opacity: 0; } 50% { opacity: 1; } to { translate: 0 -4px; opacity: 0; } }
@keyframes fall { from { translate: 0 -5px; } to { translate: 0 5px; } }
</style>
