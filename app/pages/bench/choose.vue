<script setup lang="ts">
import { refusalOf } from '~/api/sending'
import { namesLiving } from '~/components/bench/names-living'
import { finds } from '~/components/gallery/search-words'
import {
  EQUIPMENT,
  EQUIPMENT_IDS,
  FAMILIES,
  type Equipment,
  type Family,
  type GalleryCard,
  type ListedStaging,
  type ShelfKind,
} from '~~/core'

useHead({ title: 'Choose a demonstration · Zealous Hush' })
useSeoMeta({ description: 'Every demonstration: what it needs, how long it takes, from which age.' })
const shelf = useShelfStore()
const room = useRoomStore()
const units = useUnitsStore()
const [{ data: cards, error, refresh }] = await Promise.all([
  useFetch<(Omit<GalleryCard, 'with'> & { with: string[] })[]>('/api/gallery'),
  shelf.ready(),
])
// In another room other times hold, and other demonstrations can be staged.
watch(
  () => room.version,
  () => refresh(),
)

// What is asked for stands in the address: Back returns to it, and it can be kept or sent.
const asked = useAskedInAddress({ shelf: '', minutes: '', age: '', topic: '', words: '', have: '' })
const field = (name: keyof typeof asked) => toRef(asked, name)
const amount = (name: 'minutes' | 'age') =>
  computed({
    get: () => Number(asked[name]) || 0,
    set: value => {
      asked[name] = value ? String(value) : ''
    },
  })
const [minutes, age] = [amount('minutes'), amount('age')]
const [topic, words] = [field('topic'), field('words')]
const onlyShelf = computed({
  get: () => asked.shelf === 'yes',
  set: is => {
    asked.shelf = is ? 'yes' : ''
  },
})
const have = computed(() => EQUIPMENT_IDS.filter(id => asked.have.split(',').includes(id)))
const tick = (thing: Equipment, there: boolean | 'indeterminate') => {
  asked.have = EQUIPMENT_IDS.filter(id => (id === thing ? there === true : have.value.includes(id))).join()
}
const failure = ref('')
const looked = ref('')

const entries = computed(() => cards.value ?? [])

const TIMES = [{ value: 0, label: 'any' }, ...[2, 5, 10, 20, 45].map(m => ({ value: m, label: `up to ${m} min` }))]
const AGES = [
  { value: 0, label: 'any' },
  ...Array.from({ length: 14 }, (_, i) => ({ value: i + 5, label: String(i + 5) })),
]
const topics = [
  { value: '', label: 'any' },
  ...[...new Set(entries.value.flatMap(d => d.gallery.topics))].sort().map(t => ({ value: t, label: t })),
]
const shown = computed(() =>
  entries.value.filter(d => {
    if (onlyShelf.value && (d.missing.length > 0 || d.gallery.whatIf)) return false
    if (minutes.value && d.minutes > minutes.value) return false
    if (age.value && (age.value < d.gallery.ages[0] || age.value > d.gallery.ages[1])) return false
    if (topic.value && !d.gallery.topics.includes(topic.value)) return false
    const there = d.gallery.needs.every(thing => have.value.includes(thing))
    if (have.value.length > 0 && (d.gallery.whatIf || !there)) return false
    if (!words.value.trim()) return true
    const needs = [...d.gallery.needs.map(thing => EQUIPMENT[thing]), ...d.kit.map(units.told)]
    return finds([d.name, d.summary, d.gallery.effect, ...d.gallery.topics, ...needs].join(' '), words.value)
  }),
)
const FAMILY_WORDS: Record<Family, { name: string; line: string }> = {
  'steam': { name: 'Steam', line: 'Steam drives the air out, turns back into water, and the room does the rest.' },
  'hot-air': { name: 'Hot air and flames', line: 'Hot gas leaves, what stays cools, and something is pushed in.' },
  'vacuum': { name: 'Under a pump', line: 'Air is taken away, and what was always pushing from inside shows itself.' },
  'holding': { name: 'Held by air', line: 'Nothing sticks and nothing sucks: the room holds it.' },
  'cloud-and-float': { name: 'Clouds and floats', line: 'Press, let go, look.' },
  'motion': { name: 'Set in motion', line: 'Gas pushes something off. Distances, line of fire and limits come first.' },
}
const groups = computed(() =>
  FAMILIES.map(family => ({
    family,
    ...FAMILY_WORDS[family],
    entries: shown.value.filter(e => e.gallery.family === family),
  })).filter(g => g.entries.length),
)
/** Somebody who looks for an animal or a plant under the jar is told where they look. */
const asksForLiving = computed(() => namesLiving(words.value))
const named = computed(() => new Map(shelf.items.map(i => [i.id, i.document])))
const has = (card: { with: string[] }) => card.with.flatMap(id => named.value.get(id)?.name ?? [])
const MISSING: Record<ShelfKind, string> = {
  vessel: 'a vessel that will do',
  heater: 'a heater',
  bath: 'a bath',
  pump: 'a pump',
}

/** Starts with the first thing on the shelf that fits each place. */
async function start(card: { id: string; name: string; with: string[] }) {
  failure.value = ''
  try {
    const { beginStaging } = await import('~/stagings/begin')
    const things = card.with.flatMap(id => shelf.items.find(i => i.id === id) ?? [])
    await navigateTo(await beginStaging(card.id, card.name, things))
  } catch (problem) {
    failure.value = refusalOf(problem).message
  }
}
function showAll() {
  for (const name of Object.keys(asked) as (keyof typeof asked)[]) asked[name] = ''
}
/** What was worked on last. */
const { data: stagings } = await useFetch<ListedStaging[]>('/api/stagings', { lazy: true })
const LAST = 4
const last = computed(() => (stagings.value ?? []).filter(s => !s.archived).slice(0, LAST))
</script>

