<script setup lang="ts">
import { DEMONSTRATIONS, inputsFromItem, readStaging, siOf, vesselValues, formatNumber, type Fault, type ShelfItemDocument } from '~~/core'
import type { ShelfItem } from '~/stores/shelf'
import type ShelfItemForm from '~/components/shelf/ShelfItemForm.vue'

useHead({ title: 'Shelf · Zealous Hush' })
const shelf = useShelfStore()
const units = useUnitsStore()
await shelf.load()

const KINDS = [{ kind: 'vessel', title: 'Vessels', one: 'a vessel' }, { kind: 'heater', title: 'Heaters', one: 'a heater' }, { kind: 'bath', title: 'Baths', one: 'a bath' }] as const
const SCALE = 620 // pixels a metre: one scale for all vessels, so that they can be compared

const editing = shallowRef<{ item?: ShelfItem, id: string, document: ShelfItemDocument }>()
const open = computed({ get: () => editing.value !== undefined, set: (now) => { if (!now) editing.value = undefined } })
const form = ref<InstanceType<typeof ShelfItemForm>>()
const failure = ref('')
const faults = ref<Fault[]>([])
const saving = ref(false)
const showRetired = ref(false)
const shown = (kind: ShelfItemDocument['kind']) => shelf.items.filter(i => i.document.kind === kind && (showRetired.value || !i.retired))

const BLANK: Record<ShelfItemDocument['kind'], Record<string, unknown>> = {
  vessel: { kind: 'vessel', name: '', place: '', note: '', wallMaterial: 'aluminium', condition: 'sound' },
  heater: { kind: 'heater', name: '', place: '', note: '' },
  bath: { kind: 'bath', name: '', place: '', note: '' },
}
function edit(item?: ShelfItem, kind: ShelfItemDocument['kind'] = 'vessel') {
  failure.value = ''
  faults.value = []
  editing.value = { item, id: item?.id ?? crypto.randomUUID(), document: item?.document ?? BLANK[kind] as unknown as ShelfItemDocument }
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
      const current = refusal.current as ShelfItem
      shelf.replace(current)
      editing.value = { ...editing.value!, item: current }
      failure.value = 'It was changed in another window. Save again to put yours on top.'
    } else failure.value = refusal.faults.length ? '' : refusal.message
  } finally {
    saving.value = false
  }
}
async function retire(item: ShelfItem) {
  try {
    await shelf.save(item, item.document, !item.retired)
  } catch (error) {
    failure.value = refusalOf(error).message
  }
}
async function stage(item: ShelfItem) {
  const id = crypto.randomUUID()
  const demonstration = DEMONSTRATIONS[0]!
  try {
    const { document } = readStaging({ demonstration: demonstration.id, title: `${demonstration.name}: ${item.document.name}`, inputs: inputsFromItem(item.document) })
    await sendWrite('POST', '/api/stagings', { id, document }, id)
    await navigateTo(`/bench/${id}`)
  } catch (error) {
    failure.value = refusalOf(error).message
  }
}
const line = (item: ShelfItem): string => {
  const d = item.document
  if (d.kind === 'heater') return `${units.format(siOf(d.ratedPower, 'power'), ['kW', 'BTU/h'], 'power')} on its label; ${d.efficiency ? `${formatNumber(siOf(d.efficiency, 'fraction') * 100)} % gets into a small can` : 'share that gets in not measured'}`
  if (d.kind === 'bath') return `${units.format(siOf(d.water, 'volume'), ['L', 'qt'], 'volume')} of water${d.ice ? `, ${units.format(siOf(d.ice, 'mass'), ['kg', 'lb'], 'mass')} of ice` : ', no ice'}${d.temperature ? `, ${units.format(siOf(d.temperature, 'temperature'), ['degC', 'degF'], 'temperature')}` : ''}`
  return ''
}
const values = (item: ShelfItem) => item.document.kind === 'vessel' ? vesselValues(item.document) : undefined
</script>

