<script setup lang="ts">
/** Two stagings side by side: odds, traces, what differs. */
import {
  findInput,
  resolveStaging,
  withRoom,
  findDemonstration,
  StagingFaults,
  type Forecast,
  type ReadStaging,
  type Traced,
  type ListedStaging,
  type StoredStaging,
} from '~~/core'

useHead({ title: 'Compare · Bench · Zealous Hush' })
useSeoMeta({ description: 'Two stagings side by side: odds, pressures, and what differs.' })
const route = useRoute()
const router = useRouter()
const units = useUnitsStore()
const fetchDemonstrations = useDemonstrations()
const room = useRoomStore()
const { data: stagings, error } = await useFetch<ListedStaging[]>('/api/stagings')
if (!room.loaded) await room.load()

const asked = computed(() => [String(route.query.a ?? ''), String(route.query.b ?? '')] as const)
/** Those asked for, once all that is needed of them is here. */
const chosen = shallowRef<readonly [string, string]>(['', ''])
async function fetchFor(ids: readonly [string, string]) {
  await fetchDemonstrations((stagings.value ?? []).filter(s => ids.includes(s.id)).map(s => s.document.demonstration))
  chosen.value = ids
}
await fetchFor(asked.value)
watch(asked, fetchFor)
const choose = (side: 'a' | 'b', id: string | undefined) =>
  router.replace({ query: { ...route.query, [side]: id || undefined } })
const choices = useStagingChoices(
  () => stagings.value,
  id => id,
  () => asked.value,
)

interface Side {
  staging: StoredStaging
  read?: ReadStaging
  simulation?: Traced
  fault?: string
}
const sides = computed(() =>
  chosen.value.map((id): Side | undefined => {
    const staging = stagings.value?.find(s => s.id === id)
    if (!staging) return undefined
    try {
      const read = resolveStaging(
        withRoom(staging.document, room.document, findDemonstration(staging.document.demonstration)!),
      )
      return { staging, read, simulation: read.demonstration.simulate(read.values, 'trace') }
    } catch (problem) {
      if (!(problem instanceof StagingFaults)) throw problem
      return { staging, fault: problem.message }
    }
  }),
)
const both = computed(() =>
  sides.value.filter((s): s is Side & { read: ReadStaging; simulation: Traced } => !!s?.simulation),
)

const first = useForecast(() => sides.value[0]?.staging.document)
const second = useForecast(() => sides.value[1]?.staging.document)
const forecasts = computed<(Forecast | undefined)[]>(() => [first.forecast.value, second.forecast.value])
const done = computed(() => first.complete.value && second.complete.value)

const title = (side: Side) => side.staging.document.title || 'Untitled'
const traces = computed(() =>
  both.value.map((s, i) => ({
    name:
      both.value.length === 2 && title(both.value[0]!) === title(both.value[1]!) ? `${title(s)} (${i + 1})` : title(s),
    simulation: s.simulation,
  })),
)
const share = (index: number) => {
  const side = both.value[index]
  return side && forecasts.value[index]?.shares[side.read.demonstration.wanted]
}
const gap = computed(() => {
  const [a, b] = [share(0), share(1)]
  if (a === undefined || b === undefined || !done.value) return ''
  const more = Math.round(b * 100) - Math.round(a * 100)
  return more === 0
    ? 'Both have the same odds of what is wanted.'
    : `The ${more > 0 ? 'second' : 'first'} ends as wanted in ${Math.abs(more)} of 100 more.`
})
/** Every input of either that is not the same, in words; what only one of them has stands alone. */
const differences = computed(() => {
  if (both.value.length < 2) return []
  const [a, b] = both.value as [(typeof both.value)[0], (typeof both.value)[0]]
  const ids = [...new Set([...a.read.demonstration.inputs, ...b.read.demonstration.inputs].map(i => i.id))]
  const words = (side: typeof a, id: string) => {
    const input = findInput(side.read.demonstration, id)
    if (!input) return '–'
    if (input.kind === 'choice') return input.choices.find(c => c.id === side.read.values.choices[id])?.name ?? '–'
    const value = side.read.values.numbers[id]
    return value === undefined ? '–' : units.format(value, input.units, input.quantity)
  }
  return ids
    .map(id => ({
      id,
      name: (findInput(a.read.demonstration, id) ?? findInput(b.read.demonstration, id))!.name,
      a: words(a, id),
      b: words(b, id),
    }))
    .filter(d => d.a !== d.b)
})
const results = computed(() => {
  if (both.value.length < 2) return []
  const [a, b] = both.value as [(typeof both.value)[0], (typeof both.value)[0]]
  return a.read.demonstration.results
    .filter(r => b.read.demonstration.results.some(x => x.id === r.id))
    .map(r => {
      const words = (s: Traced) =>
        s.results[r.id] === undefined ? '–' : units.format(s.results[r.id]!, r.units, r.quantity)
      return { id: r.id, name: r.name, a: words(a.simulation), b: words(b.simulation) }
    })
    .filter(r => r.a !== '–' || r.b !== '–')
})
</script>

