<script setup lang="ts">
/** A sheet for pupils: predict, observe, explain, on one page; the answers, for the teacher, on the next. */
import { nice, ticks } from 'd3-array'
import { fromSi, keyOf, pupilsSheet, unitLabel, type SheetColumn } from '~~/core'
import { download } from '~/files/download'

const id = String(useRoute().query.staging ?? '')
const units = useUnitsStore()
const editor = useStagingEditor(id)
const { draft, read, failure, simulation } = editor
await editor.load()
useSubject(() => read.value?.demonstration.id)
const title = computed(() => draft.value?.title || read.value?.demonstration.name || '')
useHead({ title: () => `${title.value} · Sheet for pupils · Zealous Hush` })
useSeoMeta({ description: 'Predict, observe, explain: a sheet to print, with answers in this staging’s numbers.' })

const sheet = computed(() =>
  read.value && simulation.value
    ? pupilsSheet(read.value.demonstration, read.value.values, simulation.value)
    : undefined,
)
const RUNS = 5
const columns = computed(() => [...(sheet.value?.set ?? []), ...(sheet.value?.seen ?? [])])
const unitOf = (c: SheetColumn) => units.shown(c.units)
const heading = (c: SheetColumn) => {
  const label = unitLabel(unitOf(c))
  return label ? `${units.told(c.name)}, ${label}` : units.told(c.name)
}
const axes = computed(() => {
  const [across] = sheet.value?.set ?? []
  const [up] = sheet.value?.seen ?? []
  return across && up ? { across: axisOf(across, 8), up: axisOf(up, 5) } : undefined
})
/** Round numbers from end to end of an axis, in the unit shown. */
function axisOf(c: SheetColumn, count: number) {
  const [low, high] = c.axis.map(si => fromSi(si, unitOf(c), c.quantity)) as [number, number]
  return { name: heading(c), ticks: ticks(...nice(low, high, count), count).map(t => units.number(t, 3)) }
}
/** A file that any word processor opens and changes. */
function save() {
  const body = document.querySelector('.pupils')!.outerHTML
  const style =
    'body{font-family:sans-serif;max-width:48rem;margin:2rem auto}table{border-collapse:collapse;width:100%}' +
    '.write-line{display:inline-block;width:24rem;border-bottom:1px solid}' +
    'td,th{border:1px solid #888;padding:.3rem;height:1.6rem;text-align:left;font-weight:400}'
  download(
    `${title.value.replace(/[^\p{L}\p{N}]+/gu, '-')}-sheet.html`,
    `<!doctype html><html lang="${units.language}"><meta charset="utf-8"><style>${style}</style>` +
      `<body>${body}</body></html>`,
    'text/html',
  )
}
const print = () => window.print()
</script>

<template>
  <div class="max-w-[50rem] mx-auto px-4 sm:px-6 py-4 print:p-0">
    <p class="no-print flex flex-wrap gap-3 mb-4">
      <UButton variant="solid" @click="print">{{ $t('Print') }}</UButton>
      <UButton @click="save">{{ $t('Save as a file to change') }}</UButton>
      <NuxtLink class="plain-link self-center" :to="`/bench/${id}`">{{ $t('Back to the Bench') }}</NuxtLink>
    </p>
    <p v-if="failure" class="fault" role="alert">{{ failure }}</p>
    <div v-if="sheet" class="pupils">
      <h1 class="text-2xl">{{ title }}</h1>
      <p class="my-2">{{ $t('Name, class, date:') }} <span class="write-line" aria-hidden="true" /></p>
      <section aria-labelledby="predict">
        <h2 id="predict">{{ $t('1 Predict') }}</h2>
        <p>{{ units.told(sheet.question) }}</p>
        <p class="soft">{{ $t('What do you think will happen? Tick one, and say why.') }}</p>
        <ul class="my-1">
          <li v-for="end in sheet.ends" :key="keyOf(end)"><span aria-hidden="true">☐</span> {{ units.told(end) }}</li>
        </ul>
        <p>{{ $t('Because') }} <span class="write-line" aria-hidden="true" /></p>
        <p v-for="q in sheet.before" :key="keyOf(q)" class="mt-1">
          {{ units.told(q) }} <span class="write-line" aria-hidden="true" />
        </p>
      </section>
      <section aria-labelledby="observe" class="mt-3">
        <h2 id="observe">{{ $t('2 Observe') }}</h2>
        <div class="overflow-x-auto" tabindex="0" role="region" :aria-label="$t('2 Observe')">
          <table class="w-full text-sm sheet-table">
            <thead>
              <tr>
                <th scope="col">{{ $t('run') }}</th>
                <th v-for="c in columns" :key="keyOf(c.name)" scope="col">{{ heading(c) }}</th>
                <th scope="col">{{ $t('what happened') }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="n in RUNS" :key="n">
                <th scope="row">{{ n }}</th>
                <td v-for="c in columns" :key="keyOf(c.name)" />
                <td />
              </tr>
            </tbody>
          </table>
        </div>
        <SheetGrid v-if="axes" v-bind="axes" class="w-full max-h-64 mt-2" />
      </section>
      <section aria-labelledby="explain" class="mt-2">
        <h2 id="explain">{{ $t('3 Explain') }}</h2>
        <div class="grid sm:grid-cols-3 gap-4 text-sm sheet-sets">
          <div v-for="(set, i) in sheet.sets" :key="set.from">
            <h3 class="text-base">{{ $t('Set {letter}', { letter: 'ABC'[i]! }) }}</h3>
            <ol class="list-decimal pl-5">
              <li v-for="q in set.questions" :key="keyOf(q.ask)">{{ units.told(q.ask) }}</li>
            </ol>
          </div>
        </div>
      </section>
      <section aria-labelledby="answers" class="new-page mt-8 border-t rule pt-3">
        <h2 id="answers">{{ $t('For the teacher: answers') }}</h2>
        <p class="soft">
          {{ $t('In the numbers of the run that is planned. It ends so:') }} {{ units.told(sheet.ended) }}
        </p>
        <template v-for="(set, i) in sheet.sets" :key="set.from">
          <h3 class="text-base mt-2">
            {{ $t('Set {letter}, from {age} years', { letter: 'ABC'[i]!, age: set.from }) }}
          </h3>
          <ol class="list-decimal pl-5">
            <li v-for="q in set.questions" :key="keyOf(q.ask)">
              {{ units.told(q.ask) }} <br /><span class="soft">{{ units.told(q.answer) }}</span>
            </li>
          </ol>
        </template>
      </section>
    </div>
  </div>
</template>

<style>
.write-line {
  display: inline-block;
  width: min(24rem, 100%);
  border-bottom: 1px solid var(--ink);
}
.sheet-table th,
.sheet-table td {
  border: 1px solid var(--field-line);
  padding: 0.15rem 0.3rem;
  height: 1.5rem;
  text-align: left;
  font-weight: 400;
}
@media print {
  .pupils {
    font-size: 9.5pt;
    line-height: 1.3;
  }
  .pupils h2,
  .pupils h3 {
    font-size: 11pt;
  }
  .sheet-grid {
    max-height: 9.5rem;
  }
  .sheet-sets {
    font-size: 8.5pt;
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
  @page {
    margin: 12mm;
  }
}
</style>
