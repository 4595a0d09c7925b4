<script setup lang="ts">
/** What happened in a run: its end, photo, marks, what was really used, what the room expected. */
import {
  countWords,
  findInput,
  resolveStaging,
  type OutcomeSpec,
  type ReadStaging,
  type StagingDocument,
  type StoredRun,
  type Traced,
} from '~~/core'
import { refusalOf } from '~/api/sending'
import { photoFromFile } from '~/files/photo-from-file'

const props = defineProps<{
  read: ReadStaging
  planned: StagingDocument
  outcome: OutcomeSpec
  /** of what was used */ simulation: Traced
}>()
const run = defineModel<StoredRun>('run', { required: true })
const emit = defineEmits<{ failure: [message: string] }>()
const units = useUnitsStore()
const used = computed(() =>
  Object.keys(run.value.document.used).map(input => {
    const spec = findInput(props.read.demonstration, input)
    if (spec?.kind !== 'quantity')
      return { id: input, name: spec?.name ?? input, words: String(run.value.document.used[input]), plan: '' }
    const before = resolveStaging(props.planned).values.numbers[input]
    const words = units.format(props.read.values.numbers[input]!, spec.units, spec.quantity)
    const plan = before === undefined || spec.group === 'room' ? '' : units.format(before, spec.units, spec.quantity)
    return { id: input, name: spec.name, words, plan: plan === words ? '' : plan }
  }),
)
const MARK_NAMES = {
  'heat-on': 'heat on',
  'plume': 'plume',
  'lifted': 'off the heat',
  'sealed': 'sealed',
  'gone': 'gone',
  'nothing': 'nothing',
} as const
const marks = computed(() => {
  const { marks: list = [], speed = 1 } = run.value.document
  const zero = list[0] ? Date.parse(list[0].at) : 0
  return list.map(m => ({ name: MARK_NAMES[m.kind], at: countWords((Date.parse(m.at) - zero) * speed, true) }))
})
const votes = computed(() =>
  run.value.document.vote
    ? props.read.demonstration.outcomes.map(o => ({ ...o, count: run.value.document.vote![o.id] ?? 0 }))
    : [],
)
async function photo(file: File) {
  emit('failure', '')
  try {
    run.value = await $fetch<StoredRun>(`/api/runs/${run.value.id}/photo`, {
      method: 'PUT',
      body: { photo: await photoFromFile(file) },
    })
  } catch (problem) {
    emit('failure', problem instanceof Error && !('status' in problem) ? problem.message : refusalOf(problem).message)
  }
}
</script>

<template>
  <div class="grid gap-5 content-start">
    <section aria-labelledby="seen-title">
      <h2 id="seen-title">What happened</h2>
      <p class="display text-2xl my-2 flex gap-2 items-center">
        <OutcomeMark :subject="read.demonstration.subject" :look="outcome.look" class="!h-9" />
        <span>Seen: <span data-testid="outcome">{{ outcome.name }}</span></span>
      </p>
      <p>{{ outcome.sentence }}</p>
      <blockquote v-if="run.document.note" class="border-l-2 border-(--gap) pl-3 my-3">
        {{ run.document.note }}
      </blockquote>
      <figure v-if="run.photo" class="my-3">
        <img :src="`/api/runs/${run.id}/photo?at=${run.photo}`" alt="Photo of this run" class="max-h-64 rounded-md" />
      </figure>
      <VesselAfter class="my-3" :demonstration="read.demonstration" :values="read.values" :simulation="simulation" />
      <FileButton class="text-sm" :label="run.photo ? 'Another photo' : 'Add a photo'" accept="image/*" @file="photo" />
    </section>
    <section v-if="marks.length" aria-labelledby="marks-title">
      <h2 id="marks-title">Marks</h2>
      <ol class="figures flex flex-wrap gap-x-5" data-testid="run-marks">
        <li v-for="(m, i) in marks" :key="i"><b>{{ m.at }}</b> <span class="soft">{{ m.name }}</span></li>
      </ol>
    </section>
    <section v-if="used.length" aria-labelledby="used-title">
      <h2 id="used-title">Really used</h2>
      <dl class="grid grid-cols-[1fr_auto] gap-x-4 figures">
        <template v-for="u in used" :key="u.id">
          <dt class="soft">
            {{ u.name }}
          </dt>
          <dd>{{ u.words }} <span v-if="u.plan" class="soft">(planned {{ u.plan }})</span></dd>
        </template>
      </dl>
    </section>
    <section v-if="votes.length" aria-labelledby="vote-title" data-testid="run-vote">
      <h2 id="vote-title">What the room expected</h2>
      <ul class="figures">
        <li v-for="o in votes" :key="o.id">
          <b>{{ o.count }}</b> {{ o.name }}<span v-if="o.id === outcome.id" class="soft"> (it happened)</span>
        </li>
      </ul>
    </section>
  </div>
</template>
