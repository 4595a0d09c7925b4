<script setup lang="ts">
/** What is printed: run sheet, kit list, safety sheet; on A4 or Letter, one beginning on a page of its own. */
import { clockAt } from '~/components/order/clock-at'
import { listAct } from '~/components/order/order-acts'
import { useI18n } from 'petite-vue-i18n'

const { t } = useI18n()
const id = String(useRoute().params.id)
const order = useRunningOrder(id, 'simulations')
const { document, acts, planned, failure } = order
const units = useUnitsStore()
const school = useSchoolStore()
await Promise.all([order.load(), school.load()])
useHead({ title: () => `${t('Sheets')}: ${document.value?.title ?? ''} · Zealous Hush` })
useSeoMeta({ description: 'Run sheet, kit list and safety sheet, to print.' })

const clock = (s: number) => clockAt(document.value!.start, s, units.date)
const plan = computed(() => planned.value.plan)
const { spares, failed, settled } = useSpares(() => acts.value.map(act => listAct(act)), { atOnce: false })
const when = computed(() =>
  document.value ? units.date(document.value.start, { dateStyle: 'full', timeStyle: 'short' }) : '',
)

const print = () => window.print()
</script>

<template>
  <div class="max-w-4xl mx-auto px-4 sm:px-6 py-4 sheets">
    <p class="no-print flex gap-3 mb-3">
      <UButton variant="solid" :disabled="!settled" @click="print">
        {{ $t('Print') }}
      </UButton>
      <NuxtLink class="plain-link self-center" :to="`/order/${id}`">
        {{ $t('Back to the running order') }}
      </NuxtLink>
      <span v-if="!settled" class="soft self-center">{{ $t('Print: once the odds are computed') }}</span>
    </p>
    <p v-if="failure" class="fault" role="alert">
      {{ failure }}
    </p>
    <template v-if="document">
      <SheetHead />
      <h1 class="text-2xl">
        {{ document.title }}
      </h1>
      <p class="soft mb-3">
        {{ when }}
      </p>
      <section aria-labelledby="run-title">
        <h2 id="run-title" class="!text-xl">
          {{ $t('Run sheet') }}
        </h2>
        <p v-for="c in planned.clashes" :key="units.told(c)" class="font-bold">
          {{ $t('Does not fit: {why}', { why: units.told(c) }) }}
        </p>
        <RunSheet
          v-if="plan"
          :acts="acts"
          :plan="plan"
          :hands="document.hands"
          :powers="document.powers"
          :clock="clock"
        />
        <p v-else-if="order.planning.value" class="soft" role="status">
          {{ $t('It is still being planned. Print it then.') }}
        </p>
      </section>
      <section aria-labelledby="carry-title" class="new-page">
        <h2 id="carry-title" class="!text-xl">
          {{ $t('Kit list') }}
        </h2>
        <KitSheet :acts="acts" :stage="document" :spares="spares" :failed="failed" />
      </section>
      <section aria-labelledby="safety-title" class="new-page">
        <h2 id="safety-title" class="!text-xl">
          {{ $t('Safety sheet') }}
        </h2>
        <SafetySheet :acts="acts" :forecasts="spares" :failed="failed" />
      </section>
    </template>
  </div>
</template>

<style>
@media print {
  .sheets tr,
  .sheets li {
    break-inside: avoid;
  }
  @page {
    margin: 16mm;
  }
}
</style>
