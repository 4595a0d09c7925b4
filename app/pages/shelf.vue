<script setup lang="ts">
import { refusalOf } from '~/api/sending'
import { photoFromFile } from '~/files/photo-from-file'
import { download } from '~/files/download'
import { itsTurn } from '~/waking/turns'
import { vesselValues, ShelfFaults, type ItemKind, type StoredItem, type VesselValues } from '~~/core'
import { KINDS, matchingItems } from '~/components/shelf/shelf-search'

useHead({ title: 'Shelf · Zealous Hush' })
useSeoMeta({ description: 'What the prep room has: vessels, heaters, baths and pumps, measured once.' })
const shelf = useShelfStore()
const [{ listed, of: listedOf }] = await Promise.all([useCatalogue(), shelf.ready()])

/** Items shown of one kind before more are asked for: thousands stay quick. A rack of vessels is seen at once. */
const PAGE = 12
const RACK = 18

const search = ref(String(useRoute().query.find ?? ''))
const only = ref<ItemKind | ''>('')
const showRetired = ref(false)
const more = reactive<Partial<Record<ItemKind, number>>>({})
watch([search, only], () => {
  for (const { kind } of KINDS) delete more[kind]
})

const matching = computed(() => matchingItems(shelf.items, search.value, showRetired.value))
const sections = computed(() =>
  KINDS.filter(k => !only.value || k.kind === only.value)
    .map(k => {
      const all = matching.value.get(k.kind) ?? []
      return { ...k, all, shown: all.slice(0, more[k.kind] ?? (k.kind === 'vessel' ? RACK : PAGE)) }
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

// What the vessels' measures come to takes a slow device long: in a task of its own.
await itsTurn()
void SCALE.value
await itsTurn()

/** A thing is seen before it is changed: what it is changed in is fetched then. */
const fetchDialog = () => import('~/components/shelf/ShelfItemDialog.vue')
type ItemDialog = Awaited<ReturnType<typeof fetchDialog>>['default']
const Dialog = shallowRef<ItemDialog>()
const dialog = useTemplateRef<InstanceType<ItemDialog>>('dialog')
const inDialog = (act: (dialog: InstanceType<ItemDialog>) => void) =>
  attempt(async () => {
    Dialog.value ??= await fetchDialog().then(
      file => file.default,
      () => {
        throw new Error('What a thing is changed in could not be fetched. Try again in a moment.')
      },
    )
    await nextTick()
    act(dialog.value!)
  })
const failure = ref('')
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
const step = (way: 'undo' | 'redo') => attempt(() => shelf[way]())
useUndoKeys({ undo: () => step('undo'), redo: () => step('redo') })
const retire = (item: StoredItem) => attempt(() => shelf.save(item, item.document, !item.retired))
const photo = (item: StoredItem, file: File | null) =>
  attempt(async () => shelf.savePhoto(item.id, file ? await photoFromFile(file) : null))
const stage = (item: StoredItem, demonstration: string) =>
  attempt(async () => {
    const { beginStaging } = await import('~/stagings/begin')
    await navigateTo(
      await beginStaging(demonstration, `${listedOf(demonstration)!.name}: ${item.document.name}`, [item]),
    )
  })
/** What is done with a thing, wherever on the page it stands. */
const actsOn = (item: StoredItem) => ({
  stage: (demonstration: string) => stage(item, demonstration),
  edit: () => inDialog(d => d.edit(item)),
  copy: () => inDialog(d => d.duplicate(item)),
  retire: () => retire(item),
  photo: (file: File | null) => photo(item, file),
})

const live = () => shelf.items.filter(i => !i.retired).map(i => i.document)
async function exportAs(kind: 'csv' | 'json') {
  const { shelfFiles } = await import('~/things/shelf-file')
  download(`shelf.${kind}`, shelfFiles[kind](live()), kind === 'csv' ? 'text/csv' : 'application/json')
}
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
        <InTurn
          ><UInput id="shelf-search" v-model="search" type="search" placeholder="Search name, place, note…"
        /></InTurn>
      </div>
    </div>
    <div class="flex flex-wrap items-center gap-x-4 gap-y-2 mb-5 text-sm">
      <InTurn
        ><div class="flex flex-wrap gap-x-3 gap-y-1 *:min-h-6" role="group" aria-label="Show only">
          <UButton
            variant="link"
            :aria-pressed="only === ''"
            :class="only === '' ? 'font-bold !no-underline' : ''"
            @click="only = ''"
          >
            everything
          </UButton>
          <UButton
            variant="link"
            v-for="k in KINDS"
            :key="k.kind"
            :aria-pressed="only === k.kind"
            :class="only === k.kind ? 'font-bold !no-underline' : ''"
            @click="only = k.kind"
          >
            {{ k.title.toLowerCase() }} <span class="figures soft">{{ matching.get(k.kind)?.length ?? 0 }}</span>
          </UButton>
        </div></InTurn
      >
      <InTurn><UCheckbox v-model="showRetired" label="show what is retired" /></InTurn>
      <span class="flex-1" />
      <InTurn
        ><UndoButtons :can-undo="shelf.canUndo" :can-redo="shelf.canRedo" @undo="step('undo')" @redo="step('redo')"
      /></InTurn>
      <InTurn><ShelfImport /></InTurn>
      <InTurn><UButton variant="link" @click="exportAs('csv')">Export CSV</UButton></InTurn>
      <InTurn><UButton variant="link" @click="exportAs('json')">Export JSON</UButton></InTurn>
    </div>
    <p v-if="shelf.failure || failure" class="fault" role="alert">
      {{ shelf.failure || failure }}
      <UButton variant="link" v-if="shelf.failure" @click="shelf.load()">Try again</UButton>
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
        <InTurn
          ><UButton variant="link" class="text-sm" @click="inDialog(d => d.edit(undefined, kind))"
            >Add {{ one }}</UButton
          ></InTurn
        >
      </div>
      <p v-if="shelf.loaded && !all.length" class="soft">None yet. Add {{ one }} to use it in a staging.</p>
      <ul v-if="kind === 'vessel'" class="grid grid-cols-1 sm:grid-cols-2 lg:grid-cols-3 gap-x-8 gap-y-6">
        <InTurn v-for="{ item, values } in vessels" :key="item.id">
          <li
            class="grid grid-cols-[auto_1fr] gap-4 items-end border-b-2 border-(--vessel)"
            :class="item.retired ? 'opacity-60' : ''"
          >
            <ShelfVessel :item="item" :values="values" :scale="SCALE">
              <ShelfItemActions :demonstrations="listed" :item="item" v-on="actsOn(item)" />
            </ShelfVessel>
          </li>
        </InTurn>
      </ul>
      <ul v-else class="grid grid-cols-1 sm:grid-cols-2 gap-x-8">
        <InTurn v-for="item in list" :key="item.id">
          <li
            class="py-2 border-t rule first:border-t-0 sm:[&:nth-child(2)]:border-t-0"
            :class="item.retired ? 'opacity-60' : ''"
          >
            <ShelfThing :item="item">
              <ShelfItemActions :demonstrations="listed" :item="item" v-on="actsOn(item)" />
            </ShelfThing>
          </li>
        </InTurn>
      </ul>
      <p v-if="all.length > list.length" class="mt-4">
        <UButton class="figures" @click="more[kind] = list.length + PAGE">
          Show {{ Math.min(PAGE, all.length - list.length) }} more of {{ all.length - list.length }}
        </UButton>
      </p>
    </section>
    <component :is="Dialog" v-if="Dialog" ref="dialog" />
  </div>
</template>
