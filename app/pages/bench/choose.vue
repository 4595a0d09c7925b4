<script setup lang="ts">
import { newId } from '~/api/new-id'
import { refusalOf, sendWrite } from '~/api/sending'
import { namesLiving } from '~/components/bench/names-living'
import {
  DEMONSTRATIONS,
  FAMILIES,
  fitShelf,
  inputsFromItem,
  attemptReading,
  readStaging,
  siOf,
  withRoom,
  type Demonstration,
  type Family,
  type Fit,
  type ShelfItemDocument,
} from '~~/core'

useHead({ title: 'Choose a demonstration · Zealous Hush' })
const shelf = useShelfStore()
const room = useRoomStore()
const units = useUnitsStore()
await Promise.all([shelf.loaded ? undefined : shelf.load(), room.loaded ? undefined : room.load()])

/** From this capacity on a strong heater is wanted, m3. */
const LARGE = 3e-3

const onlyShelf = ref(false)
const minutes = ref(0)
const age = ref(0)
const topic = ref('')
const words = ref('')
const failure = ref('')
const looked = ref('')

const items = computed(() => shelf.inUse)
const fitted = computed(() => new Map(fitShelf(items.value.map(i => i.document)).map(f => [f.demonstration.id, f])))

/** With usual values in this room, so that time and drawing are real ones. */
function run(demonstration: Demonstration) {
  const { values } = readStaging(
    withRoom(
      { format: 'zealous-hush/staging', version: 1, demonstration: demonstration.id, title: '', inputs: {} },
      room.document,
      demonstration,
    ),
  )
  const simulation = demonstration.simulate(values, 'trace')
  const { stages } = simulation.trace!
  return { demonstration, values, simulation, minutes: Math.max(1, Math.ceil(stages.at(-1)!.end / 60)) }
}
const runs = shallowRef<ReturnType<typeof run>[]>([])
const counting = ref(true)
let latest = 0
/** One after the other, with room between them for a click: all at once would hold the page up for a second. */
async function runAll() {
  const mine = ++latest
  counting.value = true
  const done: typeof runs.value = []
  for (const demonstration of DEMONSTRATIONS) {
    // One that can't be staged here with its usual values is left out; the others can.
    const { read } = attemptReading(() => run(demonstration))
    if (read) done.push(read)
    runs.value = [...done]
    await new Promise(resolve => setTimeout(resolve))
    if (mine !== latest) return
  }
  counting.value = false
}
watch(() => room.document, runAll, { immediate: true })
onScopeDispose(() => latest++)
const entries = computed(() => runs.value.map(r => ({ ...r, fit: fitted.value.get(r.demonstration.id)! })))

const TIMES = [{ value: 0, label: 'any' }, ...[2, 5, 10, 20, 45].map(m => ({ value: m, label: `up to ${m} min` }))]
const AGES = [{ value: 0, label: 'any' }, ...[7, 9, 11, 14, 16].map(a => ({ value: a, label: String(a) }))]
const topics = [
  { value: '', label: 'any' },
  ...[...new Set(DEMONSTRATIONS.flatMap(d => d.gallery.topics))].sort().map(t => ({ value: t, label: t })),
]
const shown = computed(() =>
  entries.value.filter(({ demonstration: d, fit, minutes: takes }) => {
    if (onlyShelf.value && (fit.missing.length > 0 || d.gallery.whatIf)) return false
    if (minutes.value && takes > minutes.value) return false
    if (age.value && (age.value < d.gallery.ages[0] || age.value > d.gallery.ages[1])) return false
    if (topic.value && !d.gallery.topics.includes(topic.value)) return false
    const text = `${d.name} ${d.summary} ${d.gallery.effect} ${d.gallery.topics.join(' ')}`.toLowerCase()
    return words.value
      .toLowerCase()
      .split(/\s+/)
      .every(w => text.includes(w))
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
    entries: shown.value.filter(e => e.demonstration.gallery.family === family),
  })).filter(g => g.entries.length),
)
/** Somebody who looks for an animal or a plant under the jar is told where they look. */
const asksForLiving = computed(() => namesLiving(words.value))
const has = (fit: Fit) => fit.places.filter(p => p.items.length).map(p => pick(fit.demonstration, p.items).name)
const MISSING: Record<string, string> = {
  vessel: 'a vessel that will do',
  heater: 'a heater',
  bath: 'a bath',
  pump: 'a pump',
}

