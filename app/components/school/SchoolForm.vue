<script setup lang="ts">
/** What a school adds to the sheets and to the cautions, as one document. */
import { useEventListener } from '@vueuse/core'
import type { Form } from '@nuxt/ui'
import { refusalOf, sendWrite } from '~/api/sending'
import { download } from '~/files/download'
import { logoFromFile } from '~/files/photo-from-file'
import { NO_SCHOOL, readRoom, schoolSchema } from '~~/core'
import type { HeaterDocument, SchoolDocument, StoredSchool, VesselDocument } from '~~/core'

const school = useSchoolStore()
const shelf = useShelfStore()
const room = useRoomStore()
const units = useUnitsStore()
const { listed } = await useCatalogue()
const [{ data: stored, error }] = await Promise.all([useFetch<StoredSchool>('/api/school/whole'), shelf.ready()])
/** Deep, and without what Vue adds: a document of its own. */
const copied = (document: SchoolDocument): SchoolDocument => JSON.parse(JSON.stringify(document)) as SchoolDocument
const version = ref(stored.value?.version ?? 0)
const saved = ref(JSON.stringify(stored.value?.document ?? NO_SCHOOL))
const draft = ref(copied(stored.value?.document ?? NO_SCHOOL))
const dirty = computed(() => JSON.stringify(draft.value) !== saved.value)

// What is typed stays on the device until it is saved.
const drafts = useDrafts<SchoolDocument>('school')
onMounted(() => {
  const kept = drafts.mine()
  if (kept) {
    draft.value = kept.document
    // What somebody saved since is refused, not overwritten.
    version.value = kept.baseVersion
  }
  watch(
    draft,
    document => {
      if (dirty.value) drafts.keep(version.value, document)
      else drafts.drop()
    },
    { deep: true },
  )
})

const form = ref<Form<typeof schoolSchema>>()
const failure = ref('')
const said = ref('')
const saving = ref(false)
async function save() {
  saving.value = true
  failure.value = said.value = ''
  try {
    const next = await sendWrite<StoredSchool>('PUT', '/api/school', {
      baseVersion: version.value,
      document: schoolSchema.parse(draft.value),
    })
    version.value = next.version
    saved.value = JSON.stringify(next.document)
    draft.value = copied(next.document)
    drafts.drop()
    said.value = 'Saved.'
    await school.load()
  } catch (problem) {
    const refusal = refusalOf(problem)
    if (refusal.status === 409) {
      const current = refusal.current as StoredSchool
      version.value = current.version
      saved.value = JSON.stringify(current.document)
      failure.value = 'It was changed in another window. Save again to put yours on top, or take up what is there.'
    } else {
      failure.value = refusal.faults.length ? '' : refusal.message
      form.value?.setErrors(refusal.faults.map(f => ({ name: f.input, message: units.told(f.message) })))
      if (refusal.faults.length)
        failure.value = refusal.faults.map(f => `${f.input}: ${units.told(f.message)}`).join('; ')
    }
  } finally {
    saving.value = false
  }
}
const undoAll = () => {
  draft.value = copied(JSON.parse(saved.value) as SchoolDocument)
  failure.value = ''
}
useEventListener('keydown', (event: KeyboardEvent) => {
  if ((event.ctrlKey || event.metaKey) && event.key === 's') {
    event.preventDefault()
    void form.value?.submit()
  }
})

