import {
  changedThings,
  inputsFromItem,
  inputsFromTypical,
  thingsFrom,
  riskOf,
  riskOfForecast,
  fromSi,
  showingPosition,
  stricter,
  type FirstOdds,
  type QuantityInput,
  type StoredItem,
  type ThingChange,
  type TypicalThing,
} from '~~/core'
import { itsTurn } from '~/waking/turns'

/** The staging on the Bench: its draft, its odds, what is drawn and said of it, and what changes it. */
export function useOpenStaging(id: string) {
  const editor = useStagingEditor(id)
  const units = useUnitsStore()
  const { draft, dirty, read, misfits, simulation: asStated, conflict, failure, faults } = editor
  const shelf = useShelfStore()
  const school = useSchoolStore()
  /** what has become of the things on the Shelf that it was made with */
  const things = computed(() =>
    draft.value && read.value ? changedThings(draft.value, read.value.demonstration, shelf.items) : [],
  )
  /** with these nothing is forecast */
  const unfit = computed(() => things.value.filter(t => t.now === 'unfit'))
  const odds = useForecast(() =>
    read.value && misfits.value.length === 0 && unfit.value.length === 0 ? draft.value : undefined,
  )
  const ask = useFromServer()
  /** A page that is drawn on the server comes with odds; one that is gone to waits for none. */
  const drawn = import.meta.server || useNuxtApp().isHydrating
  async function firstOdds() {
    const plain = odds.past.on.value ? '' : '?taught=no'
    return ask<FirstOdds>(`/api/stagings/${id}/odds${plain}`).catch(() => undefined)
  }
  /** Loads the staging. In the browser its odds are known first, which come with the page: they are not asked again. */
  async function open() {
    const coming = firstOdds()
    const things = shelf.ready()
    if (import.meta.client && drawn) odds.come(await coming, true)
    await Promise.all([editor.load(), things, school.load()])
    if (drawn) odds.come(await coming, true)
    else void coming.then(first => odds.come(first, false))
  }
  const demonstration = computed(() => read.value?.demonstration)
  useSubject(() => demonstration.value?.id)
  /** Cautions follow the draws as soon as there are some; until then the one run that is stated. */
  const risk = computed(() => {
    const drawn = odds.forecast.value && riskOfForecast(odds.forecast.value)
    // Nothing grows milder by draws of the plan before.
    return drawn && odds.stale.value && asStated.value ? stricter(drawn, riskOf(asStated.value)) : drawn
  })
  const shown = useShownStaging({ read, asStated }, odds.representative, risk, odds.complete)
  const stages = computed(() => shown.simulation.value?.trace.stages ?? [])
  const scrubber = useScrubber(() => stages.value)
  /** Opens just after the moment that ends the hush. */
  const showFirst = () => {
    if (shown.simulation.value) scrubber.position.value = showingPosition(shown.simulation.value)
  }
  /** Somebody is about to change something: what follows on that is run once before, so that it is compiled by then. */
  async function prepare() {
    odds.prepare()
    await itsTurn()
    if (read.value) read.value.demonstration.simulate(read.value.values, 'trace')
  }
  const kit = computed(() => (read.value ? read.value.demonstration.kit(read.value.values) : []))

  function pull(input: QuantityInput, si: number) {
    const unit = units.shown(input.units)
    editor.setInput(input.id, { value: Number(fromSi(si, unit, input.quantity).toPrecision(6)), unit })
  }
  const shelfProblem = ref('')
  /** Puts in force what the Shelf says of a thing, which is the one that is used from now on. */
  function take(item: StoredItem) {
    const found = editor.change(d => {
      Object.assign(d.inputs, inputsFromItem(item.document, demonstration.value!))
      d.things = { ...d.things, ...thingsFrom([item]) }
    })
    shelfProblem.value = editor.faultLines(found).join('; ')
  }
  /** One as they usually are: no thing of the Shelf, and nothing of it measured. */
  function takeTypical(thing: TypicalThing) {
    const found = editor.change(d => {
      Object.assign(d.inputs, inputsFromTypical(thing, demonstration.value!))
      if (d.things) delete d.things[thing.document.kind]
    })
    shelfProblem.value = editor.faultLines(found).join('; ')
  }
  /** The numbers that hold of a thing now, or those of the staging as they are. */
  function settle({ kind, version, inputs }: ThingChange, which: 'new' | 'kept') {
    const found = editor.change(d => {
      if (which === 'new') Object.assign(d.inputs, inputs)
      d.things![kind]!.version = version
    })
    shelfProblem.value = editor.faultLines(found).join('; ')
  }
  /** Another thing is used, which is not on the Shelf. */
  function useAnother({ kind }: ThingChange) {
    editor.change(d => {
      delete d.things![kind]
    })
  }
  async function copyAway() {
    const copyId = await editor.saveAsCopy()
    if (copyId) await navigateTo(`/bench/${copyId}`)
  }
  async function logRun() {
    if (dirty.value) await editor.save()
    if (!dirty.value && !conflict.value && faults.value.length === 0 && !failure.value)
      await navigateTo(`/logbook/new?staging=${id}`)
  }
  return {
    id,
    editor,
    odds,
    open,
    demonstration,
    asStated,
    shown,
    stages,
    scrubber,
    showFirst,
    kit,
    prepare,
    pull,
    shelfProblem,
    take,
    takeTypical,
    things,
    unfit,
    settle,
    useAnother,
    copyAway,
    logRun,
  }
}
