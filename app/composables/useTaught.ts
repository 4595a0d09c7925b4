/**
 * What past runs of the same demonstration have taught, for the forecast of a staging; on unless it is switched off.
 */
import { useLocalStorage } from '@vueuse/core'
import {
  attemptReading,
  DEFAULT_SEED,
  findDemonstration,
  observationOf,
  stagingOfRun,
  type Lesson,
  type StagingDocument,
  type Taught,
  type StoredRun,
} from '~~/core'
import type { PastRunDocument } from '~/workers/forecast-messages'

interface Learnt {
  taught: Taught
  lessons: Lesson[]
}

/** Inputs on which it hangs what a run can teach. */
const bound = (id: string): string[] => findDemonstration(id)?.inputs.flatMap(i => (i.tells ? [i.id] : [])) ?? []
/** Worked out once on this device while the application is open. */
const known = new Map<string, Learnt>()

/** A run as it teaches. */
export function pastRun(run: StoredRun): PastRunDocument {
  const read = stagingOfRun(run.staging, run.document)
  return {
    staging: { ...run.staging, inputs: { ...run.staging.inputs, ...run.document.used } },
    seen: observationOf(read, run.document),
  }
}

export function useTaught(document: () => StagingDocument | undefined) {
  const on = useLocalStorage('hush-taught', true, { initOnMounted: true })
  const learnt = shallowRef<Learnt>()
  /** false while it is being worked out: a forecast had better wait for it */ const ready = ref(false)
  const runs = shallowRef<StoredRun[]>()
  watch(
    () => document()?.demonstration,
    async demonstration => {
      if (!demonstration) return
      const found = await $fetch<StoredRun[]>('/api/runs/teachers', { query: { demonstration } }).catch(() => [])
      // Another staging may have been turned to meanwhile.
      // One that is no longer accepted teaches nothing; asked here once, and not at each touch of a lever.
      if (document()?.demonstration === demonstration)
        runs.value = found.filter(r => attemptReading(() => pastRun(r)).read)
    },
    { immediate: true },
  )
  let asked = ''
  const worker = useForecastWorker(answer => {
    if (answer.kind === 'learn') {
      learnt.value = { taught: answer.taught, lessons: answer.lessons }
      known.set(asked, learnt.value)
    } else if (answer.kind !== 'failed') return
    ready.value = true
  })
  const subject = computed(() => {
    const staging = document()
    if (!staging || !runs.value) return undefined
    const teachers = runs.value.filter(r => r.demonstration === staging.demonstration).reverse()
    return {
      staging,
      teachers,
      key: JSON.stringify([
        staging.demonstration,
        bound(staging.demonstration).map(id => staging.inputs[id]),
        teachers.map(r => r.id),
      ]),
    }
  })
  watch(
    () => subject.value?.key,
    key => {
      if (!subject.value || key === undefined) return
      learnt.value = known.get(key)
      ready.value = learnt.value !== undefined || subject.value.teachers.length === 0
      if (ready.value) return
      asked = key
      worker.ask({
        kind: 'learn',
        document: { ...subject.value.staging, title: '' },
        seed: DEFAULT_SEED,
        runs: subject.value.teachers.map(pastRun),
      })
    },
    { immediate: true },
  )
  return {
    on,
    ready,
    lessons: computed(() => learnt.value?.lessons ?? []),
    runs: computed(() => learnt.value?.taught.runs ?? 0),
    unlike: computed(() => learnt.value?.taught.unlike ?? 0),
    taught: computed(() => (on.value && (learnt.value?.taught.runs ?? 0) > 0 ? learnt.value!.taught : undefined)),
  }
}
