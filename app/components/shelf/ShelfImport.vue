<script setup lang="ts">
/**
 * A shelf from a file: rows or JSON. What is good can be added though some of it is not; every bad cell is told by
 * line and column.
 */
import { newId } from '~/api/new-id'
import { refusalOf } from '~/api/sending'
import type { CsvFault, ShelfItemDocument } from '~~/core'
const units = useUnitsStore()
const shelf = useShelfStore()
const read = shallowRef<{
  file: string
  good: ShelfItemDocument[]
  known: number
  faults: CsvFault[]
  writeId: string
}>()
const problem = ref('')
const done = ref('')
const sending = ref(false)

async function choose(file: File) {
  problem.value = done.value = ''
  read.value = undefined
  try {
    const { shelfFromFile } = await import('~/things/shelf-file')
    const documents = shelf.items.map(i => i.document)
    // The same file added again after a lost answer is the same write.
    read.value = { file: file.name, ...(await shelfFromFile(file, documents, units.told)), writeId: newId() }
  } catch (error) {
    problem.value =
      error instanceof SyntaxError
        ? `${file.name} can't be read: it is not JSON.`
        : `${file.name} can't be read just now: what reads it could not be fetched.`
  }
}
async function add() {
  sending.value = true
  problem.value = ''
  try {
    await shelf.addAll(read.value!.good, read.value!.writeId)
    done.value = `${read.value!.good.length} added from ${read.value!.file}.`
    read.value = undefined
  } catch (error) {
    problem.value = refusalOf(error).message
  } finally {
    sending.value = false
  }
}
const where = (f: CsvFault) =>
  `${read.value!.file.toLowerCase().endsWith('.json') ? 'item' : 'line'} ${f.line}${f.column ? `, ${f.column}` : ''}`
</script>

<template>
  <div>
    <FileButton
      label="Import… a shelf, CSV or JSON"
      accept=".csv,.json,text/csv,application/json"
      outline
      testid="shelf-import"
      @file="choose"
      >Import…<span class="sr-only"> a shelf, CSV or JSON</span></FileButton
    >
    <p v-if="done" role="status" class="mt-2">
      {{ done }}
    </p>
    <p v-if="problem" class="fault mt-2" role="alert">
      {{ problem }}
    </p>
    <div v-if="read" class="border rule rounded-md p-3 mt-2 text-left" data-testid="import-result">
      <p class="font-bold">
        {{ read.file }}: {{ read.good.length }} good, {{ read.faults.length }}
        {{ read.faults.length === 1 ? 'fault' : 'faults'
        }}<template v-if="read.known">; {{ read.known }} here already</template>.
      </p>
      <ul v-if="read.faults.length" class="fault max-h-48 overflow-auto" role="alert">
        <li v-for="(f, i) in read.faults.slice(0, 200)" :key="i">{{ where(f) }}: {{ f.message }}</li>
      </ul>
      <p class="flex gap-2 mt-2">
        <UButton variant="solid" v-if="read.good.length" :disabled="sending" @click="add">
          Add the {{ read.good.length }} good {{ read.good.length === 1 ? 'one' : 'ones' }}
        </UButton>
        <UButton @click="read = undefined">Leave it</UButton>
      </p>
    </div>
  </div>
</template>
