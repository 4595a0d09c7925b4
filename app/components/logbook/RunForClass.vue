<script setup lang="ts">
/** What a class is told of a real run: by how it did end, with the cause where it is known. */
import { whyInWords, type Investigation, type OutcomeSpec, type ReadStaging } from '~~/core'

const props = defineProps<{
  /** as it was used */ read: ReadStaging
  outcome: OutcomeSpec
  failed: boolean
  found: Investigation | undefined
}>()
const units = useUnitsStore()
const run = useRunThatEnded(() => ({ document: props.read.document, outcome: props.outcome.id }))
/** The cause, or that the data can't tell. */
const cause = computed(() => {
  if (!props.failed || !props.found) return undefined
  const why = whyInWords(props.found, units.told(props.outcome.name)).at(-1)
  return props.found.canTell && why !== undefined ? units.told(why) : 'What was measured does not tell what it was.'
})
</script>

<template>
  <section v-if="run" class="mt-6" aria-labelledby="tell-title" data-testid="for-class">
    <h2 id="tell-title">{{ $t('For the class') }}</h2>
    <p v-if="failed" class="my-2">
      It did not go as it was meant to, and that is worth telling: “{{ units.told(outcome.sentence) }}”
      {{ cause }}
      Ask what the class would change, and try that next.
    </p>
    <TeachingNotes :demonstration="read.demonstration" :values="run.values" :simulation="run.simulation" />
  </section>
</template>
