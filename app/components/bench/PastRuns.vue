<script setup lang="ts">
/** What past runs taught, and the switch that leaves it out. */
import type { Lesson } from '~~/core'

defineProps<{ runs: number, unlike: number, lessons: readonly Lesson[] }>()
const on = defineModel<boolean>('on', { required: true })
const units = useUnitsStore()
const span = (l: Lesson, of: readonly [number, number, number]) => `${units.format(of[0], l.input.units, l.input.quantity, 2)} to ${units.format(of[2], l.input.units, l.input.quantity, 2)}`
</script>

<template>
  <section v-if="runs > 0 || unlike > 0" aria-labelledby="past-title" data-testid="past-runs">
    <h2 id="past-title">
      What past runs taught
    </h2>
    <label class="flex gap-2 items-baseline py-1"><input v-model="on" type="checkbox"> The forecast uses {{ runs }} past run{{ runs === 1 ? '' : 's' }} of this demonstration</label>
    <p v-if="unlike" class="soft text-sm">
      {{ unlike }} other{{ unlike === 1 ? '' : 's' }} came out unlike anything forecast and teach{{ unlike === 1 ? 'es' : '' }} nothing here.
    </p>
    <table v-if="lessons.length" class="w-full figures text-sm" :class="on ? '' : 'soft'">
      <thead class="text-left soft">
        <tr><th scope="col">not well known</th><th scope="col">before</th><th scope="col">after</th></tr>
      </thead>
      <tbody>
        <tr v-for="l in lessons.slice(0, 6)" :key="l.input.id" class="border-t rule align-top">
          <th scope="row" class="font-normal text-left py-1 pr-2">
            {{ l.input.name }}
          </th><td class="pr-2">
            {{ span(l, l.before) }}
          </td><td><b>{{ span(l, l.after) }}</b></td>
        </tr>
      </tbody>
    </table>
    <p v-else class="soft text-sm">
      They fit what was assumed; nothing moved.
    </p>
  </section>
</template>
