<script setup lang="ts" generic="Id extends string">
/** Amounts that are measured together, each in any unit; what is typed into one stays with its fault beside it. */
import type { QuantityDocument, QuantityKind } from '~~/core'

interface Field {
  id: Id
  label: string
  kind: QuantityKind
  /** to read it in where none is typed, metric and US */
  units: readonly [string, string]
  hint?: string
}
defineProps<{
  fields: readonly Field[]
  values: Readonly<Partial<Record<Id, QuantityDocument>>>
  /** what is known to be wrong with one, besides what stands there */
  faultOf?: (id: Id) => string | undefined
  required?: boolean
}>()
const emit = defineEmits<{ change: [id: Id, value: QuantityDocument | undefined]; problem: [id: Id, fault: string] }>()
const units = useUnitsStore()
</script>

<template>
  <QuantityField
    v-for="f in fields"
    :key="f.id"
    :model-value="values[f.id]"
    :label="f.label"
    :kind="f.kind"
    :unit="units.shown(f.units)"
    :hint="f.hint"
    :fault="faultOf?.(f.id)"
    :required="required"
    @update:model-value="emit('change', f.id, $event)"
    @problem="emit('problem', f.id, $event)"
  />
</template>
