<script setup lang="ts">
import { formErrors } from '~/components/form-errors'
import { newId } from '~/api/new-id'
import { refusalOf, sendWrite } from '~/api/sending'
import {
  findDemonstration,
  expectedHush,
  findInput,
  hushOf,
  popOf,
  keptOnsets,
  keptReadings,
  attemptReading,
  resolveStaging,
  withRoom,
  type Fault,
  type QuantityDocument,
  type QuantityInput,
  type Reading,
  type RunDocument,
  type StagingDocument,
  type StoredStaging,
} from '~~/core'

useHead({ title: 'Log a run · Zealous Hush' })
useSeoMeta({ description: 'Log a run: what was used, what the room saw.' })
const route = useRoute()
const stagingId = String(route.query.staging ?? '')
const units = useUnitsStore()
const fetchDemonstrations = useDemonstrations()
const room = useRoomStore()
const { data: staging, error } = await useFetch<StoredStaging>(`/api/stagings/${stagingId}`)
await Promise.all([
  room.loaded ? undefined : room.load(),
  fetchDemonstrations(staging.value ? [staging.value.document.demonstration] : []),
])

interface RunDraft {
  id: string
  at: string
  outcome: string
  used: Record<string, QuantityDocument | undefined>
  seen: Record<string, QuantityDocument | undefined>
  note: string
}
const drafts = useDrafts<RunDraft>(`run-${stagingId}`)
const local = (d: Date) => new Date(d.getTime() - d.getTimezoneOffset() * 60000).toISOString().slice(0, 16)
const draft = ref<RunDraft>({ id: '', at: '', outcome: '', used: {}, seen: {}, note: '' })
// Its moment and whatever was typed before are this device's.
onMounted(() => {
  draft.value = drafts.mine()?.document ?? { ...draft.value, id: newId(), at: local(new Date()) }
  watch(draft, d => drafts.keep(staging.value?.version ?? 0, d), { deep: true })
})

const demonstration = computed(() => staging.value && findDemonstration(staging.value.document.demonstration))
const attempted = computed(
  () =>
    staging.value &&
    demonstration.value &&
    attemptReading(() => resolveStaging(withRoom(staging.value!.document, room.document, demonstration.value!))),
)
const planned = computed(() => attempted.value?.read)
const usedInputs = computed(() =>
  demonstration
    .value!.logged.used.map(id => findInput(demonstration.value!, id))
    .filter((i): i is QuantityInput => i?.kind === 'quantity'),
)
const usedFields = computed(() =>
  usedInputs.value.map(({ id, name, quantity, units: shown }) => ({
    ...{ id, label: name, kind: quantity, units: shown },
    hint: `planned ${units.format(planned.value!.values.numbers[id]!, shown, quantity)}`,
  })),
)
const seenResults = computed(() =>
  demonstration.value!.logged.seen.map(id => demonstration.value!.results.find(r => r.id === id)!).filter(Boolean),
)

const problems = reactive<Record<string, string>>({})
const faults = ref<Fault[]>([])
const failure = ref('')
const saving = ref(false)
const faultOf = (id: string) => {
  const found = faults.value.find(f => f.input.split('.').pop() === id)
  return found && units.told(found.message)
}

const given = <T>(record: Record<string, T | undefined>) =>
  Object.fromEntries(Object.entries(record).filter(([, v]) => v !== undefined)) as Record<string, T>

const imported = shallowRef<{ readings: Reading[]; from: string }>()
/** Times of an imported file count from its own zero; the seal is where the user says. */
const sealAt = ref('0')
function readingsOfRun(): Partial<RunDocument> {
  if (!imported.value) return {}
  const readings = imported.value.readings.map(r => ({ ...r, time: r.time - Number(sealAt.value.replace(',', '.')) }))
  return { readings: keptReadings(readings, 0), readingsFrom: imported.value.from.slice(0, 60) }
}

