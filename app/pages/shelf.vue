<script setup lang="ts">
import {
  findDemonstration,
  inputsFromItem,
  readStaging,
  shelfCsv,
  siOf,
  vesselValues,
  ShelfFaults,
  type Fault,
  type ItemKind,
  type QuantityDocument,
  type QuantityKind,
  type ShelfItemDocument,
  type VesselValues,
  type StoredItem,
} from '~~/core'

useHead({ title: 'Shelf · Zealous Hush' })
const shelf = useShelfStore()
const units = useUnitsStore()
if (!shelf.loaded) await shelf.load()

const KINDS: { kind: ItemKind; title: string; one: string }[] = [
  { kind: 'vessel', title: 'Vessels', one: 'a vessel' },
  { kind: 'heater', title: 'Heaters', one: 'a heater' },
  { kind: 'bath', title: 'Baths and ice', one: 'a bath' },
  { kind: 'pump', title: 'Pumps', one: 'a pump' },
  { kind: 'closure', title: 'Bungs and caps', one: 'a bung or cap' },
  { kind: 'thermometer', title: 'Thermometers', one: 'a thermometer' },
  { kind: 'protection', title: 'Gloves, goggles, screens', one: 'gloves or a screen' },
  { kind: 'consumable', title: 'Consumables', one: 'a consumable' },
]
/** Items shown of one kind before more are asked for: thousands stay quick. */
const PAGE = 48

const search = ref('')
const only = ref<ItemKind | ''>('')
const showRetired = ref(false)
const more = reactive<Partial<Record<ItemKind, number>>>({})
watch([search, only], () => {
  for (const { kind } of KINDS) delete more[kind]
})

const matching = computed(() => {
  const wanted = search.value.toLowerCase().split(/\s+/).filter(Boolean)
  const byKind = new Map<ItemKind, StoredItem[]>()
  for (const item of shelf.items) {
    if (item.retired && !showRetired.value) continue
    const d = item.document as ShelfItemDocument & { wallMaterial?: string; condition?: string; shape?: string }
    if (wanted.length) {
      const text =
        `${d.name} ${d.place} ${d.note} ${d.wallMaterial ?? ''} ${d.condition ?? ''} ${d.shape ?? ''}`.toLowerCase()
      if (!wanted.every(w => text.includes(w))) continue
    }
    const list = byKind.get(d.kind)
    if (list) list.push(item)
    else byKind.set(d.kind, [item])
  }
  return byKind
})
const sections = computed(() =>
  KINDS.filter(k => !only.value || k.kind === only.value)
    .map(k => {
      const all = matching.value.get(k.kind) ?? []
      return { ...k, all, shown: all.slice(0, more[k.kind] ?? PAGE) }
    })
    .filter(s => s.all.length || (!search.value && (only.value || ['vessel', 'heater', 'bath'].includes(s.kind)))),
)

const valuesOf = (item: StoredItem): VesselValues | undefined => {
  if (item.document.kind !== 'vessel') return undefined
  try {
    return vesselValues(item.document)
  } catch (error) {
    if (error instanceof ShelfFaults) return undefined
    throw error
  }
}
const vessels = computed(() =>
  (sections.value.find(s => s.kind === 'vessel')?.shown ?? []).map(item => ({ item, values: valuesOf(item) })),
)
/** Pixels to a metre: one scale for all that are shown, so that the tallest fits. */
const SCALE = computed(() =>
  Math.min(
    620,
    190 / Math.max(0.2, ...vessels.value.map(v => v.values?.height ?? 0)),
    130 / Math.max(0.1, ...vessels.value.map(v => v.values?.diameter ?? 0)),
  ),
)

/** `subject` tells drafts of different things apart. */
const editing = ref<{ item?: StoredItem; id: string; document: ShelfItemDocument; subject: string }>()
const open = computed({
  get: () => !!editing.value,
  set: v => {
    if (!v) editing.value = undefined
  },
})
const form = ref<{ done: () => void }>()
const failure = ref('')
const faults = ref<Fault[]>([])
const saving = ref(false)