async function takeLogo(file: File) {
  failure.value = ''
  try {
    draft.value.logo = await logoFromFile(file)
  } catch (problem) {
    failure.value = problem instanceof Error ? problem.message : String(problem)
  }
}
/** One rule a line; empty lines, which one types on the way, are none. */
const rulesOf = (text: string) => text.split('\n').flatMap(line => line.trim() || [])
const rules = ref(draft.value.rules.join('\n'))
watch(rules, text => {
  draft.value.rules = rulesOf(text)
})
watch(
  () => draft.value.rules.join('\n'),
  text => {
    if (rulesOf(rules.value).join('\n') !== text) rules.value = text
  },
)
const ALL = 'all'
const demonstrations = computed(() => [
  { value: ALL, label: 'every demonstration' },
  ...listed.value.map(d => ({ value: d.id, label: d.name })),
])
const aim = (i: number, id: string | undefined) => {
  const { text } = draft.value.cautions[i]!
  draft.value.cautions[i] = id === undefined || id === ALL ? { text } : { text, demonstration: id }
}
/** Things of the Shelf that a school has many of: sizes stay, what is said of the one piece goes. */
const shelved = computed(() =>
  shelf.inUse
    .filter(i => i.document.kind === 'vessel' || i.document.kind === 'heater')
    .map(i => ({ value: i.id, label: i.document.name })),
)
function addTypical(id: string | undefined) {
  const item = shelf.inUse.find(i => i.id === id)
  if (!item) return
  const document = { ...item.document, place: '', note: '' } as VesselDocument | HeaterDocument
  draft.value.typical.push(document.kind === 'vessel' ? { ...document, count: 1, condition: 'sound' } : document)
}
const usualRoom = computed(() => {
  if (!draft.value.room) return ''
  try {
    const { stationPressure, airTemperature } = readRoom(draft.value.room)
    return [
      units.format(stationPressure!, ['hPa', 'inHg'], 'pressure', 4),
      units.format(airTemperature!, ['degC', 'degF'], 'temperature'),
    ].join(', ')
  } catch {
    return 'it can’t be read'
  }
})
const remove = <T>(list: T[], i: number) => list.splice(i, 1)

/** What is wrong with a document, the first few of it. */
const faultsIn = (found: { issues: { path: PropertyKey[]; message: string }[] }) =>
  found.issues
    .slice(0, 5)
    .map(i => `${i.path.join('.') || 'the file'}: accepted: ${i.message}`)
    .join('; ')
function exportFile() {
  const parsed = schoolSchema.safeParse(draft.value)
  failure.value = parsed.success ? '' : faultsIn(parsed.error)
  if (parsed.success) download('school.json', JSON.stringify(parsed.data, null, 2), 'application/json')
}
async function importFile(file: File) {
  failure.value = said.value = ''
  try {
    const parsed = schoolSchema.safeParse(JSON.parse(await file.text()))
    if (parsed.success) {
      draft.value = copied(parsed.data)
      said.value = `Read from ${file.name}; look at it, then save.`
    } else failure.value = `${file.name}: ${faultsIn(parsed.error)}`
  } catch {
    failure.value = `${file.name} is not a school’s settings: it is not JSON.`
  }
}
</script>

