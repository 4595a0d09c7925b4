<script setup lang="ts">
/** For the projector: what happened, why at the level of the class, and how it stands now. */
import type { OutcomeSpec, Scene, Sentence } from '~~/core'
import SceneDrawing from '~/components/drawing/SceneDrawing.vue'

defineProps<{ ended: OutcomeSpec; /** left out where no computed run ends so */ why?: Sentence; scene?: Scene }>()
defineSlots<{ default(): unknown }>()
const units = useUnitsStore()
</script>

<template>
  <div class="grid lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)] gap-10 items-center">
    <section aria-labelledby="wall-title">
      <h1 id="wall-title" class="cue-words mb-6">
        {{ units.told(ended.sentence) }}
      </h1>
      <p v-if="why" class="wall-words" role="status">
        {{ units.told(why) }}
      </p>
    </section>
    <div class="grid gap-6">
      <SceneDrawing v-if="scene" :scene="scene" column />
      <slot />
    </div>
  </div>
</template>