<template>
  <div class="max-w-6xl mx-auto px-4 sm:px-6 py-6">
    <div class="flex flex-wrap items-end gap-4 mb-4">
      <div class="flex-1">
        <h1 class="text-3xl">
          Shelf
        </h1>
        <p class="soft">
          What have I got? Measured once, used in every staging.
        </p>
      </div>
      <label class="flex gap-2 text-sm"><input v-model="showRetired" type="checkbox"> show what is retired</label>
    </div>
    <p v-if="shelf.failure || failure" class="fault" role="alert">
      {{ shelf.failure || failure }} <button v-if="shelf.failure" class="plain-link" @click="shelf.load()">
        Try again
      </button>
    </p>
    <section v-for="{ kind, title, one } in KINDS" :key="kind" class="mb-8" :aria-labelledby="`kind-${kind}`">
      <div class="flex items-baseline gap-4 border-b rule pb-1 mb-3">
        <h2 :id="`kind-${kind}`" class="text-xl">
          {{ title }}
        </h2>
        <button class="plain-link text-sm" @click="edit(undefined, kind)">
          Add {{ one }}
        </button>
      </div>
      <p v-if="shelf.loaded && !shown(kind).length" class="soft">
        None yet. Add {{ one }} to use it in a staging.
      </p>
      <ul v-if="kind === 'vessel'" class="grid sm:grid-cols-2 lg:grid-cols-3 gap-x-8 gap-y-6">
        <li v-for="item in shown(kind)" :key="item.id" class="grid grid-cols-[70px_1fr] gap-4 items-end" :class="item.retired ? 'opacity-60' : ''">
          <VesselSilhouette v-if="values(item)" class="justify-self-center" :diameter="values(item)!.diameter" :height="values(item)!.height" :mouth="values(item)!.mouthDiameter" :scale="SCALE" :dented="item.document.kind === 'vessel' && item.document.condition === 'dented'" :label="`${item.document.name}, to scale`" />
          <div class="figures">
            <h3 class="text-lg">
              {{ item.document.name }}
            </h3>
            <p v-if="values(item) && item.document.kind === 'vessel'">
              <b>{{ units.format(values(item)!.capacity, ['mL', 'floz'], 'volume') }}</b> <span class="soft">{{ values(item)!.capacityFrom }}</span>,
              {{ item.document.wallMaterial }} <b>{{ units.format(values(item)!.wallThickness, ['mm', 'mil'], 'length', 2) }}</b> <span class="soft">{{ values(item)!.thicknessFrom }}</span><template v-if="item.document.condition === 'dented'">, dented</template>
            </p>
            <p class="soft text-sm">
              a perfect one holds {{ units.format(values(item)!.perfectStrength, ['kPa', 'psi'], 'pressure') }}; mouth {{ units.format(values(item)!.mouthDiameter, ['mm', 'in'], 'length') }}{{ item.document.place ? `; ${item.document.place}` : '' }}
            </p>
            <ShelfItemActions :item="item" @stage="stage(item)" @edit="edit(item)" @retire="retire(item)" />
          </div>
        </li>
      </ul>
      <ul v-else class="grid sm:grid-cols-2 gap-x-8">
        <li v-for="item in shown(kind)" :key="item.id" class="py-2 border-t rule first:border-t-0 sm:[&:nth-child(2)]:border-t-0" :class="item.retired ? 'opacity-60' : ''">
          <h3 class="text-lg">
            {{ item.document.name }}
          </h3>
          <p class="figures">
            {{ line(item) }}<span v-if="item.document.place" class="soft text-sm">; {{ item.document.place }}</span>
          </p>
          <ShelfItemActions :item="item" @stage="stage(item)" @edit="edit(item)" @retire="retire(item)" />
        </li>
      </ul>
    </section>
    <UModal v-model:open="open" :title="editing?.item ? `Change ${editing.item.document.name}` : 'New on the Shelf'" description="What can be weighed or read; any unit." :ui="{ content: 'max-w-2xl' }">
      <template #body>
        <ShelfItemForm v-if="editing" ref="form" :key="editing.id" :document="editing.document" :subject="editing.item ? editing.id : `new-${editing.document.kind}`" :failure="failure" :server-faults="faults" :saving="saving" @save="save" @cancel="editing = undefined" />
      </template>
    </UModal>
  </div>
</template>
