<script setup lang="ts">
/** What a pupil writes on, on one page when it is printed; the answers, for the teacher, on the next. */
import { SHEET_RUNS, type ToldSheet } from './told-sheet'

defineProps<{ sheet: ToldSheet; /** stands on a page with a heading of its own */ within?: boolean }>()
const id = useId()
</script>

<template>
  <div class="pupils">
    <component :is="within ? 'h2' : 'h1'" class="text-2xl">{{ sheet.title }}</component>
    <p class="my-2">{{ $t('Name, class, date:') }} <span class="write-line" aria-hidden="true" /></p>
    <section :aria-labelledby="`${id}-predict`">
      <h2 :id="`${id}-predict`">{{ $t('1 Predict') }}</h2>
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
    <section :aria-labelledby="`${id}-observe`" class="mt-3">
      <h2 :id="`${id}-observe`">{{ $t('2 Observe') }}</h2>
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
    <section :aria-labelledby="`${id}-explain`" class="mt-2">
      <h2 :id="`${id}-explain`">{{ $t('3 Explain') }}</h2>
      <div class="grid sm:grid-cols-3 gap-4 text-sm sheet-sets">
        <div v-for="set in sheet.sets" :key="set.from">
          <h3 class="text-base">{{ $t('Set {letter}', { letter: set.letter }) }}</h3>
          <ol class="list-decimal pl-5">
            <li v-for="q in set.questions" :key="q.ask">{{ q.ask }}</li>
          </ol>
        </div>
      </div>
    </section>
    <section :aria-labelledby="`${id}-answers`" class="new-page mt-8 border-t rule pt-3">
      <h2 :id="`${id}-answers`">{{ $t('For the teacher: answers') }}</h2>
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
          <li v-for="q in set.questions" :key="q.ask">{{ q.ask }} <br /><span class="soft">{{ q.answer }}</span></li>
        </ol>
      </template>
    </section>
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
    max-height: 12rem;
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
