<script setup lang="ts">
/** What to change next time, each with the odds before and after; any of it becomes the next staging. */
import type { Lever } from '~~/core'
import type { Remedies } from '~/composables/useRemedies'

const props = defineProps<{ failed: boolean; found: boolean; remedies: Remedies; making: boolean }>()
defineEmits<{ make: [lever?: Lever] }>()
const { mends, helpful } = props.remedies
</script>

<template>
  <section v-if="helpful.length || failed" aria-labelledby="next-title" class="mt-5" data-testid="next">
    <h2 id="next-title">Next time</h2>
    <ul v-if="mends.length" data-testid="mends">
      <li v-for="c in mends" :key="c.id" class="border-t rule py-1 flex flex-wrap gap-x-3 items-baseline">
        <span class="grow"
          >{{ c.remedy[0]!.toUpperCase() + c.remedy.slice(1) }}
          <b class="figures whitespace-nowrap">{{ c.odds }}</b></span
        >
      </li>
    </ul>
    <ul>
      <li v-for="l in helpful" :key="l.input + l.to" class="border-t rule py-1 flex flex-wrap gap-x-3 items-baseline">
        <span class="grow">{{ l.words }} <b class="figures whitespace-nowrap">{{ l.odds }}</b></span>
        <UButton :disabled="making" @click="$emit('make', l)">Make it the next staging</UButton>
      </li>
    </ul>
    <p v-if="found && !helpful.length && !mends.length" class="soft">
      No single change at the bench raises the odds of the plan notably; do it again as planned.
    </p>
    <UButton v-if="found" class="mt-2" :disabled="making" @click="$emit('make')">
      Same plan again as the next staging
    </UButton>
  </section>
</template>
