import {
  DEFAULT_SAMPLES,
  DEFAULT_SEED,
  withRoom,
  findDemonstration,
  type Forecast,
  type Influence,
  type Lever,
  type Representative,
  type StagingDocument,
  type StripPoint,
} from '~~/core'

/** Draws that are shown while it is still worked out what past runs have taught. */
const FIRST_SAMPLES = 200

/**
 * The forecast of a staging, streamed from a worker behind every change, with its levers and the strip of one input.
 */
export function useForecast(document: () => StagingDocument | undefined) {
  const room = useRoomStore()
  const forecast = shallowRef<Forecast>()
  const complete = ref(false)
  const influences = shallowRef<Influence[]>([])
  /** what is drawn and explained; undefined until a forecast of just this staging is complete */
  const representative = shallowRef<Representative>()
  const levers = shallowRef<Lever[]>()
  const strip = shallowRef<{ input: string; points: StripPoint[] }>()
  const failure = ref('')

  const main = useForecastWorker(answer => {
    if (answer.kind === 'forecast') {
      forecast.value = answer.forecast
      complete.value = answer.complete && !provisional
      if (complete.value) {
        influences.value = answer.influences
        representative.value = answer.shown
        askLevers()
      }
    } else if (answer.kind === 'levers') levers.value = answer.levers
    else if (answer.kind === 'failed') failure.value = answer.message
  })
  // A strip has a worker of its own: it is asked for while the forecast still runs.
  const side = useForecastWorker(answer => {
    if (answer.kind === 'strip') strip.value = { input: answer.input, points: answer.strip }
  })

  let asked: StagingDocument | undefined
  /** what past runs have taught is not known yet: a few draws without it say how it stands, meanwhile */
  let provisional = false
  const units = useUnitsStore()
  function askLevers() {
    if (asked)
      main.ask({ kind: 'levers', document: asked, seed: DEFAULT_SEED, taught: past.taught.value, units: units.system })
  }
  // A step is round in the units shown.
  watch(
    () => units.system,
    () => {
      levers.value = undefined
      if (complete.value) askLevers()
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
    [wholeText, past.taught, past.ready],
    () => {
      complete.value = false
      representative.value = undefined
      if (!whole.value) return
      provisional = !past.ready.value
      asked = { ...whole.value, title: '' }
      levers.value = undefined
      failure.value = ''
      main.ask({
        kind: 'forecast',
        document: asked,
        samples: provisional ? FIRST_SAMPLES : DEFAULT_SAMPLES,
        seed: DEFAULT_SEED,
        taught: past.taught.value,
      })
    },
    { immediate: true },
  )

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
  return { forecast, complete, influences, representative, levers, strip, failure, askStrip, past }
}