const blank = (kind: ItemKind) => ({ kind, name: '', place: '', note: '' }) as unknown as ShelfItemDocument
function edit(item?: StoredItem, kind: ItemKind = 'vessel') {
  failure.value = ''
  faults.value = []
  editing.value = {
    item,
    id: item?.id ?? crypto.randomUUID(),
    document: item?.document ?? blank(kind),
    subject: item?.id ?? `new-${kind}`,
  }
}
function duplicate(item: StoredItem) {
  edit(item)
  editing.value = {
    id: crypto.randomUUID(),
    subject: `copy-of-${item.id}`,
    document: { ...JSON.parse(JSON.stringify(item.document)), name: `${item.document.name} (copy)`.slice(0, 120) },
  }
}
async function save(document: ShelfItemDocument) {
  const { item, id } = editing.value!
  saving.value = true
  failure.value = ''
  faults.value = []
  try {
    if (item) await shelf.save(item, document)
    else await shelf.add(id, document)
    form.value?.done()
    editing.value = undefined
  } catch (error) {
    const refusal = refusalOf(error)
    faults.value = refusal.faults
    if (refusal.status === 409) {
      const current = refusal.current as StoredItem
      shelf.replace(current)
      editing.value = { ...editing.value!, item: current }
      failure.value = 'It was changed in another window. Save again to put yours on top.'
    } else failure.value = refusal.faults.length ? '' : refusal.message
  } finally {
    saving.value = false
  }
}
async function attempt(act: () => Promise<unknown>) {
  failure.value = ''
  try {
    await act()
  } catch (error) {
    failure.value =
      error instanceof Error && !('status' in error) && !('statusCode' in error)
        ? error.message
        : refusalOf(error).message
  }
}
const retire = (item: StoredItem) => attempt(() => shelf.save(item, item.document, !item.retired))
const photo = (item: StoredItem, file: File | null) =>
  attempt(async () => shelf.savePhoto(item.id, file ? await photoFromFile(file) : null))
const stage = (item: StoredItem, demonstrationId: string) =>
  attempt(async () => {
    const id = crypto.randomUUID()
    const demonstration = findDemonstration(demonstrationId)!
    const { document } = readStaging({
      demonstration: demonstration.id,
      title: `${demonstration.name}: ${item.document.name}`,
      inputs: inputsFromItem(item.document, demonstration),
    })
    await sendWrite('POST', '/api/stagings', { id, document }, id)
    await navigateTo(`/bench/${id}`)
  })

const shown = (q: QuantityDocument | undefined, kind: QuantityKind, pair: readonly [string, string]) =>
  q ? units.format(siOf(q, kind), pair, kind) : ''
const line = (item: StoredItem): string => {
  const d = item.document
  switch (d.kind) {
    case 'heater': {
      const spread =
        typeof d.efficiency?.spread === 'number' ? ` ± ${units.number(d.efficiency.spread * 100, 2)} % of it` : ''
      return `${d.heaterKind === 'other' ? '' : `${d.heaterKind}, `}${shown(d.ratedPower, 'power', ['kW', 'BTU/h'])} on its label; ${d.efficiency ? `${units.number(siOf(d.efficiency, 'fraction') * 100)} %${spread} gets in` : 'share that gets in not measured'}`
    }
    case 'bath':
      return `${shown(d.water, 'volume', ['L', 'qt'])} of water${d.ice ? `, ${shown(d.ice, 'mass', ['kg', 'lb'])} of ice` : ', no ice'}${d.temperature ? `, ${shown(d.temperature, 'temperature', ['degC', 'degF'])}` : ''}`
    case 'pump':
      return `${d.count > 1 ? `${d.count} × ` : ''}${d.pumpKind}${d.strokeVolume ? `, ${shown(d.strokeVolume, 'volume', ['mL', 'floz'])} a stroke` : ''}${d.pumpSpeed ? `, ${shown(d.pumpSpeed, 'flow', ['L/min', 'gal/min'])}` : ''}${d.ultimatePressure ? `, down to ${shown(d.ultimatePressure, 'pressure', ['kPa', 'psi'])}` : ''}`
    case 'closure':
      return `${d.count} × ${d.closureKind}${d.fits ? ` for ${shown(d.fits, 'length', ['mm', 'in'])}` : ''}${d.opensAt ? `, opens at ${shown(d.opensAt, 'pressure', ['kPa', 'psi'])}` : ''}`
    case 'thermometer':
      return `${d.count} ×${d.least && d.most ? ` ${shown(d.least, 'temperature', ['degC', 'degF'])} to ${shown(d.most, 'temperature', ['degC', 'degF'])}` : ''}${d.error ? `, ± ${shown(d.error, 'temperatureDifference', ['K', 'degF'])}` : ''}`
    case 'protection':
      return `${d.count} × ${d.protectionKind}`
    case 'consumable':
      return `${d.count} left${d.count <= d.restockAt ? ': get more' : ''}`
    default:
      return ''
  }
}
const live = () => shelf.items.filter(i => !i.retired).map(i => i.document)
const exportCsv = () => download('shelf.csv', shelfCsv(live()), 'text/csv')
const exportJson = () =>
  download(
    'shelf.json',
    JSON.stringify({ format: 'zealous-hush/shelf', version: 1, items: live() }, null, 2),
    'application/json',
  )
