<script setup lang="ts">
/** The crushed vessel in three dimensions, to be turned and held beside the real one; drawn when it is asked for. */
import { watchDebounced } from '@vueuse/core'
import {
  asLength,
  asShare,
  asVolume,
  crushedMesh,
  say,
  type Demonstration,
  type ShellMesh,
  type Traced,
  type Values,
} from '~~/core'
import type { VesselView } from './vessel-view'

const props = defineProps<{ demonstration: Demonstration; values: Values; simulation: Traced }>()
const units = useUnitsStore()
const end = computed(() => props.simulation.trace.stages.at(-1)!.end)
const shell = computed(() => props.demonstration.shell?.(props.values, props.simulation, end.value))
const noun = computed(() => units.told(props.demonstration.noun[0]))
/** in its place where there is no WebGL */
const scene = computed(() => props.demonstration.drawing(props.values, props.simulation, end.value))
/** A shape takes a sixth of a second: it is worked out once a slider has come to rest, ms. */
const REST = 300
/** As far as a shape may be folded. */
const MOST_LOST = 0.97
const opened = ref(false)
/** there is no WebGL on this device */
const flat = ref(false)
const canvas = useTemplateRef<HTMLCanvasElement>('canvas')
let view: VesselView | undefined
const mesh = shallowRef<ShellMesh>()

async function draw() {
  view?.close()
  view = undefined
  const whole = shell.value
  if (!opened.value || !whole) return
  mesh.value = crushedMesh({ ...whole, lost: Math.min(MOST_LOST, Math.max(0, whole.lost)) })
  await nextTick()
  const { showVessel } = await import('./vessel-view')
  if (!canvas.value || !opened.value) return
  try {
    view = showVessel(canvas.value, whole, mesh.value)
  } catch {
    flat.value = true
  }
}
watchDebounced(() => JSON.stringify(shell.value), draw, { debounce: REST })
watch(opened, draw)
onBeforeUnmount(() => view?.close())

const TURNS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
}
function turnByKey(event: KeyboardEvent) {
  const turn = TURNS[event.key]
  if (!turn) return
  event.preventDefault()
  view?.turn(...turn)
}
const told = computed(() => {
  if (!mesh.value || !shell.value) return ''
  const { volume, height, lost } = mesh.value
  const whole = volume / (1 - lost)
  return units.told(
    say`${asShare(lost)} of its volume gone: ${asVolume(volume, { digits: 2 })} of
      ${asVolume(whole, { digits: 2 })} left, and ${asLength(height + shell.value.ends, { digits: 2 })} high.`,
  )
})
/** What a shape of even lobes cannot show of what was computed. */
const short = computed(() => mesh.value !== undefined && (shell.value?.lost ?? 0) - mesh.value.lost > 0.01)
</script>

<template>
  <AskedPart
    v-if="shell && shell.lost > 0.02"
    id="after"
    :title="$t('What is left of it, in three dimensions?')"
    anew
    @asked="asked => (opened = asked)"
  >
    <template v-if="flat">
      <p role="status">{{ $t('This device cannot draw in three dimensions; here it is flat, to scale.') }}</p>
      <SceneDrawing :scene="scene" column />
    </template>
    <template v-else>
      <canvas
        ref="canvas"
        class="w-full h-64 block touch-none cursor-grab border-y rule"
        tabindex="0"
        role="img"
        :aria-label="$t('Crushed {noun}, to be turned with the arrow keys: {told}', { noun, told })"
        data-testid="vessel-3d"
        @keydown="turnByKey"
      />
      <p class="flex gap-1 my-1">
        <UButton icon="i-lucide-arrow-left" :aria-label="$t('Turn to the left')" @click="view?.turn(-1, 0)" />
        <UButton icon="i-lucide-arrow-right" :aria-label="$t('Turn to the right')" @click="view?.turn(1, 0)" />
        <UButton icon="i-lucide-arrow-up" :aria-label="$t('See it from higher up')" @click="view?.turn(0, 1)" />
        <UButton icon="i-lucide-arrow-down" :aria-label="$t('See it from lower down')" @click="view?.turn(0, -1)" />
      </p>
    </template>
    <p>{{ told }}</p>
    <p class="soft text-sm">
      {{
        shell.lobes > 1
          ? $t('{n} lobes by the buckling formula; its wall has the area that it had. A real one folds unevenly.', {
              n: shell.lobes,
            })
          : $t('Its four sides drawn in alike; its wall has the area that it had. A real one folds unevenly.')
      }}
      <template v-if="short">{{ $t('It is folded further than even lobes can show.') }}</template>
    </p>
  </AskedPart>
</template>
