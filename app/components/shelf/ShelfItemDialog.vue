<script setup lang="ts">
/** Adds or changes a thing on the Shelf; what is typed stays until it is saved. */
import { newId } from '~/api/new-id'
import { refusalOf } from '~/api/sending'
import type { Fault, ItemKind, ShelfItemDocument, StoredItem } from '~~/core'

const shelf = useShelfStore()
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
    id: item?.id ?? newId(),
    document: item?.document ?? blank(kind),
    subject: item?.id ?? `new-${kind}`,
  }
}
function duplicate(item: StoredItem) {
  edit(item)
  editing.value = {
    id: newId(),
    subject: `copy-of-${item.id}`,
    document: { ...structuredClone(toRaw(item.document)), name: `${item.document.name} (copy)`.slice(0, 120) },
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
defineExpose({ edit, duplicate })
</script>

<template>
  <UModal
    v-model:open="open"
    :title="editing?.item ? `Change ${editing.item.document.name}` : 'New on the Shelf'"
    description="What can be weighed or read; any unit."
    :ui="{ content: 'max-w-2xl' }"
  >
    <template #body>
      <LazyShelfItemForm
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
</template>
