<script setup lang="ts">
/** A sheet for pupils: predict, observe, explain, on one page; the answers, for the teacher, on the next. */
import { pupilsSheet } from '~~/core'
import { SHEET_RUNS, toldSheet } from '~/components/class/told-sheet'
import { download } from '~/files/download'
import { useI18n } from 'vue-i18n'

const { t } = useI18n()
const id = String(useRoute().query.staging ?? '')
const units = useUnitsStore()
const open = useOpenStaging(id)
const { draft, failure } = open.editor
await open.open()
const title = computed(() => draft.value?.title || open.demonstration.value?.name || '')
useHead({ title: () => `${title.value} · Sheet for pupils · Zealous Hush` })
useSeoMeta({ description: 'Predict, observe, explain: a sheet to print, with answers in this staging’s numbers.' })

/** answered with the numbers of the run that is likeliest */
const sheet = computed(() => {
  const { shownValues, simulation } = open.shown
  return open.demonstration.value && shownValues.value && simulation.value
    ? toldSheet(pupilsSheet(open.demonstration.value, shownValues.value, simulation.value), title.value, units.reader)
    : undefined
})
const fileName = computed(() => `${title.value.replace(/[^\p{L}\p{N}]+/gu, '-')}-sheet`)
/** A file that any browser and word processor opens. */
function saveHtml() {
  const body = document.querySelector('.pupils')!.outerHTML
  const style =
    'body{font-family:sans-serif;max-width:48rem;margin:2rem auto}table{border-collapse:collapse;width:100%}' +
    '.write-line{display:inline-block;width:24rem;border-bottom:1px solid}' +
    'td,th{border:1px solid #888;padding:.3rem;height:1.6rem;text-align:left;font-weight:400}'
  download(
    `${fileName.value}.html`,
    `<!doctype html><html lang="${units.language}"><meta charset="utf-8"><style>${style}</style>` +
      `<body>${body}</body></html>`,
    'text/html',
  )
}
/** The writer of documents is fetched when it is wanted. */
async function saveDocx() {
  const { sheetDocx } = await import('~/files/sheet-docx')
  const type = 'application/vnd.openxmlformats-officedocument.wordprocessingml.document'
  const words = (text: string, named = {}) => t(text, named)
  download(`${fileName.value}.docx`, await sheetDocx(sheet.value!, units.locale, words), type)
}
const print = () => window.print()
</script>

<template>
  <div class="max-w-[50rem] mx-auto px-4 sm:px-6 py-4 print:p-0">
    <p class="no-print flex flex-wrap gap-3 mb-4">
      <UButton variant="solid" @click="print">{{ $t('Print') }}</UButton>
      <UButton :disabled="!sheet" @click="saveDocx">{{ $t('Save as a document (DOCX)') }}</UButton>
      <UButton :disabled="!sheet" @click="saveHtml">{{ $t('Save as a page (HTML)') }}</UButton>
      <NuxtLink class="plain-link self-center" :to="`/bench/${id}`">{{ $t('Back to the Bench') }}</NuxtLink>
    </p>
    <p v-if="failure" class="fault" role="alert">{{ failure }}</p>
    <div v-if="sheet" class="pupils">
      <h1 class="text-2xl">{{ title }}</h1>
      <p class="my-2">{{ $t('Name, class, date:') }} <span class="write-line" aria-hidden="true" /></p>
      <section aria-labelledby="predict">
        <h2 id="predict">{{ $t('1 Predict') }}</h2>
        <p>{{ sheet.question.ask }}</p>
        <p class="soft">{{ $t('What do you think will happen? Tick one, and say why.') }}</p>
        <ul class="my-1">
          <li v-for="end in sheet.ends" :key="end"><span aria-hidden="true">☐</span> {{ end }}</li>
        </ul>
        <p>{{ $t('Because') }} <span class="write-line" aria-hidden="true" /></p>
        <p v-for="q in sheet.before" :key="q.ask" class="mt-1">
          {{ q.ask }} <span class="write-line" aria-hidden="true" />
        </p>
      </section>
      <section aria-labelledby="observe" class="mt-3">
        <h2 id="observe">{{ $t('2 Observe') }}</h2>
        <div class="overflow-x-auto" tabindex="0" role="region" :aria-label="$t('2 Observe')">
          <table class="w-full text-sm sheet-table">
            <thead>
              <tr>
                <th scope="col">{{ $t('run') }}</th>
                <th v-for="c in sheet.columns" :key="c" scope="col">{{ c }}</th>
                <th scope="col">{{ $t('what happened') }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="n in SHEET_RUNS" :key="n">
                <th scope="row">{{ n }}</th>
                <td v-for="c in sheet.columns" :key="c" />
                <td />
              </tr>
            </tbody>
          </table>
        </div>
        <SheetGrid v-if="sheet.axes" v-bind="sheet.axes" class="w-full max-h-64 mt-2" />
      </section>
      <section aria-labelledby="explain" class="mt-2">
        <h2 id="explain">{{ $t('3 Explain') }}</h2>
        <div class="grid sm:grid-cols-3 gap-4 text-sm sheet-sets">
          <div v-for="set in sheet.sets" :key="set.from">
            <h3 class="text-base">{{ $t('Set {letter}', { letter: set.letter }) }}</h3>
            <ol class="list-decimal pl-5">
              <li v-for="q in set.questions" :key="q.ask">{{ q.ask }}</li>
            </ol>
          </div>
        </div>
      </section>
      <section aria-labelledby="answers" class="new-page mt-8 border-t rule pt-3">
        <h2 id="answers">{{ $t('For the teacher: answers') }}</h2>
        <p class="soft">{{ $t('In the numbers of the likeliest run. It ends so:') }} {{ sheet.ended }}</p>
        <dl class="text-sm">
          <template v-for="q in [sheet.question, ...sheet.before]" :key="q.ask">
            <dt>{{ q.ask }}</dt>
            <dd class="soft pl-5">{{ q.answer }}</dd>
          </template>
        </dl>
        <template v-for="set in sheet.sets" :key="set.from">
          <h3 class="text-base mt-2">
            {{ $t('Set {letter}, from {age} years', { letter: set.letter, age: set.from }) }}
          </h3>
          <ol class="list-decimal pl-5">
            <li v-for="q in set.questions" :key="q.ask">
              {{ q.ask }} <br /><span class="soft">{{ q.answer }}</span>
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
