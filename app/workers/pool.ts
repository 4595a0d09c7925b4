/**
 * The workers that compute. They are the whole application's and stay from page to page: what one of them has fetched
 * and compiled, the next page need not. One is kept for the verdict that somebody looks at; the others share the rest.
 */
import type { ForecastAnswer, ForecastRequest, Idle } from './forecast-messages'

/** More at once hardly help anybody, and each takes its memory. */
const MOST = 4

/** Who asks; it hears all answers of its worker. */
interface Asker {
  answered: (answer: ForecastAnswer) => void
  /** the worker could not be fetched or begun, and answers nothing of what it was asked */ lost: () => void
}

function pooledWorker() {
  let worker: Worker | undefined
  const askers = new Map<number, Asker>()

  function begin(): Worker {
    const begun = new Worker(new URL('./forecast.worker.ts', import.meta.url), { type: 'module' })
    begun.onmessage = ({ data }: MessageEvent<ForecastAnswer>) => {
      for (const asker of askers.values()) asker.answered(data)
    }
    begun.onerror = event => {
      event.preventDefault()
      begun.terminate()
      worker = undefined
      // Whoever asks again at once has begun another one.
      for (const asker of [...askers.values()]) asker.lost()
    }
    return begun
  }
  /** Begun when it is first asked. */
  function ask(request: ForecastRequest): void {
    worker ??= begin()
    worker.postMessage(request)
  }
  const idle = (asker: number, of?: Idle['of']): void => worker?.postMessage({ kind: 'idle', asker, of } satisfies Idle)
  return { askers, ask, idle }
}
export type PooledWorker = ReturnType<typeof pooledWorker>

/** How many there can be, the verdict's included; on a page that is drawn on the server nothing is computed so. */
export const workersAtMost = (): number =>
  import.meta.client ? Math.max(2, Math.min(MOST, navigator.hardwareConcurrency)) : 0

let verdict: PooledWorker | undefined
const others: PooledWorker[] = []

/** @param forVerdict whether somebody looks at what it computes, and waits for it */
export function workerFor(forVerdict: boolean): PooledWorker {
  if (forVerdict) return (verdict ??= pooledWorker())
  if (others.length < workersAtMost() - 1 && others.every(({ askers }) => askers.size)) others.push(pooledWorker())
  // The one that the fewest ask.
  return others.sort((a, b) => a.askers.size - b.askers.size)[0]!
}
