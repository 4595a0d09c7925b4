<script setup lang="ts">
/** A staging that came in an address: read, and kept on this Bench if one wants to. */
import { newId } from '~/api/new-id'
import { refusalOf, sendWrite } from '~/api/sending'
import { carriedBy } from '~/files/shared-staging'
import { StagingFaults, keyOf, loadDemonstrations, readStaging, stepWords, type ReadStaging } from '~~/core'

useHead({ title: 'A staging that was shared · Zealous Hush' })
useSeoMeta({ description: 'Somebody’s staging, carried by its address.' })
const units = useUnitsStore()
const read = shallowRef<ReadStaging>()
const faults = ref<string[]>([])
const looked = ref(false)
useSubject(() => read.value?.demonstration.id)
onMounted(async () => {
  const carried = carriedBy(location.hash)
  try {
    const named = String((carried as { demonstration?: unknown } | undefined)?.demonstration)
    await loadDemonstrations([named])
    if (carried === undefined) faults.value = ['The address carries no staging: it may have been cut short.']
    else read.value = readStaging(carried)
  } catch (error) {
    if (!(error instanceof StagingFaults)) throw error
    faults.value = error.faults.map(f => `${f.input ? `${f.input}: ` : ''}${units.told(f.message)}`)
  }
  looked.value = true
})
const failure = ref('')
async function keep() {
  failure.value = ''
  const id = newId()
  try {
    await sendWrite('POST', '/api/stagings', { id, document: read.value!.document }, id)
    await navigateTo(`/bench/${id}`)
  } catch (problem) {
    failure.value = refusalOf(problem).message
  }
}
</script>

<template>
  <div class="max-w-3xl mx-auto px-4 sm:px-6 py-6">
    <h1 class="text-3xl">{{ read ? read.document.title || read.demonstration.name : 'A staging that was shared' }}</h1>
    <p v-if="!looked" class="soft">Reading…</p>
    <ul v-if="faults.length" class="fault" role="alert">
      <li v-for="fault in faults" :key="fault">{{ fault }}</li>
    </ul>
    <template v-if="read">
      <p class="soft mb-3">{{ read.demonstration.summary }}</p>
      <ol class="list-decimal pl-5 grid gap-1" aria-label="Procedure">
        <li v-for="step in read.demonstration.procedure" :key="step.id">
          {{ stepWords(read.demonstration, step, read.values, units.reader) }}
        </li>
      </ol>
      <h2 class="mt-4">What is needed</h2>
      <ul class="columns-2">
        <li v-for="thing in read.demonstration.kit(read.values)" :key="keyOf(thing)">{{ units.told(thing) }}</li>
      </ul>
      <p class="soft mt-3">
        The room’s conditions are those of this application; cautions and odds stand on the Bench.
      </p>
      <p class="mt-3"><UButton variant="solid" @click="keep">Keep it on this Bench</UButton></p>
      <p v-if="failure" class="fault" role="alert">{{ failure }}</p>
    </template>
  </div>
</template>
