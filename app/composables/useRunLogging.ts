import { refusalOf, sendWrite } from '~/api/sending'
import {
  countingMarks,
  DEFAULT_SEED,
  type Forecast,
  type Mark,
  type ShowDocument,
  type ActStory,
  runFromShow,
} from '~~/core'
import type { Heard } from '~/composables/useEar'
import type { LiveAct } from '~/composables/useLiveActs'

interface Sources {
  show: Readonly<Ref<ShowDocument | undefined>>
  marks: Readonly<Ref<readonly Mark[]>>
  act: Readonly<Ref<LiveAct | undefined>>
  story: Readonly<Ref<ActStory>>
  votes: Readonly<Ref<Record<string, number>>>
  logger: ReturnType<typeof useLoggerStream>
  past: ReturnType<typeof useTaught>
  note: (act: string) => string
  /** the hush by the microphone, where it is sure or was put right */
  heard: (act: string) => Promise<Heard | undefined>
  now: () => number
  /** told once it is in the Logbook */ logged: (act: string) => void
}

/** Takes an act that is over into the Logbook, with the forecast that stood when it was sealed. */
export function useRunLogging({ show, marks, act, story, votes, logger, past, note, heard, now, logged }: Sources) {
  const { model } = useRuntimeConfig().public
  const logging = ref(false)
  const failure = ref('')
  let settle: ((forecast: Forecast | undefined) => void) | undefined
  const before = useForecastWorker(answer => {
    if (answer.kind === 'follow') settle?.(answer.followed.forecast)
    else if (answer.kind === 'failed') settle?.(undefined)
  })
  /** From the marks up to the seal. */
  const forecastBefore = (current: LiveAct) =>
    new Promise<Forecast | undefined>(resolve => {
      settle = resolve
      const seal = story.value.times.sealed ?? now()
      before.ask({
        kind: 'follow',
        document: current.staging,
        act: current.id,
        speed: show.value?.speed ?? 1,
        seed: DEFAULT_SEED,
        now: seal,
        taught: past.taught.value,
        marks: countingMarks(marks.value).filter(m => m.at <= seal),
      })
    })
  async function log() {
    const current = act.value
    if (!current || !story.value.outcome || logging.value || !show.value) return
    logging.value = true
    failure.value = ''
    try {
      logger.disconnect()
      await logger.complete(current.id)
      const document = runFromShow({
        show: show.value,
        act: current,
        read: current.read,
        story: story.value,
        readings: logger.readings.value,
        readingsFrom: logger.source.value,
        votes: votes.value,
        heard: await heard(current.id),
        forecast: await forecastBefore(current),
        model,
        note: note(current.id),
      })
      await sendWrite(
        'POST',
        '/api/runs',
        { id: current.run, stagingId: current.stagingId, stagingVersion: current.stagingVersion, document },
        current.run,
      )
      logged(current.id)
    } catch (error) {
      failure.value = refusalOf(error).message
    } finally {
      logging.value = false
    }
  }
  return { logging, failure, log }
}
