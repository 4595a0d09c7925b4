<script setup lang="ts">
/** Add or change an item: what can be weighed or read in a prep room, with what it comes to. */
import { ShelfFaults, SOLIDS, checkShelfItem, shelfItemSchema, vesselValues, type Fault, type ShelfItemDocument } from '~~/core'

const props = defineProps<{ document: ShelfItemDocument, subject: string, failure: string, serverFaults: Fault[], saving: boolean }>()
const emit = defineEmits<{ save: [ShelfItemDocument], cancel: [] }>()
const units = useUnitsStore()
const drafts = useDrafts<Record<string, unknown>>(`shelf-${props.subject}`)

// Kept loose while it is typed: a field may still be empty.
const draft = ref<Record<string, unknown>>(drafts.mine()?.document ?? JSON.parse(JSON.stringify(props.document)))
watch(draft, d => drafts.keep(0, d), { deep: true })
const problems = reactive<Record<string, string>>({})
const kind = computed(() => draft.value.kind as ShelfItemDocument['kind'])
const model = (field: string) => draft.value[field] as never
const put = (field: string, value: unknown) => { draft.value = { ...draft.value, [field]: value } }

const tried = ref(false)
const checked = computed<{ document?: ShelfItemDocument, faults: Fault[] }>(() => {
  const parsed = shelfItemSchema.safeParse(JSON.parse(JSON.stringify(draft.value)))
  if (!parsed.success) {
    return { faults: parsed.error.issues.map(i => ({ input: String(i.path[0] ?? ''), message: i.code === 'invalid_type' ? 'is missing' : i.message })) }
  }
  try {
    checkShelfItem(parsed.data)
    return { document: parsed.data, faults: [] }
  } catch (error) {
    if (error instanceof ShelfFaults) return { faults: [...error.faults] }
    throw error
  }
})
const faultOf = (field: string) => {
  const found = [...checked.value.faults, ...props.serverFaults].find(f => f.input === field)
  return found && (tried.value || (draft.value[field] !== undefined && draft.value[field] !== '')) ? found.message : ''
}
const derived = computed(() => checked.value.document?.kind === 'vessel' ? vesselValues(checked.value.document) : undefined)

function save() {
  tried.value = true
  if (Object.values(problems).some(p => p) || !checked.value.document) return
  emit('save', checked.value.document)
}
function cancel() {
  drafts.drop()
  emit('cancel')
}
defineExpose({ done: () => drafts.drop() })

type Field = { field: string, label: string, kind: 'length' | 'mass' | 'volume' | 'temperature' | 'power' | 'fraction', units: readonly [string, string], hint?: string }
const FIELDS: Record<ShelfItemDocument['kind'], Field[]> = {
  vessel: [
    { field: 'diameter', label: 'Diameter', kind: 'length', units: ['mm', 'in'] },
    { field: 'height', label: 'Height', kind: 'length', units: ['mm', 'in'] },
    { field: 'mouthDiameter', label: 'Mouth', kind: 'length', units: ['mm', 'in'] },
    { field: 'wallThickness', label: 'Wall thickness', kind: 'length', units: ['mm', 'mil'], hint: 'or from the empty mass' },
    { field: 'fullMass', label: 'Brim-full of water', kind: 'mass', units: ['g', 'oz'], hint: 'weigh it full' },
    { field: 'emptyMass', label: 'Empty and dry', kind: 'mass', units: ['g', 'oz'], hint: 'weigh it empty' },
    { field: 'waterTemperature', label: 'Water while weighing', kind: 'temperature', units: ['degC', 'degF'], hint: '20 °C' },
    { field: 'capacity', label: 'Capacity, if measured otherwise', kind: 'volume', units: ['mL', 'floz'], hint: 'from weighing' },
  ],
  heater: [
    { field: 'ratedPower', label: 'Rated power', kind: 'power', units: ['kW', 'BTU/h'] },
    { field: 'efficiency', label: 'Share that gets into a small can', kind: 'fraction', units: ['%', '%'], hint: 'if measured' },
  ],
  bath: [
    { field: 'water', label: 'Water', kind: 'volume', units: ['L', 'qt'] },
    { field: 'ice', label: 'Ice', kind: 'mass', units: ['kg', 'lb'], hint: 'none' },
    { field: 'temperature', label: 'Temperature', kind: 'temperature', units: ['degC', 'degF'], hint: 'as measured' },
  ],
}
</script>

<template>
  <form class="grid gap-4" novalidate @submit.prevent="save">
    <div class="grid sm:grid-cols-2 gap-3">
      <div>
        <label class="block text-sm font-bold" for="item-name">Name</label>
        <input id="item-name" class="text-field" maxlength="120" :value="model('name')" :aria-invalid="faultOf('name') !== ''" @input="put('name', ($event.target as HTMLInputElement).value)">
        <p v-if="faultOf('name')" class="fault" role="alert">
          Name: {{ faultOf('name') }}
        </p>
      </div>
      <div>
        <label class="block text-sm font-bold" for="item-place">Where it is kept</label>
        <input id="item-place" class="text-field" maxlength="120" :value="model('place')" @input="put('place', ($event.target as HTMLInputElement).value)">
      </div>
      <template v-if="kind === 'vessel'">
        <div>
          <label class="block text-sm font-bold" for="item-wall">Wall</label>
          <select id="item-wall" class="text-field" :value="model('wallMaterial')" @change="put('wallMaterial', ($event.target as HTMLSelectElement).value)">
            <option v-for="solid in Object.keys(SOLIDS)" :key="solid" :value="solid">
              {{ solid }}
            </option>
          </select>
        </div>
        <div>
          <label class="block text-sm font-bold" for="item-condition">Condition</label>
          <select id="item-condition" class="text-field" :value="model('condition')" @change="put('condition', ($event.target as HTMLSelectElement).value)">
            <option value="sound">
              sound
            </option><option value="dented">
              dented
            </option>
          </select>
        </div>
      </template>
      <QuantityField
        v-for="f in FIELDS[kind]" :key="f.field" :label="f.label" :kind="f.kind" :unit="units.shown(f.units)" :hint="f.hint ?? ''" :fault="faultOf(f.field)"
        :model-value="model(f.field)" @update:model-value="put(f.field, $event)" @problem="problems[f.field] = $event"
      />
    </div>
    <div>
      <label class="block text-sm font-bold" for="item-note">Notes</label>
      <textarea id="item-note" class="text-field" rows="2" maxlength="2000" :value="model('note')" @input="put('note', ($event.target as HTMLTextAreaElement).value)" />
    </div>
    <p v-if="derived" class="figures" role="status">
      Holds <b>{{ units.format(derived.capacity, ['mL', 'floz'], 'volume') }}</b> ({{ derived.capacityFrom }}); wall <b>{{ units.format(derived.wallThickness, ['mm', 'mil'], 'length', 2) }}</b> ({{ derived.thicknessFrom }});
      a perfect one holds <b>{{ units.format(derived.perfectStrength, ['kPa', 'psi'], 'pressure') }}</b> of difference (von Mises; {{ units.format(derived.shortStrength, ['kPa', 'psi'], 'pressure') }} by Windenburg and Trilling).
    </p>
    <p v-if="failure" class="fault" role="alert">
      {{ failure }}
    </p>
    <div class="flex gap-2 justify-end">
      <button type="button" class="quiet-button" @click="cancel">
        Leave as it was
      </button>
      <button type="submit" class="strong-button" :disabled="saving">
        Save
      </button>
    </div>
  </form>
</template>