/** What lies between the seal and the bang, where that is how this demonstration ends. */
const heardResult = computed(() => demonstration.value && hushOf(demonstration.value))
const popResult = computed(() => demonstration.value && popOf(demonstration.value))
const stated = computed(() => planned.value && planned.value.demonstration.simulate(planned.value.values, 'summary'))
const hearing = useHearing(
  () => expectedHush(heardResult.value && stated.value?.results[heardResult.value.id]),
  () => expectedHush(popResult.value && stated.value?.results[popResult.value.id]),
)
watch([hearing.hush, hearing.pop, hearing.settled], () => {
  if (heardResult.value && hearing.hush.value && hearing.settled.value)
    draft.value.seen[heardResult.value.id] = hearing.hush.value
  if (popResult.value && hearing.pop.value && hearing.settled.value)
    draft.value.seen[popResult.value.id] = hearing.pop.value
})
const heardInRun = (): Partial<RunDocument> =>
  hearing.sound.value && hearing.ends.value && hearing.settled.value
    ? { heard: keptOnsets(hearing.sound.value.from, hearing.onsets.value, hearing.ends.value.seal) }
    : {}

const momentOf = (typed: string) => new Date(typed)
function wrong() {
  failure.value = ''
  const { outcome, at } = draft.value
  faults.value = [
    ...(outcome ? [] : [{ input: 'outcome', message: 'choose what the room saw' }]),
    ...(Number.isNaN(momentOf(at).getTime())
      ? [{ input: 'performedAt', message: `given "${at}"; accepted: a date and a time` }]
      : []),
    ...(imported.value && !Number.isFinite(Number(sealAt.value.replace(',', '.')))
      ? [{ input: 'sealAt', message: `given "${sealAt.value}"; accepted: s on the logger's clock` }]
      : []),
  ]
  return formErrors(problems, faults.value, units.told)
}
async function save() {
  saving.value = true
  // The room as it is now belongs to the run, since it may be changed later.
  const own = staging.value!.document
  const conditions = Object.entries(
    withRoom({ ...own } as StagingDocument, room.document, demonstration.value!).inputs,
  ).filter(([id]) => !(id in own.inputs))
  const document: RunDocument = {
    format: 'zealous-hush/run',
    version: 1,
    performedAt: momentOf(draft.value.at).toISOString(),
    outcome: draft.value.outcome,
    used: { ...Object.fromEntries(conditions), ...given(draft.value.used) },
    seen: given(draft.value.seen),
    note: draft.value.note,
    rehearsal: false,
    model: useRuntimeConfig().public.model,
    ...readingsOfRun(),
    ...heardInRun(),
  }
  try {
    await sendWrite(
      'POST',
      '/api/runs',
      {
        id: draft.value.id,
        stagingId,
        stagingVersion: staging.value!.version,
        document: JSON.parse(JSON.stringify(document)),
      },
      draft.value.id,
    )
    drafts.drop()
    await navigateTo(`/logbook/${draft.value.id}`)
  } catch (problem) {
    const refusal = refusalOf(problem)
    faults.value = refusal.faults
    failure.value = refusal.faults.some(f =>
      [...usedInputs.value.map(i => i.id), ...seenResults.value.map(r => r.id), 'outcome', 'performedAt'].includes(
        f.input.split('.').pop()!,
      ),
    )
      ? ''
      : refusal.message
  } finally {
    saving.value = false
  }
}
</script>

