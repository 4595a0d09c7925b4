import { useTimeoutFn, watchDebounced } from '@vueuse/core'
import { awake } from '~/waking/turns'
import type { Shown } from '~/workers/forecast-messages'
import {
  DEFAULT_SEED,
  byEffect,
  withRoom,
  findDemonstration,
  type FirstOdds,
  type Forecast,
  type Influence,
  type Lever,
  type StagingDocument,
  type StripPoint,
  type WaterWindow,
} from '~~/core'

/** ms after which levers that nobody looks at yet are tried all the same: seconds of work, for whoever stays */
const UNSEEN = 10_000
/** Draws that are shown while it is still worked out what past runs have taught. */
const FIRST_SAMPLES = 200

/** What refines the odds is drawn once there are so many times as many draws, or all: each drawing takes its time. */
const WORTH_DRAWING = 4

/**
 * The forecast of a staging, streamed from a worker behind every change, with its levers and the strip of one input.
 */
export function useForecast(document: () => StagingDocument | undefined) {
  const room = useRoomStore()
  const forecast = shallowRef<Forecast>()
  const complete = ref(false)
  const influences = shallowRef<Influence[]>([])
  /** what is drawn and explained; undefined until a forecast of just this staging is complete */
  const representative = shallowRef<Shown>()
  const levers = shallowRef<Lever[]>()
  const strip = shallowRef<{ input: string; points: StripPoint[] }>()
  const waterWindow = shallowRef<WaterWindow>()
  const failure = ref('')

  const main = useForecastWorker(answer => {
    if (answer.kind === 'forecast') {
      // Fewer draws of the very same say less than what is shown, and a few more hardly anything.
      const drawn = shownFor === askedFor ? (forecast.value?.samples ?? 0) : 0
      if (answer.forecast.samples >= (answer.complete ? 1 : WORTH_DRAWING) * drawn) forecast.value = answer.forecast
      shownFor = askedFor
      complete.value = answer.complete && !provisional
      if (complete.value) {
        influences.value = answer.influences
        representative.value = answer.shown
        leversSoon()
      }
    } else if (answer.kind === 'levers') haveLevers(0, answer.levers)
    else if (answer.kind === 'failed') failure.value = answer.message
  })
  // A strip and the water's window are asked for while the forecast still runs, by another worker, which has its share
  // of the levers too.
  const side = useForecastWorker(answer => {
    if (answer.kind === 'strip') strip.value = { input: answer.input, points: answer.strip }
    else if (answer.kind === 'window') waterWindow.value = answer.window
    else if (answer.kind === 'levers') haveLevers(1, answer.levers)
  })

  let asked: StagingDocument | undefined
  /** the staging, and what was taught about it, of the forecast that is shown, and of the one that is worked out */
  let shownFor: string | undefined
  let askedFor: string | undefined
  /** what past runs have taught is not known yet: a few draws without it say how it stands, meanwhile */
  let provisional = false
  const units = useUnitsStore()
  function askLevers() {
    if (!asked) return
    parts = []
    const document = asked
    ;[main, side].forEach(({ ask }, index, { length: of }) =>
      ask({
        kind: 'levers',
        document,
        seed: DEFAULT_SEED,
        taught: past.taught.value,
        units: units.system,
        part: { index, of },
      }),
    )
  }
  /** true once somebody looks at them: they are worth seconds of work, which a page that is left at once is spared */
  const leversSeen = ref(false)
  const later = useTimeoutFn(askLevers, UNSEEN, { immediate: false })
  function leversSoon() {
    later.stop()
    if (leversSeen.value) askLevers()
    else later.start()
  }
  watch(leversSeen, () => {
    if (later.isPending.value) leversSoon()
  })
  /** Levers come in two parts, from both workers. */
  let parts: Lever[][] = []
  function haveLevers(part: number, found: Lever[]) {
    parts[part] = found
    if (parts[0] && parts[1]) levers.value = parts.flat().sort(byEffect)
  }
  // A step is round in the units shown.
  watch(
    () => units.system,
    () => {
      levers.value = undefined
      if (complete.value) leversSoon()
    },
  )
  const whole = computed(() => {
    const staging = document()
    return staging && room.loaded
      ? withRoom(staging, room.document, findDemonstration(staging.demonstration)!)
      : undefined
  })
  const past = useTaught(() => whole.value)
  const wholeText = computed(() =>
    JSON.stringify({ demonstration: whole.value?.demonstration, inputs: whole.value?.inputs }),
  )
  watch(
    [wholeText, past.taught, past.ready, awake],
    () => {
      complete.value = false
      representative.value = undefined
      // What is shown stays as it came, until all parts of the page have taken it up.
      if (!whole.value || !awake.value) return
      askedFor = wholeText.value + JSON.stringify(past.taught.value?.mean)
      // What came with the page is of the first staging that is asked about.
      if (forecast.value) shownFor ??= askedFor
      provisional = !past.ready.value
      if (provisional && forecast.value && shownFor === askedFor) return
      asked = { ...whole.value, title: '' }
      levers.value = undefined
      parts = []
      later.stop()
      side.idle()
      failure.value = ''
      main.ask({
        kind: 'forecast',
        document: asked,
        ...(provisional && { samples: FIRST_SAMPLES }),
        seed: DEFAULT_SEED,
        taught: past.taught.value,
      })
    },
    { immediate: true },
  )

  // It needs a few dozen heatings: worked out a moment after a change, not on the slider's path.
  watchDebounced(
    [wholeText, awake],
    () => {
      if (whole.value && findDemonstration(whole.value.demonstration)?.waterWindow) {
        if (awake.value) side.ask({ kind: 'window', document: { ...whole.value, title: '' }, seed: DEFAULT_SEED })
      } else waterWindow.value = undefined
    },
    { debounce: 120, immediate: true },
  )

  /** Takes odds that came with the page, which stand until there are as many draws of the same. */
  function come(first?: FirstOdds) {
    if (first?.learnt) past.take(first.learnt)
    forecast.value ??= first?.forecast
  }

  function askStrip(input: string) {
    if (whole.value)
      side.ask({
        kind: 'strip',
        document: { ...whole.value, title: '' },
        input,
        seed: DEFAULT_SEED,
        taught: past.taught.value,
      })
  }
  const found = { forecast, complete, influences, representative, levers, strip, waterWindow, failure }
  return { ...found, askStrip, past, come, leversSeen }
}
