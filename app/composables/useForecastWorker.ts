import { DEFAULT_SAMPLES, knownDemonstrations } from '~~/core'
import type { ForecastAnswer, ForecastRequest, Idle, Known } from '~/workers/forecast-messages'

/** Distributes Omit over the kinds of request. */
type Asked<R> = R extends ForecastRequest ? Omit<R, 'job' | 'whole'> : never

const CANNOT = 'the part that computes could not be fetched; read the page again'

/** A worker of the component's own, ended with it. `ask` gives the job's number; answers of older jobs are dropped. */
export function useForecastWorker(onAnswer: (answer: ForecastAnswer) => void) {
  const newest: Record<string, number> = {}
  const whole = Number(useRuntimeConfig().public.samples) || DEFAULT_SAMPLES
  let jobs = 0
  let worker: Worker | undefined
  /** Begun when it is first asked: a page that is drawn on the server asks nothing. */
  function begin(): Worker {
    const begun = new Worker(new URL('../workers/forecast.worker.ts', import.meta.url), { type: 'module' })
    begun.onmessage = (event: MessageEvent<ForecastAnswer>) => {
      const { kind, job } = event.data
      if (kind === 'failed' ? Object.values(newest).includes(job) : newest[kind] === job) onAnswer(event.data)
    }
    // One that can't be fetched or begun (the server is away) answers nothing: whoever waits is told.
    begun.onerror = event => {
      event.preventDefault()
      begun.terminate()
      worker = undefined
      for (const job of Object.values(newest)) onAnswer({ kind: 'failed', job, message: CANNOT, again: true })
    }
    begun.postMessage({ kind: 'known', demonstrations: knownDemonstrations().map(({ id }) => id) } satisfies Known)
    return begun
  }
  onScopeDispose(() => worker?.terminate())

  function ask(request: Asked<ForecastRequest>): number {
    const job = ++jobs
    newest[request.kind] = job
    if (import.meta.server) return job
    worker ??= begin()
    worker.postMessage({ ...JSON.parse(JSON.stringify(request)), job, whole })
    return job
  }
  /** Of these, what is under way is of no use any more, and is not told. */
  function idle(...of: Idle['of']) {
    for (const kind of of) delete newest[kind]
    worker?.postMessage({ kind: 'idle', of } satisfies Idle)
  }
  return { ask, idle }
}
