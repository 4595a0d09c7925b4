<script setup lang="ts">
/**
 * A shelf from a file: rows or JSON. What is good can be added though some of it is not; every bad cell is told by
 * line and column.
 */
import { newId } from '~/api/new-id'
import { refusalOf } from '~/api/sending'
import {
  ShelfFaults,
  checkShelfItem,
  itemWords,
  readShelfCsv,
  shelfItemSchema,
  type CsvFault,
  type ShelfItemDocument,
} from '~~/core'
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

function fromJson(text: string): { good: ShelfItemDocument[]; faults: CsvFault[] } {
  const json = JSON.parse(text) as { format?: string; items?: unknown }
  if (json.format !== 'zealous-hush/shelf' || !Array.isArray(json.items))
    return {
      good: [],
      faults: [
        {
          line: 1,
          column: 'format',
          message: `given ${JSON.stringify(json.format)}; accepted: "format": "zealous-hush/shelf", with its items`,
        },
      ],
    }
  const good: ShelfItemDocument[] = []
  const faults: CsvFault[] = []
  json.items.forEach((item, index) => {
    const parsed = shelfItemSchema.safeParse(item)
    if (!parsed.success) {
      for (const i of parsed.error.issues)
        faults.push({ line: index + 1, column: i.path.join('.'), message: i.message })
      return
    }
    try {
      checkShelfItem(parsed.data)
      good.push(parsed.data)
    } catch (error) {
      if (!(error instanceof ShelfFaults)) throw error
      for (const f of error.faults) faults.push({ line: index + 1, column: f.input, message: units.told(f.message) })
    }
  })
  return { good, faults }
}

async function choose(file: File) {
  problem.value = done.value = ''
  read.value = undefined
  try {
    const text = await file.text()
    const found = /\.json$/i.test(file.name)
      ? fromJson(text)
      : (({ items, faults }) => ({ good: items.map(i => i.document), faults }))(readShelfCsv(text))
    // What is here already is not added once more.
    const here = new Set(shelf.items.map(i => itemWords(i.document)))
    const good = found.good.filter(document => !here.has(itemWords(document)))
    // The same file added again after a lost answer is the same write.
    read.value = { file: file.name, ...found, good, known: found.good.length - good.length, writeId: newId() }
  } catch {
    problem.value = `${file.name} can't be read: it is not JSON.`
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
