import { useTimeoutFn } from '@vueuse/core'
import { DEFAULT_SEED, forecastKey, vesselsNeeded, type Forecast, type StagingDocument } from '~~/core'
import type { ActListed } from '~/components/order/order-acts'

/** Draws that say about how many to bring. */
const FEW = 200
/** ms in which whoever opened a page, or changed something, has the device for that; all draws come after it */
const LATER = 6000

interface Found {
  forecast: Forecast
  /** by as many draws and with as much learnt as on the Bench: cautions are the same there */ whole: boolean
}
interface Spares extends Found {
  /** undefined where it is unlikely as planned */ bring: number | undefined
  noun: readonly [string, string]
}
interface Task {
  /** of the staging */ key: string
  staging: StagingDocument
  whole: boolean
}

/**
 * The odds of each act, and how many of its vessels to bring so that 99 in 100 see at least one; worked out beside the
 * page, one act at a time, and only ever told of the acts as they are now.
 * @param atOnce told by few draws first, and by all of them after a while; else only by all of them
 */
export function useSpares(acts: () => readonly ActListed[], { atOnce }: { atOnce: boolean }) {
  /** by the key of a staging */
  const found = shallowRef<Readonly<Record<string, Found>>>({})
  const failures = shallowRef<Readonly<Record<string, string>>>({})
  const keyed = computed(() => acts().map(listed => ({ ...listed, key: forecastKey(listed.staging) })))
  let waiting: Task[] = []
  const asked = shallowRef<Task>()
  const past = useTaught(() => (asked.value?.whole ? asked.value.staging : undefined))

  const worker = useForecastWorker(answer => {
    const task = asked.value
    if (!task) return
    if (answer.kind === 'failed') failures.value = { ...failures.value, [task.key]: answer.message }
    else if (answer.kind !== 'forecast' || !answer.complete) return
    else found.value = { ...found.value, [task.key]: { forecast: answer.forecast, whole: task.whole } }
    next()
  })
  function next() {
    asked.value = waiting.shift()
    if (asked.value && !asked.value.whole) forecast(asked.value)
  }
  function forecast({ staging, whole }: Task) {
    const draws = whole ? { taught: past.taught.value } : { samples: FEW }
    worker.ask({ kind: 'forecast', document: { ...staging, title: '' }, seed: DEFAULT_SEED, ...draws })
  }
  // By all draws once it is known what past runs have taught; of which staging that is, is settled before.
  watch(
    [asked, past.ready, past.taught],
    () => {
      if (asked.value?.whole && past.ready.value) forecast(asked.value)
    },
    { flush: 'post' },
  )
  /** Of each staging that has none yet. */
  function tasks(whole: boolean): Task[] {
    const isLacking = (key: string) =>
      !failures.value[key] &&
      !(whole ? found.value[key]?.whole : found.value[key]) &&
      !(asked.value?.key === key && asked.value.whole === whole)
    const lacking = keyed.value.filter(({ key }) => isLacking(key))
    return [...new Map(lacking.map(({ key, staging }) => [key, { key, staging, whole }])).values()]
  }
  function work(...list: Task[]) {
    waiting = list
    if (!asked.value) next()
  }
  const refining = useTimeoutFn(() => work(...waiting, ...tasks(true)), LATER, { immediate: false })
  function begin() {
    work(...tasks(!atOnce))
    if (atOnce) refining.start()
  }
  onMounted(begin)
  watch(keyed, begin)

  const spares = computed(() => {
    const told: Record<string, Spares> = {}
    for (const { act, key, wanted, noun } of keyed.value) {
      const of = found.value[key]
      if (of) told[act.id] = { ...of, noun, bring: vesselsNeeded(of.forecast.shares[wanted] ?? 0) }
    }
    return told
  })
  /** why it can't be worked out, by act */
  const failed = computed(() =>
    Object.fromEntries(
      keyed.value.flatMap(({ act, key }) => (failures.value[key] ? [[act.id, failures.value[key]]] : [])),
    ),
  )
  /** nothing more is to come */
  const settled = computed(() => keyed.value.every(({ key }) => found.value[key]?.whole || failures.value[key]))
  return { spares, failed, settled }
}
