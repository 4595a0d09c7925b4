<script setup lang="ts">
/** A sheet for pupils: predict, observe, explain, on one page; the answers, for the teacher, on the next. */
import { pupilsSheet } from '~~/core'
import { toldSheet } from '~/components/class/told-sheet'
import { download } from '~/files/download'
import { useI18n } from 'petite-vue-i18n'

const { t } = useI18n()
const id = String(useRoute().query.staging ?? '')
const units = useUnitsStore()
const school = useSchoolStore()
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
  const head = document.querySelector('[data-testid=sheet-head] b')?.outerHTML ?? ''
  const body = head + document.querySelector('.pupils')!.outerHTML
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
  download(`${fileName.value}.docx`, await sheetDocx(sheet.value!, units.locale, words, school.document.name), type)
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
    <SheetHead />
    <PupilsSheet v-if="sheet" :sheet="sheet" />
  </div>
</template>
