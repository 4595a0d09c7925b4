<script setup lang="ts">
import { refusalOf } from '~/api/sending'
import { finds } from '~/components/gallery/search-words'
import type { ListedStaging } from '~~/core'
const units = useUnitsStore()
const who = useWhoStore()
useHead({ title: 'Bench · Zealous Hush' })
useSeoMeta({ description: 'Stagings: demonstrations planned with real apparatus, and how often they were run.' })
const [{ data, error, status, refresh }, { of: listedOf }] = await Promise.all([
  useFetch<ListedStaging[]>('/api/stagings', { lazy: true }),
  useCatalogue(),
])
const faults = ref<string[]>([])
const failure = ref('')

async function importFile(file: File) {
  faults.value = []
  failure.value = ''
  try {
    // Fetched as somebody has a file: what reads and checks documents.
    const { takeStaging } = await import('~/stagings/take-file')
    const read = await takeStaging(file, units.told)
    if ('address' in read) await navigateTo(read.address)
    else if ('faults' in read) faults.value = read.faults
    else failure.value = read.failure
  } catch (problem) {
    const refusal = refusalOf(problem)
    faults.value = refusal.faults.map(f => `${f.input}: ${f.message}`)
    failure.value = refusal.faults.length ? '' : refusal.message
  }
}
/** So few are seen at a glance. */
const FEW = 6
const words = ref('')
const ORDERS = [
  { value: 'changed', label: 'changed last' },
  { value: 'title', label: 'title' },
  { value: 'runs', label: 'most often run' },
] as const
const order = ref<(typeof ORDERS)[number]['value']>('changed')
const titleOf = (s: ListedStaging) => s.document.title || 'Untitled'
const shown = computed(() => {
  const found = (data.value ?? []).filter(s => {
    if (s.archived && !withArchived.value) return false
    if (onlyMine.value && s.by !== who.mine && s.madeBy !== who.mine) return false
    const { name, summary } = listedOf(s.document.demonstration) ?? { name: '', summary: '' }
    return finds(`${titleOf(s)} ${name} ${summary}`, words.value)
  })
  if (order.value === 'title') return found.sort((a, b) => titleOf(a).localeCompare(titleOf(b), units.locale))
  return order.value === 'runs' ? found.sort((a, b) => b.runs - a.runs) : found
})
/** Those that whoever has this device made, or changed last. */
const onlyMine = ref(false)
/** Out of the way, but not gone. */
const withArchived = ref(false)
const archived = computed(() => (data.value ?? []).filter(s => s.archived).length)
/** With work on this device that was not saved. */
const unsaved = ref(new Set<string>())
onMounted(() => {
  unsaved.value = new Set(draftsOnDevice())
})
const when = (iso: string) => units.date(iso, { day: 'numeric', month: 'long' })
</script>

<template>
  <div class="max-w-4xl mx-auto px-4 sm:px-6 py-6">
    <h1 class="text-3xl">Bench</h1>
    <p class="soft mb-4">Will it work, and how do I make it work? Open a staging, or start one.</p>
    <div class="flex flex-wrap gap-3 mb-4 items-center">
      <UButton variant="solid" to="/bench/choose"> Choose a demonstration </UButton>
      <UButton v-if="(data?.length ?? 0) > 1" to="/bench/compare"> Compare two </UButton>
      <FileButton label="Import a staging (JSON)" accept="application/json,.json" outline @file="importFile" />
    </div>
    <div v-if="(data?.length ?? 0) > FEW" class="flex flex-wrap gap-3 items-end mb-3">
      <label class="text-sm flex-1 min-w-48"
        >Find <UInput v-model="words" type="search" placeholder="title or demonstration" />
      </label>
      <ChoiceField v-model="order" class="w-44" label="In order of" :items="ORDERS" />
    </div>
    <div class="flex flex-wrap gap-x-5 mb-3 empty:hidden">
      <OnlyMine v-model="onlyMine" />
      <UCheckbox v-if="archived" v-model="withArchived" :label="`archived ones too (${archived})`" />
    </div>
    <p v-if="error" class="fault" role="alert">
      The stagings can't be read just now. <UButton variant="link" @click="refresh()">Try again</UButton>
    </p>
    <p v-else-if="status === 'pending'" class="soft">Reading…</p>
    <ul v-else-if="data?.length" class="border-y rule divide-y divide-(--hairline)">
      <li v-for="staging in shown" :key="staging.id" class="flex items-center">
        <NuxtLink
          :to="`/bench/${staging.id}`"
          class="flex-1 grid grid-cols-[1fr_auto] gap-x-4 py-3 px-1 hover:bg-(--gap-wash)"
        >
          <span class="display text-xl"
            >{{ staging.document.title || 'Untitled' }}
            <UBadge v-if="staging.archived" variant="outline">archived</UBadge>
            <UBadge v-if="unsaved.has(staging.id)" variant="outline">unsaved changes here</UBadge></span
          >
          <span class="soft text-sm text-right"
            >version {{ staging.version }}, {{ when(staging.updatedAt)
            }}<template v-if="who.nameOf(staging.by)">, {{ who.nameOf(staging.by) }}</template></span
          >
          <span class="soft">{{ listedOf(staging.document.demonstration)?.summary }}</span>
          <span class="soft text-sm text-right">{{
            staging.runs === 0 ? 'not run yet' : staging.runs === 1 ? 'run once' : `run ${staging.runs} times`
          }}</span>
        </NuxtLink>
        <PutAwayButtons
          kind="stagings"
          :record="{ id: staging.id, title: titleOf(staging), archived: staging.archived }"
          :refresh="refresh"
        />
      </li>
    </ul>
    <EmptyPlace v-else>
      Nothing is planned yet. Choose a demonstration: it opens with usual values, and every number in its procedure can
      be changed.
      <template #next><UButton variant="solid" to="/bench/choose">Choose a demonstration</UButton></template>
    </EmptyPlace>
    <div v-if="faults.length || failure" class="fault mt-3" role="alert">
      <p v-if="failure">
        {{ failure }}
      </p>
      <ul v-else>
        <li v-for="f in faults" :key="f">
          {{ f }}
        </li>
      </ul>
    </div>
  </div>
</template>
