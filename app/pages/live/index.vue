<script setup lang="ts">
import { listedWith } from '~/api/listed-with'
import { newId } from '~/api/new-id'
import { refusalOf, sendWrite } from '~/api/sending'
import type { ListedOrder, ListedShow, ListedStaging, ShowDocument } from '~~/core'
import type { FormError } from '@nuxt/ui'
import { useI18n } from 'petite-vue-i18n'

const { t } = useI18n()
const units = useUnitsStore()
const who = useWhoStore()
useHead({ title: 'Live · Zealous Hush' })
useSeoMeta({ description: 'Begin a show or a rehearsal: one cue at a time, one key a mark.' })
const room = useRoomStore()
const route = useRoute()
const [{ data: shows, error, refresh }, { data: orders }, { data: stagings }] = await Promise.all([
  useFetch<ListedShow[]>('/api/live'),
  useFetch<ListedOrder[]>('/api/running-orders'),
  useFetch<ListedStaging[]>('/api/stagings', listedWith(route.query.staging)),
])
if (!room.loaded) await room.load()
const what = ref(
  String(
    route.query.order
      ? `order:${String(route.query.order)}`
      : route.query.staging
        ? `staging:${String(route.query.staging)}`
        : '',
  ),
)
const rehearsal = ref(false)
const speed = ref(10)
const failure = ref('')
const busy = ref(false)

function missingIn(): FormError[] {
  failure.value = what.value.includes(':') ? '' : t('What: choose a running order or a staging.')
  return failure.value ? [{ name: 'what', message: failure.value }] : []
}
async function begin() {
  const [kind, of] = what.value.split(':')
  const order = kind === 'order' ? orders.value?.find(o => o.id === of) : undefined
  const staging = kind === 'staging' ? stagings.value?.find(s => s.id === of) : undefined
  busy.value = true
  try {
    const { showOfOrder, showOfStaging } = await import('~/shows/show-to-begin')
    const more = rehearsal.value ? { rehearsal: true, speed: speed.value } : {}
    let document: ShowDocument
    if (order && order.document.acts.length === 0) throw new RangeError(t('This running order is empty.'))
    else if (order) document = await showOfOrder(order, stagings.value ?? [], room.document, more)
    else if (staging) document = await showOfStaging(staging, room.document, more)
    else if (kind === 'order') throw new RangeError(t('There is no such running order any more.'))
    else throw new RangeError(t('There is no such staging any more.'))
    const id = newId()
    await sendWrite('POST', '/api/live', { id, document }, id)
    await navigateTo(`/live/${id}`)
  } catch (problem) {
    failure.value = problem instanceof RangeError ? problem.message : refusalOf(problem).message
  } finally {
    busy.value = false
  }
}
const oneStaging = useStagingChoices(
  () => stagings.value,
  id => `staging:${id}`,
)
const wholeOrders = computed(() =>
  (orders.value ?? [])
    .filter(o => !o.archived)
    .map(o => ({ value: `order:${o.id}`, label: o.document.title, description: when(o.document.start) })),
)
const withArchived = ref(false)
const archived = computed(() => (shows.value ?? []).filter(s => s.archived).length)
const onlyMine = ref(false)
const shown = computed(() =>
  (shows.value ?? []).filter(s => (withArchived.value || !s.archived) && (!onlyMine.value || s.by === who.mine)),
)
const when = (iso: string) =>
  units.date(iso, { weekday: 'short', day: 'numeric', month: 'long', hour: '2-digit', minute: '2-digit' })
</script>

<template>
  <div class="max-w-4xl mx-auto px-4 sm:px-6 py-6">
    <h1 class="text-3xl">
      {{ $t('Live') }}
    </h1>
    <p class="soft mb-4">
      {{ $t('What do I do now? One cue at a time, one key a mark.') }}
      <NuxtLink to="/practice" class="plain-link">{{ $t('Practise it first, without a vessel') }}</NuxtLink>
    </p>
    <CheckedForm :state="{ what }" :check="missingIn" class="border-y rule py-4 grid gap-3" @submit="begin">
      <InTurn
        ><ChoiceField
          v-model="what"
          class="max-w-xl"
          :label="$t('What')"
          :placeholder="$t('choose…')"
          :headings="[$t('Running orders'), $t('One staging')]"
          :items="wholeOrders"
          :more="oneStaging"
      /></InTurn>
      <div class="flex flex-wrap gap-x-6 gap-y-2 items-center">
        <InTurn
          ><UCheckbox v-model="rehearsal" :label="$t('Rehearsal: nothing real, its runs are not used for forecasts')"
        /></InTurn>
        <ChoiceField
          v-if="rehearsal"
          v-model="speed"
          class="w-24"
          :label="$t('clock')"
          :items="[1, 2, 5, 10, 20, 60].map(s => ({ value: s, label: `× ${s}` }))"
        />
      </div>
      <p v-if="failure" class="fault" role="alert">
        {{ failure }}
      </p>
      <UButton type="submit" variant="solid" class="justify-self-start text-lg" :disabled="busy">
        {{ $t('Go on stage') }}
      </UButton>
    </CheckedForm>
    <h2 class="mt-6">
      {{ $t('Shows begun') }}
    </h2>
    <p v-if="error" class="fault" role="alert">
      {{ $t('They can’t be read just now.') }}
    </p>
    <EmptyPlace v-if="shows && !shows.length">
      {{ $t('No show was begun yet. Choose what to show above; a rehearsal is a good first one, its clock can run.') }}
      <template v-if="!stagings?.length" #next>
        <UButton variant="solid" to="/bench/choose">{{ $t('Choose a demonstration') }}</UButton>
      </template>
    </EmptyPlace>
    <div class="flex flex-wrap gap-x-5 mb-2 empty:hidden">
      <OnlyMine v-model="onlyMine" />
      <UCheckbox v-if="archived" v-model="withArchived" :label="$t('archived ones too ({n})', { n: archived })" />
    </div>
    <ul>
      <InTurn v-for="s in shown" :key="s.id">
        <li class="border-t rule py-2 flex flex-wrap gap-x-4 items-center">
          <NuxtLink :to="`/live/${s.id}`" class="font-bold underline decoration-(--gap) underline-offset-3">
            {{ s.document.title }}
          </NuxtLink>
          <span class="soft figures"
            >{{ when(s.createdAt) }},
            {{ $t('no demonstrations | {n} demonstration | {n} demonstrations', s.document.acts.length)
            }}{{ s.document.rehearsal ? $t(', rehearsal') : ''
            }}{{ who.nameOf(s.by) ? `, ${who.nameOf(s.by)}` : '' }}</span
          >
          <UBadge v-if="s.archived" variant="outline">{{ $t('archived') }}</UBadge>
          <PutAwayButtons
            class="ml-auto"
            kind="shows"
            :record="{ id: s.id, title: s.document.title, archived: s.archived }"
            :refresh="refresh"
          />
        </li>
      </InTurn>
    </ul>
  </div>
</template>