</script>

<template>
  <div class="max-w-6xl mx-auto px-4 sm:px-6 py-6">
    <div class="flex flex-wrap items-end gap-x-6 gap-y-3 mb-3">
      <div class="flex-1 min-w-56">
        <h1 class="text-3xl">Shelf</h1>
        <p class="soft">What have I got? Measured once, used in every staging.</p>
      </div>
      <div class="w-full sm:w-72">
        <label class="sr-only" for="shelf-search">Search the shelf</label>
        <input
          id="shelf-search"
          v-model="search"
          type="search"
          class="text-field"
          placeholder="Search name, place, note…"
        />
      </div>
    </div>
    <div class="flex flex-wrap items-center gap-x-4 gap-y-2 mb-5 text-sm">
      <div class="flex flex-wrap gap-x-3" role="group" aria-label="Show only">
        <button
          class="plain-link"
          :aria-pressed="only === ''"
          :class="only === '' ? 'font-bold !no-underline' : ''"
          @click="only = ''"
        >
          everything
        </button>
        <button
          v-for="k in KINDS"
          :key="k.kind"
          class="plain-link"
          :aria-pressed="only === k.kind"
          :class="only === k.kind ? 'font-bold !no-underline' : ''"
          @click="only = k.kind"
        >
          {{ k.title.toLowerCase() }} <span class="figures soft">{{ matching.get(k.kind)?.length ?? 0 }}</span>
        </button>
      </div>
      <label class="flex gap-2"><input v-model="showRetired" type="checkbox" /> show what is retired</label>
      <span class="flex-1" />
      <ShelfImport />
      <button class="plain-link" @click="exportCsv">Export CSV</button>
      <button class="plain-link" @click="exportJson">Export JSON</button>
    </div>
    <p v-if="shelf.failure || failure" class="fault" role="alert">
      {{ shelf.failure || failure }}
      <button v-if="shelf.failure" class="plain-link" @click="shelf.load()">Try again</button>
    </p>
    <p v-if="search && !sections.length" class="border-y rule py-6 text-center">
      Nothing on the shelf matches “{{ search }}”.
    </p>
    <section
      v-for="{ kind, title, one, all, shown: list } in sections"
      :key="kind"
      class="mb-8"
      :aria-labelledby="`kind-${kind}`"
    >
      <div class="flex items-baseline gap-4 border-b rule pb-1 mb-3">
        <h2 :id="`kind-${kind}`" class="text-xl">
          {{ title }}
        </h2>
        <button class="plain-link text-sm" @click="edit(undefined, kind)">Add {{ one }}</button>
      </div>
      <p v-if="shelf.loaded && !all.length" class="soft">None yet. Add {{ one }} to use it in a staging.</p>
      <ul v-if="kind === 'vessel'" class="grid sm:grid-cols-2 lg:grid-cols-3 gap-x-8 gap-y-6">
        <li
          v-for="{ item, values } in vessels"
          :key="item.id"
          class="grid grid-cols-[auto_1fr] gap-4 items-end"
          :class="item.retired ? 'opacity-60' : ''"
        >
          <div class="w-[136px] grid justify-items-center items-end">
            <VesselSilhouette
              v-if="values && item.document.kind === 'vessel'"
              :vessel="values"
              :scale="SCALE"
              :dented="item.document.condition === 'dented'"
              :label="`${item.document.name}, to scale`"
            />
          </div>
          <div class="figures min-w-0">
            <img
              v-if="item.photo"
              :src="`/api/shelf/${item.id}/photo?${item.photo}`"
              :alt="`Photo of ${item.document.name}`"
              class="h-14 w-auto rounded mb-1"
              loading="lazy"
            />
            <h3 class="text-lg">
              {{ item.document.name }}
            </h3>
            <template v-if="values && item.document.kind === 'vessel'">
              <p>
                <b>{{
                  units.format(values.capacity, values.capacity < 2e-3 ? ['mL', 'floz'] : ['L', 'gal'], 'volume')
                }}</b>
                <span class="soft">{{ values.capacityFrom }}</span>, {{ item.document.wallMaterial }}
                <b>{{ units.format(values.wallThickness, ['mm', 'mil'], 'length', 2) }}</b>
                <span class="soft">{{ values.thicknessFrom }}</span><template v-if="item.document.condition !== 'sound'"
                  >,
                  <b class="text-(--danger)">{{
                    item.document.condition === 'unfit' ? 'unfit for a pressure difference' : item.document.condition
                  }}</b></template
                ><template v-if="item.document.count !== 1">; {{ item.document.count }} of them</template>
              </p>
              <p class="soft text-sm">
                <template v-if="values.perfectStrength !== undefined"
                  >a perfect one holds
                  {{ units.format(values.perfectStrength, ['kPa', 'psi'], 'pressure') }}; </template
                ><template v-if="values.shape !== 'bell-jar'"
                  >{{ values.shape === 'flask' ? 'bore' : 'mouth' }}
                  {{ units.format(values.mouthDiameter, ['mm', 'in'], 'length')
                  }}{{ item.document.place ? '; ' : '' }}</template
                >{{ item.document.place }}
              </p>
            </template>
            <p v-else class="fault">Its measures do not go together: change it.</p>
            <ShelfItemActions
              :item="item"
              @stage="stage(item, $event)"
              @edit="edit(item)"
              @copy="duplicate(item)"
              @retire="retire(item)"
              @photo="photo(item, $event)"
            />
          </div>
        </li>
      </ul>
      <ul v-else class="grid sm:grid-cols-2 gap-x-8">
        <li
          v-for="item in list"
          :key="item.id"
          class="py-2 border-t rule first:border-t-0 sm:[&:nth-child(2)]:border-t-0"
          :class="item.retired ? 'opacity-60' : ''"
        >
          <img
            v-if="item.photo"
            :src="`/api/shelf/${item.id}/photo?${item.photo}`"
            :alt="`Photo of ${item.document.name}`"
            class="h-14 w-auto rounded float-right"
            loading="lazy"
          />
          <h3 class="text-lg">
            {{ item.document.name }}
          </h3>
          <p class="figures">
            {{ line(item) }}<span v-if="item.document.place" class="soft text-sm">; {{ item.document.place }}</span>
          </p>
          <ShelfItemActions
            :item="item"
            @stage="stage(item, $event)"
            @edit="edit(item)"
            @copy="duplicate(item)"
            @retire="retire(item)"
            @photo="photo(item, $event)"
          />
        </li>
      </ul>
      <p v-if="all.length > list.length" class="mt-4">
        <button class="quiet-button figures" @click="more[kind] = list.length + PAGE">
          Show {{ Math.min(PAGE, all.length - list.length) }} more of {{ all.length - list.length }}
        </button>
      </p>
    </section>
    <UModal
      v-model:open="open"
      :title="editing?.item ? `Change ${editing.item.document.name}` : 'New on the Shelf'"
      description="What can be weighed or read; any unit."
      :ui="{ content: 'max-w-2xl' }"
    >
      <template #body>
        <ShelfItemForm
          v-if="editing"
          ref="form"
          :key="editing.id"
          :document="editing.document"
          :subject="editing.subject"
          :failure="failure"
          :server-faults="faults"
          :saving="saving"
          @save="save"
          @cancel="editing = undefined"
        />
      </template>
    </UModal>
  </div>
</template>
