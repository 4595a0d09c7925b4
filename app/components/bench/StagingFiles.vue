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
  /** exactly what is stated */ asStated: Traced
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
const exportPrediction = () =>
  download(
    `${fileName.value}.prediction.json`,
    JSON.stringify(
      predictionDocument(
        props.read,
        props.asStated,
        props.read.demonstration.ledger(props.asStated),
        props.forecast,
        model,
      ),
      null,
      2,
    ),
    'application/json',
  )
/** Which staging is drawn, for the name of its file. */
const stagingShown = computed(() =>
  props.representative?.numbers ? `likeliest-${props.representative.outcome}` : 'as-stated',
)
const exactly = () => {
  const { demonstration, values } = props.read
  return demonstration.simulate({ ...values, numbers: props.representative?.numbers ?? values.numbers }, 'trace')
}
const exportTrace = () =>
  download(
    `${fileName.value}.${stagingShown.value}.trace.csv`,
    // To the last digit: what is drawn may have come with the page, rounded.
    traceCsv(props.read.demonstration, exactly().trace),
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
