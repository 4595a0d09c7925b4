import { refusalOf, sendWrite } from '~/api/sending'
import { itsTurn } from '~/waking/turns'
import { orderActs, type OrderAct, type Simulated } from '~/components/order/order-acts'
import {
  attemptReading,
  fitsShow,
  resolveStaging,
  say,
  unfitThings,
  withRoom,
  findDemonstration,
  loadDemonstrations,
  type ActTimes,
  type Fault,
  type Mend,
  type Plan,
  type RunningOrderDocument,
  type Stagecraft,
  type StoredStaging,
  type StoredOrder,
} from '~~/core'

interface BrokenAct {
  id: string
  from?: string
  title: string
  faults: readonly Fault[]
}
interface Planned {
  plan?: Plan
  clashes: string[]
  mends: Mend[]
}

/** Longest that a page waits for its plan, ms. */
const PLAN_WAITS = 300

/** What the acts share. */
export const stageOf = (d: RunningOrderDocument): Stagecraft => ({
  heaters: d.powers?.length ?? d.heaters,
  hands: d.hands,
  before: d.before * 60,
  ...(d.powers && { powers: d.powers }),
  ...(d.length !== undefined && { length: d.length * 60 }),
})

/** A running order with its stagings read and its plan; every change is planned before it counts, and kept at once. */
export function useRunningOrder(id: string) {
  const room = useRoomStore()
  const shelf = useShelfStore()
  const stored = shallowRef<StoredOrder>()
  const simulated: Simulated = new Map()
  /** As the server found them for the page: simulating them again would take a slow device long. */
  const times = toRaw(useState<Record<string, ActTimes>>('act-times', () => ({})).value)
  const planned = shallowRef<Planned>({ clashes: [], mends: [] })
  const request = useFromServer()
  const app = useNuxtApp()
  const send = useRequestFetch()
  const missing = useMissing()
  const failure = ref('')
  const refused = ref<{ clashes: string[]; mends: Mend[] }>()
  const busy = ref(false)
  /** true until there has been a first answer */
  const planning = ref(true)
  const document = computed(() => stored.value?.document)
  let queue: Promise<unknown> = Promise.resolve()

  /** The stagings as they are now, where they still exist. */
  async function load() {
    try {
      await Promise.all([room.loaded ? undefined : room.load(), shelf.loaded ? undefined : shelf.load()])
      const [order, stagings] = await Promise.all([
        request<StoredOrder>(`/api/running-orders/${id}`),
        request<StoredStaging[]>('/api/stagings'),
      ])
      const current = new Map(stagings.map(s => [s.id, s.document]))
      const document = {
        ...order.document,
        acts: order.document.acts.map(a => ({ ...a, staging: (a.from && current.get(a.from)) || a.staging })),
      }
      await fetchFor(document)
      // One after the other, each in a task of its own: together they would take a slow device long.
      for (const act of document.acts) {
        await itsTurn()
        if (findDemonstration(act.staging.demonstration))
          attemptReading(() => orderActs([act], room.document, simulated, times))
      }
      await bringPlan(document)
      stored.value = { ...order, document }
      steps.begin()
      failure.value = ''
    } catch (error) {
      const refusal = refusalOf(error)
      failure.value = refusal.message
      if (refusal.status === 404) missing()
    }
  }
  /** A page that comes from the server brings its plan, unless that takes long. */
  async function bringPlan(d: RunningOrderDocument) {
    const carried = app.payload.data as Record<string, unknown>
    const key = `plan of ${id}`
    if (import.meta.server) {
      const late = new Promise<undefined>(resolve => setTimeout(resolve, PLAN_WAITS))
      carried[key] = await Promise.race([ask(d), late]).catch(() => undefined)
    } else if (!app.isHydrating) return
    if (!carried[key]) return
    planned.value = carried[key] as Planned
    planning.value = false
  }
  /** Else the page stands before its plan does. */
  onMounted(() => {
    queue = queue.then(async () => {
      if (!document.value || !planning.value) return
      busy.value = true
      try {
        planned.value = await ask(document.value)
      } catch (error) {
        failure.value = refusalOf(error).message
      } finally {
        busy.value = false
        planning.value = false
      }
    })
  })
  const fetchFor = (d: RunningOrderDocument) => loadDemonstrations(d.acts.map(a => a.staging.demonstration))

  /** Acts whose staging can't be read as it stands here: with them there is no plan. */
  const brokenOf = (d: RunningOrderDocument): BrokenAct[] =>
    d.acts.flatMap(({ id: actId, from, staging }) => {
      const demonstration = findDemonstration(staging.demonstration)
      const named = { id: actId, from, title: staging.title || (demonstration?.name ?? staging.demonstration) }
      const { faults } = attemptReading(() =>
        resolveStaging(demonstration ? withRoom(staging, room.document, demonstration) : staging),
      )
      if (faults) return [{ ...named, faults }]
      const unfit = demonstration ? unfitThings(staging, demonstration, shelf.items) : []
      return unfit.length === 0
        ? []
        : [{ ...named, faults: unfit.map(name => ({ input: '', message: say`“${name}” is not to be used any more` })) }]
    })
  const actsOf = (d: RunningOrderDocument): OrderAct[] => orderActs(d.acts, room.document, simulated, times)
  const ask = async (d: RunningOrderDocument): Promise<Planned> =>
    brokenOf(d).length > 0
      ? { clashes: [], mends: [] }
      : send<Planned>('/api/running-orders/plan', {
          method: 'POST',
          body: { order: id, acts: actsOf(d).map(a => a.act), stage: stageOf(d) },
        })

  /** A step that was taken once is planned and kept like any other change. */
  const steps = useUndo(document, step =>
    change(d => {
      for (const key of Object.keys(d) as (keyof RunningOrderDocument)[]) delete d[key]
      Object.assign(d, structuredClone(toRaw(step)))
    }),
  )

  async function save(d: RunningOrderDocument) {
    const saved = await sendWrite<StoredOrder>('PUT', `/api/running-orders/${id}`, {
      baseVersion: stored.value!.version,
      document: d,
    })
    stored.value = { ...saved, document: d }
  }
  /**
   * Changes the order. With `strict` a change after which a target is missed is refused and nothing is changed: a bar
   * that is dragged never makes an order that can't be performed.
   */
  function change(edit: (d: RunningOrderDocument) => void, strict = false): Promise<boolean> {
    // One after the other: the next one starts from what the last one left.
    const done = queue.then(() => changeNow(edit, strict))
    queue = done
    return done
  }
  async function changeNow(edit: (d: RunningOrderDocument) => void, strict: boolean): Promise<boolean> {
    const next = structuredClone(toRaw(document.value!))
    edit(next)
    busy.value = true
    refused.value = undefined
    try {
      await fetchFor(next)
      const answer = await ask(next)
      if (strict && !fitsShow(answer.plan)) {
        refused.value = { clashes: answer.clashes, mends: answer.mends }
        return false
      }
      await save(next)
      void steps.keepSoon()
      planned.value = answer
      failure.value = ''
      return true
    } catch (error) {
      const { status, message } = refusalOf(error)
      failure.value = status === 409 ? `${message} It is loaded afresh; do your change again.` : message
      if (status === 409) {
        await load()
        if (document.value) planned.value = await ask(document.value)
      }
      return false
    } finally {
      busy.value = false
    }
  }
  const broken = computed(() => (document.value ? brokenOf(document.value) : []))
  const acts = computed(() => (document.value && broken.value.length === 0 ? actsOf(document.value) : []))
  return { stored, document, acts, broken, planned, planning, refused, failure, busy, load, change, steps }
}
