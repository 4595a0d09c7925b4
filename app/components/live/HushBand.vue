<script setup lang="ts">
/** The time since sealing against when it goes: a band for eight of ten, a line for the middle, a line for now. */
import type { Countdown } from '~~/core'

const props = defineProps<{
  /** ms of the plan since sealing */ now: number
  /** ms of the clock */ since: number
  countdowns: readonly Countdown[]
  speed: number
}>()
const elapsed = (at: number) => (at - props.since) * props.speed
const gone = computed(() => props.countdowns.find(c => c.id === 'gone'))
const giveUp = computed(() => props.countdowns.find(c => c.id === 'give-up'))
/** It reaches from the seal to well past what is likely. */
const length = computed(() =>
  Math.max(
    gone.value ? elapsed(gone.value.until!) * 1.6 : 0,
    Math.min(props.now * 1.15, giveUp.value ? elapsed(giveUp.value.at) : Infinity),
    1000,
  ),
)
const share = (ms: number) => `${Math.min(100, Math.max(0, (ms / length.value) * 100))}%`
</script>

<template>
  <div class="relative h-10 rounded-lg bg-(--sheet) overflow-hidden" aria-hidden="true" data-testid="hush-band">
    <span
      v-if="gone"
      class="absolute inset-y-0 bg-(--gap) opacity-45"
      :style="{
        left: share(elapsed(gone.from!)),
        width: `calc(${share(elapsed(gone.until!))} - ${share(elapsed(gone.from!))})`,
      }"
    />
    <span v-if="gone" class="absolute inset-y-0 w-[3px] bg-(--gap)" :style="{ left: share(elapsed(gone.at)) }" />
    <span class="absolute inset-y-0 w-[4px] -ml-[2px] bg-(--ink)" :style="{ left: share(now) }" />
  </div>
</template>
