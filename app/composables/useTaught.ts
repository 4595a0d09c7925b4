/**
 * What past runs of the same demonstration have taught, for the forecast of a staging; on unless it is switched off.
 */
import {
  DEFAULT_SEED,
  teachingKey,
  type FirstOdds,
  type Learnt,
  type StagingDocument,
  type StoredRun,
  type Taught,
} from '~~/core'
import { KEPT_IN_COOKIE } from '~/storage/kept-in-cookie'

/** No page waits longer for the server, ms: a fast device has worked it out itself by then. */
const PATIENCE = 3000
/** Worked out once on this device while the application is open, by `teachingKey`. */
const known = new Map<string, Taught>()

export function useTaught(document: () => StagingDocument | undefined) {
  const choice = useCookie<'yes' | 'no' | undefined>('hush-taught', KEPT_IN_COOKIE)
  // Where an earlier version kept it.
  onNuxtReady(() => {
    if (localStorage.getItem('hush-taught') === 'false') choice.value ??= 'no'
  })
  const on = computed({
    get: () => choice.value !== 'no',
    set: to => {
      choice.value = to ? 'yes' : 'no'
    },
  })
  const learnt = shallowRef<Taught>()
  /** false while it is being worked out: a forecast had better wait for it */ const ready = ref(false)
  /** the oldest first */ const runs = shallowRef<StoredRun[]>()
  /** what came with the page: it holds until the runs are here, and after them where it is of the same */
  const carried = shallowRef<Learnt>()
  watch(
    () => document()?.demonstration,
    async (demonstration, before) => {
      if (!demonstration) return
      // Those of another one say nothing of this: not even that there are none.
      if (before) runs.value = undefined
      const found = await $fetch<StoredRun[]>('/api/runs/teachers', { query: { demonstration } }).catch(() => [])
      // Another staging may have been turned to meanwhile.
      if (document()?.demonstration === demonstration) runs.value = [...found].reverse()
    },
    { immediate: true },
  )
  /** what is being worked out, by `teachingKey` */ let asked = ''
  /** Worked out by the server once for all devices; nothing where it is away or not there in time. */
  async function askServer(document: StagingDocument): Promise<Learnt | undefined> {
    const asking = { method: 'POST', body: { document }, signal: AbortSignal.timeout(PATIENCE) } as const
    return $fetch<Pick<FirstOdds, 'learnt'>>('/api/learnt', asking).then(
      told => told.learnt,
      () => undefined,
    )
  }
  async function ask(staging: StagingDocument, teachers: StoredRun[], key: string) {
    asked = key
    const document = { ...staging, title: '' }
    const told = await askServer(document)
    // Another staging may have been turned to meanwhile, or this one be known by now.
    if (asked !== key) return
    if (told?.key !== key) return worker.ask({ kind: 'learn', document, seed: DEFAULT_SEED, runs: teachers })
    known.set(key, told.taught)
    settle()
  }
  const worker = useForecastWorker(answer => {
    if (answer.kind === 'learn') {
      learnt.value = answer.taught
      known.set(asked, answer.taught)
    } else if (answer.kind !== 'failed') return
    asked = ''
    ready.value = true
  })
  const subject = computed(() => {
    const staging = document()
    if (!staging) return undefined
    if (!runs.value)
      return carried.value?.about === teachingKey(staging, []) ? { staging, key: carried.value.key } : undefined
    const teachers = runs.value.filter(r => r.demonstration === staging.demonstration)
    return { staging, teachers, key: teachingKey(staging, teachers) }
  })
  function settle() {
    if (!subject.value) {
      learnt.value = undefined
      ready.value = false
      return
    }
    const { staging, teachers, key } = subject.value
    learnt.value = known.get(key) ?? (carried.value?.key === key ? carried.value.taught : undefined)
    ready.value = learnt.value !== undefined || teachers?.length === 0
    if (ready.value) {
      asked = ''
      worker.idle('learn')
    } else if (teachers && asked !== key) void ask(staging, teachers, key)
  }
  watch(() => subject.value?.key, settle, { immediate: true })
  /** Takes what the server has worked out for a page that it drew. Nothing is watched there: it is looked at at once.
   */
  function take(told: Learnt) {
    carried.value = told
    if (!ready.value) settle()
  }
  return {
    on,
    ready,
    take,
    learnt,
    runs: computed(() => learnt.value?.runs ?? 0),
    unlike: computed(() => learnt.value?.unlike ?? 0),
    taught: computed(() => (on.value && (learnt.value?.runs ?? 0) > 0 ? learnt.value : undefined)),
  }
}
