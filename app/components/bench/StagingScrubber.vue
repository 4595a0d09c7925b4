<script setup lang="ts">
/** The scrubber of the open staging, wherever it stands on the page: all move together. */
import { OPEN_STAGING } from '~/stagings/open-staging'
const { stages, scrubber } = inject(OPEN_STAGING)!
const { position, stageIndex, time, playing } = scrubber
</script>

<template>
  <TimeScrubber
    v-model="position"
    :stages="stages"
    :stage-index="stageIndex"
    :time="time"
    :playing="playing"
    @toggle="scrubber.toggle()"
  />
</template>
