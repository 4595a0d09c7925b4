<script setup lang="ts">
/** Add or change an item: what can be weighed or read in a prep room, with what it comes to. */
import { formErrors } from '~/components/form-errors'
import {
  ShelfFaults,
  checkShelfItem,
  fieldsOf,
  shelfItemSchema,
  vesselValues,
  type Fault,
  type QuantityDocument,
  type ShelfItemDocument,
} from '~~/core'

const props = defineProps<{
  document: ShelfItemDocument
  subject: string
  failure: string
  serverFaults: Fault[]
  saving: boolean
}>()
const emit = defineEmits<{ save: [ShelfItemDocument]; cancel: [] }>()
const units = useUnitsStore()
const drafts = useDrafts<Record<string, unknown>>(`shelf-${props.subject}`)

// Kept loose while it is typed: a field may still be empty.
const draft = ref<Record<string, unknown>>(drafts.mine()?.document ?? JSON.parse(JSON.stringify(props.document)))
watch(draft, d => drafts.keep(0, d), { deep: true })
const problems = reactive<Record<string, string>>({})
const kind = computed(() => draft.value.kind as ShelfItemDocument['kind'])
const model = (field: string) => draft.value[field] as never
const quantityOf = (field: string) => model(field) as QuantityDocument | undefined
const put = (field: string, value: unknown) => {
  draft.value = { ...draft.value, [field]: value }
}
const fields = computed(() =>
  fieldsOf(kind.value, kind.value === 'vessel' ? String(draft.value.shape ?? 'cylinder') : undefined),
)

const tried = ref(false)
const checked = computed<{ document?: ShelfItemDocument; faults: Fault[] }>(() => {
  const parsed = shelfItemSchema.safeParse(JSON.parse(JSON.stringify(draft.value)))
  if (!parsed.success) {
    return {
      faults: parsed.error.issues.map(i => ({
        input: String(i.path[0] ?? ''),
        message: i.code === 'invalid_type' ? 'is missing' : i.message,
      })),
    }
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
  return found && (tried.value || (draft.value[field] !== undefined && draft.value[field] !== ''))
    ? units.told(found.message)
    : ''
}
const derived = computed(() =>
  checked.value.document?.kind === 'vessel' ? vesselValues(checked.value.document) : undefined,
)
/** A fault of a field that this shape does not show still has to be told. */
const unseenFaults = computed(() =>
  tried.value
    ? checked.value.faults.filter(f => f.input !== 'name' && !fields.value.some(x => x.field === f.input))
    : [],
)

function wrong() {
  tried.value = true
  return formErrors(problems, checked.value.faults, units.told)
}
function cancel() {
  drafts.drop()
  emit('cancel')
}
defineExpose({ done: () => drafts.drop() })
const number = (typed: string | number) => {
  const text = String(typed).trim()
  return text === '' ? undefined : Number(text)
}
</script>

<template>
  <CheckedForm :state="draft" :check="wrong" class="grid gap-4" @submit="emit('save', checked.document!)">
    <div class="grid sm:grid-cols-2 gap-3">
      <div>
        <label class="block text-sm font-bold" for="item-name">Name</label>
        <UInput
          id="item-name"
          maxlength="120"
          :model-value="model('name')"
          :aria-invalid="faultOf('name') !== ''"
          @update:model-value="put('name', $event)"
        />
        <p v-if="faultOf('name')" class="fault" role="alert">Name: {{ faultOf('name') }}</p>
      </div>
      <div>
        <label class="block text-sm font-bold" for="item-place">Where it is kept</label>
        <UInput
          id="item-place"
          maxlength="120"
          :model-value="model('place')"
          @update:model-value="put('place', $event)"
        />
      </div>
      <template v-for="f in fields" :key="f.field">
        <QuantityField
          v-if="f.type === 'quantity'"
          :label="f.label"
          :kind="f.quantity"
          :unit="units.shown(f.units)"
          :hint="f.hint ?? ''"
          :fault="faultOf(f.field)"
          :model-value="model(f.field)"
          @update:model-value="put(f.field, $event)"
          @problem="problems[f.field] = $event"
        />
        <div v-else>
          <ChoiceField
            v-if="f.type === 'choice'"
            class="[&_label]:font-bold"
            :label="f.label"
            :items="f.choices.map(c => ({ value: c.id, label: c.name }))"
            :model-value="model(f.field) ?? f.choices[0]!.id"
            @update:model-value="put(f.field, $event)"
          />
          <label v-else class="block text-sm font-bold" :for="`item-${f.field}`">{{ f.label }}</label>
          <UInput
            v-if="f.type !== 'choice'"
            :id="`item-${f.field}`"
            :ui="{ base: 'figures' }"
            inputmode="numeric"
            :model-value="model(f.field)"
            :placeholder="f.field === 'count' ? '1' : '0'"
            :aria-invalid="faultOf(f.field) !== ''"
            @update:model-value="put(f.field, number($event))"
          />
          <p v-if="faultOf(f.field)" class="fault" role="alert">{{ f.label }}: {{ faultOf(f.field) }}</p>
        </div>
      </template>
    </div>
    <HeaterMeasurement
      v-if="kind === 'heater'"
      :rated-power="quantityOf('ratedPower')"
      @use="put('efficiency', $event)"
    />
    <div>
      <label class="block text-sm font-bold" for="item-note">Notes</label>
      <UTextarea
        id="item-note"
        :rows="2"
        maxlength="2000"
        :model-value="model('note')"
        @update:model-value="put('note', $event)"
      />
    </div>
    <p v-if="derived" class="figures" role="status">
      Holds <b>{{ units.format(derived.capacity, ['mL', 'floz'], 'volume') }}</b> ({{ derived.capacityFrom }}); wall
      <b>{{ units.format(derived.wallThickness, ['mm', 'mil'], 'length', 2) }}</b> ({{
        derived.thicknessFrom
      }})<template v-if="derived.perfectStrength !== undefined"
        >; a perfect one holds <b>{{ units.format(derived.perfectStrength, ['kPa', 'psi'], 'pressure') }}</b> of
        difference ({{ derived.shape === 'box' ? 'hinges in its largest side; seams add to it' : 'von Mises'
        }}<template v-if="derived.shortStrength !== undefined"
          >; {{ units.format(derived.shortStrength, ['kPa', 'psi'], 'pressure') }} by Windenburg and Trilling</template
        >)</template
      >.
    </p>
    <p v-for="f in unseenFaults" :key="f.input" class="fault" role="alert">
      {{ f.input }}: {{ units.told(f.message) }}
    </p>
    <p v-if="failure" class="fault" role="alert">
      {{ failure }}
    </p>
    <div class="flex gap-2 justify-end">
      <UButton @click="cancel">Cancel</UButton>
      <UButton variant="solid" type="submit" :disabled="saving">Save</UButton>
    </div>
  </CheckedForm>
</template>
