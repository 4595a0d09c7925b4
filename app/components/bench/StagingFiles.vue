<script setup lang="ts">
/** A staging, its prediction and its trace as files; and a file of an earlier prediction beside this one. */
import { download } from '~/files/download'
import {
  predictionDocument,
  traceCsv,
  type Forecast,
  type ReadStaging,
  type Representative,
  type Traced,
} from '~~/core'

const props = defineProps<{
  id: string
  read: ReadStaging
  /** the one that is drawn */ simulation: Traced
  representative: Representative | undefined
  /** undefined until it is complete */ forecast: Forecast | undefined
}>()
defineEmits<{ copy: [] }>()
const sharing = ref(false)
const fileName = computed(() =>
  (props.read.document.title || 'staging')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, ''),
)
const { model } = useRuntimeConfig().public
const exportStaging = () =>
  download(`${fileName.value}.staging.json`, JSON.stringify(props.read.document, null, 2), 'application/json')
/** To the last digit: what is drawn may have come with the page, rounded. */
const exactly = (numbers = props.read.values.numbers) =>
  props.read.demonstration.simulate({ ...props.read.values, numbers }, 'trace')
function exportPrediction() {
  const stated = exactly()
  const document = predictionDocument(
    props.read,
    stated,
    props.read.demonstration.ledger(stated),
    props.forecast,
    model,
  )
  download(`${fileName.value}.prediction.json`, JSON.stringify(document, null, 2), 'application/json')
}
/** Which staging is drawn, for the name of its file. */
const stagingShown = computed(() =>
  props.representative?.numbers ? `likeliest-${props.representative.outcome}` : 'as-stated',
)
const exportTrace = () =>
  download(
    `${fileName.value}.${stagingShown.value}.trace.csv`,
    traceCsv(props.read.demonstration, exactly(props.representative?.numbers).trace),
    'text/csv',
  )
</script>

<template>
  <div>
    <p class="flex flex-wrap gap-3">
      <UButton variant="link" @click="exportStaging">
        {{ $t('Staging (JSON)') }}
      </UButton>
      <UButton variant="link" @click="exportPrediction">
        {{ $t('Prediction (JSON)') }}
      </UButton>
      <UButton variant="link" @click="exportTrace">
        {{ $t('Trace (CSV)') }}
      </UButton>
      <UButton variant="link" @click="$emit('copy')">
        {{ $t('Save as a copy') }}
      </UButton>
      <UButton variant="link" @click="sharing = true">
        {{ $t('Share as a link') }}
      </UButton>
      <NuxtLink class="plain-link" :to="`/bench/projector?staging=${id}`">
        {{ $t('Projector pages') }}
      </NuxtLink>
      <NuxtLink class="plain-link" :to="`/bench/plan?staging=${id}`">
        {{ $t('On one page, to print') }}
      </NuxtLink>
      <NuxtLink class="plain-link" :to="`/bench/sheet?staging=${id}`">
        {{ $t('Sheet for pupils') }}
      </NuxtLink>
      <NuxtLink class="plain-link" :to="`/bench/compare?a=${id}`">
        {{ $t('Compare with another staging') }}
      </NuxtLink>
    </p>
    <LazyShareDialog v-if="sharing" v-model:open="sharing" :document="read.document" />
    <PredictionComparison
      class="mt-2"
      :demonstration="read.demonstration"
      :simulation="simulation"
      :forecast="forecast"
    />
  </div>
</template>
