import { DEFAULT_SAMPLES, knownDemonstrations } from '~~/core'
import type { ForecastAnswer, ForecastRequest, Idle } from '~/workers/forecast-messages'
import { workerFor, type PooledWorker } from '~/workers/pool'

/** Distributes Omit over the kinds of request. */
type Asked<R> = R extends ForecastRequest ? Omit<R, 'asker' | 'job' | 'whole' | 'known'> : never
type Kind = ForecastRequest['kind']

const CANNOT = 'the part that computes could not be fetched; read the page again'

let askers = 0
let jobs = 0

/**
 * Asks one of the application's workers, until the component goes. Answers of older jobs are dropped.
 * @param forVerdict for what somebody looks at and waits for
 */
export function useForecastWorker(onAnswer: (answer: ForecastAnswer) => void, forVerdict = false) {
  const whole = Number(useRuntimeConfig().public.samples) || DEFAULT_SAMPLES
  const asker = ++askers
  /** the newest job of each kind that still has an answer to come */ const open = new Map<Kind, number>()
  let worker: PooledWorker | undefined

  function answered(answer: ForecastAnswer) {
    for (const [kind, job] of open)
      if (job === answer.job) {
        if (!('complete' in answer) || answer.complete) open.delete(kind)
        onAnswer(answer)
      }
  }
  function lost() {
    const jobs = [...open.values()]
    open.clear()
    for (const job of jobs) onAnswer({ kind: 'failed', job, message: CANNOT, again: true })
  }
  /** Joined when it is first asked. A page that is drawn on the server asks nothing, nor does one that was left. */
  function join() {
    const joined = workerFor(forVerdict)
    joined.askers.set(asker, { answered, lost })
    return joined
  }
  let gone = import.meta.server
  onScopeDispose(() => {
    gone = true
    // What it asked for is of no use any more.
    worker?.askers.delete(asker)
    worker?.idle(asker)
  })

  function ask(request: Asked<ForecastRequest>): void {
    if (gone) return
    const job = ++jobs
    open.set(request.kind, job)
    worker ??= join()
    const known = knownDemonstrations().map(({ id }) => id)
    worker.ask({ ...JSON.parse(JSON.stringify(request)), asker, job, whole, known })
  }
  /** Of these, what is under way is of no use any more, and is not told. */
  function idle(...of: NonNullable<Idle['of']>) {
    for (const kind of of) open.delete(kind)
    worker?.idle(asker, of)
  }
  return { ask, idle }
}
