/** Forecasts, levers and strips away from the screen's thread. A newer request of the same kind ends an older one. */
import { StagingSample, influences, oddsStrip, pullLevers, readStaging, summarise, type QuantityInput } from '~~/core'
import type { ForecastAnswer, ForecastRequest } from './forecast-messages'

const CHUNK = 40
const LEVER_SAMPLES = 400
const STRIP_POINTS = 9
const STRIP_SAMPLES = 160

class Cancelled extends Error {}

const newest: Partial<Record<ForecastRequest['kind'], number>> = {}
const breath = new MessageChannel()
const waiting: (() => void)[] = []
breath.port1.onmessage = () => waiting.shift()?.()

/** Lets messages in, so that a newer request can be seen. */
const pause = (): Promise<void> => new Promise((resolve) => {
  waiting.push(resolve)
  breath.port2.postMessage(0)
})

const answer = (message: ForecastAnswer) => postMessage(message)

async function work(request: ForecastRequest): Promise<void> {
  const current = async () => {
    await pause()
    if (newest[request.kind] !== request.job) throw new Cancelled()
  }
  const { demonstration, given } = readStaging(request.document)
  if (request.kind === 'forecast') {
    const sample = new StagingSample(demonstration, given, request.samples, request.seed)
    let told = performance.now()
    while (!sample.advance(CHUNK)) {
      await current()
      if (performance.now() - told > 150) {
        told = performance.now()
        answer({ kind: 'forecast', job: request.job, forecast: summarise(sample), complete: false, influences: [] })
      }
    }
    answer({ kind: 'forecast', job: request.job, forecast: summarise(sample), complete: true, influences: influences(sample) })
  } else if (request.kind === 'levers') {
    answer({ kind: 'levers', job: request.job, levers: await pullLevers(demonstration, given, LEVER_SAMPLES, request.seed, current) })
  } else {
    const input = demonstration.inputs.find((i): i is QuantityInput => i.id === request.input && i.kind === 'quantity')!
    answer({ kind: 'strip', job: request.job, input: request.input, strip: await oddsStrip(demonstration, given, input, STRIP_POINTS, STRIP_SAMPLES, request.seed, current) })
  }
}

self.onmessage = (event: MessageEvent<ForecastRequest>) => {
  const request = event.data
  newest[request.kind] = request.job
  // Levers of what has just been changed are of no use to anybody.
  if (request.kind === 'forecast') delete newest.levers
  work(request).catch((error: unknown) => {
    if (!(error instanceof Cancelled)) answer({ kind: 'failed', job: request.job, message: error instanceof Error ? error.message : String(error) })
  })
}
