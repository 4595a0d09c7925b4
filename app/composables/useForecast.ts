import { watchDebounced } from '@vueuse/core'
import { awake } from '~/waking/turns'
import type { Shown } from '~/workers/forecast-messages'
import {
  DEFAULT_SEED,
  FEW_SAMPLES,
  forecastKey,
  withRoom,
  findDemonstration,
  resolveStaging,
  type FirstOdds,
  type Forecast,
  type Influence,
  type StagingDocument,
  type StripPoint,
  type Taught,
  type WaterWindow,
  type WholeOdds,
} from '~~/core'

/** What refines the odds is drawn once there are so many times as many draws, or all: each drawing takes its time. */
const WORTH_DRAWING = 4

interface CameWhole {
  forecast: Forecast
  whole: WholeOdds
  taught: Taught | undefined
  shown?: Shown
}
/** What a forecast hangs on. */
const keyFor = (of: string, taught: Taught | undefined) => of + JSON.stringify(taught?.mean)

/**
 * The forecast of a staging, streamed from a worker behind every change, with its levers and the strip of one input.
 */
export function useForecast(document: () => StagingDocument | undefined) {
  const room = useRoomStore()
  const forecast = shallowRef<Forecast>()
  const complete = ref(false)
  /** what is shown is of the plan before: of this one there is no draw yet */
  const stale = ref(false)
  const influences = shallowRef<Influence[]>([])
  /** what is drawn and explained; undefined until a forecast of just this staging is complete */
  const representative = shallowRef<Shown>()
  const drawnStrip = shallowRef<{ input: string; points: StripPoint[]; of: string | undefined }>()
  const waterWindow = shallowRef<WaterWindow>()
  /** which staging that is of, and of which it is being worked out */
  const windowOf = ref<string>()
  let windowAsked: string | undefined
  const failure = ref('')

  const main = useForecastWorker(answer => {
    if (answer.kind === 'forecast') {
      // Fewer draws of the very same say less than what is shown, and a few more hardly anything.
      const drawn = shownFor === askedFor ? (forecast.value?.samples ?? 0) : 0
      if (answer.forecast.samples >= (answer.complete ? 1 : WORTH_DRAWING) * drawn) forecast.value = answer.forecast
      isShown()
      complete.value = answer.complete && !provisional
      if (complete.value) {
        influences.value = answer.influences
        representative.value = answer.shown
      }
      if (!provisional) leversSoon()
    }
    // Odds that are there are not in question.
    else if (answer.kind === 'failed' && !complete.value) {
      failure.value = answer.message
      if (stale.value) forget()
    }
  }, true)
  // A strip and the water's window are asked for while the forecast still runs, by another worker.
  const side = useForecastWorker(answer => {
    if (answer.kind === 'strip') {
      const { input, strip: points } = answer
      drawnStrip.value = { input, points, of: stripAsked }
      // It was changed meanwhile.
      if (!strip.value) askStrip(input)
    } else if (answer.kind === 'window') haveWindow(answer.window, windowAsked)
    else if (answer.kind === 'failed' && windowStale.value) waterWindow.value = undefined
  })

  let asked: StagingDocument | undefined
  /** the staging, and what was taught about it, of the forecast that is shown, and of the one that is worked out */
  let shownFor: string | undefined
  let askedFor: string | undefined
  /** of those, the staging */
  let shownPlan: string | undefined
  /** its demonstration: odds of another one say nothing */
  let subject: string | undefined
  let askedPlan: string | undefined
  function isShown() {
    shownFor = askedFor
    shownPlan = askedPlan
    stale.value = false
  }
  /** what past runs have taught is not known yet: a few draws without it say how it stands, meanwhile */
  let provisional = false
  const {
    levers,
    leverFailure,
    leversSeen,
    soon: leversSoon,
    drop: noLevers,
  } = useLevers(
    () => asked && { document: asked, taught: past.taught.value },
    () => complete.value,
  )
  /** the staging with the conditions of its room in it */
  const inRoom = computed(() => {
    const staging = document()
    return staging && room.loaded
      ? withRoom(staging, room.document, findDemonstration(staging.demonstration)!)
      : undefined
  })
  const past = useTaught(() => inRoom.value)
  const roomKey = computed(() => (inRoom.value ? forecastKey(inRoom.value) : ''))
  /** Odds that came with the page by all draws: of the staging that they are of nothing is to be worked out. */
  let came: CameWhole | undefined
  const about = () => keyFor(roomKey.value, past.taught.value)
  /** While it is not known yet what past runs have taught, the server did: it counted in the runs that it has. */
  const settled = () =>
    came?.whole.of === roomKey.value && (!past.ready.value || about() === keyFor(came.whole.of, came.taught))
      ? came
      : undefined
  /** The server tells which one is drawn, and not its run. */
  const simulate = useSimulated()
  function shownOf({ whole: { representative: found } }: CameWhole): Shown {
    if (!found.numbers) return found
    const read = resolveStaging(inRoom.value!)
    const values = { choices: read.values.choices, numbers: found.numbers }
    return { ...found, run: simulate({ ...read, values }) }
  }
  function haveWindow(found: WaterWindow | undefined, of: string | undefined) {
    waterWindow.value = found
    windowOf.value = of
  }
  const windowStale = computed(() => windowOf.value !== roomKey.value)
  function showWhatCame(known: CameWhole) {
    forecast.value = known.forecast
    influences.value = known.whole.influences
    representative.value = known.shown ??= shownOf(known)
    haveWindow(known.whole.waterWindow, known.whole.of)
    complete.value = true
    stale.value = false
  }
  function forget() {
    forecast.value = undefined
    stale.value = false
  }
  watch(
    [roomKey, past.taught, past.ready, awake],
    () => {
      const known = settled()
      if (known) showWhatCame(known)
      else {
        complete.value = false
        representative.value = undefined
      }
      // What is shown stays as it came, until all parts of the page have taken it up.
      if (!awake.value) return
      if (!inRoom.value) {
        stale.value = !!forecast.value
        asked = undefined
        noLevers()
        main.idle('forecast')
        return
      }
      if (!known && subject !== undefined && subject !== inRoom.value.demonstration) forget()
      subject = inRoom.value.demonstration
      if (known && asked && askedFor === about()) return
      askedFor = about()
      askedPlan = roomKey.value
      // What came with the page is of the first staging that is asked about.
      if (forecast.value && shownFor === undefined) isShown()
      stale.value = !!forecast.value && shownPlan !== askedPlan
      provisional = !known && !past.ready.value
      if (provisional && forecast.value && shownFor === askedFor) return
      asked = { ...inRoom.value, title: '' }
      noLevers()
      failure.value = ''
      if (known) {
        isShown()
        main.idle('forecast')
        leversSoon()
        return
      }
      main.ask({
        kind: 'forecast',
        document: asked,
        // While it is still worked out what past runs have taught.
        ...(provisional && { samples: FEW_SAMPLES }),
        seed: DEFAULT_SEED,
        taught: past.taught.value,
      })
    },
    { immediate: true },
  )

  // It needs a few dozen heatings: worked out a moment after a change, not on the slider's path.
  watchDebounced(
    [roomKey, awake],
    () => {
      if (came?.whole.of === roomKey.value) haveWindow(came.whole.waterWindow, roomKey.value)
      else if (inRoom.value && findDemonstration(inRoom.value.demonstration)?.waterWindow) {
        if (!awake.value) return
        windowAsked = roomKey.value
        side.ask({ kind: 'window', document: { ...inRoom.value, title: '' }, seed: DEFAULT_SEED })
      } else waterWindow.value = undefined
    },
    { debounce: 120, immediate: true },
  )

  /**
   * Takes the server's odds, which stand until there are as many draws of the same, or for good. Few draws don't say
   * what they are of: those are taken only with the page that they came with.
   */
  function come(first: FirstOdds | undefined, withPage: boolean) {
    if (first?.learnt) past.take(first.learnt)
    if (first?.forecast && first.whole) {
      const { forecast, whole, learnt } = first
      came ??= { forecast, whole, taught: learnt && learnt.taught.runs > 0 ? learnt.taught : undefined }
    }
    if (withPage) forecast.value ??= first?.forecast
    const known = settled()
    if (!known) return
    showWhatCame(known)
    // It was being worked out here, too, or could not be.
    if (asked) {
      isShown()
      failure.value = ''
      main.idle('forecast')
      leversSoon()
    }
  }

  /** Has a worker begun, and what it needs fetched, before a change comes. */
  function prepare() {
    if (asked) main.ask({ kind: 'prepare', document: asked, seed: DEFAULT_SEED, taught: past.taught.value })
  }
  /** What a strip hangs on: all but what the plan says of its own input, of which only the spread counts. */
  function stripKey(input: string): string | undefined {
    const staging = inRoom.value
    if (!staging) return undefined
    const { [input]: own, ...inputs } = staging.inputs
    const spread = typeof own === 'object' ? own.spread : undefined
    const others = forecastKey({ ...staging, inputs })
    return keyFor(others + JSON.stringify(spread), past.taught.value)
  }
  let stripAsked: string | undefined
  /** of the plan as it is now */
  const strip = computed(() => {
    const drawn = drawnStrip.value
    return drawn && drawn.of === stripKey(drawn.input) ? drawn : undefined
  })
  function askStrip(input: string) {
    stripAsked = stripKey(input)
    if (!inRoom.value) return
    const document = { ...inRoom.value, title: '' }
    side.ask({ kind: 'strip', document, input, seed: DEFAULT_SEED, taught: past.taught.value })
  }
  const found = {
    forecast,
    complete,
    stale,
    influences,
    representative,
    levers,
    leverFailure,
    strip,
    waterWindow,
    windowStale,
    failure,
  }
  return { ...found, askStrip, past, come, prepare, leversSeen }
}
