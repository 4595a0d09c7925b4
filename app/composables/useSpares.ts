import { StagingSample, summarise, vesselsNeeded, type Forecast } from '~~/core'
import type { OrderAct } from '~/composables/useRunningOrder'

/** Enough for the number of spares, which goes by whole vessels. */
const SAMPLES = 200

/**
 * How many of each act's vessels to bring so that 99 in 100 see at least one; worked out one act at a time, so that
 * the page never waits.
 */
export function useSpares(acts: () => readonly OrderAct[]) {
  const spares = ref<
    Record<
      string,
      {
        bring: number | undefined
        noun: readonly [string, string]
        /** few draws, enough for the cautions */ forecast: Forecast
      }
    >
  >({})
  let round = 0
  watch(
    acts,
    async list => {
      const mine = ++round
      for (const { act, read } of list) {
        await new Promise(resolve => setTimeout(resolve, 30))
        if (mine !== round) return
        const sample = new StagingSample(read.demonstration, read.given, SAMPLES)
        sample.advance(SAMPLES)
        const forecast = summarise(sample)
        spares.value = {
          ...spares.value,
          [act.id]: {
            bring: vesselsNeeded(forecast.shares[read.demonstration.wanted] ?? 0),
            noun: read.demonstration.noun,
            forecast,
          },
        }
      }
    },
    { immediate: true },
  )
  onScopeDispose(() => {
    round++
  })
  return spares
}