<template>
  <section aria-labelledby="school" class="border-t rule py-4">
    <h2 id="school">On the sheets</h2>
    <p v-if="error" class="fault" role="alert">It can’t be read just now; open the page again.</p>
    <UForm v-else ref="form" :state="draft" :schema="schoolSchema" class="grid gap-5 mt-2" @submit="save">
      <div class="grid sm:grid-cols-2 gap-4 items-start">
        <UFormField name="name" label="Name of the school">
          <UInput v-model="draft.name" class="w-full" maxlength="120" autocomplete="organization" />
        </UFormField>
        <UFormField name="logo" label="Logo">
          <div class="flex items-center gap-3 min-h-12">
            <img v-if="draft.logo" :src="draft.logo" alt="Logo as it is printed" class="h-12 bg-white p-1" />
            <FileButton
              label="Take a picture as logo"
              accept="image/png,image/jpeg,image/webp"
              outline
              @file="takeLogo"
              >{{ draft.logo ? 'Another…' : 'Take a picture…' }}</FileButton
            >
            <UButton v-if="draft.logo" variant="link" @click="draft.logo = undefined">Remove</UButton>
          </div>
        </UFormField>
      </div>

      <fieldset class="grid gap-2">
        <legend class="font-bold">In an emergency, call</legend>
        <div v-for="(line, i) in draft.emergency" :key="i" class="flex flex-wrap gap-2 items-start">
          <UFormField :name="`emergency.${i}.who`" :label="`Who answers, ${i + 1}`" :ui="{ label: 'sr-only' }">
            <UInput v-model="line.who" class="w-64" maxlength="60" placeholder="first-aid room" />
          </UFormField>
          <UFormField :name="`emergency.${i}.number`" :label="`Number, ${i + 1}`" :ui="{ label: 'sr-only' }">
            <UInput v-model="line.number" class="w-44" maxlength="40" placeholder="number" inputmode="tel" />
          </UFormField>
          <UButton
            variant="ghost"
            icon="i-lucide-trash-2"
            :aria-label="`Remove number ${i + 1}`"
            @click="remove(draft.emergency, i)"
          />
        </div>
        <p><UButton icon="i-lucide-plus" @click="draft.emergency.push({ who: '', number: '' })">A number</UButton></p>
      </fieldset>

      <UFormField name="rules" label="Rules that hold here, one a line" :error-pattern="/^rules(\.\d+)?$/">
        <UTextarea v-model="rules" class="w-full max-w-3xl" :rows="4" autoresize />
      </UFormField>

      <fieldset class="grid gap-2">
        <legend class="font-bold">Cautions of our own</legend>
        <p class="soft text-sm">They stand beside those that are here; none of these can be left out.</p>
        <div v-for="(caution, i) in draft.cautions" :key="i" class="flex flex-wrap gap-2 items-start">
          <UFormField
            class="flex-1 min-w-64"
            :name="`cautions.${i}.text`"
            :label="`Caution ${i + 1}`"
            :ui="{ label: 'sr-only' }"
          >
            <UTextarea v-model="caution.text" class="w-full" :rows="1" autoresize maxlength="400" />
          </UFormField>
          <ChoiceField
            class="w-60"
            quiet
            :label="`Caution ${i + 1} is shown with`"
            :items="demonstrations"
            :model-value="caution.demonstration ?? ALL"
            @update:model-value="aim(i, $event)"
          />
          <UButton
            variant="ghost"
            icon="i-lucide-trash-2"
            :aria-label="`Remove caution ${i + 1}`"
            @click="remove(draft.cautions, i)"
          />
        </div>
        <p><UButton icon="i-lucide-plus" @click="draft.cautions.push({ text: '' })">A caution</UButton></p>
      </fieldset>

      <fieldset class="grid gap-2">
        <legend class="font-bold">Vessels and heaters as they usually are here</legend>
        <p class="soft text-sm">
          To take on the Bench without measuring; each is as uncertain as one that nobody measured.
        </p>
        <ul>
          <li v-for="(thing, i) in draft.typical" :key="i" class="flex gap-2 items-center">
            <span>{{ thing.name }}</span>
            <UButton
              variant="ghost"
              icon="i-lucide-trash-2"
              :aria-label="`Remove ${thing.name}`"
              @click="remove(draft.typical, i)"
            />
          </li>
        </ul>
        <ChoiceField
          v-if="shelved.length"
          :key="draft.typical.length"
          class="w-64"
          label="Like one on the Shelf"
          placeholder="choose…"
          :items="shelved"
          :model-value="undefined"
          @update:model-value="addTypical"
        />
      </fieldset>

      <div>
        <b>The room as it usually is:</b> {{ usualRoom || 'not said' }}
        <span class="flex flex-wrap gap-3 mt-1">
          <UButton @click="draft.room = JSON.parse(JSON.stringify(room.document))">As it is now</UButton>
          <UButton v-if="draft.room" variant="link" @click="draft.room = undefined">Remove</UButton>
        </span>
      </div>

      <p v-if="failure" class="fault" role="alert">{{ failure }}</p>
      <div class="flex flex-wrap gap-3 items-center">
        <UButton type="submit" variant="solid" :disabled="saving || !dirty">Save</UButton>
        <UButton v-if="dirty" @click="undoAll">Undo all</UButton>
        <UButton icon="i-lucide-download" @click="exportFile">As a file</UButton>
        <FileButton label="Read a school from a file" accept="application/json,.json" outline @file="importFile"
          >From a file…</FileButton
        >
        <span role="status">{{ said }} {{ dirty ? 'Not saved yet, kept on this device.' : '' }}</span>
      </div>
    </UForm>
  </section>
</template>
