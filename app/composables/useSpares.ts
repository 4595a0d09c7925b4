import { DEFAULT_SEED, vesselsNeeded, type Forecast } from '~~/core'
import type { OrderAct } from '~/components/order/order-acts'

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
export function useSpares(acts: () => readonly OrderAct[]) {
  const spares = ref<Record<string, Spares>>({})
  let waiting: OrderAct[] = []
  /** what the worker is at */
  let asked: OrderAct | undefined
  const worker = useForecastWorker(answer => {
    if (answer.kind === 'failed') return next()
    if (answer.kind !== 'forecast' || !answer.complete || !asked) return
    const { act, read } = asked
    const { forecast } = answer
    const bring = vesselsNeeded(forecast.shares[read.demonstration.wanted] ?? 0)
    spares.value = { ...spares.value, [act.id]: { bring, noun: read.demonstration.noun, forecast } }
    next()
  })
  function next() {
    asked = waiting.shift()
    if (asked)
      worker.ask({
        kind: 'forecast',
        document: { ...asked.read.document, title: '' },
        samples: SAMPLES,
        seed: DEFAULT_SEED,
      })
  }
  const begin = () => {
    waiting = [...acts()]
    next()
  }
  onMounted(begin)
  watch(acts, begin)
  return spares
}
