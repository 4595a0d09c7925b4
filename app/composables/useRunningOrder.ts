import { refusalOf, sendWrite } from '~/api/sending'
import { itsTurn } from '~/waking/turns'
import { listAct, orderActs, type ActListed, type OrderAct, type Simulated } from '~/components/order/order-acts'
import {
  attemptReading,
  fitsShow,
  resolveStaging,
  say,
  unfitThings,
  withRoom,
  findDemonstration,
  loadDemonstrations,
  type Act,
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

/** Its acts as a page lists them: none where some of them can't be staged. */
interface Listed {
  acts: ActListed[]
  broken: BrokenAct[]
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

/**
 * A running order with its stagings read and its plan; every change is planned before it counts, and kept at once.
 * @param needs a page that only lists the acts brings that along, and fetches no demonstration until something changes
 */
export function useRunningOrder(id: string, needs: 'lists' | 'simulations') {
  const room = useRoomStore()
  const shelf = useShelfStore()
  const stored = shallowRef<StoredOrder>()
  const simulated: Simulated = new Map()
  /** As the server found them for the page: simulating them again would take a slow device long. */
  const times = toRaw(useState<Record<string, ActTimes>>('act-times', () => ({})).value)
  const planned = shallowRef<Planned>({ clashes: [], mends: [] })
  /** What the page came with. */
  const brought = shallowRef<Listed>()
  /** true once the demonstrations of its acts have been fetched */
  const atHand = ref(false)
  const request = useFromServer()
  const app = useNuxtApp()
  const carried = app.payload.data as Record<string, unknown>
  const keyOf = { plan: `plan of ${id}`, acts: `acts of ${id}` }
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
      await Promise.all([room.loaded ? undefined : room.load(), shelf.ready()])
      const [order, stagings] = await Promise.all([
        request<StoredOrder>(`/api/running-orders/${id}`),
        request<StoredStaging[]>('/api/stagings'),
      ])
      const current = new Map(stagings.map(s => [s.id, s.document]))
      const document = {
        ...order.document,
        acts: order.document.acts.map(a => ({ ...a, staging: (a.from && current.get(a.from)) || a.staging })),
      }
      if (import.meta.client && app.isHydrating) brought.value = carried[keyOf.acts] as Listed | undefined
      if (!brought.value || atHand.value) await readActs(document)
      await bringPlan(document)
      stored.value = { ...order, document }
      if (import.meta.server && needs === 'lists')
        carried[keyOf.acts] = { acts: listed.value, broken: broken.value } satisfies Listed
      steps.begin()
      failure.value = ''
    } catch (error) {
      const refusal = refusalOf(error)
      failure.value = refusal.message
      if (refusal.status === 404) missing()
    }
  }
  async function readActs(d: RunningOrderDocument) {
    await fetchFor(d)
    // One after the other, each in a task of its own: together they would take a slow device long.
    for (const act of d.acts) {
      await itsTurn()
      if (findDemonstration(act.staging.demonstration))
        attemptReading(() => orderActs([act], room.document, simulated, times))
    }
  }
  /** A page that comes from the server brings its plan, unless that takes long. */
  async function bringPlan(d: RunningOrderDocument) {
    if (import.meta.server) {
      const late = new Promise<undefined>(resolve => setTimeout(resolve, PLAN_WAITS))
      carried[keyOf.plan] = await Promise.race([ask(d), late]).catch(() => undefined)
    } else if (!app.isHydrating) return
    if (!carried[keyOf.plan]) return
    planned.value = carried[keyOf.plan] as Planned
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
  /** With those of the order as it is: once they are at hand, it is read. */
  async function fetchFor(d: RunningOrderDocument) {
    await loadDemonstrations([...(document.value?.acts ?? []), ...d.acts].map(a => a.staging.demonstration))
    atHand.value = true
  }
  // What came was of the room and the Shelf as they were: it stands where their demonstrations can't be fetched.
  onMounted(() =>
    watch([() => room.document, () => shelf.items], () => {
      if (document.value) fetchFor(document.value).catch(() => {})
    }),
  )

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
  /** @returns undefined where some of them can't be staged */
  function actsToPlan(d: RunningOrderDocument): Act[] | undefined {
    const { broken: faulty, acts: of } = atHand.value
      ? { broken: brokenOf(d), acts: () => actsOf(d) }
      : { broken: brought.value!.broken, acts: () => brought.value!.acts }
    return faulty.length > 0 ? undefined : of().map(a => a.act)
  }
  async function ask(d: RunningOrderDocument): Promise<Planned> {
    const toPlan = actsToPlan(d)
    if (!toPlan) return { clashes: [], mends: [] }
    const body = { order: id, acts: toPlan, stage: stageOf(d) }
    return send<Planned>('/api/running-orders/plan', { method: 'POST', body })
  }

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
  const broken = computed(() => {
    if (!document.value) return []
    return atHand.value ? brokenOf(document.value) : (brought.value?.broken ?? [])
  })
  const acts = computed(() =>
    document.value && atHand.value && broken.value.length === 0 ? actsOf(document.value) : [],
  )
  const listed = computed(() => {
    const items = shelf.inUse.map(i => i.document)
    return atHand.value ? acts.value.map(act => listAct(act, items)) : (brought.value?.acts ?? [])
  })
  return { stored, document, acts, listed, broken, planned, planning, refused, failure, busy, load, change, steps }
}