<template>
  <div class="max-w-6xl mx-auto px-4 sm:px-6 py-6">
    <h1 class="text-3xl">What could we show?</h1>
    <nav v-if="last.length" aria-label="Worked on last" class="flex flex-wrap gap-x-5 gap-y-1 mt-2">
      <span class="soft">Go on with</span>
      <NuxtLink v-for="s in last" :key="s.id" class="plain-link" :to="`/bench/${s.id}`">{{
        s.document.title || 'Untitled'
      }}</NuxtLink>
      <NuxtLink class="plain-link" to="/bench">all stagings</NuxtLink>
    </nav>
    <div class="flex flex-wrap gap-x-6 gap-y-3 items-end my-4">
      <InTurn><UCheckbox v-model="onlyShelf" label="with what is on the Shelf" /></InTurn>
      <InTurn><ChoiceField v-model="minutes" class="w-32" label="Time" :items="TIMES" /></InTurn>
      <InTurn><ChoiceField v-model="age" class="w-24" label="Age" :items="AGES" /></InTurn>
      <InTurn><ChoiceField v-model="topic" class="w-44" label="Topic" :items="topics" /></InTurn>
      <label class="text-sm flex-1 min-w-40"
        >Effect, or any word
        <UInput v-model="words" type="search" placeholder="bang, fountain, bottle…" />
      </label>
    </div>
    <InTurn>
      <Folded class="border-y rule py-1 mb-3">
        <template #title>I have… {{ have.length ? have.map(thing => EQUIPMENT[thing]).join(', ') : '' }}</template>
        <div class="grid sm:grid-cols-2 lg:grid-cols-3 gap-x-6 py-1">
          <InTurn v-for="thing in EQUIPMENT_IDS" :key="thing">
            <UCheckbox
              class="min-h-7"
              :model-value="have.includes(thing)"
              :label="EQUIPMENT[thing]"
              @update:model-value="tick(thing, $event)"
            />
          </InTurn>
        </div>
      </Folded>
    </InTurn>
    <p v-if="failure" class="fault" role="alert">
      {{ failure }}
    </p>
    <p v-if="asksForLiving" class="border-l-4 border-(--danger) pl-3 my-3" role="status">
      No living thing goes into a vacuum: no such demonstration is offered, for any animal or plant.
    </p>
    <nav v-if="groups.length > 1" aria-label="Kinds of demonstration" class="flex flex-wrap gap-x-5 gap-y-1 my-3">
      <a v-for="g in groups" :key="g.family" class="plain-link" :href="`#${g.family}`"
        >{{ g.name }} <span class="soft figures">{{ g.entries.length }}</span></a
      >
    </nav>
    <p v-if="error" class="fault" role="alert">
      The demonstrations can't be read just now. <UButton variant="link" @click="refresh()">Try again</UButton>
    </p>
    <p v-else-if="!shown.length" class="border-y rule py-6 text-center" role="status">
      Nothing fits all of that.
      <UButton variant="link" @click="showAll">Show everything</UButton>
    </p>
    <section
      v-for="group in groups"
      :id="group.family"
      :key="group.family"
      :aria-labelledby="`${group.family}-title`"
      class="mt-8 scroll-mt-4"
    >
      <h2 :id="`${group.family}-title`" class="!text-3xl">
        {{ group.name }}
      </h2>
      <p class="soft mb-2">
        {{ group.line }}
        <template v-if="group.family === 'vacuum'"> No living thing goes into a vacuum: none is offered. </template>
      </p>
      <ul class="grid grid-cols-1 md:grid-cols-2 gap-x-10" :aria-label="group.name">
        <InTurn v-for="d in group.entries" :key="d.id">
          <li
            class="one-of-many [--about:28rem] md:[--about:26.5rem] border-t rule py-4 grid gap-2 content-start"
            @pointerenter="looked = d.id"
            @pointerleave="looked = ''"
            @focusin="looked = d.id"
            @focusout="looked = ''"
          >
            <div class="flex items-baseline gap-3">
              <h3 class="text-2xl flex-1">
                {{ d.name }}
              </h3>
              <span class="soft text-sm figures whitespace-nowrap"
                >{{ d.gallery.whatIf ? 'what if' : `about ${d.minutes} min` }}, from {{ d.gallery.ages[0] }}</span
              >
            </div>
            <p>{{ d.gallery.effect }}</p>
            <LivePreview :id="d.id" :still="d.still" :running="looked === d.id" />
            <p class="text-sm">
              <span v-if="d.gallery.whatIf" class="soft">Nothing is needed: a thought experiment.</span>
              <span v-else-if="d.kit.length" class="soft">Needs: {{ d.kit.map(units.told).join(', ') }}.</span>
              <template v-else>
                <span v-if="has(d).length" class="soft">On the Shelf: {{ has(d).join(', ') }}. </span>
                <span v-if="d.missing.length" class="font-bold"
                  >Missing: {{ d.missing.map(kind => MISSING[kind]).join(', ') }}.</span
                >
              </template>
            </p>
            <p class="text-sm soft">
              {{ d.gallery.topics.join(', ') }}
            </p>
            <p>
              <UButton variant="solid" @click="start(d)">
                {{ d.gallery.whatIf ? 'Ask what if' : 'Stage it' }}<span class="sr-only"> {{ d.name }}</span>
              </UButton>
            </p>
          </li>
        </InTurn>
      </ul>
    </section>
  </div>
</template>