<template>
  <div class="max-w-3xl mx-auto px-4 sm:px-6 py-6">
    <h1 class="text-3xl">Log a run</h1>
    <p v-if="error || !staging" class="fault mt-3" role="alert">
      There is no such staging, or it can't be read just now.
      <NuxtLink to="/bench" class="plain-link"> To the Bench </NuxtLink>
    </p>
    <p v-else-if="attempted?.faults" class="fault mt-3" role="alert">
      This staging is no longer accepted as it stands:
      {{ attempted.faults.map(f => units.told(f.message)).join('; ') }}
      <NuxtLink :to="`/bench/${staging.id}`" class="plain-link">To the Bench</NuxtLink>
    </p>
    <CheckedForm
      v-else-if="demonstration && planned"
      :state="draft"
      :check="wrong"
      class="grid gap-6 mt-2"
      @submit="save"
    >
      <p class="soft">
        <b class="text-(--ink)">{{ staging.document.title }}</b>, version {{ staging.version }}. This run keeps that
        version, whatever changes later.
      </p>
      <div>
        <URadioGroup
          v-model="draft.outcome"
          legend="What did the room see?"
          :items="
            demonstration.outcomes.map(o => ({
              value: o.id,
              label: o.name,
              description: units.told(o.sentence),
              look: o.look,
            }))
          "
          :ui="{
            legend: 'display text-xl',
            item: 'items-center py-1.5 border-t rule',
            label: 'font-bold capitalize-first',
          }"
        >
          <template #label="{ item }">
            <span class="flex gap-3 items-center"
              ><OutcomeMark :subject="demonstration.subject" :look="item.look" class="!h-7" /> {{ item.label }}</span
            >
          </template>
        </URadioGroup>
        <p v-if="faultOf('outcome')" class="fault" role="alert">Outcome: {{ faultOf('outcome') }}</p>
      </div>
      <fieldset>
        <legend class="display text-xl mb-1">
          What was measured? <span class="soft text-base font-normal">Leave empty what was not.</span>
        </legend>
        <div class="grid sm:grid-cols-3 gap-3">
          <MeasuredFields
            :fields="seenResults.map(r => ({ id: r.id, label: r.name, kind: r.quantity, units: r.units }))"
            :values="draft.seen"
            :fault-of="faultOf"
            @change="(id, value) => (draft.seen[id] = value)"
            @problem="(id, fault) => (problems[id] = fault)"
          />
        </div>
      </fieldset>
      <fieldset>
        <legend class="display text-xl mb-1">
          Filmed? <span class="soft text-base font-normal">Its moments, to half a frame.</span>
        </legend>
        <ClipTake :read="planned" @use="(what, id, value) => (draft[what][id] = value)" />
      </fieldset>
      <PhotoRuler
        :read="planned"
        :results="seenResults"
        :inputs="usedInputs"
        @use="(what, id, value) => (draft[what][id] = value)"
      />
      <WeighedAfterwards :read="planned" @use="(id, value) => (draft.seen[id] = value)" />
      <fieldset v-if="heardResult">
        <legend class="display text-xl mb-1">
          Heard? <span class="soft text-base font-normal">The hush, to a few milliseconds.</span>
        </legend>
        <SoundTake :hearing="hearing" />
      </fieldset>
      <fieldset>
        <legend class="display text-xl mb-1">
          What was different from the plan? <span class="soft text-base font-normal">Empty means as planned.</span>
        </legend>
        <div class="grid sm:grid-cols-3 gap-3">
          <MeasuredFields
            :fields="usedFields"
            :values="draft.used"
            :fault-of="faultOf"
            @change="(id, value) => (draft.used[id] = value)"
            @problem="(id, fault) => (problems[id] = fault)"
          />
        </div>
      </fieldset>
      <fieldset>
        <legend class="display text-xl mb-1">
          Readings of a data logger? <span class="soft text-base font-normal">A CSV file of any logger.</span>
        </legend>
        <ReadingsImport @read="(readings, from) => (imported = { readings, from })" />
        <div v-if="imported" class="mt-2">
          <label class="text-sm font-bold" for="seal-at">Sealed at, s on the logger’s clock</label>
          <UInput id="seal-at" v-model="sealAt" class="w-32" inputmode="decimal" />
          <p v-if="faultOf('sealAt')" class="fault" role="alert">Sealed at: {{ faultOf('sealAt') }}</p>
        </div>
      </fieldset>
      <div class="grid sm:grid-cols-[1fr_2fr] gap-3">
        <div>
          <span class="block text-sm font-bold">When</span>
          <MomentField :value="draft.at" label="When" @commit="text => (draft.at = text)" />
          <p v-if="faultOf('performedAt')" class="fault" role="alert">When: {{ faultOf('performedAt') }}</p>
        </div>
        <div>
          <label class="block text-sm font-bold" for="run-note">Note</label>
          <UTextarea
            id="run-note"
            v-model="draft.note"
            :rows="3"
            maxlength="4000"
            placeholder="What would you tell whoever does it next?"
          />
        </div>
      </div>
      <p v-if="failure" class="fault" role="alert">
        {{ failure }}
      </p>
      <div class="flex gap-2 justify-end">
        <UButton :to="`/bench/${stagingId}`"> Back to the Bench </UButton>
        <UButton variant="solid" type="submit" :disabled="saving">Log it</UButton>
      </div>
    </CheckedForm>
  </div>
</template>