<template>
  <div class="max-w-6xl mx-auto px-4 sm:px-6 py-6">
    <h1 class="text-3xl mb-3">Compare two stagings</h1>
    <p v-if="error" class="fault" role="alert">The stagings can't be read just now.</p>
    <div class="grid md:grid-cols-2 gap-x-10 gap-y-6">
      <section
        v-for="(side, index) in sides"
        :key="index"
        :aria-label="index === 0 ? 'First staging' : 'Second staging'"
      >
        <ChoiceField
          :label="index === 0 ? 'First' : 'Second'"
          :items="choices"
          :model-value="chosen[index] || undefined"
          placeholder="choose…"
          @update:model-value="choose(index === 0 ? 'a' : 'b', $event)"
        />
        <p v-if="side?.fault" class="fault" role="alert">
          {{ side.fault }}
        </p>
        <VerdictPanel
          v-if="side?.read && side.simulation"
          class="mt-3"
          :demonstration="side.read.demonstration"
          :simulation="side.simulation"
          :forecast="forecasts[index]"
          :complete="(index === 0 ? first : second).complete.value"
          :stale="(index === 0 ? first : second).stale.value"
        />
        <p v-if="side" class="mt-1">
          <NuxtLink class="plain-link" :to="`/bench/${side.staging.id}`"> Open it on the Bench </NuxtLink>
        </p>
      </section>
    </div>
    <template v-if="both.length === 2">
      <p class="display text-xl mt-5" role="status" data-testid="odds-gap">
        {{ gap }}
      </p>
      <WhenNear
        :of="() => import('~/components/bench/TraceOverlay.vue')"
        file="components/bench/TraceOverlay.vue"
        class="mt-4"
        :traces="traces"
      />
      <div class="grid md:grid-cols-2 gap-x-10 gap-y-6 mt-4">
        <section aria-labelledby="differs-title">
          <h2 id="differs-title">What differs</h2>
          <p v-if="!differences.length" class="soft">Nothing: the two are planned alike.</p>
          <table v-else class="w-full figures" data-testid="differences">
            <tbody>
              <tr v-for="d in differences" :key="d.id" class="border-t rule first:border-t-0">
                <th scope="row" class="text-left font-normal soft capitalize-first py-1 pr-3">
                  {{ d.name }}
                </th>
                <td class="pr-3">
                  {{ d.a }}
                </td>
                <td>{{ d.b }}</td>
              </tr>
            </tbody>
          </table>
        </section>
        <section aria-labelledby="compared-title">
          <h2 id="compared-title">Numbers</h2>
          <table class="w-full figures">
            <tbody>
              <tr v-for="r in results" :key="r.id" class="border-t rule first:border-t-0">
                <th scope="row" class="text-left font-normal soft capitalize-first py-1 pr-3">
                  {{ r.name }}
                </th>
                <td class="pr-3">
                  {{ r.a }}
                </td>
                <td>{{ r.b }}</td>
              </tr>
            </tbody>
          </table>
        </section>
      </div>
    </template>
    <p v-else class="soft mt-6">
      Choose two to see their traces on one chart, the difference in odds, and what differs between them.
    </p>
  </div>
</template>
