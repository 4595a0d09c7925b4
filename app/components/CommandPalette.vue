<script setup lang="ts">
/** Ctrl K: any page, staging, order, run, thing on the Shelf, and a few acts, found by typing. */
import { refusalOf } from '~/api/sending'
import { type FoundRuns, type ListedOrder, type StoredRun, type ListedStaging } from '~~/core'
import { LANGUAGES, type Language } from '~/locales'
import { PLACES } from './places'

const open = defineModel<boolean>('open', { required: true })
const units = useUnitsStore()
const shelf = useShelfStore()
const toast = useToast()
const { listed, of: listedOf } = await useCatalogue()
const stagings = shallowRef<ListedStaging[]>([])
const orders = shallowRef<ListedOrder[]>([])
const runs = shallowRef<StoredRun[]>([])

/** What cannot be fetched is missing from the list, and said. */
onMounted(async () => {
  try {
    ;[stagings.value, orders.value, runs.value] = await Promise.all([
      $fetch<ListedStaging[]>('/api/stagings'),
      $fetch<ListedOrder[]>('/api/running-orders'),
      $fetch<FoundRuns>('/api/runs', { query: { limit: 200 } }).then(found => found.runs),
      shelf.ready(),
    ])
  } catch (error) {
    toast.add({ title: refusalOf(error).message, color: 'error' })
  }
})

const close = () => {
  open.value = false
}
async function go(to: string) {
  close()
  await navigateTo(to)
}
async function stage(demonstration: string) {
  close()
  try {
    const { beginStaging } = await import('~/stagings/begin')
    await navigateTo(await beginStaging(demonstration, listedOf(demonstration)!.name))
  } catch (error) {
    toast.add({ title: refusalOf(error).message, color: 'error' })
  }
}

const groups = computed(() => [
  {
    id: 'pages',
    label: 'Places',
    items: [
      ...PLACES.map(p => ({
        label: p.name,
        suffix: p.question,
        icon: 'i-lucide-map-pin',
        kbds: [p.key],
        onSelect: () => go(p.to),
      })),
      { label: 'Choose a demonstration', icon: 'i-lucide-map-pin', onSelect: () => go('/bench/choose') },
      { label: 'Compare two stagings', icon: 'i-lucide-map-pin', onSelect: () => go('/bench/compare') },
      { label: 'How good are the forecasts?', icon: 'i-lucide-map-pin', onSelect: () => go('/logbook/record') },
      { label: 'Practice', suffix: 'before anyone watches', icon: 'i-lucide-map-pin', onSelect: () => go('/practice') },
      { label: 'Our school', suffix: 'who, devices, sheets', icon: 'i-lucide-map-pin', onSelect: () => go('/school') },
      { label: 'Backup', suffix: 'everything in one file', icon: 'i-lucide-map-pin', onSelect: () => go('/backup') },
    ],
  },
  {
    id: 'acts',
    label: 'Acts',
    items: [
      {
        label: 'SI units',
        icon: 'i-lucide-ruler',
        onSelect: () => {
          units.system = 'si'
          close()
        },
      },
      {
        label: 'US units',
        icon: 'i-lucide-ruler',
        onSelect: () => {
          units.system = 'us'
          close()
        },
      },
      ...(Object.entries(LANGUAGES) as [Language, string][]).map(([language, name]) => ({
        label: name,
        icon: 'i-lucide-languages',
        onSelect: () => {
          units.language = language
          close()
        },
      })),
    ],
  },
  {
    id: 'stagings',
    label: 'Stagings',
    items: stagings.value.map(s => ({
      label: s.document.title || 'Untitled',
      suffix: listedOf(s.document.demonstration)?.name,
      icon: 'i-lucide-flask-conical',
      onSelect: () => go(`/bench/${s.id}`),
    })),
  },
  {
    id: 'orders',
    label: 'Running orders',
    items: orders.value.map(o => ({
      label: o.document.title,
      icon: 'i-lucide-list-ordered',
      onSelect: () => go(`/order/${o.id}`),
    })),
  },
  {
    id: 'runs',
    label: 'Runs',
    items: runs.value.map(r => ({
      label: r.title,
      suffix: units.date(r.document.performedAt, { day: 'numeric', month: 'long', year: 'numeric' }),
      icon: 'i-lucide-notebook-pen',
      onSelect: () => go(`/logbook/${r.id}`),
    })),
  },
  {
    id: 'things',
    label: 'On the Shelf',
    items: shelf.inUse.map(i => ({
      label: i.document.name,
      suffix: i.document.place,
      icon: 'i-lucide-archive',
      onSelect: () => go(`/shelf?find=${encodeURIComponent(i.document.name)}`),
    })),
  },
  {
    id: 'demonstrations',
    label: 'Stage',
    items: listed.value.map(d => ({ label: `Stage ${d.name}`, icon: 'i-lucide-plus', onSelect: () => stage(d.id) })),
  },
])
</script>

<template>
  <UModal
    v-model:open="open"
    :title="$t('Find anything')"
    :description="$t('A page, a staging, an order, a run, a thing on the Shelf, or something to do.')"
    :ui="{ header: 'sr-only', body: 'p-0 sm:p-0' }"
  >
    <template #body>
      <UCommandPalette
        :groups="groups"
        :placeholder="$t('Type what you are looking for…')"
        class="h-[min(26rem,70vh)]"
        :fuse="{ resultLimit: 40, fuseOptions: { ignoreLocation: true, threshold: 0.2, keys: ['label', 'suffix'] } }"
      />
    </template>
  </UModal>
</template>
