<script setup lang="ts">
/** Everything in one file, out and in. */
import { refusalOf } from '~/api/sending'

useHead({ title: 'Backup · Zealous Hush' })
useSeoMeta({ description: 'Everything in one file, and back again.' })

interface Restored {
  table: string
  added: number
  changed: number
  same: number
}
/** What the rows of a table are to a person; those of others count with what they belong to. */
const NAMES: Record<string, string> = {
  shelf_item: 'things on the Shelf',
  shelf_photo: 'photos of things',
  staging: 'stagings',
  run: 'runs in the Logbook',
  run_photo: 'photos of runs',
  running_order: 'running orders',
  show: 'shows',
  mark: 'marks',
  vote: 'votes',
  person: 'names',
}
const restored = shallowRef<Restored[]>()
const failure = ref('')
const busy = ref(false)
const told = computed(() => restored.value?.filter(r => NAMES[r.table]) ?? [])

async function restore(file: File) {
  busy.value = true
  failure.value = ''
  restored.value = undefined
  try {
    const answer = await $fetch<{ restored: Restored[] }>('/api/restore', {
      method: 'POST',
      headers: { 'content-type': 'application/gzip' },
      body: file,
      retry: 0,
    })
    restored.value = answer.restored
  } catch (error) {
    failure.value = refusalOf(error).message
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <div class="max-w-3xl mx-auto px-4 sm:px-6 py-6">
    <h1 class="text-3xl">Backup</h1>
    <p class="soft mb-4">
      Shelf, stagings with all their versions, running orders, shows with marks, readings and votes, runs, photos, the
      room, the school’s own and the names, in one file. The passphrase is not in it.
    </p>
    <section aria-labelledby="out" class="border-t rule py-4">
      <h2 id="out">Out</h2>
      <p class="mb-3">Keep it somewhere else than on this machine, as you keep what names and photos are in.</p>
      <UButton to="/api/backup" external download icon="i-lucide-download">Download everything</UButton>
    </section>
    <section aria-labelledby="in" class="border-y rule py-4">
      <h2 id="in">In</h2>
      <p class="mb-3">
        Nothing that is here is removed and nothing comes twice. Where both have it, what was saved last stays; a
        staging that was changed here and there becomes two. A file that is cut short changes nothing.
      </p>
      <FileButton label="Take in a backup…" accept=".gz,.jsonl,application/gzip" outline @file="restore" />
      <div role="status" class="mt-3">
        <p v-if="busy">Taking it in…</p>
        <template v-else-if="restored">
          <p class="font-bold">Taken in.</p>
          <ul class="list-disc pl-5">
            <li v-for="r in told" :key="r.table">
              {{ NAMES[r.table] }}: {{ r.added }} new<template v-if="r.changed"
                >, {{ r.changed }} brought to a later state</template
              >, {{ r.same }} here already
            </li>
          </ul>
        </template>
      </div>
      <p v-if="failure" class="fault" role="alert">{{ failure }}</p>
    </section>
    <DemoData />
    <p class="border-t rule pt-4">
      What this device keeps, and the way out of it: <NuxtLink class="plain-link" to="/school">Our school</NuxtLink>.
    </p>
  </div>
</template>
