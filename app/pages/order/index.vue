<script setup lang="ts">
import { newId } from '~/api/new-id'
import { refusalOf, sendWrite } from '~/api/sending'
import { tomorrowAt } from '~/components/order/tomorrow'
import { runningOrderSchema, type RunningOrderDocument, type ListedOrder } from '~~/core'
const units = useUnitsStore()
const who = useWhoStore()
useHead({ title: 'Running order · Zealous Hush' })
useSeoMeta({ description: 'Shows and lessons: several stagings on one clock.' })
const { data, error, refresh } = await useFetch<ListedOrder[]>('/api/running-orders', { lazy: true })
const failure = ref('')

async function add(document: RunningOrderDocument) {
  const id = newId()
  try {
    await sendWrite('POST', '/api/running-orders', { id, document }, id)
    await navigateTo(`/order/${id}`)
  } catch (problem) {
    failure.value = refusalOf(problem).message
  }
}
/** Tomorrow at six in the evening. */
function start() {
  return add(runningOrderSchema.parse({ title: 'New show', start: tomorrowAt(18), acts: [] }))
}
async function importFile(file: File) {
  failure.value = ''
  try {
    const parsed = runningOrderSchema.safeParse(JSON.parse(await file.text()))
    if (parsed.success) {
      // The very same order, read again, is the one that is here.
      const words = JSON.stringify(parsed.data)
      const here = data.value?.find(o => JSON.stringify(runningOrderSchema.safeParse(o.document).data) === words)
      await (here ? navigateTo(`/order/${here.id}`) : add(parsed.data))
    } else
      failure.value = parsed.error.issues
        .map(i => `${i.path.join('.') || file.name}: accepted: ${i.message}`)
        .join('; ')
  } catch {
    failure.value = `${file.name} is not a running order: it is not JSON.`
  }
}
const withArchived = ref(false)
const archived = computed(() => (data.value ?? []).filter(o => o.archived).length)
const onlyMine = ref(false)
const isMine = (o: ListedOrder) => o.by === who.mine || o.madeBy === who.mine
const shown = computed(() =>
  (data.value ?? []).filter(o => (withArchived.value || !o.archived) && (!onlyMine.value || isMine(o))),
)
const when = (local: string) =>
  units.date(local, { weekday: 'long', day: 'numeric', month: 'long', hour: '2-digit', minute: '2-digit' })
</script>

<template>
  <div class="max-w-4xl mx-auto px-4 sm:px-6 py-6">
    <h1 class="text-3xl">Running order</h1>
    <p class="soft mb-4">Can I do all of it in this lesson? Several stagings on one clock.</p>
    <p v-if="error" class="fault" role="alert">
      The running orders can't be read just now. <UButton variant="link" @click="refresh()">Try again</UButton>
    </p>
    <p v-if="failure" class="fault" role="alert">
      {{ failure }}
    </p>
    <div class="flex flex-wrap gap-3 items-center mb-4">
      <UButton variant="solid" @click="start">New running order</UButton>
      <NuxtLink class="plain-link" to="/order/lesson">Plan a lesson</NuxtLink>
      <FileButton label="Read one from a file" accept="application/json,.json" @file="importFile" />
    </div>
    <div class="flex flex-wrap gap-x-5 mb-3 empty:hidden">
      <OnlyMine v-model="onlyMine" />
      <UCheckbox v-if="archived" v-model="withArchived" :label="`archived ones too (${archived})`" />
    </div>
    <ul class="border-t rule">
      <li v-for="order in shown" :key="order.id" class="border-b rule py-3 flex items-center justify-between gap-3">
        <div>
          <NuxtLink
            :to="`/order/${order.id}`"
            class="text-lg font-bold underline decoration-(--gap) underline-offset-3"
          >
            {{ order.document.title }}
          </NuxtLink>
          <p class="soft figures">
            {{ when(order.document.start) }} · {{ order.document.acts.length }} demonstration{{
              order.document.acts.length === 1 ? '' : 's'
            }}
            on {{ order.document.heaters }} heater{{ order.document.heaters === 1 ? '' : 's' }}
            <template v-if="who.nameOf(order.by)">· {{ who.nameOf(order.by) }}</template>
            <UBadge v-if="order.archived" variant="outline">archived</UBadge>
          </p>
        </div>
        <PutAwayButtons
          kind="orders"
          :record="{ id: order.id, title: order.document.title, archived: order.archived }"
          :refresh="refresh"
        />
      </li>
    </ul>
    <EmptyPlace v-if="data && data.length === 0">
      A running order puts several stagings on one clock: which heater goes on when, what to bring, what can hurt.
      <template #next>
        <UButton variant="solid" @click="start">New running order</UButton>
        <UButton to="/order/lesson">Plan a lesson</UButton>
      </template>
    </EmptyPlace>
  </div>
</template>
