<script setup lang="ts">
/** Odds of each outcome across a range, as a thin stack, with a mark where the value is. */
import type { OutcomeSpec, StripPoint, Subject } from '~~/core'

const props = defineProps<{
  points?: StripPoint[]
  subject: Subject
  outcomes: readonly OutcomeSpec[]
  low: number
  high: number
  value: number
}>()
const WIDTH = 320
const HEIGHT = 44
const place = (si: number) => (props.high > props.low ? ((si - props.low) / (props.high - props.low)) * WIDTH : 0)

/** One filled band an outcome, from below. */
const bands = computed(() => {
  const points = props.points ?? []
  if (points.length < 2) return []
  const base = points.map(() => 0)
  return props.outcomes.map(outcome => {
    const lower = [...base]
    points.forEach((p, i) => {
      base[i]! += p.shares[outcome.id] ?? 0
    })
    const up = points.map((p, i) => `${place(p.value).toFixed(1)},${((1 - base[i]!) * HEIGHT).toFixed(1)}`)
    const down = points.map((p, i) => `${place(p.value).toFixed(1)},${((1 - lower[i]!) * HEIGHT).toFixed(1)}`).reverse()
    return { id: outcome.id, look: outcome.look, name: outcome.name, path: `M${[...up, ...down].join('L')}Z` }
  })
})
const summary = computed(() =>
  (props.points ?? []).map(p => `${Math.round((p.shares[props.outcomes[0]!.id] ?? 0) * 100)}`).join(', '),
)
</script>

<template>
  <figure class="m-0">
    <svg
      :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
      class="w-full h-11 block"
      role="img"
      :aria-label="
        points
          ? `Of 100 stagings, ${outcomes[0]!.name} across the range: ${summary}`
          : 'Odds across the range, being computed'
      "
    >
      <OutcomePatterns :prefix="'strip'" />
      <rect :width="WIDTH" :height="HEIGHT" fill="var(--paper)" stroke="var(--hairline)" />
      <path v-for="band in bands" :key="band.id" :d="band.path" :fill="`url(#strip-${band.look})`" />
      <line :x1="place(value)" :x2="place(value)" y1="0" :y2="HEIGHT" stroke="var(--ink)" stroke-width="2.5" />
    </svg>
    <figcaption v-if="bands.length" class="text-xs soft flex gap-3 flex-wrap">
      <span v-for="band in bands" :key="band.id" class="inline-flex items-center gap-1"
        ><svg viewBox="0 0 22 14" class="h-[1.05em] w-auto" aria-hidden="true">
          <rect width="22" height="14" :fill="`url(#strip-${band.look})`" stroke="var(--hairline)" /></svg
        ><OutcomeMark :subject="subject" :look="band.look" /> {{ band.name }}</span
      >
    </figcaption>
  </figure>
</template>