/** The item to start with: of heaters the strongest for what is large, otherwise the first. */
function pick(demonstration: Demonstration, candidates: readonly number[]) {
  const documents = candidates.map(i => items.value[i]!.document)
  // A pump of the kind that the demonstration usually takes, where there is one.
  const usual = demonstration.inputs.find(i => i.id === 'pump')?.default
  if (documents[0]!.kind === 'pump')
    return documents.find(d => d.kind === 'pump' && d.pumpKind === usual) ?? documents[0]!
  const volume = demonstration.inputs.find(i => i.id === 'vesselVolume')?.default
  if (documents[0]!.kind !== 'heater' || typeof volume !== 'number' || volume < LARGE) return documents[0]!
  const power = (d: ShelfItemDocument) => (d.kind === 'heater' ? siOf(d.ratedPower, 'power') : 0)
  return documents.reduce((best, d) => (power(d) > power(best) ? d : best))
}
/** Starts with the first thing on the shelf that fits each place. */
async function start(demonstration: Demonstration, fit: Fit) {
  failure.value = ''
  try {
    const inputs = Object.assign(
      {},
      ...fit.places.filter(p => p.items.length).map(p => inputsFromItem(pick(demonstration, p.items), demonstration)),
    )
    let document
    try {
      document = readStaging({ demonstration: demonstration.id, title: demonstration.name, inputs }).document
    } catch {
      // Things that do not go together with the usual amounts: start from the usual ones.
      document = readStaging({ demonstration: demonstration.id, title: demonstration.name }).document
    }
    const id = newId()
    await sendWrite('POST', '/api/stagings', { id, document }, id)
    await navigateTo(`/bench/${id}`)
  } catch (error) {
    failure.value = refusalOf(error).message
  }
}
function showAll() {
  onlyShelf.value = false
  minutes.value = 0
  age.value = 0
  topic.value = ''
  words.value = ''
}
</script>

<template>
  <div class="max-w-6xl mx-auto px-4 sm:px-6 py-6">
    <h1 class="text-3xl">What could we show?</h1>
    <div class="flex flex-wrap gap-x-6 gap-y-3 items-end my-4">
      <UCheckbox v-model="onlyShelf" label="with what is on the Shelf" />
      <ChoiceField v-model="minutes" class="w-32" label="Time" :items="TIMES" />
      <ChoiceField v-model="age" class="w-24" label="Age" :items="AGES" />
      <ChoiceField v-model="topic" class="w-44" label="Topic" :items="topics" />
      <label class="text-sm flex-1 min-w-40"
        >Effect, or any word
        <UInput v-model="words" type="search" placeholder="bang, fountain, bottle…" />
      </label>
    </div>
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
    <p v-if="!shown.length && !counting" class="border-y rule py-6 text-center" role="status">
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
      <ul class="grid md:grid-cols-2 gap-x-10" :aria-label="group.name">
        <li
          v-for="{ demonstration: d, values, simulation, fit, minutes: takes } in group.entries"
          :key="d.id"
          class="border-t rule py-4 grid gap-2 content-start"
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
              >{{ d.gallery.whatIf ? 'what if' : `about ${takes} min` }}, from {{ d.gallery.ages[0] }}</span
            >
          </div>
          <p>{{ d.gallery.effect }}</p>
          <LivePreview :demonstration="d" :values="values" :simulation="simulation" :running="looked === d.id" />
          <p class="text-sm">
            <template v-if="d.shelf.length === 0">
              <span class="soft">{{
                d.gallery.whatIf
                  ? 'Nothing is needed: a thought experiment.'
                  : `Needs: ${d.kit(values).slice(0, 6).map(units.told).join(', ')}.`
              }}</span>
            </template>
            <template v-else>
              <span v-if="has(fit).length" class="soft">On the Shelf: {{ has(fit).join(', ') }}. </span>
              <span v-if="fit.missing.length" class="font-bold"
                >Missing: {{ fit.missing.map(m => MISSING[m.kind]).join(', ') }}.</span
              >
            </template>
          </p>
          <p class="text-sm soft">
            {{ d.gallery.topics.join(', ') }}
          </p>
          <p>
            <UButton variant="solid" @click="start(d, fit)">
              {{ d.gallery.whatIf ? 'Ask what if' : 'Stage it' }}<span class="sr-only"> {{ d.name }}</span>
            </UButton>
          </p>
        </li>
      </ul>
    </section>
  </div>
</template>
