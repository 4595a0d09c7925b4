<script setup lang="ts">
/** Why a run failed, as far as the data can tell; or what a good one tells. */
import { keyOf, whyInWords, type Blame, type Investigation } from '~~/core'

const props = defineProps<{
  failed: boolean
  outcome: string
  found: Investigation | undefined
  remedies: readonly Blame[]
}>()
const units = useUnitsStore()
const why = computed(() => (props.found ? whyInWords(props.found, props.outcome) : []))
</script>

<template>
  <template v-if="failed">
    <h2 class="mt-5">Why</h2>
    <p v-if="!found" class="soft">Weighing what can have been off…</p>
    <div v-else data-testid="why">
      <p v-for="line in why" :key="keyOf(line)" class="text-lg">
        {{ units.told(line) }}
      </p>
      <ul v-if="remedies.length" class="list-disc pl-5 mt-1">
        <li v-for="c in remedies" :key="c.id">
          {{ c.remedy }}
        </li>
      </ul>
      <p class="text-sm soft mt-2">
        Computed stagings, as planned and with one thing off, weighed by how well each matches what was seen; of those
        that match, which single thing put right brings the wanted end. That one run in ten has something off is an
        assumption.
      </p>
    </div>
  </template>
  <template v-else-if="found">
    <h2 class="mt-5">What it tells</h2>
    <p>It ended as wanted. What was measured narrows what is not well known for the next forecast.</p>
  </template>
</template>
