<script setup lang="ts">
/** The crushed vessel in three dimensions, to be turned and held beside the real one; drawn when it is asked for. */
import { crushedMesh, say, asShare, asLength, asVolume, type CrushedShell, type ShellMesh } from '~~/core'
import type { VesselView } from './vessel-view'

const props = defineProps<{ shell: CrushedShell; /** what it is called */ noun: string }>()
const units = useUnitsStore()
const opened = ref(false)
/** there is no WebGL on this device */
const flat = ref(false)
const canvas = useTemplateRef<HTMLCanvasElement>('canvas')
let view: VesselView | undefined
const mesh = shallowRef<ShellMesh>()

async function draw() {
  view?.close()
  view = undefined
  if (!opened.value) return
  mesh.value = crushedMesh({ ...props.shell, lost: Math.min(0.97, Math.max(0, props.shell.lost)) })
  await nextTick()
  const { showVessel } = await import('./vessel-view')
  if (!canvas.value || !opened.value) return
  try {
    view = showVessel(canvas.value, props.shell, mesh.value)
  } catch {
    flat.value = true
  }
}
watch([() => JSON.stringify(props.shell), opened], draw)
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
  if (!mesh.value) return ''
  const { volume, height, lost } = mesh.value
  const whole = volume / (1 - lost)
  return units.told(
    say`${asShare(lost)} of its volume gone: ${asVolume(volume, { digits: 2 })} of
      ${asVolume(whole, { digits: 2 })} left, and ${asLength(height + props.shell.ends, { digits: 2 })} high.`,
  )
})
/** What a shape of even lobes cannot show of what was computed. */
const short = computed(() => mesh.value !== undefined && props.shell.lost - mesh.value.lost > 0.01)
</script>

<template>
  <section v-if="shell.lost > 0.02" aria-labelledby="after-title">
    <h2 id="after-title">{{ $t('What is left, in three dimensions') }}</h2>
    <UButton v-if="!opened" @click="opened = true">{{ $t('Show it') }}</UButton>
    <template v-else>
      <p v-if="flat" role="status">
        {{ $t('This device cannot draw in three dimensions; the drawing above shows it flat, to scale.') }}
      </p>
      <template v-else>
        <canvas
          ref="canvas"
          class="w-full h-64 block touch-none cursor-grab border-y rule"
          tabindex="0"
          role="img"
          :aria-label="$t('Crushed {noun}, to be turned with the arrow keys: {told}', { noun: units.told(noun), told })"
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
    </template>
  </section>
</template>
