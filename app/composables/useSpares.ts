import { DEFAULT_SEED, vesselsNeeded, type Forecast } from '~~/core'
import type { ActListed } from '~/components/order/order-acts'

/** Enough for the number of spares, which goes by whole vessels. */
const SAMPLES = 200

interface Spares {
  bring: number | undefined
  noun: readonly [string, string]
  /** few draws, enough for the cautions */ forecast: Forecast
}

/**
 * How many of each act's vessels to bring so that 99 in 100 see at least one; worked out beside the page, one act at a
 * time.
 */
export function useSpares(acts: () => readonly ActListed[]) {
  const spares = ref<Record<string, Spares>>({})
  let waiting: ActListed[] = []
  /** what the worker is at */
  let asked: ActListed | undefined
  const worker = useForecastWorker(answer => {
    if (answer.kind === 'failed') return next()
    if (answer.kind !== 'forecast' || !answer.complete || !asked) return
    const { act, noun, wanted } = asked
    const { forecast } = answer
    const bring = vesselsNeeded(forecast.shares[wanted] ?? 0)
    spares.value = { ...spares.value, [act.id]: { bring, noun, forecast } }
    next()
  })
  function next() {
    asked = waiting.shift()
    if (asked) worker.ask({ kind: 'forecast', document: asked.staging, samples: SAMPLES, seed: DEFAULT_SEED })
  }
  const begin = () => {
    waiting = [...acts()]
    next()
  }
  onMounted(begin)
  watch(acts, begin)
  return spares
}
