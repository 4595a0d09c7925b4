<script setup lang="ts">
/** Draws a demonstration's own shapes to scale, in the colours of their substances. */
import { useMediaQuery, useMounted } from '@vueuse/core'
import { h, type FunctionalComponent, type VNode } from 'vue'
import { inARow, markupOf, pictureOf, type Drawn, type Scene } from '~~/core'

const props = defineProps<{
  scene: Scene
  /** fills much of a projector's screen */ tall?: boolean
  /** stands in a narrow column */ column?: boolean
  /** one of many: smaller, and without its scale */ card?: boolean
  /** drawn anew with every frame, so that what rises and falls in it goes on */ moves?: boolean
}>()
const units = useUnitsStore()
const uid = useId()
// Narrower on a phone, so that the words in it stay readable; only once the page that the server drew is taken over,
// which knows of no phone: drawn in two widths at once it would be cut off.
const mounted = useMounted()
const small = useMediaQuery('(max-width: 640px)')
const narrow = computed(() => mounted.value && small.value)
const picture = computed(() =>
  pictureOf(
    props.scene,
    narrow.value || props.column ? 430 : 700,
    uid,
    said => units.told(inARow(said)),
    props.card ? {} : { height: 320, ruler: units.system },
  ),
)
/** A card's drawing that came with the page stands as it came, until it is another: many would be worked out anew. */
const came = shallowRef(import.meta.client && props.card ? drawnIn(getCurrentInstance()!.vnode.el) : undefined)
watch([() => props.scene, () => units.reader, narrow], () => {
  came.value = undefined
})
function drawnIn(figure: unknown) {
  const svg = figure instanceof Element && figure.querySelector('svg')
  const caption = svg && figure.querySelector('figcaption')?.textContent
  return svg && caption
    ? { viewBox: svg.getAttribute('viewBox')!, caption: caption.trim(), markup: svg.innerHTML }
    : undefined
}
const shown = computed(
  () =>
    came.value ?? {
      viewBox: `0 0 ${picture.value.width} ${picture.value.height}`,
      caption: picture.value.caption,
      markup: markupOf(picture.value),
    },
)
const frame = computed(() => ({
  'viewBox': shown.value.viewBox,
  'class': [
    'bench-drawing w-full block',
    props.tall ? 'max-h-[60vh]' : props.card ? 'max-h-[275px]' : 'max-h-[min(42vh,385px)]',
  ],
  'role': 'img',
  'aria-label': `Bench drawing: ${shown.value.caption}`,
}))
const nodeOf = ({ tag, attributes, inside = [], text }: Drawn): VNode =>
  h(tag, attributes, text === undefined ? inside.map(nodeOf) : text)
const Elements: FunctionalComponent<{ of: readonly Drawn[] }> = ({ of }) => of.map(nodeOf)
</script>

<template>
  <figure class="m-0">
    <!-- Of our own shapes, and words in it are escaped. Many at once are written, not mounted. -->
    <!-- eslint-disable-next-line vue/no-v-html -- see there -->
    <svg v-if="card && !moves" data-still v-bind="frame" v-html="shown.markup" />
    <svg v-else v-bind="frame">
      <Elements :of="picture.elements" />
    </svg>
    <figcaption class="soft" :class="tall || column ? 'wall-words' : 'text-sm'">
      {{ shown.caption }}
    </figcaption>
  </figure>
</template>

<style>
.bench-drawing .label {
  font-size: 12.5px;
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 3px;
  stroke-linejoin: round;
}
.bench-drawing .rising {
  animation: rise 0.8s ease-in infinite;
}
.bench-drawing .rising-1 {
  animation-delay: 110ms;
}
.bench-drawing .rising-2 {
  animation-delay: 220ms;
}
.bench-drawing .rising-3 {
  animation-delay: 330ms;
}
.bench-drawing .rising-4 {
  animation-delay: 440ms;
}
.bench-drawing .rising-5 {
  animation-delay: 550ms;
}
.bench-drawing .rising-6 {
  animation-delay: 660ms;
}
.bench-drawing .falling {
  animation: fall 0.7s linear infinite;
}
.bench-drawing .flickering {
  animation: flicker 0.5s ease-in-out infinite alternate;
  transform-box: fill-box;
  transform-origin: bottom;
}
.bench-drawing .swaying {
  animation: sway 2.4s ease-in-out infinite alternate;
}
/* Two dozen drawings at once, each moving for nobody, take half a processor. */
.bench-drawing[data-still] * {
  animation: none;
}
@keyframes sway {
  from {
    opacity: 0.45;
  }
  to {
    opacity: 0.8;
  }
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
